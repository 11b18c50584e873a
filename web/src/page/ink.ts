import type { Frame, InkContent, Stroke } from '@/api/schema'
import { onPage, type Point } from './geometry'
import { dashArray } from './shapes'

/** A point of a stroke while it is drawn. Page units; pressure from 0 to 1. */
export interface Drawn extends Point {
  pressure: number
}

/** Points of a stroke in page units from its ink's own corner, with pressure from 0 to 1. */
export function pointsOf(stroke: Stroke): [number, number, number][] {
  const points: [number, number, number][] = []
  for (let i = 0; i + 2 < stroke.points.length; i += 3) {
    points.push([stroke.points[i]! / 10, stroke.points[i + 1]! / 10, stroke.points[i + 2]! / 255])
  }
  return points
}

export type StrokeStyle = Omit<Stroke, 'points'>
/** The attributes of the path that draws a stroke. */
export interface StrokeDrawing {
  d: string
  fill: string
  stroke: string
  'stroke-width'?: number
  'stroke-dasharray'?: string
}

const ready = new WeakMap<Stroke, StrokeDrawing>()

/** How a stroke that is kept is drawn. */
export function strokeDrawing(stroke: Stroke): StrokeDrawing {
  const there = ready.get(stroke)
  if (there !== undefined) return there
  const drawing = drawingOf(stroke, pointsOf(stroke))
  ready.set(stroke, drawing)
  return drawing
}

/**
 * A stroke is drawn straight from point to point: whatever is smoothed was smoothed when the points were made. Where it
 * is of one width all along it is a line with round ends and joins, whose width the browser sees to; a solid pen that
 * was pressed now more, now less is an area.
 */
export function drawingOf(style: StrokeStyle, points: [number, number, number][]): StrokeDrawing {
  const pressed = style.tool === 'PEN' && style.dash === 'SOLID'
  const [first] = points
  if (pressed && first && points.some(([, , pressure]) => Math.abs(pressure - first[2]) > 0.004))
    return { d: pressedPath(points, style.width), fill: style.colour, stroke: 'none' }
  return {
    d: linePath(points),
    fill: 'none',
    stroke: style.colour,
    'stroke-width': pressed && first ? 2 * halfWidth(style.width, first[2]) : style.width,
    'stroke-dasharray': dashArray(style.dash, style.width),
  }
}

/** Half as wide as a pen draws that is pressed so hard; at 0.5 it draws its own width. */
const halfWidth = (width: number, pressure: number) => width * (0.5 + 0.45 * (pressure - 0.5))

const short = (n: number) => Math.round(n * 100) / 100

/** Straight from point to point; a single one is a dot. */
export function linePath(points: [number, number, number][]): string {
  const [first] = points
  if (!first) return ''
  if (points.length === 1) return `M${short(first[0])} ${short(first[1])}l0.01 0`
  return `M${points.map(([x, y]) => `${short(x)} ${short(y)}`).join('L')}`
}

/**
 * The area of a pen of changing width: for each part the disc at either end and all that lies between. All parts run the
 * same way round, so that nothing is cancelled where they overlap.
 */
function pressedPath(points: [number, number, number][], width: number): string {
  if (points.length === 1) return disc(points[0]!, width)
  return points
    .slice(1)
    .map((to, i) => between(points[i]!, to, width))
    .join('')
}

function disc([x, y, pressure]: [number, number, number], width: number): string {
  const r = short(halfWidth(width, pressure))
  return `M${short(x - r)} ${short(y)}a${r} ${r} 0 1 1 ${2 * r} 0a${r} ${r} 0 1 1 ${-2 * r} 0Z`
}

function between(a: [number, number, number], b: [number, number, number], width: number): string {
  const [ra, rb] = [halfWidth(width, a[2]), halfWidth(width, b[2])]
  const long = Math.hypot(b[0] - a[0], b[1] - a[1])
  // One disc lies within the other.
  if (long <= Math.abs(ra - rb)) return disc(ra > rb ? a : b, width)
  const along = Math.atan2(b[1] - a[1], b[0] - a[0])
  const lean = Math.acos((ra - rb) / long)
  const at = ([x, y]: [number, number, number], r: number, angle: number) =>
    `${short(x + r * Math.cos(angle))} ${short(y + r * Math.sin(angle))}`
  const [left, right] = [along - lean, along + lean]
  const big = lean < Math.PI / 2
  return (
    `M${at(a, ra, left)}L${at(b, rb, left)}` +
    `A${short(rb)} ${short(rb)} 0 ${big ? 0 : 1} 1 ${at(b, rb, right)}` +
    `L${at(a, ra, right)}A${short(ra)} ${short(ra)} 0 ${big ? 1 : 0} 1 ${at(a, ra, left)}Z`
  )
}

/** A stroke in the space of its ink, and how its points are seen on the page. */
export interface PageStroke {
  stroke: Stroke
  /** In the ink's own space, as they are kept. */
  own: Drawn[]
  /** The same points on the page, for the hand that goes over them. */
  points: Drawn[]
}

/** The strokes of an ink with where they lie on the page, its stretching and its turn counted in. */
export function onPageStrokes(ink: InkContent, frame: Frame): PageStroke[] {
  return ink.strokes.map((stroke) => {
    const own = pointsOf(stroke).map(([x, y, pressure]) => ({ x, y, pressure }))
    return { stroke, own, points: own.map((p) => placedOn(ink, frame, p)) }
  })
}

function placedOn(ink: { width: number; height: number }, frame: Frame, p: Drawn): Drawn {
  const at = onPage(frame, { x: (p.x * frame.width) / ink.width, y: (p.y * frame.height) / ink.height })
  return { ...at, pressure: p.pressure }
}
