import { t } from '@/i18n'
import { computed, type Ref } from 'vue'
import { itemName } from '@/page/names'
import type { Workbench } from '@/workbench/useWorkbench'
import type { useDrag } from './useDrag'

type Drag = ReturnType<typeof useDrag>

/**
 * The line below the page: what the tool in the hand wants, what is being done, or where the selected item is.
 *
 * @param drawing whether ink is drawn
 * @param collecting whether items are selected one by one by keyboard
 */
export function useReadout(
  { tool, selected, only }: Workbench,
  { live, together }: Pick<Drag, 'live' | 'together'>,
  drawing: Ref<boolean>,
  collecting: Ref<boolean>,
) {
  const ofTool = () => {
    const now = tool.value
    if (now.is === 'place') return t('workbench.click-on-the-page-to-put')
    if (now.is === 'area' && now.zoneId) return t('workbench.draw-around-the-place-where-pieces')
    if (now.is === 'area') return t('workbench.draw-around-the-part-of-the')
    if (now.is === 'targets') return t('workbench.click-on-each-part-that-gets')
    return drawing.value ? t('workbench.draw-on-the-page-esc-or') : null
  }
  const ofSeveral = () => {
    const count = selected.value.length
    if (together.value?.turn) return t('workbench.count-turned-by-turn', { count, turn: together.value.turn })
    if (together.value && together.value.scale !== 1)
      return t('workbench.so-many-at', { count, percent: Math.round(together.value.scale * 100) })
    if (collecting.value) return t('workbench.count-selected-walk-on-with-tab', { count })
    return count > 1 ? t('workbench.count-selected-ctrl-g-groups-them', { count }) : null
  }
  const ofOne = () => {
    const item = only.value
    if (!item) return t('workbench.tab-walks-the-items-click-one')
    const frame = live.value?.id === item.id ? live.value.frame : item.frame
    if (live.value?.grip === 'turn')
      return t('workbench.item-turned', { item: itemName(item), turn: Math.round(frame.turn) })
    if (live.value) return `${itemName(item)}: ${Math.round(frame.width)} × ${Math.round(frame.height)}`
    return t('workbench.item-x-across-y-down-arrow', {
      item: itemName(item),
      x: Math.round(frame.x),
      y: Math.round(frame.y),
    })
  }
  return computed(() => ofTool() ?? ofSeveral() ?? ofOne())
}
