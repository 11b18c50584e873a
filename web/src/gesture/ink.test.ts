import { describe, expect, it } from 'vitest'
import type { Frame, Stroke } from '@/api/schema'
import { along, inkOf, inkWith, inLoop, looped, rubbed } from './ink'
import { onPageStrokes, type Drawn, type PageStroke } from '@/page/ink'

const stroke: Stroke = { tool: 'PEN', colour: '#1f2d33', width: 6, dash: 'SOLID', points: [] }
const line = (from: number, to: number, y = 100): Drawn[] =>
  Array.from({ length: 60 }, (_, i) => ({ x: from + ((to - from) * i) / 59, y, pressure: 0.5 }))
const onPage = (points: Drawn[]): PageStroke => ({ stroke, own: points, points })

describe('ink', () => {
  it('lies on the page again where it was drawn', () => {
    const { ink, frame } = inkOf(stroke, [line(100, 300)])
    const [back] = onPageStrokes(ink, frame)
    expect(back!.points[0]!.x).toBeCloseTo(100, 1)
    expect(back!.points[back!.points.length - 1]!.x).toBeCloseTo(300, 1)
  })

  it('is parted where an eraser goes through it, and untouched elsewhere', () => {
    const strokes = [onPage(line(0, 400))]
    const left = rubbed(strokes, { x: 200, y: 100 }, 20, false)!
    expect(left).toHaveLength(2)
    // Cut where the eraser's edge meets the stroke's: twenty and half its width from the middle.
    expect(left[0]!.points.at(-1)!.x).toBeCloseTo(177, 5)
    expect(left[1]!.points[0]!.x).toBeCloseTo(223, 5)
    expect(left[0]!.points.slice(0, -1)).toEqual(line(0, 400).slice(0, left[0]!.points.length - 1))
    expect(rubbed(strokes, { x: 200, y: 300 }, 20, false)).toBeNull()
    expect(rubbed(strokes, { x: 200, y: 100 }, 20, true)).toEqual([])
  })

  it('is erased out of a long part between two points too, and a dot as a whole', () => {
    const two = [onPage([line(0, 1)[0]!, { x: 1000, y: 100, pressure: 0.5 }])]
    expect(rubbed(two, { x: 500, y: 100 }, 20, false)).toHaveLength(2)
    expect(rubbed([onPage(line(5, 9).slice(0, 1))], { x: 10, y: 100 }, 20, false)).toEqual([])
  })

  it('is erased along the whole way between two places that a fast hand was at', () => {
    const places = along({ x: 0, y: 0 }, { x: 300, y: 400 }, 10)
    expect(places.at(-1)).toEqual({ x: 300, y: 400 })
    let before = { x: 0, y: 0 }
    for (const at of places) {
      expect(Math.hypot(at.x - before.x, at.y - before.y)).toBeLessThanOrEqual(10.001)
      before = at
    }
  })

  it('stays where it is and as wide as it is when a part of it goes, however it was stretched and turned', () => {
    const { ink } = inkOf({ ...stroke, width: 8 }, [line(100, 300), line(150, 280, 180), line(120, 200, 240)])
    for (const frame of [
      { x: 40, y: 60, width: ink.width * 2, height: ink.height * 2, turn: 0 },
      { x: 40, y: 60, width: ink.width * 2.5, height: ink.height * 0.7, turn: 33 },
      { x: 400, y: 300, width: ink.width * 0.5, height: ink.height * 1.9, turn: -120 },
    ] satisfies Frame[]) {
      const all = onPageStrokes(ink, frame)
      const fewer = inkWith(ink, frame, all.slice(1))
      const now = onPageStrokes(fewer.ink, fewer.frame)
      now.forEach((one, i) => {
        expect(one.stroke.width).toBe(8)
        one.points.forEach((p, k) => {
          expect(Math.hypot(p.x - all[i + 1]!.points[k]!.x, p.y - all[i + 1]!.points[k]!.y)).toBeLessThan(
            0.25,
          )
        })
      })
      expect(fewer.frame.width / fewer.ink.width).toBeCloseTo(frame.width / ink.width, 5)
      expect(fewer.frame.height / fewer.ink.height).toBeCloseTo(frame.height / ink.height, 5)
    }
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
