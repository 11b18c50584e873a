import type { Frame, Item, Run, Span, WordContent, WordLine } from '@/api/schema'

const looked = <L extends { size?: number }>(look: L, scale: number): L =>
  look.size ? { ...look, size: look.size * scale } : look

/** Words in smaller letters, broken as they are: nothing is measured anew. */
function wordsSized(content: WordContent, scale: number): WordContent {
  const run = (one: Run): Run => ({ ...one, x: one.x * scale, look: looked(one.look, scale) })
  const line = (one: WordLine): WordLine => ({
    ...one,
    baseline: one.baseline * scale,
    width: one.width * scale,
    ...(one.indent ? { indent: one.indent * scale } : {}),
    ...(one.runs ? { runs: one.runs.map(run) } : {}),
  })
  const span = (one: Span): Span => ({ ...one, look: looked(one.look, scale) })
  return {
    ...content,
    style: { ...content.style, size: content.style.size * scale },
    lines: content.lines.map(line),
    ...(content.spans ? { spans: content.spans.map(span) } : {}),
  }
}

/** About the same middle. */
function frameSized(frame: Frame, scale: number): Frame {
  const [width, height] = [frame.width * scale, frame.height * scale]
  return {
    ...frame,
    x: frame.x + (frame.width - width) / 2,
    y: frame.y + (frame.height - height) / 2,
    width,
    height,
  }
}

/** A piece as it is drawn in a zone that fits its pieces; of the kinds that core's Fitted makes smaller. */
export function sized(item: Item, scale: number | undefined): Item {
  if (!scale || scale === 1) return item
  const frame = frameSized(item.frame, scale)
  if (item.kind === 'words') return { ...item, frame, content: wordsSized(item.content, scale) }
  if (item.kind === 'shape') {
    const look = { ...item.look, thickness: item.look.thickness * scale }
    return { ...item, frame, look, ...(item.words ? { words: wordsSized(item.words, scale) } : {}) }
  }
  if (item.kind === 'line')
    return { ...item, frame, look: { ...item.look, thickness: item.look.thickness * scale } }
  return { ...item, frame } as Item
}

/** Where the whole piece lies of which a smaller one about the same middle is drawn. */
export const wholeOf = (drawn: Frame, whole: Pick<Frame, 'width' | 'height'>): Frame => ({
  ...drawn,
  x: drawn.x + (drawn.width - whole.width) / 2,
  y: drawn.y + (drawn.height - whole.height) / 2,
  width: whole.width,
  height: whole.height,
})
