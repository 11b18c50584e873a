import type { Frame, Zone, ZoneLook } from '@/api/schema'
import { contains, inBox, middle, onPage, tilePath, type Point } from './geometry'

/** What a zone is drawn and judged by. */
type Outlined = Pick<Zone, 'frame' | 'shape'>

export const USUAL_LOOK: ZoneLook = { kind: 'TRAY' }
export const lookOf = (zone: Pick<Zone, 'look'>): ZoneLook => zone.look ?? USUAL_LOOK
export const isHidden = (zone: Pick<Zone, 'look'>) => lookOf(zone).kind === 'HIDDEN'

/** Its outline at its own origin, before turning. */
export function zonePath({ frame: { width, height }, shape }: Outlined): string {
  if (!shape) return tilePath(width, height, 26, 7)
  if (shape.kind === 'ELLIPSE') {
    const [rx, ry] = [width / 2, height / 2]
    return `M0 ${ry}A${rx} ${ry} 0 0 1 ${width} ${ry}A${rx} ${ry} 0 0 1 0 ${ry}Z`
  }
  return `M${shape.corners!.map((one) => `${one.x * width} ${one.y * height}`).join('L')}Z`
}

/** Whether a point of the page lies in it; as core's ZoneArea. */
export function zoneHas({ frame, shape }: Outlined, point: Point): boolean {
  if (!shape) return contains(frame, point)
  const at = inBox(frame, point)
  const [x, y] = [at.x / frame.width, at.y / frame.height]
  if (shape.kind === 'ELLIPSE') return (2 * x - 1) ** 2 + (2 * y - 1) ** 2 <= 1 + 1e-9
  return within(shape.corners!, x, y)
}

function within(corners: Point[], x: number, y: number): boolean {
  let inside = false
  let b = corners.at(-1)!
  for (const a of corners) {
    if (a.y > y !== b.y > y && x < ((b.x - a.x) * (y - a.y)) / (b.y - a.y) + a.x) inside = !inside
    b = a
  }
  return inside
}

const LOOKS = 24

/** A point well inside, where the keyboard puts a piece; as core's ZoneArea.inside. */
export function zoneMiddle({ frame, shape }: Outlined): Point {
  if (!shape?.corners?.length) return middle(frame)
  const corners = shape.corners.map((one) => ({ x: one.x * frame.width, y: one.y * frame.height }))
  let best = corners[0]!
  let deepest = -1
  for (let i = 0; i < LOOKS; i++)
    for (let j = 0; j < LOOKS; j++) {
      const at = { x: (frame.width * (i + 0.5)) / LOOKS, y: (frame.height * (j + 0.5)) / LOOKS }
      const deep = within(corners, at.x, at.y) ? toEdge(corners, at) : -1
      if (deep > deepest + 1e-9) [deepest, best] = [deep, at]
    }
  return onPage(frame, best)
}

function toEdge(corners: Point[], at: Point): number {
  let closest = Infinity
  let b = corners.at(-1)!
  for (const a of corners) {
    const [dx, dy] = [b.x - a.x, b.y - a.y]
    const length = dx * dx + dy * dy
    const share = length === 0 ? 0 : ((at.x - a.x) * dx + (at.y - a.y) * dy) / length
    const on = Math.max(0, Math.min(1, share))
    closest = Math.min(closest, Math.hypot(a.x + on * dx - at.x, a.y + on * dy - at.y))
    b = a
  }
  return closest
}

/** Whether two of its sides cross, so that it bounds no single area. */
export function crossesItself(corners: Point[]): boolean {
  const n = corners.length
  for (let i = 0; i < n; i++)
    for (let j = i + 2; j < n; j++) {
      if (i === 0 && j === n - 1) continue
      if (meet(corners[i]!, corners[(i + 1) % n]!, corners[j]!, corners[(j + 1) % n]!)) return true
    }
  return false
}

const side = (a: Point, b: Point, p: Point) => (b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x)
const meet = (a: Point, b: Point, c: Point, d: Point) =>
  side(a, b, c) * side(a, b, d) <= 0 && side(c, d, a) * side(c, d, b) <= 0

/** The corners of the smallest outline without hollows around points (Andrew's monotone chain). */
export function hull(points: Point[]): Point[] {
  const sorted = [...points].sort((a, b) => a.x - b.x || a.y - b.y)
  const half = (all: Point[]) => {
    const kept: Point[] = []
    for (const p of all) {
      while (kept.length > 1 && side(kept.at(-2)!, kept.at(-1)!, p) <= 0) kept.pop()
      kept.push(p)
    }
    return kept.slice(0, -1)
  }
  return [...half(sorted), ...half(sorted.reverse())]
}

/**
 * The zones that are lit where a piece would be put in them by its middle: the topmost, or where that one crosses others,
 * all of them. A hidden one is not, or it would be found by sweeping over the page.
 */
export function zonesUnder(zones: Zone[], crossing: Set<string>, frame: Frame): string[] {
  const under = zones.filter((zone) => zoneHas(zone, middle(frame))).map((zone) => zone.id)
  const top = under.at(-1)
  if (top === undefined || zones.some((zone) => zone.id === top && isHidden(zone))) return []
  return crossing.has(top) ? under.filter((id) => crossing.has(id)) : [top]
}
