import { passOver } from '@/shared/passOver'
import type {
  Frame,
  Look,
  Paragraph,
  Run,
  ShapeLook,
  Span,
  WordContent,
  WordLine,
  WordStyle,
} from '@/api/schema'
import { familyOf, wholeLook, type Whole } from './fonts'
import { PAGE } from './geometry'
import { wordRoom } from './shapes'

// The same numbers as core's WordFit, so that a box measured here and one measured there look alike.
export const PADDING = 10
const LINE = 1.35
/** From the top of a line to its baseline the line's height, less this, in letter sizes. */
const BELOW = 0.3
const LIST_INDENT = 1.2
const STEP = 100
/** What stays free to either side of a box that is as wide as can be. */
const MARGIN = 20
/** A box that grows with its words stops here, nearly as wide as a page; what is longer is broken into lines. */
export const WIDEST = PAGE.width - 2 * MARGIN
/** The largest side that an item may have; words that are higher stand out of their box. */
const HIGHEST = 16_000
/** Texts longer than this are seldom measured twice. */
const LONG = 60

export type WidthOf = (text: string, look: Pick<Whole, 'size' | 'bold' | 'italic' | 'font'>) => number

let pen: CanvasRenderingContext2D | null | undefined
const known = new Map<string, number>()

/** The width of a text in the unit of the size, measured once at a fixed size and scaled: letters do not grow unevenly. */
export const inBrowser: WidthOf = (text, look) => {
  pen ??= document.createElement('canvas').getContext('2d')
  if (!pen) return text.length * look.size * 0.55
  // As they are drawn (WordLines): not fitted to whole pixels.
  pen.textRendering = 'geometricPrecision'
  const font = `${look.italic ? 'italic ' : ''}${look.bold ? 700 : 400} ${STEP}px ${familyOf(look.font)}`
  const key = `${font}|${text}`
  let width = text.length > LONG ? undefined : known.get(key)
  if (width === undefined) {
    pen.font = font
    width = pen.measureText(text).width
    if (known.size > 20_000) known.clear()
    if (text.length <= LONG) known.set(key, width)
  }
  return (width * look.size) / STEP
}

/** Letters that are not there yet are measured as others; what was remembered of them is forgotten. */
export async function fontsReady(fonts: (WordStyle['font'] | undefined)[]) {
  const families = [...new Set(fonts)].map(familyOf)
  await Promise.all(
    families.flatMap((family) =>
      [400, 700].map((weight) => document.fonts?.load(`${weight} ${STEP}px ${family}`)),
    ),
  ).catch(passOver('words are measured with the font that is there'))
  known.clear()
}

export interface Fit {
  content: WordContent
  width: number
  height: number
}

/** What is said and how, before it is measured. */
export interface Said {
  text: string
  style: WordStyle
  spans?: Span[]
  paragraphs?: Paragraph[]
}

interface Part {
  from: number
  to: number
  look: Look
}

/** Breaks plain words into lines, at spaces only, and says how large a box they need. */
export const fitWords = (text: string, style: WordStyle, boxWidth: number | null, widthOf?: WidthOf): Fit =>
  fitSaid({ text, style }, boxWidth, widthOf)

const SMALLEST = 14

/** Words in a box of that size: in smaller letters, where they would otherwise stand out or a word would be broken. */
export function fitWithin(
  text: string,
  style: WordStyle,
  width: number,
  height: number,
  widthOf?: WidthOf,
): WordContent {
  const bare = (words: string) => words.replace(/\s+/g, ' ').trim()
  for (let { size } = style; ; size -= 2) {
    const fit = fitWords(text, { ...style, size }, width, widthOf)
    const whole = bare(fit.content.lines.map((line) => line.text).join(' ')) === bare(text)
    if ((whole && fit.height <= height) || size - 2 < SMALLEST) return fit.content
  }
}

/** As {@link fitWords}, for words of several looks. */
export function fitSaid(said: Said, boxWidth: number | null, widthOf: WidthOf = inBrowser): Fit {
  const fit = laid(said, boxWidth, widthOf)
  return boxWidth === null && fit.width > WIDEST ? laid(said, WIDEST, widthOf) : fit
}

function laid(said: Said, boxWidth: number | null, widthOf: WidthOf): Fit {
  const { text, style } = said
  const spans = said.spans ?? []
  const spacing = style.spacing ?? LINE
  const lines: WordLine[] = []
  let widest = 0
  let y = PADDING
  let at = 0
  let number = 0
  text.split('\n').forEach((paragraph, p) => {
    const set = said.paragraphs?.[p] ?? {}
    number = set.list === 'NUMBER' ? number + 1 : 0
    const indent = set.list ? style.size * LIST_INDENT : 0
    const room = boxWidth === null ? Infinity : boxWidth - 2 * PADDING - indent
    const parts = partsOf(at, at + paragraph.length, spans)
    let first = true
    for (const [from, to] of broken(
      text,
      at,
      at + paragraph.length,
      (a, b) => room === Infinity || rangeWidth(a, b) <= room,
    )) {
      const own = clipped(parts, from, to)
      const tallest = Math.max(
        ...own.map((part) => part.look.size ?? style.size),
        own.length ? 0 : style.size,
      )
      const runs: Run[] = []
      let x = 0
      for (const part of own) {
        const part_ = text.slice(part.from, part.to)
        runs.push({ text: part_, x, look: part.look })
        x += widthOf(part_, wholeLook(style, part.look))
      }
      widest = Math.max(widest, x + indent)
      const plain = runs.every((run) => Object.keys(run.look).length === 0)
      lines.push({
        text: text.slice(from, to),
        baseline: y + tallest * (spacing - BELOW),
        width: x,
        ...(plain ? {} : { runs }),
        ...(set.align ? { align: set.align } : {}),
        ...(set.list && first ? { mark: set.list === 'BULLET' ? '•' : `${number}.` } : {}),
        ...(indent ? { indent } : {}),
      })
      y += tallest * spacing
      first = false
    }
    at += paragraph.length + 1

    function rangeWidth(a: number, b: number) {
      return clipped(parts, a, b).reduce(
        (sum, part) => sum + widthOf(text.slice(part.from, part.to), wholeLook(style, part.look)),
        0,
      )
    }
  })
  const set = said.paragraphs?.some((one) => one.align || one.list) ? { paragraphs: said.paragraphs } : {}
  return {
    content: {
      text,
      style,
      wraps: boxWidth !== null,
      lines,
      ...(spans.length ? { spans } : {}),
      ...set,
    },
    width: boxWidth ?? Math.max(style.size, widest + 2 * PADDING),
    height: Math.min(HIGHEST, y + PADDING),
  }
}

/** Where a box begins that was wide enough until now: one that has become as wide as can be stays on the page. */
export const startOf = (frame: Frame, fit: Fit): number =>
  fit.width === WIDEST && fit.width > frame.width ? Math.min(frame.x, PAGE.width - WIDEST - MARGIN) : frame.x

/** The parts of a range of text, each of one look, without gaps. */
function partsOf(from: number, to: number, spans: Span[]): Part[] {
  const parts: Part[] = []
  let at = from
  for (const span of spans) {
    if (span.to <= from || span.from >= to) continue
    const start = Math.max(from, span.from)
    if (start > at) parts.push({ from: at, to: start, look: {} })
    parts.push({ from: start, to: Math.min(to, span.to), look: span.look })
    at = Math.min(to, span.to)
  }
  if (at < to) parts.push({ from: at, to, look: {} })
  return parts
}

const clipped = (parts: Part[], from: number, to: number): Part[] =>
  parts
    .filter((part) => part.to > from && part.from < to)
    .map((part) => ({ ...part, from: Math.max(from, part.from), to: Math.min(to, part.to) }))

/** Where each line of a paragraph begins and ends; it breaks at spaces, and a word too wide for any line within itself. */
function broken(text: string, from: number, to: number, fits: (from: number, to: number) => boolean) {
  const lines: [number, number][] = []
  let start = from
  let end = -1
  for (let at = from; ;) {
    const space = text.indexOf(' ', at)
    const word = space < 0 || space > to ? to : space
    if (end >= 0 && !fits(start, word)) {
      lines.push([start, end])
      start = at
    }
    if (start === at && !fits(start, word)) {
      const parts = cutUp(text, start, word, fits)
      lines.push(...parts.slice(0, -1))
      start = parts[parts.length - 1]![0]
    }
    end = word
    if (word >= to) break
    at = word + 1
  }
  lines.push([start, end])
  return lines
}

const letters = new Intl.Segmenter(undefined, { granularity: 'grapheme' })

/** A word, or writing without spaces, in as many parts as it takes; each has a letter at least. */
function cutUp(text: string, from: number, to: number, fits: (from: number, to: number) => boolean) {
  const ends = [...letters.segment(text.slice(from, to))].map((one) => from + one.index + one.segment.length)
  const parts: [number, number][] = []
  let start = from
  for (let next = 0; next < ends.length;) {
    // The last letter that still fits, found by halves: letters only ever add to a width.
    let least = next
    let most = ends.length - 1
    while (least < most) {
      const half = Math.ceil((least + most) / 2)
      if (fits(start, ends[half]!)) least = half
      else most = half - 1
    }
    parts.push([start, ends[least]!])
    start = ends[least]!
    next = least + 1
  }
  return parts
}

/** The same words measured anew: for another width, or another look. */
export const relaid = (content: WordContent, change: Partial<Said>, boxWidth: number | null): Fit =>
  fitSaid({ ...content, ...change }, boxWidth)

/** Where a line begins in a box of that width. */
export function lineStart(content: WordContent, line: WordLine, width: number): number {
  const align = line.align ?? content.style.align
  const indent = line.indent ?? 0
  if (align === 'CENTRE') return (width - line.width + indent) / 2
  return align === 'RIGHT' ? width - PADDING - line.width : PADDING + indent
}

export const heightOf = (content: WordContent): number => {
  const last = content.lines[content.lines.length - 1]
  return last ? last.baseline + content.style.size * BELOW + PADDING : 0
}

export interface InBox {
  x: number
  y: number
  width: number
  content: WordContent
}

/** Words that lie in a box: in its middle, or at its top. Those measured for another width are measured anew. */
export function inBoxOf(
  content: WordContent,
  x: number,
  y: number,
  width: number,
  height: number,
  where: 'middle' | 'top' = 'middle',
): InBox {
  const room = width - 2 * PADDING
  const tooWide = content.lines.some(
    (line) => line.width + (line.indent ?? 0) > room && line.text.includes(' '),
  )
  const fitted = tooWide ? relaid(content, {}, width).content : content
  const free = where === 'top' ? 0 : Math.max(0, (height - heightOf(fitted)) / 2)
  return { x, y: y + free, width, content: fitted }
}

/** Words in the middle of a shape. */
export function inShape(form: ShapeLook['form'], content: WordContent, frame: Frame): InBox {
  const room = wordRoom(form)
  return inBoxOf(
    content,
    room.x * frame.width,
    room.y * frame.height,
    room.width * frame.width,
    room.height * frame.height,
  )
}
