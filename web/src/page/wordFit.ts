import type { WordContent, WordLine, WordStyle } from '@/api/types'

// The same numbers as core's WordFit, so that a box measured here and one measured there look alike.
export const PADDING = 10
const LINE = 1.35
const BASELINE = 1.05
const STEP = 100

let pen: CanvasRenderingContext2D | null | undefined

/** The width of a text in the unit of the size, measured once at a fixed size and scaled: letters do not grow unevenly. */
function browserWidth(text: string, style: WordStyle): number {
  pen ??= document.createElement('canvas').getContext('2d')
  if (!pen) return text.length * style.size * 0.55
  pen.font = `${style.bold ? 700 : 400} ${STEP}px Andika`
  return (pen.measureText(text).width * style.size) / STEP
}

export interface Fit {
  content: WordContent
  width: number
  height: number
}

/** Breaks words into lines, at spaces only, and says how large a box they need. */
export function fitWords(
  text: string,
  style: WordStyle,
  boxWidth: number | null,
  widthOf: (text: string, style: WordStyle) => number = browserWidth,
): Fit {
  const room = boxWidth === null ? Infinity : boxWidth - 2 * PADDING
  const lines: WordLine[] = []
  let widest = 0
  for (const paragraph of text.split('\n')) {
    for (const line of broken(paragraph, style, room, widthOf)) {
      const width = widthOf(line, style)
      widest = Math.max(widest, width)
      lines.push({ text: line, baseline: PADDING + style.size * (BASELINE + LINE * lines.length), width })
    }
  }
  return {
    content: { text, style, wraps: boxWidth !== null, lines },
    width: boxWidth ?? Math.max(style.size, widest + 2 * PADDING),
    height: 2 * PADDING + style.size * LINE * lines.length,
  }
}

function broken(
  paragraph: string,
  style: WordStyle,
  room: number,
  widthOf: (t: string, s: WordStyle) => number,
) {
  const lines: string[] = []
  let line: string | null = null
  for (const word of paragraph.split(' ')) {
    const longer: string = line === null ? word : `${line} ${word}`
    if (line !== null && widthOf(longer, style) > room) {
      lines.push(line)
      line = word
    } else {
      line = longer
    }
  }
  lines.push(line ?? '')
  return lines
}

export function anchor(style: WordStyle, width: number) {
  if (style.align === 'CENTRE') return { x: width / 2, anchor: 'middle' as const }
  if (style.align === 'RIGHT') return { x: width - PADDING, anchor: 'end' as const }
  return { x: PADDING, anchor: 'start' as const }
}
