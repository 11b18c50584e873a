import type { Point } from '@/page/geometry'

/** As core's Instrument, which is held to the same cases: what lies on the page to measure with, and to draw along. */
export type InstrumentKind =
  'RULER' | 'SET_SQUARE_45' | 'SET_SQUARE_30_60' | 'PROTRACTOR' | 'FULL_PROTRACTOR' | 'COMPASSES'
export interface Instrument {
  kind: InstrumentKind
  /** Where its working edge begins, or its middle; page units, turned clockwise about that point by degrees. */
  x: number
  y: number
  turn: number
  /** Of its working edge, or its radius. */
  length: number
}
export const LENGTH_LEAST = 20
export const LENGTH_MOST = 2400
export const RULER_WIDTH = 110
type Edge = [Point, Point]

const point = (x: number, y: number): Point => ({ x, y })
export const isRound = ({ kind }: Instrument) => kind.endsWith('PROTRACTOR') || kind === 'COMPASSES'

/** Its straight edges, before it is turned and put in its place. */
export function edgesOf({ kind, length }: Instrument): Edge[] {
  const [zero, end] = [point(0, 0), point(length, 0)]
  const triangle = (c: Point): Edge[] => [
    [zero, end],
    [end, c],
    [c, zero],
  ]
  switch (kind) {
    case 'RULER':
      return [
        [zero, end],
        [point(0, RULER_WIDTH), point(length, RULER_WIDTH)],
      ]
    case 'SET_SQUARE_45':
      return triangle(point(0, length))
    case 'SET_SQUARE_30_60':
      return triangle(point(0, length / Math.sqrt(3)))
    case 'PROTRACTOR':
      return [[point(-length, 0), end]]
    case 'FULL_PROTRACTOR':
    case 'COMPASSES':
      return []
  }
}

function turned(at: Point, degrees: number): Point {
  const r = (degrees * Math.PI) / 180
  return point(at.x * Math.cos(r) - at.y * Math.sin(r), at.x * Math.sin(r) + at.y * Math.cos(r))
}
export const within = (one: Instrument, at: Point): Point =>
  turned(point(at.x - one.x, at.y - one.y), -one.turn)
export function placedAt(one: Instrument, own: Point): Point {
  const at = turned(own, one.turn)
  return point(one.x + at.x, one.y + at.y)
}
const far = (a: Point, b: Point) => Math.hypot(a.x - b.x, a.y - b.y)

function onEdge(own: Point, [from, to]: Edge): Point {
  const [dx, dy] = [to.x - from.x, to.y - from.y]
  const along = ((own.x - from.x) * dx + (own.y - from.y) * dy) / (dx * dx + dy * dy)
  const share = Math.max(0, Math.min(1, along))
  return point(from.x + share * dx, from.y + share * dy)
}
function onArc(one: Instrument, own: Point): Point {
  const out = Math.hypot(own.x, own.y)
  if (out === 0) return point(0, -one.length)
  if (one.kind === 'PROTRACTOR' && own.y > 0) return point(own.x < 0 ? -one.length : one.length, 0)
  return point((own.x / out) * one.length, (own.y / out) * one.length)
}

/** Where a pen is held that follows its closest edge. */
export function closest(one: Instrument, at: Point): Point {
  const own = within(one, at)
  const all = edgesOf(one).map((edge) => onEdge(own, edge))
  if (isRound(one)) all.push(onArc(one, own))
  return placedAt(
    one,
    all.reduce((best, other) => (far(own, other) < far(own, best) ? other : best)),
  )
}
export const along = (one: Instrument, at: Point) => within(one, at).x
/** At which degree of a protractor's scale a point is seen: 0 on the right, counter-clockwise, 0 to 360. */
export function angle(one: Instrument, at: Point): number {
  const own = within(one, at)
  return ((Math.atan2(-own.y, own.x) * 180) / Math.PI + 360) % 360
}

/** How near to an edge a stroke must begin to follow it, in page units. */
const FOLLOWS = 30
/** The instrument whose edge a stroke follows that begins there; null for none. */
export function followed(all: Instrument[], at: Point): Instrument | null {
  let best: Instrument | null = null
  let least = FOLLOWS
  for (const one of all) {
    const away = far(at, closest(one, at))
    if (away <= least) [best, least] = [one, away]
  }
  return best
}

/** Ticks along a ruler: where each is, and how long; the numbered ones with their number. */
export function rulerTicks(length: number, perUnit: number, unit = 'cm') {
  // Inches are halved again and again, all else has tenths.
  const parts = unit === 'inch' ? 16 : 10
  const part = perUnit / parts
  // On a small scale only whole and half units are told apart.
  const step = part >= 4 ? 1 : parts === 16 && part >= 2 ? 2 : part >= 0.8 ? parts / 2 : parts
  const ticks: { at: number; long: number; number?: number }[] = []
  for (let i = 0; i * part <= length - 20; i += step) {
    const whole = i % parts === 0
    ticks.push({
      at: 10 + i * part,
      long: whole ? 30 : i % (parts / 2) === 0 ? 22 : parts === 16 && i % 4 === 0 ? 17 : 13,
      ...(whole ? { number: i / parts } : {}),
    })
  }
  return ticks
}

/** How long or wide a fresh one is, in page units. */
const LENGTHS: Record<InstrumentKind, number> = {
  RULER: 620,
  SET_SQUARE_45: 380,
  SET_SQUARE_30_60: 460,
  PROTRACTOR: 280,
  FULL_PROTRACTOR: 240,
  COMPASSES: 200,
}
/** Apart from each other, and most of them from the title. */
const PLACES: Record<InstrumentKind, { x: number; y: number }> = {
  RULER: { x: 500, y: 780 },
  SET_SQUARE_45: { x: 1120, y: 260 },
  SET_SQUARE_30_60: { x: 180, y: 260 },
  PROTRACTOR: { x: 800, y: 620 },
  FULL_PROTRACTOR: { x: 1250, y: 560 },
  COMPASSES: { x: 420, y: 480 },
}
/** With one more, or without the one that lies there: one of each kind at most. */
export function toggledInstrument(all: Instrument[], kind: InstrumentKind): Instrument[] {
  return all.some((one) => one.kind === kind)
    ? all.filter((one) => one.kind !== kind)
    : [...all, { kind, ...PLACES[kind], turn: 0, length: LENGTHS[kind] }]
}
