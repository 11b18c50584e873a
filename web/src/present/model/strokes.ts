import { t } from '@/i18n'
import { newId } from '@/api/id'
import type { DrawnStroke, Item, Stroke } from '@/api/schema'
import { boxOf, inParts, keptPoints, type Box } from '@/gesture/ink'
import type { Point } from '@/page/geometry'
import { pointsOf, type StrokeStyle, type Drawn } from '@/page/ink'

/** What becomes of a pen's way: arrows, brushes, stamps and neat shapes, each as strokes that are kept like others. */

/** How a pen draws, tools its colour and width. */
export type Manner = 'PEN' | 'ARROW' | 'BRUSH' | 'STAR' | 'HEART' | 'TICK' | 'DOT'
const NOWHERE = { x: 0, y: 0 }

export const strokeOf = (style: StrokeStyle, points: Drawn[]): Stroke => ({
  tool: style.tool,
  colour: style.colour,
  width: style.width,
  dash: style.dash,
  points: keptPoints(points, NOWHERE),
})
export const drawnOf = (stroke: Stroke): Drawn[] =>
  pointsOf(stroke).map(([x, y, pressure]) => ({ x, y, pressure }))

/** As strokes with names; a very long one is several. */
export const strokesOf = (style: StrokeStyle, points: Drawn[]): DrawnStroke[] =>
  inParts(points).map((part) => ({ id: newId(), stroke: strokeOf(style, part) }))

/** How wide an arrow's tip opens to either side, and how long it is, in widths of its line and at least in page units. */
const TIP = Math.PI / 7
const TIP_LENGTH = 4.5
const TIP_LEAST = 28

/** The way with a tip at its end, drawn in one go. The last part of some length says where it points. */
export function withTip(points: Drawn[], width: number): Drawn[] {
  const end = points.at(-1)
  if (!end) return points
  const length = Math.max(TIP_LEAST, width * TIP_LENGTH)
  const from = [...points].reverse().find((one) => Math.hypot(one.x - end.x, one.y - end.y) >= length / 2)
  if (!from) return points
  const towards = Math.atan2(from.y - end.y, from.x - end.x)
  const barb = (turn: number): Drawn => ({
    x: end.x + length * Math.cos(towards + turn),
    y: end.y + length * Math.sin(towards + turn),
    pressure: end.pressure,
  })
  return [...points, barb(TIP), end, barb(-TIP), end]
}

/** Page units between two places at which a brush draws finest, and how much it gives way from one to the next. */
const FAST = 40
const GIVES = 0.3

/** A brush is broad where the hand is slow and fine where it is quick; its ends are finest. */
export function brushed(points: Drawn[]): Drawn[] {
  let pressure = 0.2
  return points.map((one, i) => {
    const before = points[i - 1] ?? one
    const far = Math.hypot(one.x - before.x, one.y - before.y)
    const end = Math.min(1, (points.length - i) / 6)
    const wanted = Math.max(0, 1 - far / FAST) * end
    pressure += (wanted - pressure) * GIVES
    return { ...one, pressure: Math.round(pressure * 255) / 255 }
  })
}

/** A brush is broader than a pen, where it is pressed. */
export const brushStyle = (style: StrokeStyle): StrokeStyle => ({
  ...style,
  dash: 'SOLID',
  width: style.width * 2.4,
})

/** Outlines within a square from -1 to 1. */
const STAMPS: Record<'STAR' | 'HEART' | 'TICK' | 'DOT', Point[]> = {
  STAR: Array.from({ length: 11 }, (_, i) => {
    const r = i % 2 ? 0.42 : 1
    return { x: r * Math.sin((i * Math.PI) / 5), y: -r * Math.cos((i * Math.PI) / 5) }
  }),
  HEART: Array.from({ length: 25 }, (_, i) => {
    const t = (i * Math.PI) / 12
    return {
      x: Math.sin(t) ** 3,
      y: -(13 * Math.cos(t) - 5 * Math.cos(2 * t) - 2 * Math.cos(3 * t) - Math.cos(4 * t)) / 17,
    }
  }),
  TICK: [
    { x: -0.8, y: 0.1 },
    { x: -0.25, y: 0.7 },
    { x: 0.8, y: -0.7 },
  ],
  DOT: Array.from({ length: 13 }, (_, i) => ({
    x: 0.5 * Math.cos((i * Math.PI) / 6),
    y: 0.5 * Math.sin((i * Math.PI) / 6),
  })),
}
export const isStamp = (manner: Manner): manner is keyof typeof STAMPS => manner in STAMPS

/** Half as large as a stamp is, for a pen of that width. */
export const stampSize = (width: number) => Math.max(14, width * 2.4)

/** Stamps along a way, side by side; the first where it begins. No more than that many. */
export function stampsAlong(
  points: Drawn[],
  manner: keyof typeof STAMPS,
  width: number,
  most = 400,
): Drawn[][] {
  const size = stampSize(width)
  const apart = size * 2.5
  const stamps: Drawn[][] = []
  const put = ({ x, y }: Point) =>
    stamps.push(STAMPS[manner].map((one) => ({ x: x + one.x * size, y: y + one.y * size, pressure: 0.5 })))
  let left = 0
  points.forEach((one, i) => {
    const before = points[i - 1]
    if (!before) return put(one)
    const far = Math.hypot(one.x - before.x, one.y - before.y)
    for (left += far; left >= apart && stamps.length < most; left -= apart) {
      const share = 1 - (left - apart) / far
      put({ x: before.x + (one.x - before.x) * share, y: before.y + (one.y - before.y) * share })
    }
  })
  return stamps
}
/** The lines of stamps are fine beside how large they are. */
export const stampStyle = (style: StrokeStyle): StrokeStyle => ({
  ...style,
  dash: 'SOLID',
  width: Math.max(3, style.width / 3),
})

/** A neat shape as it is found by core, drawn in one go. */
export interface NeatShape {
  kind: 'LINE' | 'ARROW' | 'ELLIPSE' | 'TRIANGLE' | 'RECTANGLE' | 'POLYGON'
  frame: { x: number; y: number; width: number; height: number; turn: number }
  ends: Point[]
  sides: number
}
/** The corners of a regular shape with its first one on top, within a square from -1 to 1. */
const around = (count: number): Point[] =>
  Array.from({ length: count }, (_, i) => {
    const angle = (2 * Math.PI * i) / count
    return { x: Math.sin(angle), y: -Math.cos(angle) }
  })
/** A shape that could stand in the place of strokes. @property at where the offer stands, in page units */
export interface NeatOffer {
  kind: NeatShape['kind']
  drawn: DrawnStroke[]
  gone: string[]
  at: Point
}
export const NEAT_WORDS: Record<NeatShape['kind'], string> = {
  get LINE() {
    return t('shared.make-it-a-line')
  },
  get ARROW() {
    return t('shared.make-it-an-arrow')
  },
  get ELLIPSE() {
    return t('shared.make-it-an-ellipse')
  },
  get TRIANGLE() {
    return t('shared.make-it-a-triangle')
  },
  get RECTANGLE() {
    return t('shared.make-it-a-rectangle')
  },
  get POLYGON() {
    return t('shared.make-it-a-polygon')
  },
}
/** Corners of an ellipse, so that it looks round on the largest wall. */
const ROUND = 96
export function neatPoints(shape: NeatShape, width: number): Drawn[] {
  const flat = (all: Point[]) => all.map((one) => ({ ...one, pressure: 0.5 }))
  if (shape.kind === 'LINE') return flat(shape.ends)
  if (shape.kind === 'ARROW') return withTip(flat(shape.ends), width)
  const { x, y, width: wide, height: high, turn } = shape.frame
  const [cx, cy] = [x + wide / 2, y + high / 2]
  const [sin, cos] = [Math.sin((turn * Math.PI) / 180), Math.cos((turn * Math.PI) / 180)]
  const at = (u: number, v: number): Point => {
    const [dx, dy] = [(u * wide) / 2, (v * high) / 2]
    return { x: cx + dx * cos - dy * sin, y: cy + dx * sin + dy * cos }
  }
  const corners: Point[] =
    shape.kind === 'RECTANGLE'
      ? [at(-1, -1), at(1, -1), at(1, 1), at(-1, 1)]
      : shape.kind === 'TRIANGLE'
        ? [at(0, -1), at(1, 1), at(-1, 1)]
        : around(shape.kind === 'ELLIPSE' ? ROUND : shape.sides).map(({ x: u, y: v }) => at(u, v))
  return flat([...corners, corners[0]!])
}

/** Strokes moved and sized around a place, under names of their own. @param scale their widths go along */
export function changed(all: DrawnStroke[], about: Point, scale: number, by: Point): DrawnStroke[] {
  return all.map(({ stroke }) => ({
    id: newId(),
    stroke: {
      ...strokeOf(
        { ...stroke, width: Math.min(120, Math.max(0.5, stroke.width * scale)) },
        drawnOf(stroke).map((one) => ({
          x: about.x + (one.x - about.x) * scale + by.x,
          y: about.y + (one.y - about.y) * scale + by.y,
          pressure: one.pressure,
        })),
      ),
    },
  }))
}
/** The box around strokes, in page units. */
export const boxAround = (all: DrawnStroke[]): Box =>
  boxOf(all.map(({ stroke }) => ({ points: drawnOf(stroke), width: stroke.width })))

/** As core's bound on the strokes of one ink. */
const IN_AN_INK = 500

/** Strokes as things that stay on the page, as few as they fit in. */
export function inkItems(all: DrawnStroke[]): Item[] {
  const items: Item[] = []
  for (let from = 0; from < all.length; from += IN_AN_INK) {
    const some = all.slice(from, from + IN_AN_INK)
    const box = boxAround(some)
    items.push({
      kind: 'ink',
      id: newId(),
      frame: { ...box, turn: 0 },
      movement: { kind: 'fixed' },
      description: '',
      ink: {
        width: box.width,
        height: box.height,
        strokes: some.map(({ stroke }) => ({ ...stroke, points: keptPoints(drawnOf(stroke), box) })),
      },
    })
  }
  return items
}
