/** A part of a picture, in shares of it from 0 to 1. */
export interface Box {
  x: number
  y: number
  width: number
  height: number
}
/** Width over height that a part must have, and how large the whole picture is in its own pixels. */
interface Shape {
  ratio: number
  size: { width: number; height: number }
}
/** A part is at least so wide and so high. */
export const LEAST = 0.02

/** The part in the shape that is asked for; the corner that is not pulled stays where it is. */
export function shaped(part: Box, shape: Shape | null, pull = 'se'): Box {
  if (!shape) return part
  const share = shape.size.width / (shape.size.height * shape.ratio)
  const right = part.x + part.width
  const bottom = part.y + part.height
  const most = {
    width: pull.includes('w') ? right : 1 - part.x,
    height: pull.includes('n') ? bottom : 1 - part.y,
  }
  const width = Math.min(part.width, most.width, most.height / share)
  const height = width * share
  return {
    x: pull.includes('w') ? right - width : part.x,
    y: pull.includes('n') ? bottom - height : part.y,
    width,
    height,
  }
}
/** The part with one of its numbers set, kept within the picture. */
export function nudged(part: Box, which: keyof Box, to: number, shape: Shape | null): Box {
  const n = Math.min(1, Math.max(0, to))
  const next = { ...part, [which]: n }
  if (shape && which === 'height') next.width = (n * shape.size.height * shape.ratio) / shape.size.width
  next.x = Math.min(next.x, 1 - LEAST)
  next.y = Math.min(next.y, 1 - LEAST)
  next.width = Math.min(Math.max(LEAST, next.width), 1 - next.x)
  next.height = Math.min(Math.max(LEAST, next.height), 1 - next.y)
  return shaped(next, shape)
}
