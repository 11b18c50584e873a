import type { Edit, Item, Page, WordContent } from '@/api/schema'
import { styleOf } from '@/workbench/edits/make'
import { TITLE_SIZE } from './roles'
import { contrast, type StyleSet } from './styleSets'

/** Below this, coloured words within a text are not told from the paper. */
const READABLE = 4.5

const isTitle = ({ style }: WordContent) => style.bold && style.size >= TITLE_SIZE

/** Words in another colour are as wide as before, so nothing is measured anew. Parts in colours that stay readable keep them. */
function written(content: WordContent, colour: string, on: string): WordContent {
  const spans = content.spans?.map((span) => {
    const own = span.look.colour
    if (!own || contrast(own, on) >= READABLE) return span
    const { colour: _, ...look } = span.look
    return { ...span, look }
  })
  return { ...content, style: { ...content.style, colour }, ...(spans ? { spans } : {}) }
}

/** The same item in the colours of a set; null where it has none of them. */
export function itemInSet(item: Item, set: StyleSet): Item | null {
  switch (item.kind) {
    case 'words': {
      // What students move lies on a white card.
      const card = item.movement.kind !== 'fixed'
      const colour = isTitle(item.content) && !card ? set.title : set.text
      return { ...item, content: written(item.content, colour, card ? '#ffffff' : set.paper) }
    }
    case 'shape': {
      const { form, fill, outline } = item.look
      // A tick is green and a cross is red wherever they stand.
      if (form === 'TICK' || form === 'CROSS') return null
      const look = {
        ...item.look,
        ...(fill ? { fill: set.shape } : {}),
        ...(outline ? { outline: set.line } : {}),
      }
      const words = item.words ? { words: written(item.words, set.text, fill ? set.shape : set.paper) } : {}
      return { ...item, look, ...words }
    }
    case 'line':
      return { ...item, look: { ...item.look, colour: set.line } }
    case 'table': {
      const cells = item.cells.map((row) =>
        row.map((cell) => ({
          ...cell,
          ...(cell.fill ? { fill: set.inside } : {}),
          ...(cell.words ? { words: written(cell.words, set.text, cell.fill ? set.inside : set.paper) } : {}),
        })),
      )
      return { ...item, colour: set.line, cells }
    }
    case 'zone': {
      const look = item.look ?? { kind: 'TRAY' as const }
      // Circles that cross are told apart by their colours; of a hidden zone nothing is seen.
      if (look.kind === 'GLASS' || look.kind === 'HIDDEN') return null
      return { ...item, look: { ...look, colour: set.zone, fill: set.inside } }
    }
    case 'gap':
      return { ...item, style: { ...item.style, colour: set.text } }
    default:
      return null
  }
}

/** The edits that give a page the colours of a set. Places, sizes, pictures and answers stay. */
export function pageInSet(page: Page, set: StyleSet): Edit[] {
  const pageId = page.id
  const edits: Edit[] = [
    { kind: 'set-paper', pageId, paper: { ...page.paper, colour: set.paper } },
    { kind: 'set-page-words', pageId, words: { ...styleOf(page), colour: set.text } },
  ]
  for (const item of page.items) {
    const made = itemInSet(item, set)
    if (!made || JSON.stringify(made) === JSON.stringify(item)) continue
    if (made.kind === 'words')
      edits.push({ kind: 'set-words', pageId, itemId: item.id, content: made.content, frame: item.frame })
    else edits.push({ kind: 'set-body', pageId, item: made })
  }
  return edits
}
