import { getStroke } from 'perfect-freehand'
import type { Stroke } from '@/api/types'

/** Points of a stroke in page units from its ink's own corner, with pressure from 0 to 1. */
export function pointsOf(stroke: Stroke): [number, number, number][] {
  const points: [number, number, number][] = []
  for (let i = 0; i + 2 < stroke.points.length; i += 3) {
    points.push([stroke.points[i]! / 10, stroke.points[i + 1]! / 10, stroke.points[i + 2]! / 255])
  }
  return points
}

const ready = new WeakMap<Stroke, string>()

/** The path of a stroke: an outline to be filled for a solid pen, a line to be stroked for all others. */
export function strokePath(stroke: Stroke): string {
  const there = ready.get(stroke)
  if (there !== undefined) return there
  const path = filled(stroke) ? outlinePath(pointsOf(stroke), stroke.width) : linePath(pointsOf(stroke))
  ready.set(stroke, path)
  return path
}

/** A solid pen answers to pressure, so its outline is drawn; tints and broken lines are of one width. */
export const filled = (stroke: Stroke) => stroke.tool === 'PEN' && stroke.dash === 'SOLID'

export function outlinePath(points: [number, number, number][], width: number): string {
  const outline = getStroke(points, {
    size: width,
    thinning: 0.45,
    smoothing: 0.5,
    streamline: 0.25,
    // Guessed from its speed, a stroke would look otherwise once it is kept with fewer points.
    simulatePressure: false,
  })
  if (outline.length === 0) return ''
  const round = (n: number) => Math.round(n * 10) / 10
  const parts = outline.map(([x, y], i) => {
    const [nx, ny] = outline[(i + 1) % outline.length]!
    return `${round(x!)} ${round(y!)} ${round((x! + nx!) / 2)} ${round((y! + ny!) / 2)}`
  })
  return `M${round(outline[0]![0]!)} ${round(outline[0]![1]!)}Q${parts.join(' ')}Z`
}

/** A smooth line through the middles between points. */
export function linePath(points: [number, number, number][]): string {
  const [first] = points
  if (!first) return ''
  if (points.length === 1) return `M${first[0]} ${first[1]}l0.1 0`
  let path = `M${first[0]} ${first[1]}`
  for (let i = 1; i < points.length - 1; i++) {
    const [x, y] = points[i]!
    const [nx, ny] = points[i + 1]!
    path += `Q${x} ${y} ${(x + nx) / 2} ${(y + ny) / 2}`
  }
  const last = points[points.length - 1]!
  return `${path}L${last[0]} ${last[1]}`
}
