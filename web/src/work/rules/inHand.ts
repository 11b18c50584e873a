import { computed, type Ref } from 'vue'
import type { StudentPage } from '@/api/schema'
import type { PlacedItem } from '@/page/placedItems'
import { isHidden } from '@/page/zones'
import type { usePickUp } from './pickUp'
import type { Ahead, useThings } from './things'

const NOTHING: PlacedItem[] = []

/** What is in the hand with all that goes with it, and what is lit beneath it. */
export function useInHand(
  { zones, byId, find, carried, drawn }: ReturnType<typeof useThings>,
  { over, target, dragged }: Pick<ReturnType<typeof usePickUp>, 'over' | 'target' | 'dragged'>,
  rows: Ref<Map<string, NonNullable<StudentPage['rows']>[number]>>,
  ahead: Ref<Ahead>,
) {
  /** Cells of tables that what is dragged is over; other zones are lit themselves. */
  const cellsUnder = computed(() =>
    zones.value.filter((zone) => over.value.includes(zone.id) && !byId.value.has(zone.id)),
  )
  /** Whether what is in the hand goes into a zone, by pointer or by keys. */
  const aimed = (id: string) =>
    over.value.includes(id) ||
    ((target.value?.zoneIds ?? [target.value?.zone.id]).includes(id) &&
      !rows.value.has(id) &&
      !target.value?.zone.scale)
  /** They are lit on a layer of their own, so that the page beneath is not painted anew at each of them. */
  const lit = computed(() =>
    zones.value.filter((zone) => byId.value.has(zone.id) && !isHidden(zone) && aimed(zone.id)),
  )
  /** What is in the hand with all that goes with it, from the lowest to the topmost. */
  const inHand = computed(() => {
    if (!dragged.value) return NOTHING
    const one = find(dragged.value)
    const all = new Set([one.id, ...carried(one.id).map((other) => other.id)])
    const there = drawn.value.filter((other) => all.has(other.id))
    return byId.value.has(one.id) ? there : [one, ...there]
  })
  const away = computed(() => new Set(inHand.value.map((one) => one.id)))
  /** What has just been put somewhere, with all that goes with it. */
  const going = computed(
    () => new Set(Object.keys(ahead.value).flatMap((id) => [id, ...carried(id).map((other) => other.id)])),
  )
  return { cellsUnder, aimed, lit, inHand, away, going }
}
