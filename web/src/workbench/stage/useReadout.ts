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
    if (now.is === 'place') return 'Click on the page to put it there. Hold Shift to put several. Esc stops.'
    if (now.is === 'area' && now.zoneId)
      return 'Draw around the place where pieces go. Esc leaves the drop zone as it is.'
    if (now.is === 'area')
      return 'Draw around the part of the page that leads somewhere. A click makes a box. Esc stops.'
    if (now.is === 'targets')
      return 'Click on each part that gets a name. Pull away from it to put its place beside the picture. Esc stops.'
    return drawing.value ? 'Draw on the page. Esc, or Done drawing, ends it.' : null
  }
  const ofSeveral = () => {
    const count = selected.value.length
    if (together.value?.turn) return `${count} turned by ${together.value.turn}°`
    if (together.value && together.value.scale !== 1)
      return `${count} at ${Math.round(together.value.scale * 100)} %`
    if (collecting.value)
      return `${count} selected · walk on with Tab, Shift+Space takes one more or lets it go`
    return count > 1 ? `${count} selected · Ctrl+G groups them` : null
  }
  const ofOne = () => {
    const item = only.value
    if (!item) return 'Tab walks the items. Click one to select it, or draw a box around several.'
    const frame = live.value?.id === item.id ? live.value.frame : item.frame
    if (live.value?.grip === 'turn') return `${itemName(item)}: turned ${Math.round(frame.turn)}°`
    if (live.value) return `${itemName(item)}: ${Math.round(frame.width)} × ${Math.round(frame.height)}`
    return `${itemName(item)}: ${Math.round(frame.x)} across, ${Math.round(frame.y)} down · arrow keys nudge by 5, with Shift by 50`
  }
  return computed(() => ofTool() ?? ofSeveral() ?? ofOne())
}
