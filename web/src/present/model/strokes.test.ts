import { describe, expect, it } from 'vitest'
import type { Drawn } from '@/page/ink'
import {
  boxAround,
  brushed,
  changed,
  drawnOf,
  inkItems,
  neatPoints,
  stampsAlong,
  strokesOf,
  withTip,
} from './strokes'

const style = { tool: 'PEN', colour: '#1f2d33', width: 6, dash: 'SOLID' } as const
const line = (...xy: [number, number][]): Drawn[] => xy.map(([x, y]) => ({ x, y, pressure: 0.5 }))
const far = (a: Drawn, b: Drawn) => Math.hypot(a.x - b.x, a.y - b.y)

describe("what becomes of a pen's way", () => {
  it('an arrow has a tip of two equal sides that points where the line goes', () => {
    const drawn = withTip(line([100, 100], [300, 100]), 6)
    const [left, , right] = drawn.slice(2) as [Drawn, Drawn, Drawn]
    const end = drawn[1]!
    expect(far(left, end)).toBeCloseTo(far(right, end), 9)
    expect(left.x).toBeCloseTo(right.x, 9)
    expect(left.x).toBeLessThan(end.x)
    expect(left.y + right.y).toBeCloseTo(200, 9)
    // A dot points nowhere.
    expect(withTip(line([5, 5]), 6)).toHaveLength(1)
  })

  it('a brush is fine where the hand is quick', () => {
    const slow = brushed(line(...Array.from({ length: 40 }, (_, i): [number, number] => [i * 3, 0])))
    const quick = brushed(line(...Array.from({ length: 40 }, (_, i): [number, number] => [i * 60, 0])))
    expect(slow[20]!.pressure).toBeGreaterThan(quick[20]!.pressure + 0.4)
    for (const one of [...slow, ...quick]) {
      expect(one.pressure).toBeGreaterThanOrEqual(0)
      expect(one.pressure).toBeLessThanOrEqual(1)
    }
  })

  it('stamps lie side by side along the way, however it was cut into events', () => {
    const whole = stampsAlong(line([0, 0], [1000, 0]), 'STAR', 6)
    const bits = stampsAlong(
      line(...Array.from({ length: 201 }, (_, i): [number, number] => [i * 5, 0])),
      'STAR',
      6,
    )
    expect(bits).toHaveLength(whole.length)
    const middle = (stamp: Drawn[]) =>
      (Math.min(...stamp.map((p) => p.x)) + Math.max(...stamp.map((p) => p.x))) / 2
    whole.forEach((stamp, i) => expect(middle(bits[i]!)).toBeCloseTo(middle(stamp), 6))
    const gaps = whole.slice(1).map((stamp, i) => middle(stamp) - middle(whole[i]!))
    expect(Math.max(...gaps) - Math.min(...gaps)).toBeLessThan(1e-6)
    expect(stampsAlong(line([0, 0], [1e6, 0]), 'DOT', 6, 50)).toHaveLength(50)
  })

  it('neat shapes close, and fill their box', () => {
    for (const kind of ['ELLIPSE', 'RECTANGLE', 'TRIANGLE'] as const) {
      const frame = { x: 100, y: 200, width: 300, height: 120, turn: 0 }
      const points = neatPoints({ kind, frame, ends: [], sides: 0 }, 6)
      expect(far(points[0]!, points.at(-1)!)).toBeLessThan(1e-9)
      const xs = points.map((p) => p.x)
      const ys = points.map((p) => p.y)
      expect([Math.min(...xs), Math.max(...xs)].map(Math.round)).toEqual([100, 400])
      expect([Math.min(...ys), Math.max(...ys)].map(Math.round)).toEqual([200, 320])
    }
  })

  it('strokes are moved and sized, and back again they lie where they were', () => {
    const strokes = strokesOf(style, line([100, 100], [200, 150], [180, 240]))
    const box = boxAround(strokes)
    const about = { x: box.x, y: box.y }
    const there = changed(strokes, about, 2, { x: 30, y: -20 })
    expect(there[0]!.id).not.toBe(strokes[0]!.id)
    expect(there[0]!.stroke.width).toBe(12)
    const back = changed(there, { x: about.x + 30, y: about.y - 20 }, 0.5, { x: -30, y: 20 })
    drawnOf(back[0]!.stroke).forEach((p, i) =>
      expect(far(p, drawnOf(strokes[0]!.stroke)[i]!)).toBeLessThan(0.2),
    )
  })

  it('ink stays on the page where it was written, in as few things as it fits', () => {
    const many = Array.from({ length: 501 }, (_, i) => strokesOf(style, line([i, 10], [i + 40, 60]))[0]!)
    const items = inkItems(many)
    expect(items).toHaveLength(2)
    const [first] = items
    if (first?.kind !== 'ink') return expect.unreachable()
    const stroke = first.ink.strokes[0]!
    expect(stroke.points[0]! / 10 + first.frame.x).toBeCloseTo(0, 6)
    expect(stroke.points[1]! / 10 + first.frame.y).toBeCloseTo(10, 6)
  })
})
