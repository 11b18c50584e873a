import type { Edit, Frame, Item, LibraryPicture, Page } from '@/api/schema'
import { around, PAGE, type Point } from '@/page/geometry'
import { fitSaid, relaid, startOf } from '@/page/wordFit'
import { putting, type Taken } from '@/workbench/edits/copies'

/** How copies lie. */
export type Placing = 'FITS' | 'ROW' | 'COLUMN' | 'GRID'

const MOST = 100
const EDGE = 20

/**
 * A pasted list: a line for each copy, with a tab, a comma or a semicolon before what goes in the next box; or one line
 * of words with commas between them, each for a copy of its own.
 */
export function linesOf(text: string): string[][] {
  const lines = text
    .split(/\r?\n/)
    .map((line) => line.trim())
    .filter(Boolean)
  const cells = (line: string) =>
    line
      .split(line.includes('\t') ? '\t' : /[,;]/)
      .map((one) => one.trim())
      .filter(Boolean)
  const all = lines.length === 1 ? cells(lines[0]!).map((word) => [word]) : lines.map(cells)
  return all.filter((line) => line.length > 0).slice(0, MOST)
}

/** Whether a word of a list can be put in it: as words, or as the picture of that word. */
const takesWords = (item: Item) =>
  item.kind === 'words' ||
  item.kind === 'note' ||
  (item.kind === 'shape' && Boolean(item.words)) ||
  (item.kind === 'zone' && item.label !== '')
const takes = (item: Item) => item.kind === 'picture' || takesWords(item)

/** What can be exchanged, as one reads: by rows, each from the left. */
export function slotsOf(items: Item[]): Item[] {
  const middle = (frame: Frame) => frame.y + frame.height / 2
  const said = items.filter(takes)
  // Zones alone, with nothing written on them, are given what is written on them.
  const slots = said.length > 0 ? said : items.filter((item) => item.kind === 'zone')
  return slots.sort((a, b) => {
    const apart = middle(a.frame) - middle(b.frame)
    const sameRow = Math.abs(apart) < Math.min(a.frame.height, b.frame.height) / 2
    return sameRow ? a.frame.x - b.frame.x : apart
  })
}

/** The same item with another word, or the picture of it; size, look, movement and links stay. */
export function saying(item: Item, word: string, picture: LibraryPicture | undefined): Item {
  switch (item.kind) {
    case 'picture': {
      if (!picture) return item
      const { crop: _, still: __, ...bare } = item
      const shown = { from: 'LIBRARY', name: picture.code } as const
      return { ...bare, picture: shown, credit: picture.credit, description: word }
    }
    case 'words': {
      const { content, frame } = item
      const said = { text: word, spans: [], paragraphs: [] }
      const fit = relaid(content, said, content.wraps ? frame.width : null)
      const left = fit.content.wraps || fit.content.style.align === 'LEFT' ? 0 : (frame.width - fit.width) / 2
      const x = startOf(frame, fit) + left
      return { ...item, content: fit.content, frame: { ...frame, x, width: fit.width, height: fit.height } }
    }
    case 'note':
      return {
        ...item,
        words: fitSaid({ text: word, style: item.words.style }, item.frame.width - 28).content,
      }
    case 'shape':
      if (!item.words) return item
      return { ...item, words: fitSaid({ text: word, style: item.words.style }, item.frame.width).content }
    case 'zone':
      return { ...item, label: word.slice(0, 300) }
    default:
      return item
  }
}

/** Things with the words of one line: one word for all of them, or each box its own. */
export function filled(
  items: Item[],
  line: string[],
  pictureOf: (word: string) => LibraryPicture | undefined,
) {
  const slots = slotsOf(items)
  return items.map((item) => {
    const at = slots.indexOf(item)
    const word = at < 0 ? undefined : line.length === 1 ? line[0] : line[at]
    return word === undefined ? item : saying(item, word, pictureOf(word))
  })
}

/** The edits by which an item becomes another one of its kind. */
function changes(pageId: string, from: Item, to: Item): Edit[] {
  if (from === to) return []
  const itemId = from.id
  if (to.kind === 'words')
    return [{ kind: 'set-words', pageId, itemId, content: to.content, frame: to.frame }]
  if (to.kind === 'zone') return [{ kind: 'set-zone-label', pageId, itemId, label: to.label }]
  const body: Edit = { kind: 'set-body', pageId, item: to }
  return from.description === to.description
    ? [body]
    : [body, { kind: 'set-description', pageId, itemId, description: to.description }]
}

/** How far each copy lies from what it is a copy of, the first among them; null where so many have no room. */
export function placesFor(frames: Frame[], count: number, way: Placing): Point[] | null {
  const box = around(frames)
  const width = box.right - box.left
  const height = box.bottom - box.top
  const columns = Array.from({ length: count }, (_, i) => count - i).filter((n) =>
    way === 'ROW'
      ? n === count
      : way === 'COLUMN'
        ? n === 1
        : way === 'GRID'
          ? count < 4 || (n > 1 && n < count)
          : true,
  )
  const empty = (n: number) => Math.ceil(count / n) * n - count
  columns.sort((a, b) => empty(a) - empty(b) || b - a)
  for (const gap of [40, 24, 12]) {
    for (const across of columns) {
      const rows = Math.ceil(count / across)
      const whole = { x: across * (width + gap) - gap, y: rows * (height + gap) - gap }
      if (whole.x > PAGE.width - 2 * EDGE || whole.y > PAGE.height - 2 * EDGE) continue
      const left = Math.max(EDGE, Math.min(box.left, PAGE.width - EDGE - whole.x))
      const top = Math.max(EDGE, Math.min(box.top, PAGE.height - EDGE - whole.y))
      return Array.from({ length: count }, (_, i) => ({
        x: Math.round(left - box.left + (i % across) * (width + gap)),
        y: Math.round(top - box.top + Math.floor(i / across) * (height + gap)),
      }))
    }
  }
  return null
}

/** What is selected becomes the first of several, one for each line of a list. */
export function repeated(
  what: Taken,
  page: Page,
  lines: string[][],
  way: Placing,
  pictureOf: (word: string) => LibraryPicture | undefined,
): { edits: Edit[]; ids: string[] } | null {
  const places = placesFor(
    what.items.map((item) => item.frame),
    lines.length,
    way,
  )
  if (!places) return null
  const [first, ...rest] = places
  const edits: Edit[] = []
  if (first!.x !== 0 || first!.y !== 0) {
    edits.push({
      kind: 'transform',
      pageId: page.id,
      itemIds: what.items.map((item) => item.id),
      by: { about: { x: 0, y: 0 }, scale: 1, turn: 0, dx: first!.x, dy: first!.y },
    })
  }
  const moved = what.items.map(
    (item) =>
      ({ ...item, frame: { ...item.frame, x: item.frame.x + first!.x, y: item.frame.y + first!.y } }) as Item,
  )
  filled(moved, lines[0]!, pictureOf).forEach((to, i) => edits.push(...changes(page.id, moved[i]!, to)))
  const ids = what.items.map((item) => item.id)
  let now = page
  rest.forEach((place, i) => {
    const copy = { ...what, items: filled(what.items, lines[i + 1]!, pictureOf) }
    const put = putting(copy, now, place.x, place.y)
    const added = put.edits.flatMap((edit) => (edit.kind === 'add-item' ? [edit.item as Item] : []))
    now = { ...now, items: [...now.items, ...added] }
    edits.push(...put.edits)
    ids.push(...put.ids)
  })
  return { edits, ids }
}

/** Each of the things that are selected gets the next word of the list, or its picture. */
export function exchanged(
  page: Page,
  items: Item[],
  words: string[],
  pictureOf: (word: string) => LibraryPicture | undefined,
): Edit[] {
  return slotsOf(items).flatMap((item, i) =>
    words[i] === undefined ? [] : changes(page.id, item, saying(item, words[i], pictureOf(words[i]))),
  )
}
