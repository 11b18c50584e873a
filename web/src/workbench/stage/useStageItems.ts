import { computed } from 'vue'
import type { Item } from '@/api/schema'
import { framesOf, routeOf } from '@/page/connectors'
import { letter } from '@/page/geometry'
import { zonesOf } from '@/page/items'
import type { Workbench } from '@/workbench/useWorkbench'
import { outlinesOf } from './outlines'
import type { useDrag } from './useDrag'

/** How the items of the page are drawn just now, while something is dragged too. */
export function useStageItems(
  { page, selected }: Workbench,
  { live, lifted }: Pick<ReturnType<typeof useDrag>, 'live' | 'lifted'>,
) {
  const letters = computed(() => {
    const found: Record<string, string> = {}
    zonesOf(page.value.items).forEach((zone, i) => (found[zone.id] = letter(i)))
    return found
  })
  const frameOf = (item: Item) => (live.value?.id === item.id ? live.value.frame : item.frame)
  const frameOfId = computed(() => framesOf(page.value.items))
  const routeFor = (item: Item) =>
    routeOf(item, (id) => (live.value?.id === id ? live.value.frame : frameOfId.value(id)))
  const liftedItems = computed(() => page.value.items.filter((item) => lifted.value.has(item.id)))
  const boxes = computed(() => (selected.value.length < 2 ? '' : outlinesOf(selected.value)))
  return { letters, frameOf, routeFor, liftedItems, boxes }
}
