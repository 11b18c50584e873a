import type { Ref } from 'vue'
import type { Edit, Frame, Item, Page } from '@/api/schema'
import type { Arrangement } from '@/page/arrange'
import { middle } from '@/page/geometry'
import { cellAt, cellFrame, fittedIn } from '@/page/items'
import { relaid } from '@/page/wordFit'
import type { Selection } from './useSelection'
import type { Steps } from './useSteps'

/** Between a note's edges and its words, both together; in page units. */
export const NOTE_EDGES = 28

/** Where the selected items lie: moved, turned, sized, arranged, over and under each other. */
export function useMoving(
  page: Ref<Page>,
  { pageId, chosen, selected, only }: Selection,
  { edit, all }: Steps,
) {
  const setFrame = (itemId: string, frame: Frame) =>
    edit({ kind: 'set-frame', pageId: pageId.value, itemId, frame })

  function moveBy(dx: number, dy: number) {
    const itemIds = chosen.value
    if (itemIds.length === 0 || (dx === 0 && dy === 0)) return
    if (only.value)
      setFrame(only.value.id, { ...only.value.frame, x: only.value.frame.x + dx, y: only.value.frame.y + dy })
    else
      edit({
        kind: 'transform',
        pageId: pageId.value,
        itemIds,
        by: { about: { x: 0, y: 0 }, scale: 1, turn: 0, dx, dy },
      })
  }

  /** Several moved, turned and scaled as one. */
  const transform = (by: Extract<Edit, { kind: 'transform' }>['by']) =>
    edit({
      kind: 'transform',
      pageId: pageId.value,
      itemIds: selected.value.map((item) => item.id),
      by,
    })

  /** What was moved by hand is let go: a picture over a cell of a table fits itself to the cell. */
  function putDown(dx: number, dy: number, fits: boolean) {
    const item = only.value
    if (fits && item?.kind === 'picture') {
      const at = middle({ ...item.frame, x: item.frame.x + dx, y: item.frame.y + dy })
      const cell = page.value.items
        .filter((one) => one.kind === 'table')
        .reverse()
        .map((table) => ({ table, cell: cellAt(table, at) }))
        .find((one) => one.cell)
      if (cell?.cell) {
        setFrame(item.id, fittedIn(cellFrame(cell.table, ...cell.cell), item.frame))
        return
      }
    }
    moveBy(dx, dy)
  }

  const arrange = (how: Arrangement) =>
    edit({ kind: 'arrange', pageId: pageId.value, itemIds: selected.value.map((item) => item.id), how })

  /** To the top, one up, one down, to the bottom; several keep their own order. */
  function depth(how: 'top' | 'up' | 'down' | 'bottom') {
    const items = page.value.items
    const mine = new Set(chosen.value)
    const rest = items.filter((item) => !mine.has(item.id))
    const own = selected.value
    if (own.length === 0) return
    const lowest = items.indexOf(own[0]!)
    const highest = items.indexOf(own[own.length - 1]!)
    const below = items.slice(0, lowest).filter((item) => !mine.has(item.id)).length
    const above = items.slice(0, highest + 1).filter((item) => !mine.has(item.id)).length
    const at = { top: rest.length, up: above + 1, down: below - 1, bottom: 0 }[how]
    const place = Math.max(0, Math.min(rest.length, at))
    const wanted = [...rest.slice(0, place), ...own, ...rest.slice(place)]
    const edits: Edit[] = []
    const now = [...items]
    wanted.forEach((item, index) => {
      if (now[index] === item) return
      now.splice(now.indexOf(item), 1)
      now.splice(index, 0, item)
      edits.push({ kind: 'move-depth', pageId: pageId.value, itemId: item.id, index })
    })
    all(edits)
  }

  /** An item was pulled to another box; its words are broken anew for another width. */
  function pulledTo(item: Item, frame: Frame, resized: boolean) {
    const at = { pageId: pageId.value, itemId: item.id }
    if (item.kind === 'words' && resized) {
      const fit = relaid(item.content, {}, frame.width)
      const { content, height } = fit
      edit({ kind: 'set-words', ...at, content, frame: { ...frame, height } })
      return
    }
    const set: Edit = { kind: 'set-frame', ...at, frame }
    if ((item.kind === 'note' || item.kind === 'shape') && resized && item.words) {
      const words = relaid(item.words, {}, frame.width - (item.kind === 'note' ? NOTE_EDGES : 0)).content
      all([set, { kind: 'set-body', pageId: pageId.value, item: { ...item, words } }])
    } else edit(set)
  }

  return { setFrame, moveBy, transform, putDown, arrange, depth, pulledTo }
}
