import type { Item, Span, WordContent, WordStyle } from '@/api/schema'
import { PADDING, relaid, WIDEST, type Fit, type WidthOf, fitSaid } from '@/page/wordFit'

/** Letters that beginning readers can still read. */
const SMALLEST = 18
/** Between a note's edge and its words; see NoteBody. */
const NOTE_EDGE = 14

type Smaller = { style: WordStyle; spans: Span[] }

/** The same words with all letters in another size, those with a size of their own in proportion. */
function inSize(content: WordContent, size: number): Smaller {
  const by = size / content.style.size
  const spans = (content.spans ?? []).map((span) =>
    span.look.size
      ? { ...span, look: { ...span.look, size: Math.max(SMALLEST, Math.round(span.look.size * by)) } }
      : span,
  )
  return { style: { ...content.style, size }, spans }
}

const widest = (fit: Fit) => Math.max(0, ...fit.content.lines.map((line) => line.width))

/**
 * Words in the largest letters that fit: those of a note or a shape within it, those of a box in one line less than they
 * take now. Null where nothing is gained by it.
 */
export function shrunk(item: Item, widthOf?: WidthOf): Smaller | null {
  const content = item.kind === 'words' ? item.content : 'words' in item ? item.words : undefined
  if (!content || content.text.trim() === '') return null
  const box = item.frame
  const edge = item.kind === 'note' ? NOTE_EDGE : 0
  const width = item.kind === 'words' && !content.wraps ? WIDEST : box.width - 2 * edge
  const height = item.kind === 'words' ? Infinity : box.height - 2 * edge + PADDING
  const most = item.kind === 'words' ? content.lines.length - 1 : Infinity
  if (most < content.text.split('\n').length) return null
  const fits = (smaller: Smaller) => {
    const fit = widthOf
      ? fitSaid({ ...content, ...smaller }, width, widthOf)
      : relaid(content, smaller, width)
    const whole = fit.content.lines.map((line) => line.text.trim()).join(' ')
    const unbroken = whole.replace(/\s+/g, ' ') === content.text.replace(/\s+/g, ' ').trim()
    return unbroken && fit.height <= height && fit.content.lines.length <= most && widest(fit) <= width
  }
  for (let size = Math.round(content.style.size); size >= SMALLEST; size--) {
    const smaller = inSize(content, size)
    if (fits(smaller)) return size === Math.round(content.style.size) ? null : smaller
  }
  return null
}
