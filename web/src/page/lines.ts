import type { Frame, Line, LineLook } from '@/api/schema'
import { inBox, middle, onPage, outline, type Point } from './geometry'

/** The way a connector takes between two boxes; mirrors core's ConnectorRoute and is held to the same cases. */
export function connectorRoute(from: Frame, to: Frame): Point[] {
  const a = outline(from)
  const b = outline(to)
  const across = Math.max(b.left - a.right, a.left - b.right)
  const down = Math.max(b.top - a.bottom, a.top - b.bottom)
  if (across < 0 && down < 0) return [middle(from), middle(to)]
  if (across >= down) {
    const right = b.left >= a.right
    const start = { x: right ? a.right : a.left, y: (a.top + a.bottom) / 2 }
    const end = { x: right ? b.left : b.right, y: (b.top + b.bottom) / 2 }
    const bend = (start.x + end.x) / 2
    if (start.y === end.y) return [start, end]
    return [start, { x: bend, y: start.y }, { x: bend, y: end.y }, end]
  }
  const below = b.top >= a.bottom
  const start = { x: (a.left + a.right) / 2, y: below ? a.bottom : a.top }
  const end = { x: (b.left + b.right) / 2, y: below ? b.top : b.bottom }
  const bend = (start.y + end.y) / 2
  if (start.x === end.x) return [start, end]
  return [start, { x: start.x, y: bend }, { x: end.x, y: bend }, end]
}

/** A path through points: straight, or as a smooth curve (Catmull-Rom, common practice). */
export function pathThrough(points: Point[], curved: boolean): string {
  const [first, ...rest] = points
  if (!first) return ''
  if (!curved || points.length < 3)
    return `M${first.x} ${first.y}${rest.map((p) => `L${p.x} ${p.y}`).join('')}`
  let path = `M${first.x} ${first.y}`
  for (let i = 0; i < points.length - 1; i++) {
    const before = points[Math.max(0, i - 1)]!
    const a = points[i]!
    const b = points[i + 1]!
    const after = points[Math.min(points.length - 1, i + 2)]!
    path +=
      `C${a.x + (b.x - before.x) / 6} ${a.y + (b.y - before.y) / 6} ` +
      `${b.x - (after.x - a.x) / 6} ${b.y - (after.y - a.y) / 6} ${b.x} ${b.y}`
  }
  return path
}

/** The points of a line in its own unturned box. */
export const ownPoints = (line: Line): Point[] =>
  line.look.points.map((p) => ({ x: p.x * line.frame.width, y: p.y * line.frame.height }))

/** Where a line runs on the page while one end or both are joined to something; null while both are loose. */
export function joined(line: Line, frameOf: (id: string) => Frame | undefined): Point[] | null {
  const from = line.look.from ? frameOf(line.look.from) : undefined
  const to = line.look.to ? frameOf(line.look.to) : undefined
  if (from && to) return connectorRoute(from, to)
  if (!from && !to) return null
  const points = ownPoints(line).map((p) => onPage(line.frame, p))
  const last = points.length - 1
  if (from) points[0] = borderTowards(from, points[1]!)
  if (to) points[last] = borderTowards(to, points[last - 1]!)
  return points
}

/** Where the way from a box's middle to a point leaves the box; the middle, when the point lies within. */
export function borderTowards(frame: Frame, point: Point): Point {
  const m = middle(frame)
  const inside = inBox(frame, point)
  const dx = inside.x - frame.width / 2
  const dy = inside.y - frame.height / 2
  const share = Math.max(Math.abs(dx) / (frame.width / 2), Math.abs(dy) / (frame.height / 2))
  if (share <= 1) return m
  return onPage(frame, { x: frame.width / 2 + dx / share, y: frame.height / 2 + dy / share })
}

/** What a line is drawn along: on the page when it is joined, else in its own box. */
export const wirePath = (line: Line, route: Point[] | null): string =>
  pathThrough(route ?? ownPoints(line), line.look.curved)

export interface EndMark {
  path: string
  filled: boolean
}

/** What stands at an end of a line: at {@code tip}, coming from {@code before}. */
export function endMark(end: LineLook['end'], tip: Point, before: Point, thickness: number): EndMark | null {
  if (end === 'PLAIN') return null
  const length = Math.hypot(tip.x - before.x, tip.y - before.y) || 1
  const u = { x: (tip.x - before.x) / length, y: (tip.y - before.y) / length }
  const n = { x: -u.y, y: u.x }
  const s = 6 + thickness * 2.5
  const at = (along: number, beside: number) =>
    `${tip.x + u.x * along * s + n.x * beside * s} ${tip.y + u.y * along * s + n.y * beside * s}`
  if (end === 'ARROW') return { path: `M${at(-1, -0.6)}L${at(0.15, 0)}L${at(-1, 0.6)}Z`, filled: true }
  if (end === 'BAR') return { path: `M${at(0, -0.7)}L${at(0, 0.7)}`, filled: false }
  const r = s * 0.42
  return {
    path: `M${tip.x - r} ${tip.y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0Z`,
    filled: true,
  }
}
