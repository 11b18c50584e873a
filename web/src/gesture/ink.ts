import simplify from 'simplify-js'
import type { InkContent, Stroke } from '@/api/types'
import { pointsOf } from '@/page/ink'
import type { Point } from '@/page/geometry'

/** Ink while it is drawn, rubbed and looped. Page units; pressure from 0 to 1. */
export interface Drawn extends Point {
  pressure: number
}

const TOLERANCE = 0.8
const MOST_POINTS = 5000

/** A stroke as it is kept: without the points that do not show, in tenths of a unit from a corner. */
export function keptPoints(points: Drawn[], corner: Point): number[] {
  // Pressure is not known to the simplifier, so each point carries its own along.
  let few = simplify(points, TOLERANCE, true) as Drawn[]
  if (few.length > MOST_POINTS) few = few.filter((_, i) => i % Math.ceil(few.length / MOST_POINTS) === 0)
  return few.flatMap((p) => [
    Math.round((p.x - corner.x) * 10),
    Math.round((p.y - corner.y) * 10),
    Math.round(Math.min(1, Math.max(0, p.pressure)) * 255),
  ])
}

export interface Box {
  x: number
  y: number
  width: number
  height: number
}

/** The box around strokes, with room for their width. */
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
  return { x: left, y: top, width: Math.max(8, right - left), height: Math.max(8, bottom - top) }
}

export interface PageStroke {
  stroke: Stroke
  points: Drawn[]
}

/** The strokes of an ink as they lie on the page, its stretching and its turn left in. */
export function onPageStrokes(ink: InkContent, place: (local: Point) => Point, scale: Point): PageStroke[] {
  return ink.strokes.map((stroke) => ({
    stroke,
    points: pointsOf(stroke).map(([x, y, pressure]) => ({
      ...place({ x: x * scale.x, y: y * scale.y }),
      pressure,
    })),
  }))
}

/** What is left of strokes where a rubber went: parts of at least two points, or the stroke itself untouched. */
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
    if (whole) continue
    let part: Drawn[] = []
    for (const p of dense(one.points, reach / 2)) {
      if (Math.hypot(p.x - at.x, p.y - at.y) <= reach) {
        if (part.length > 1) left.push({ stroke: one.stroke, points: part })
        part = []
      } else part.push(p)
    }
    if (part.length > 1) left.push({ stroke: one.stroke, points: part })
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

/** Points close enough together that a rubber does not jump over a long straight part. */
function dense(points: Drawn[], step: number): Drawn[] {
  const all: Drawn[] = []
  points.forEach((p, i) => {
    const q = points[i + 1]
    all.push(p)
    if (!q) return
    const count = Math.floor(Math.hypot(q.x - p.x, q.y - p.y) / step)
    for (let k = 1; k < count; k++) {
      const share = k / count
      all.push({
        x: p.x + (q.x - p.x) * share,
        y: p.y + (q.y - p.y) * share,
        pressure: p.pressure + (q.pressure - p.pressure) * share,
      })
    }
  })
  return all
}

/** Strokes as one ink again: its content and its box on the page. */
export function inkOf(strokes: PageStroke[]): { ink: InkContent; box: Box } {
  const box = boxOf(strokes.map((one) => ({ points: one.points, width: one.stroke.width })))
  return {
    box,
    ink: {
      width: box.width,
      height: box.height,
      strokes: strokes.map(({ stroke, points }) => ({ ...stroke, points: keptPoints(points, box) })),
    },
  }
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
