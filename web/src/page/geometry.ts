import type { Frame } from '@/api/types'

export const PAGE = { width: 1600, height: 1000 }

export interface Point {
  x: number
  y: number
}

export const middle = (frame: Frame): Point => ({
  x: frame.x + frame.width / 2,
  y: frame.y + frame.height / 2,
})

/** Turns a vector by degrees, clockwise as on a page whose y goes down. */
export function turned(v: Point, degrees: number): Point {
  const r = (degrees * Math.PI) / 180
  return { x: v.x * Math.cos(r) - v.y * Math.sin(r), y: v.x * Math.sin(r) + v.y * Math.cos(r) }
}

/** Whether a point lies in the turned box, edge included; as core's Frame.contains. */
export function contains(frame: Frame, point: Point): boolean {
  const m = middle(frame)
  const back = turned({ x: point.x - m.x, y: point.y - m.y }, -frame.turn)
  return Math.abs(back.x) <= frame.width / 2 && Math.abs(back.y) <= frame.height / 2
}

export const placed = (frame: Frame) =>
  `translate(${frame.x} ${frame.y})` +
  (frame.turn ? ` rotate(${frame.turn} ${frame.width / 2} ${frame.height / 2})` : '')

/** The outline of a tile: three round corners and one nearly square one, bottom left. */
export function tilePath(width: number, height: number, round = 18, square = 5): string {
  const r = Math.min(round, width / 2, height / 2)
  const s = Math.min(square, r)
  return (
    `M${r} 0H${width - r}A${r} ${r} 0 0 1 ${width} ${r}V${height - r}A${r} ${r} 0 0 1 ${width - r} ${height}` +
    `H${s}A${s} ${s} 0 0 1 0 ${height - s}V${r}A${r} ${r} 0 0 1 ${r} 0Z`
  )
}

/** Names for zones as they stand on their plum tiles: A to Z, then AA, AB and so on. */
export function letter(index: number): string {
  return (index >= 26 ? letter(Math.floor(index / 26) - 1) : '') + String.fromCharCode(65 + (index % 26))
}
