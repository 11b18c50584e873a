import type { Frame, InkContent } from '@/api/schema'
import { inBox, onPage, type Point } from '@/page/geometry'
import type { Drawn, PageStroke, StrokeStyle } from '@/page/ink'

/** As core's bound on the points of a stroke. */
const MOST_POINTS = 5000

/** Points as they are kept: in tenths of a unit from a corner. */
export const keptPoints = (points: Drawn[], corner: Point): number[] =>
  points.flatMap((p) => [
    Math.round((p.x - corner.x) * 10),
    Math.round((p.y - corner.y) * 10),
    Math.round(Math.min(1, Math.max(0, p.pressure)) * 255),
  ])

/** A very long stroke is kept as several that begin where the one before ended, so that none of its points is lost. */
export function inParts(points: Drawn[]): Drawn[][] {
  const parts: Drawn[][] = []
  for (let from = 0; from === 0 || from < points.length - 1; from += MOST_POINTS - 1)
    parts.push(points.slice(from, from + MOST_POINTS))
  return parts
}

export interface Box {
  x: number
  y: number
  width: number
  height: number
}

/** The box around strokes, with room for their width; on tenths of a unit, so that points are kept as they are. */
export function boxOf(strokes: { points: Point[]; width: number }[]): Box {
  let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity]
  for (const stroke of strokes) {
    for (const p of stroke.points) {
      left = Math.min(left, p.x - stroke.width / 2)
      top = Math.min(top, p.y - stroke.width / 2)
      right = Math.max(right, p.x + stroke.width / 2)
      bottom = Math.max(bottom, p.y + stroke.width / 2)
    }
  }
  const down = (n: number) => Math.floor(n * 10 + 1e-6) / 10
  const up = (n: number) => Math.ceil(n * 10 - 1e-6) / 10
  const [x, y] = [down(left), down(top)]
  return {
    x,
    y,
    width: Math.max(8, up(up(right) - x)),
    height: Math.max(8, up(up(bottom) - y)),
  }
}

/** How much larger an ink is drawn than it is kept, where that is the same both ways; else null. */
export function scaleOf(ink: { width: number; height: number }, frame: Frame): number | null {
  const [across, down] = [frame.width / ink.width, frame.height / ink.height]
  return Math.abs(across / down - 1) < 0.005 ? across : null
}

/** A stroke drawn on the page, as one of an ink that is drawn `scale` times as large as it is kept. */
export function drawnInto(frame: Frame, scale: number, style: StrokeStyle, points: Drawn[]): PageStroke {
  const own = points.map((p) => {
    const at = inBox(frame, p)
    return { x: at.x / scale, y: at.y / scale, pressure: p.pressure }
  })
  return { stroke: { ...style, width: style.width / scale, points: [] }, own, points }
}

/** What is left of strokes where an eraser went: parts of at least two points, or the stroke itself untouched. */
export function rubbed(
  strokes: PageStroke[],
  at: Point,
  radius: number,
  whole: boolean,
): PageStroke[] | null {
  let changed = false
  const left: PageStroke[] = []
  for (const one of strokes) {
    const reach = radius + one.stroke.width / 2
    if (!touches(one.points, at, reach)) {
      left.push(one)
      continue
    }
    changed = true
    if (!whole) left.push(...outside(one, at, reach))
  }
  return changed ? left : null
}

function touches(points: Drawn[], at: Point, reach: number): boolean {
  return points.some((p, i) => {
    const q = points[i + 1] ?? p
    const dx = q.x - p.x
    const dy = q.y - p.y
    const whole = dx * dx + dy * dy
    const share = whole === 0 ? 0 : Math.min(1, Math.max(0, ((at.x - p.x) * dx + (at.y - p.y) * dy) / whole))
    return Math.hypot(p.x + share * dx - at.x, p.y + share * dy - at.y) <= reach
  })
}

/** The parts of a stroke that lie outside a circle, cut exactly where they enter it; all else stays as it was. */
function outside({ stroke, own, points }: PageStroke, at: Point, reach: number): PageStroke[] {
  const parts: PageStroke[] = []
  let part: PageStroke = { stroke, own: [], points: [] }
  const put = (i: number, share: number) => {
    part.own.push(mixed(own, i, share))
    part.points.push(mixed(points, i, share))
  }
  const end = () => {
    if (part.points.length > 1) parts.push(part)
    part = { stroke, own: [], points: [] }
  }
  for (let i = 0; i + 1 < points.length; i++) {
    const inside = within(points[i]!, points[i + 1]!, at, reach)
    const [from, to] = inside ?? [1, 1]
    if (from > 0) {
      if (part.points.length === 0) put(i, 0)
      put(i, from)
    }
    if (inside) {
      end()
      if (to < 1) {
        put(i, to)
        put(i, 1)
      }
    }
  }
  end()
  return parts
}

/** From and to which share of the way from p to q it lies within a circle; null for nowhere. */
function within(p: Point, q: Point, at: Point, reach: number): [number, number] | null {
  const [dx, dy, fx, fy] = [q.x - p.x, q.y - p.y, p.x - at.x, p.y - at.y]
  const a = dx * dx + dy * dy
  const b = fx * dx + fy * dy
  const c = fx * fx + fy * fy - reach * reach
  if (a === 0) return c <= 0 ? [0, 1] : null
  const root = b * b - a * c
  if (root <= 0) return null
  const [from, to] = [(-b - Math.sqrt(root)) / a, (-b + Math.sqrt(root)) / a]
  return to <= 0 || from >= 1 ? null : [Math.max(0, from), Math.min(1, to)]
}

function mixed(points: Drawn[], i: number, share: number): Drawn {
  const [p, q] = [points[i]!, points[i + 1]!]
  if (share === 0) return p
  if (share === 1) return q
  return {
    x: p.x + (q.x - p.x) * share,
    y: p.y + (q.y - p.y) * share,
    pressure: p.pressure + (q.pressure - p.pressure) * share,
  }
}

/** Strokes as drawn on the page as one ink: its content and its box there. */
export function inkOf(style: StrokeStyle, parts: Drawn[][]): { ink: InkContent; frame: Frame } {
  const box = boxOf(parts.map((points) => ({ points, width: style.width })))
  const strokes = parts.map((points) => ({ ...style, points: keptPoints(points, box) }))
  return { frame: { ...box, turn: 0 }, ink: { width: box.width, height: box.height, strokes } }
}

/** An ink with other strokes in its own space. Its box fits them anew, and none of them moves on the page. */
export function inkWith(
  ink: { width: number; height: number },
  frame: Frame,
  strokes: PageStroke[],
): { ink: InkContent; frame: Frame } {
  const box = boxOf(strokes.map((one) => ({ points: one.own, width: one.stroke.width })))
  const [across, down] = [frame.width / ink.width, frame.height / ink.height]
  const [width, height] = [box.width * across, box.height * down]
  const centre = onPage(frame, { x: (box.x + box.width / 2) * across, y: (box.y + box.height / 2) * down })
  return {
    frame: { x: centre.x - width / 2, y: centre.y - height / 2, width, height, turn: frame.turn },
    ink: {
      width: box.width,
      height: box.height,
      strokes: strokes.map(({ stroke, own }) => ({ ...stroke, points: keptPoints(own, box) })),
    },
  }
}

/** The places along an eraser's way, close enough together that nothing between them is passed over. */
export function along(from: Point | null, to: Point, step: number): Point[] {
  if (!from) return [to]
  const count = Math.max(1, Math.ceil(Math.hypot(to.x - from.x, to.y - from.y) / step))
  return Array.from({ length: count }, (_, i) => ({
    x: from.x + ((to.x - from.x) * (i + 1)) / count,
    y: from.y + ((to.y - from.y) * (i + 1)) / count,
  }))
}

/** Whether a point lies inside a loop; as core's Polygon.contains. */
export function inLoop(loop: Point[], point: Point): boolean {
  let inside = false
  for (let i = 0, j = loop.length - 1; i < loop.length; j = i++) {
    const a = loop[i]!
    const b = loop[j]!
    if (a.y > point.y !== b.y > point.y && point.x < ((b.x - a.x) * (point.y - a.y)) / (b.y - a.y) + a.x)
      inside = !inside
  }
  return inside
}

/** Most of a stroke lies inside the loop. */
export const looped = (loop: Point[], points: Point[]) =>
  points.filter((p) => inLoop(loop, p)).length >= points.length * 0.6
