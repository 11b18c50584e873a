import type { Drawn } from '@/page/ink'

/**
 * Makes the points of a stroke while it is drawn. What `points()` gives is what is drawn while the pen is down, and the
 * very same list is kept when it is lifted: a stroke cannot change then, whatever its form.
 *
 * Three stages, each of which only ever adds at its end. The hand's trembling and the screen's pixels are smoothed away
 * (no more than `grain`); what is left is joined by a centripetal Catmull-Rom curve (Yuksel, Schaefer and Keyser 2011),
 * which runs through every point and is broken at corners; the curve is kept as straight parts that leave it nowhere by
 * more than FLAT. Page units; positions in tenths and pressure in 255ths, as they are kept.
 */
export interface StrokeBuilder {
  add(point: Drawn): void
  /** The stroke as it is now, up to where the pen is. */
  points(): Drawn[]
  /** How many of them will stay as they are, whatever comes. */
  decided(): number
}

/** How far the straight parts that are kept leave the curve: less than can be seen at eight times the size. */
const FLAT = 0.12
/** A part that is smoothed is no longer than this, so that slow curves stay curves. */
const SMOOTHED_MOST = 14
/** A turn sharper than this is a corner. */
const CORNER = Math.cos(Math.PI / 3)
const SAMPLE_EVERY = 3
/** What has not been decided is looked through again at each point; so it is never long. */
const UNDECIDED_MOST = 48

export function strokeBuilder(grain = 1): StrokeBuilder {
  const flat = windowed(FLAT, 400)
  const knots: Drawn[] = []
  /** How many of the parts between knots are decided and went on to `flat`. */
  let curved = 0
  const smooth = windowed(Math.max(0.5, 0.6 * grain), SMOOTHED_MOST)

  /** The part from knot `i` to the next, which the knots beside it bend. */
  function part(all: Drawn[], i: number, to: (point: Drawn) => void) {
    const ends = [all[i - 1], all[i]!, all[i + 1]!, all[i + 2]] as const
    curve(...ends, to)
  }

  function take(knot: Drawn) {
    knots.push(knot)
    if (knots.length === 1) flat.add(knot).forEach(keep)
    // A part is decided once the knot after its end is known.
    for (; curved + 2 < knots.length; curved++) part(knots, curved, (p) => flat.add(p).forEach(keep))
  }

  const kept: Drawn[] = []
  const keep = (point: Drawn) => {
    kept.push(point)
  }

  return {
    add(point) {
      smooth.add(rounded(point)).forEach(take)
    },
    points() {
      const tip = flat.open()
      const all = [...kept]
      const last = smooth.end()
      const ends = last ? [...knots.slice(-3), last] : knots.slice(-3)
      const offset = knots.length - Math.min(3, knots.length)
      for (let i = curved - offset; i + 1 < ends.length; i++) part(ends, i, (p) => all.push(...tip.add(p)))
      const end = tip.end()
      if (end) all.push(end)
      return all
    },
    decided: () => kept.length,
  }
}

const rounded = (p: Drawn): Drawn => ({
  x: Math.round(p.x * 10) / 10,
  y: Math.round(p.y * 10) / 10,
  pressure: Math.round(Math.min(1, Math.max(0, p.pressure)) * 255) / 255,
})

interface Windowed {
  /** @returns the points that are decided by this one */
  add(point: Drawn): Drawn[]
  /** The last point, where it is not decided yet. */
  end(): Drawn | null
  /** One that goes on from here without changing this one. */
  open(): Windowed
}

/** Leaves out points as long as the straight way past them is within a tolerance of each; no longer than `most`. */
function windowed(tolerance: number, most: number, from?: Drawn, since: Drawn[] = []): Windowed {
  let anchor = from
  let passed = since
  const fits = (to: Drawn) =>
    passed.length < UNDECIDED_MOST &&
    Math.hypot(to.x - anchor!.x, to.y - anchor!.y) <= most &&
    passed.every((p) => near(p, anchor!, to, tolerance))
  return {
    add(point) {
      if (!anchor) {
        anchor = point
        return [point]
      }
      const last = passed[passed.length - 1]
      if (same(point, last ?? anchor)) return []
      if (!last || fits(point)) {
        passed.push(point)
        return []
      }
      anchor = last
      passed = [point]
      return [last]
    },
    end: () => passed[passed.length - 1] ?? null,
    open: () => windowed(tolerance, most, anchor, [...passed]),
  }
}

const same = (a: Drawn, b: Drawn) => a.x === b.x && a.y === b.y && a.pressure === b.pressure

/** Whether a point lies by the straight way from one to another, and is about as wide as that is there. */
function near(p: Drawn, from: Drawn, to: Drawn, tolerance: number): boolean {
  const dx = to.x - from.x
  const dy = to.y - from.y
  const long = dx * dx + dy * dy
  const share = long === 0 ? 0 : Math.min(1, Math.max(0, ((p.x - from.x) * dx + (p.y - from.y) * dy) / long))
  const pressure = from.pressure + share * (to.pressure - from.pressure)
  return (
    Math.hypot(from.x + share * dx - p.x, from.y + share * dy - p.y) <= tolerance &&
    Math.abs(pressure - p.pressure) <= 0.03
  )
}

/** Samples the curve from b to c, without b itself; a and d are the knots beside them. */
function curve(
  a: Drawn | undefined,
  b: Drawn,
  c: Drawn,
  d: Drawn | undefined,
  to: (point: Drawn) => void,
): void {
  const length = Math.hypot(c.x - b.x, c.y - b.y)
  const out = a && !corner(a, b, c) ? tangent(a, b, c, Math.sqrt(length)) : { x: c.x - b.x, y: c.y - b.y }
  const into = d && !corner(b, c, d) ? tangent(b, c, d, Math.sqrt(length)) : { x: c.x - b.x, y: c.y - b.y }
  const count = Math.max(1, Math.ceil(length / SAMPLE_EVERY))
  for (let k = 1; k < count; k++) {
    const t = k / count
    const [t2, t3] = [t * t, t * t * t]
    const [h1, h2, h3, h4] = [2 * t3 - 3 * t2 + 1, t3 - 2 * t2 + t, 3 * t2 - 2 * t3, t3 - t2]
    to(
      rounded({
        x: h1 * b.x + h2 * out.x + h3 * c.x + h4 * into.x,
        y: h1 * b.y + h2 * out.y + h3 * c.y + h4 * into.y,
        pressure: b.pressure + t * (c.pressure - b.pressure),
      }),
    )
  }
  to(c)
}

function corner(a: Drawn, b: Drawn, c: Drawn): boolean {
  const [x1, y1, x2, y2] = [b.x - a.x, b.y - a.y, c.x - b.x, c.y - b.y]
  const both = Math.hypot(x1, y1) * Math.hypot(x2, y2)
  return both === 0 || (x1 * x2 + y1 * y2) / both < CORNER
}

/** The curve's direction at b, for a part whose own step is `span`: the square root of its length. */
function tangent(a: Drawn, b: Drawn, c: Drawn, span: number): { x: number; y: number } {
  const before = Math.sqrt(Math.hypot(b.x - a.x, b.y - a.y))
  const after = Math.sqrt(Math.hypot(c.x - b.x, c.y - b.y))
  const along = (p: number, q: number, r: number) =>
    span * ((q - p) / before - (r - p) / (before + after) + (r - q) / after)
  return { x: along(a.x, b.x, c.x), y: along(a.y, b.y, c.y) }
}
