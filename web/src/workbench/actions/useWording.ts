import type { Ref } from 'vue'
import type { Edit, Frame, Item, Page, WordContent } from '@/api/schema'
import { cellFrame } from '@/page/items'
import { fitSaid, relaid, startOf, type Said } from '@/page/wordFit'
import type { Writing } from './state'
import { NOTE_EDGES } from './useMoving'
import type { Selection } from './useSelection'
import type { Steps } from './useSteps'

/** What is written in items and in cells of tables. */
export function useWording(
  page: Ref<Page>,
  { pageId, byId, chosen }: Selection,
  { edit }: Steps,
  setBody: (item: Item) => unknown,
  writing: Ref<Writing | null>,
) {
  /** The words of an item or a cell, and the box on the page they lie in. */
  function wordsOf(
    where: Writing,
  ): { content: WordContent; frame: Frame; wraps: boolean; middle: boolean } | null {
    const item = byId.value.get(where.id)
    if (!item) return null
    const style = page.value.words ?? { size: 40, bold: false, colour: '#1f2d33', align: 'CENTRE' as const }
    const blank = fitSaid({ text: '', style: { ...style, align: 'CENTRE' } }, null).content
    switch (item.kind) {
      case 'words':
        return { content: item.content, frame: item.frame, wraps: item.content.wraps, middle: false }
      case 'note':
        return { content: item.words, frame: item.frame, wraps: true, middle: false }
      case 'shape':
        return { content: item.words ?? blank, frame: item.frame, wraps: true, middle: true }
      case 'table': {
        const [r, c] = where.cell ?? [0, 0]
        const cell = item.cells[r]?.[c]
        if (!cell) return null
        const frame = cellFrame(item, r, c)
        const small = { ...blank, style: { ...blank.style, size: Math.min(36, blank.style.size) } }
        return { content: cell.words ?? small, frame, wraps: true, middle: true }
      }
      default:
        return null
    }
  }
  const canWrite = (item: Item) => ['words', 'note', 'shape', 'table'].includes(item.kind)

  function write(where: Writing | null) {
    writing.value = where && wordsOf(where) ? where : null
  }

  /** Keeps what was written; a box of words in which nothing stands goes away. */
  function written(where: Writing, said: Said) {
    if (writing.value === where) writing.value = null
    const item = byId.value.get(where.id)
    if (!item) return
    const blank = said.text.trim() === ''
    if (item.kind === 'words') {
      if (blank) {
        edit({ kind: 'remove-item', pageId: pageId.value, itemId: item.id })
        chosen.value = []
        return
      }
      setWords(item, said)
    } else if (item.kind === 'note') {
      const words = fitSaid(said, item.frame.width - NOTE_EDGES).content
      if (differs(words, item.words)) setBody({ ...item, words })
    } else if (item.kind === 'shape') {
      const { words: _, ...bare } = item
      const words = fitSaid(said, item.frame.width).content
      if (blank) {
        if (item.words) setBody(bare)
      } else if (!item.words || differs(words, item.words)) setBody({ ...item, words })
    } else if (item.kind === 'table' && where.cell) {
      const [r, c] = where.cell
      const { words: _, ...bare } = item.cells[r]![c]!
      const fit = fitSaid(said, cellFrame(item, r, c).width)
      const cell = blank ? bare : { ...bare, words: fit.content }
      setCell(item, r, c, cell)
    }
  }
  const differs = (a: WordContent, b: WordContent) => JSON.stringify(a) !== JSON.stringify(b)

  function setCell(
    item: Extract<Item, { kind: 'table' }>,
    r: number,
    c: number,
    cell: (typeof item.cells)[0][0],
  ) {
    if (JSON.stringify(cell) === JSON.stringify(item.cells[r]![c])) return
    setBody({
      ...item,
      cells: item.cells.map((row, i) => (i === r ? row.map((one, k) => (k === c ? cell : one)) : row)),
    })
  }

  /** What gives a box of words another look or text; null where nothing changes. */
  function wordsEdit(item: Extract<Item, { kind: 'words' }>, said: Partial<Said>): Edit | null {
    const { content, frame } = item
    const fit = relaid(content, said, content.wraps ? frame.width : null)
    if (!differs(fit.content, content)) return null
    const left = fit.content.wraps || fit.content.style.align === 'LEFT' ? 0 : (frame.width - fit.width) / 2
    const fitted = { ...frame, x: startOf(frame, fit) + left, width: fit.width, height: fit.height }
    return { kind: 'set-words', pageId: pageId.value, itemId: item.id, content: fit.content, frame: fitted }
  }
  function setWords(item: Extract<Item, { kind: 'words' }>, said: Partial<Said>) {
    const made = wordsEdit(item, said)
    if (made) edit(made)
  }

  return { wordsOf, canWrite, write, written, setCell, setWords, wordsEdit }
}
