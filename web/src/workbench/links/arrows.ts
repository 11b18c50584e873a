import type { MapSpot, PageLink } from '@/api/schema'
import type { Point } from '@/page/geometry'

/** Of a page on the map, as core's MapLayout has it. */
export const CARD = { width: 170, height: 134 }

/** All links from one page to another, drawn as one arrow. */
export interface Arrow {
  key: string
  from: string
  to: string
  /** What leads there, the first by name. */
  label: string
  /** Whether something must be done first, for every one of them. */
  waits: boolean
  path: string
  middle: Point
}

export function arrowsOf(links: PageLink[], spots: Map<string, MapSpot>): Arrow[] {
  const all = new Map<string, PageLink[]>()
  for (const way of links) {
    const key = `${way.from} ${way.to}`
    all.set(key, [...(all.get(key) ?? []), way])
  }
  return [...all].flatMap(([key, of]) => {
    const from = spots.get(of[0]!.from)
    const to = spots.get(of[0]!.to)
    if (!from || !to) return []
    const first = of[0]!
    const label =
      (first.when ? `${first.name} ${first.when}` : first.name) + (of.length > 1 ? ` +${of.length - 1}` : '')
    const waits = of.every((way) => way.when)
    return [{ key, from: first.from, to: first.to, label, waits, ...curve(from, to) }]
  })
}

/** How far along an arrow its name stands: nearer to where it leads, where arrows from one page have parted. */
const NAMED = 0.56

function along(a: Point, b: Point, c: Point, d: Point, t: number): Point {
  const s = 1 - t
  const of = (part: (p: Point) => number) =>
    s ** 3 * part(a) + 3 * s * s * t * part(b) + 3 * s * t * t * part(c) + t ** 3 * part(d)
  return { x: Math.round(of((p) => p.x)), y: Math.round(of((p) => p.y)) }
}

/** Onwards from the right side to the left side; within a layer beside the pages; back, or to itself, under them. */
export function curve(from: MapSpot, to: MapSpot): { path: string; middle: Point } {
  const a = { x: from.x + CARD.width, y: from.y + CARD.height / 2 }
  const b = { x: to.x, y: to.y + CARD.height / 2 }
  if (b.x > a.x + 8) {
    const bend = Math.max(40, (b.x - a.x) / 2)
    return {
      path: `M${a.x} ${a.y}C${a.x + bend} ${a.y} ${b.x - bend} ${b.y} ${b.x - 10} ${b.y}`,
      middle: along(a, { x: a.x + bend, y: a.y }, { x: b.x - bend, y: b.y }, b, NAMED),
    }
  }
  const down = to.y - from.y
  if (Math.abs(to.x - from.x) < CARD.width && Math.abs(down) >= CARD.height) {
    if (down > 0 && down < 2 * CARD.height) {
      const x = (from.x + to.x + CARD.width) / 2
      const top = from.y + CARD.height
      return { path: `M${x} ${top}L${x} ${to.y - 10}`, middle: { x, y: (top + to.y) / 2 } }
    }
    const out = Math.min(from.x, to.x) - 50
    const [c, d] = [from.y + CARD.height / 2, to.y + CARD.height * 0.75]
    return {
      path: `M${from.x} ${c}C${out} ${c} ${out} ${d} ${to.x - 10} ${d}`,
      middle: { x: (from.x + to.x) / 8 + out * 0.75, y: (c + d) / 2 },
    }
  }
  const c = { x: from.x + CARD.width / 2, y: from.y + CARD.height }
  const d = { x: to.x + CARD.width / 2 + 30, y: to.y + CARD.height }
  const low = Math.max(c.y, d.y) + 46
  return {
    path: `M${c.x} ${c.y}C${c.x} ${low} ${d.x} ${low} ${d.x} ${d.y + 10}`,
    middle: { x: (c.x + d.x) / 2, y: c.y / 8 + (low * 3) / 4 + d.y / 8 },
  }
}
