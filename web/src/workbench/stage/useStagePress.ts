import { nextTick } from 'vue'
import type { Item } from '@/api/schema'
import { arrowOf } from '@/gesture/arrowKeys'
import type { Point } from '@/page/geometry'
import { useWalking } from '@/workbench/tryPath'
import type { Workbench } from '@/workbench/useWorkbench'
import { itemAt, type useDrag } from './useDrag'

type Drag = ReturnType<typeof useDrag>

/**
 * What presses and keys on the page select and do.
 *
 * @param at where the page is, and how its items get the keys
 * @param writeIn begins to write in an item
 */
export function useStagePress(
  workbench: Workbench,
  at: {
    pointAt: (event: { clientX: number; clientY: number }) => Point
    focusItem: (id: string) => void
    focusPage: () => void
  },
  { grab, drawBox, pulling }: Pick<Drag, 'grab' | 'drawBox' | 'pulling'>,
  spaceHeld: { value: boolean },
  writeIn: (item: Item) => void,
) {
  const { byId, chosen, writing, tool } = workbench
  const walking = useWalking(workbench)

  /** What lies below the selected item at a point, from the top down; then from the top again. */
  function beneath(event: PointerEvent): string | null {
    const ids = document
      .elementsFromPoint(event.clientX, event.clientY)
      .map(itemAt)
      .filter((id, i, all): id is string => id !== null && all.indexOf(id) === i)
    const first = ids.findIndex((id) => chosen.value.includes(id))
    return ids[(first + 1) % ids.length] ?? null
  }

  function press(event: PointerEvent) {
    if (event.button !== 0 || spaceHeld.value) return
    if (tool.value.is === 'place') {
      workbench.add(tool.value.make(at.pointAt(event)))
      if (!event.shiftKey) tool.value = { is: 'hand' }
      return
    }
    if (tool.value.is !== 'hand') return
    walking.stop()
    const deep = event.ctrlKey || event.metaKey
    const id = deep ? beneath(event) : itemAt(event.target)
    if (!id) {
      if (!event.shiftKey) chosen.value = []
      at.focusPage()
      drawBox(event)
      return
    }
    if (writing.value?.id === id && !writing.value.cell) return
    if (deep) workbench.select([id], 'inside')
    else if (event.shiftKey) workbench.select([id], 'toggle')
    else if (!chosen.value.includes(id)) workbench.select([id])
    at.focusItem(id)
    if (chosen.value.includes(id)) grab('move', event)
  }

  function key(event: KeyboardEvent) {
    const id = itemAt(event.target)
    const item = id ? byId.value.get(id) : undefined
    const by = arrowOf(event)
    if (by && chosen.value.length) workbench.moveBy(by.x, by.y)
    else if ((event.key === 'Delete' || event.key === 'Backspace') && chosen.value.length) workbench.remove()
    else if (event.key === 'Enter' && item && workbench.canWrite(item)) writeIn(item)
    else if (event.key === ' ' && item && event.shiftKey) walking.takeOneMore(item.id)
    else if (event.key === ' ' && item) walking.only(item.id)
    else if (event.key === 'Escape') {
      chosen.value = []
      tool.value = { is: 'hand' }
    } else if (event.key === ']' || event.key === '[') {
      workbench.depth(event.key === ']' ? 'up' : 'down')
      // What has changed its place in the drawing has lost the focus.
      if (id) void nextTick(() => at.focusItem(id))
    } else return
    event.preventDefault()
    event.stopPropagation()
  }
  function focusOn(event: FocusEvent) {
    const id = itemAt(event.target)
    // A press has chosen already what it wants.
    if (id && !pulling()) walking.cameTo(id)
  }
  return { press, key, focusOn, collecting: walking.collecting }
}
