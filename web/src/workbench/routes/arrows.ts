import type { MapSpot, Way } from '@/api/types'
import type { Point } from '@/page/geometry'

/** Of a page on the map, as core's MapLayout has it. */
export const CARD = { width: 170, height: 134 }

/** All ways from one page to another, drawn as one arrow. */
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

export function arrowsOf(ways: Way[], spots: Map<string, MapSpot>): Arrow[] {
  const all = new Map<string, Way[]>()
  for (const way of ways) {
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

/** Onwards from the right side to the left side; back, or to itself, under the pages. */
export function curve(from: MapSpot, to: MapSpot): { path: string; middle: Point } {
  const a = { x: from.x + CARD.width, y: from.y + CARD.height / 2 }
  const b = { x: to.x, y: to.y + CARD.height / 2 }
  if (b.x > a.x + 8) {
    const bend = Math.max(40, (b.x - a.x) / 2)
    return {
      path: `M${a.x} ${a.y}C${a.x + bend} ${a.y} ${b.x - bend} ${b.y} ${b.x - 10} ${b.y}`,
      middle: { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 },
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
