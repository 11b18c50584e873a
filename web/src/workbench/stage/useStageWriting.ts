import { computed, nextTick, ref } from 'vue'
import type { Item } from '@/api/schema'
import type { Point } from '@/page/geometry'
import { cellAt, groupsOf } from '@/page/items'
import type { Said } from '@/page/wordFit'
import type { Workbench, Writing } from '@/workbench/useWorkbench'
import { itemAt } from './useDrag'

/** Between a note's edge and its words, in page units. */
const NOTE_EDGE = 14

/**
 * Words that are written on the page: where the field lies, and where it goes on to in a table.
 *
 * @param focusItem gives an item the keys again
 */
export function useStageWriting(
  workbench: Workbench,
  pointAt: (event: MouseEvent) => Point,
  focusItem: (id: string) => void,
) {
  const { byId, chosen, writing } = workbench
  const tablePart = ref<[number, number]>([0, 0])

  function writeIn(item: Item) {
    workbench.write(item.kind === 'table' ? { id: item.id, cell: tablePart.value } : { id: item.id })
  }
  /** Pressed twice: into a group, into a cell, or into words. */
  function double(event: MouseEvent) {
    const id = itemAt(event.target)
    const item = id ? byId.value.get(id) : undefined
    if (!item) return
    if (groupsOf(item).length > 0 && chosen.value.length > 1) {
      workbench.select([item.id], 'inside')
      return
    }
    if (item.kind === 'table') {
      const cell = cellAt(item, pointAt(event))
      if (cell) {
        tablePart.value = cell
        workbench.write({ id: item.id, cell })
      }
    } else if (workbench.canWrite(item)) workbench.write({ id: item.id })
  }

  const field = computed(() => (writing.value ? workbench.wordsOf(writing.value) : null))
  const fieldFrame = computed(() => {
    const found = field.value
    if (!found) return null
    const item = byId.value.get(writing.value!.id)!
    if (item.kind !== 'note') return found.frame
    const { x, y, width } = found.frame
    return { ...found.frame, x: x + NOTE_EDGE, y: y + NOTE_EDGE, width: width - 2 * NOTE_EDGE }
  })

  async function written(where: Writing, said: Said, how: 'done' | 'left') {
    workbench.written(where, said)
    if (how === 'done') {
      await nextTick()
      focusItem(where.id)
    }
  }
  /** On to the cell beside the one that was written in; past the last one the table has the keys again. */
  async function nextCell(from: Writing, by: 1 | -1) {
    const table = byId.value.get(from.id)
    if (table?.kind !== 'table' || !from.cell) return
    const columns = table.columns.length
    const at = from.cell[0] * columns + from.cell[1] + by
    await nextTick()
    if (at < 0 || at >= table.rows.length * columns) return focusItem(from.id)
    const cell: [number, number] = [Math.floor(at / columns), at % columns]
    tablePart.value = cell
    workbench.write({ id: from.id, cell })
  }
  return { field, fieldFrame, writeIn, double, written, nextCell }
}
