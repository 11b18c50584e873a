import type { Point } from '@/page/geometry'

/** What is read of a line or a polygon; as core's MeasuredPolygon. */
export interface Measured {
  /** From each corner to the next, in page units. */
  sides: number[]
  /** Inside, in degrees; empty where it crosses itself, or is a line. */
  angles: number[]
  /** Null where it crosses itself. */
  area: number | null
}
export const CORNERS_MOST = 20

export function measured(corners: Point[]): Measured {
  const count = corners.length
  const at = (i: number) => corners[(i + count) % count]!
  const sides = corners
    .slice(0, count === 2 ? 1 : count)
    .map((one, i) => Math.hypot(at(i + 1).x - one.x, at(i + 1).y - one.y))
  if (count === 2) return { sides, angles: [], area: 0 }
  if (crosses(corners)) return { sides, angles: [], area: null }
  const twice = corners.reduce((sum, one, i) => sum + one.x * at(i + 1).y - at(i + 1).x * one.y, 0)
  const angles = corners.map((one, i) => {
    const [ax, ay] = [at(i + 1).x - one.x, at(i + 1).y - one.y]
    const [bx, by] = [at(i - 1).x - one.x, at(i - 1).y - one.y]
    const turned = ((Math.atan2(ax * by - ay * bx, ax * bx + ay * by) * 180) / Math.PI) * Math.sign(twice)
    return turned < 0 ? turned + 360 : turned
  })
  return { sides, angles, area: Math.abs(twice) / 2 }
}

/** Whether two sides meet anywhere but where one follows the other. */
function crosses(corners: Point[]): boolean {
  const count = corners.length
  for (let i = 0; i < count; i++)
    for (let k = i + 2; k < count; k++) {
      const next = i === 0 && k === count - 1
      if (!next && meet(corners[i]!, corners[i + 1]!, corners[k]!, corners[(k + 1) % count]!)) return true
    }
  return false
}
function meet(a: Point, b: Point, c: Point, d: Point): boolean {
  const apart =
    Math.max(a.x, b.x) < Math.min(c.x, d.x) ||
    Math.max(c.x, d.x) < Math.min(a.x, b.x) ||
    Math.max(a.y, b.y) < Math.min(c.y, d.y) ||
    Math.max(c.y, d.y) < Math.min(a.y, b.y)
  return !apart && side(a, b, c) * side(a, b, d) <= 0 && side(c, d, a) * side(c, d, b) <= 0
}
const side = (a: Point, b: Point, c: Point) =>
  Math.sign((b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x))

/** A new one in the middle of the page: a line, or regular with so many corners. */
export function freshPolygon(count: number): Point[] {
  if (count === 2)
    return [
      { x: 500, y: 520 },
      { x: 1100, y: 520 },
    ]
  return Array.from({ length: count }, (_, i) => {
    const angle = (2 * Math.PI * (i + (count === 4 ? 0.5 : 0))) / count
    return { x: Math.round(800 + 240 * Math.sin(angle)), y: Math.round(520 - 240 * Math.cos(angle)) }
  })
}

/** One decimal, without a zero at its end. */
export const read = (value: number) => String(Math.round(value * 10) / 10)

/** Where the words of a side stand: beside its middle, outside. */
export function besideSide(corners: Point[], i: number): Point {
  const a = corners[i]!
  const b = corners[(i + 1) % corners.length]!
  const [dx, dy] = [b.x - a.x, b.y - a.y]
  const long = Math.hypot(dx, dy) || 1
  const way = turning(corners) || 1
  // Words are wider than high.
  const out = (30 + 46 * Math.abs(dy / long)) * way
  return { x: (a.x + b.x) / 2 + (dy / long) * out, y: (a.y + b.y) / 2 - (dx / long) * out }
}
/** Less than 0 where the corners go round against the clock, as seen. */
const turning = (corners: Point[]) =>
  Math.sign(
    corners.reduce((sum, one, i) => {
      const next = corners[(i + 1) % corners.length]!
      return sum + one.x * next.y - next.x * one.y
    }, 0),
  )

/** The mark of an angle: a part of a circle, or a square where it is right; and where its words stand. */
export function angleMark(
  corners: Point[],
  i: number,
  degrees: number,
): { d: string; at: Point; beyond: Point } {
  const count = corners.length
  const one = corners[i]!
  const towards = (to: Point) => Math.atan2(to.y - one.y, to.x - one.x)
  const next = towards(corners[(i + 1) % count]!)
  const way = turning(corners) || 1
  const open = ((degrees * Math.PI) / 180) * way
  const far = (angle: number, r: number) => ({
    x: one.x + r * Math.cos(angle),
    y: one.y + r * Math.sin(angle),
  })
  const short = ({ x, y }: Point) => `${Math.round(x * 10) / 10} ${Math.round(y * 10) / 10}`
  const at = far(next + open / 2, degrees < 40 ? 118 : 86)
  const beyond = far(next + open / 2 + Math.PI, 72)
  if (Math.abs(degrees - 90) < 0.05) {
    const [a, b] = [far(next, 32), far(next + open, 32)]
    const corner = { x: a.x + b.x - one.x, y: a.y + b.y - one.y }
    return { d: `M${short(a)}L${short(corner)}L${short(b)}`, at, beyond }
  }
  const big = degrees > 180 ? 1 : 0
  return {
    d: `M${short(far(next, 48))}A48 48 0 ${big} ${way > 0 ? 1 : 0} ${short(far(next + open, 48))}`,
    at,
    beyond,
  }
}

/** Page units that words at their size take up; they are somewhat wider than most are. */
const LETTER = 19
const LINE = 38
interface Label {
  words: string
  at: Point
}
const overlap = (a: Label, b: Label) =>
  Math.abs(a.at.x - b.at.x) < ((a.words.length + b.words.length) / 2) * LETTER &&
  Math.abs(a.at.y - b.at.y) < LINE

/**
 * Where words stand so that none lies over another: each at the first of its places that is free, and at its first
 * one where none is.
 */
export function placed(all: { words: string; places: Point[] }[]): Label[] {
  const there: Label[] = []
  for (const { words, places } of all) {
    const at = places.find((place) => !there.some((other) => overlap({ words, at: place }, other)))
    there.push({ words, at: at ?? places[0]! })
  }
  return there
}
