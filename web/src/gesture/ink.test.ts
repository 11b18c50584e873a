import { describe, expect, it } from 'vitest'
import type { Stroke } from '@/api/types'
import { inkOf, inLoop, keptPoints, looped, onPageStrokes, rubbed, type Drawn } from './ink'

const stroke: Stroke = { tool: 'PEN', colour: '#1f2d33', width: 6, dash: 'SOLID', points: [] }
const line = (from: number, to: number, y = 100): Drawn[] =>
  Array.from({ length: 60 }, (_, i) => ({ x: from + ((to - from) * i) / 59, y, pressure: 0.5 }))

describe('ink', () => {
  it('keeps a straight stroke as its two ends, and a curve close to how it was drawn', () => {
    expect(keptPoints(line(0, 500), { x: 0, y: 0 })).toHaveLength(6)
    const curve = Array.from({ length: 2000 }, (_, i) => ({
      x: 400 + 300 * Math.cos(i / 300),
      y: 400 + 300 * Math.sin(i / 300),
      pressure: 0.5,
    }))
    const kept = keptPoints(curve, { x: 0, y: 0 })
    expect(kept.length / 3).toBeLessThan(200)
    for (let i = 0; i < kept.length; i += 3) {
      expect(Math.abs(Math.hypot(kept[i]! / 10 - 400, kept[i + 1]! / 10 - 400) - 300)).toBeLessThan(0.2)
    }
  })

  it('lies on the page again where it was drawn', () => {
    const { ink, box } = inkOf([{ stroke, points: line(100, 300) }])
    const [back] = onPageStrokes(ink, (p) => ({ x: box.x + p.x, y: box.y + p.y }), { x: 1, y: 1 })
    expect(back!.points[0]!.x).toBeCloseTo(100, 1)
    expect(back!.points[back!.points.length - 1]!.x).toBeCloseTo(300, 1)
  })

  it('is parted where a rubber goes through it, and untouched elsewhere', () => {
    const strokes = [{ stroke, points: line(0, 400) }]
    const left = rubbed(strokes, { x: 200, y: 100 }, 20, false)!
    expect(left).toHaveLength(2)
    expect(Math.max(...left[0]!.points.map((p) => p.x))).toBeLessThan(180)
    expect(Math.min(...left[1]!.points.map((p) => p.x))).toBeGreaterThan(220)
    expect(rubbed(strokes, { x: 200, y: 300 }, 20, false)).toBeNull()
    expect(rubbed(strokes, { x: 200, y: 100 }, 20, true)).toEqual([])
  })

  it('is rubbed out of a long part between two points too', () => {
    const two = [{ stroke, points: [line(0, 1)[0]!, { x: 1000, y: 100, pressure: 0.5 }] }]
    expect(rubbed(two, { x: 500, y: 100 }, 20, false)).toHaveLength(2)
  })

  it('is in a loop when most of it is', () => {
    const loop = [
      { x: 0, y: 0 },
      { x: 200, y: 0 },
      { x: 200, y: 200 },
      { x: 0, y: 200 },
    ]
    expect(inLoop(loop, { x: 100, y: 100 })).toBe(true)
    expect(inLoop(loop, { x: 300, y: 100 })).toBe(false)
    expect(looped(loop, line(10, 230))).toBe(true)
    expect(looped(loop, line(150, 500))).toBe(false)
  })
})
