import type { Area, Frame } from '@/api/schema'

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

/** Where a point of the unturned box, counted from its left top corner, lies on the page. */
export function onPage(frame: Frame, at: Point): Point {
  const m = middle(frame)
  const t = turned({ x: at.x - frame.width / 2, y: at.y - frame.height / 2 }, frame.turn)
  return { x: m.x + t.x, y: m.y + t.y }
}

/** Where a point of the page lies in the unturned box, counted from its left top corner. */
export function inBox(frame: Frame, at: Point): Point {
  const m = middle(frame)
  const t = turned({ x: at.x - m.x, y: at.y - m.y }, -frame.turn)
  return { x: t.x + frame.width / 2, y: t.y + frame.height / 2 }
}

export interface Outline {
  left: number
  top: number
  right: number
  bottom: number
}

/** The upright box on the page that a frame takes up, its turn included. */
export function outline(frame: Frame): Outline {
  const r = (frame.turn * Math.PI) / 180
  const cos = Math.abs(Math.cos(r))
  const sin = Math.abs(Math.sin(r))
  const width = frame.width * cos + frame.height * sin
  const height = frame.width * sin + frame.height * cos
  const m = middle(frame)
  return { left: m.x - width / 2, top: m.y - height / 2, right: m.x + width / 2, bottom: m.y + height / 2 }
}

/** The box around several. */
export function around(frames: Frame[]): Outline {
  const all = frames.map(outline)
  return {
    left: Math.min(...all.map((one) => one.left)),
    top: Math.min(...all.map((one) => one.top)),
    right: Math.max(...all.map((one) => one.right)),
    bottom: Math.max(...all.map((one) => one.bottom)),
  }
}

/** The outline of a hot area, in its own coordinates. */
export const areaPath = ({ outline, frame }: Pick<Area, 'outline' | 'frame'>) =>
  `M${outline.map((corner) => `${corner.x * frame.width} ${corner.y * frame.height}`).join('L')}Z`
