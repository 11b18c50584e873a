import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import type { Point } from '@/page/geometry'
import { angleMark, besideSide, freshPolygon, measured, placed } from './polygon'

interface Case {
  corners: Point[]
  sides: number[]
  angles: number[]
  area?: number | null
}
const file = '../core/src/test/resources/polygon-cases/cases.json'
const { cases } = JSON.parse(readFileSync(file, 'utf8')) as { cases: Case[] }

describe('a polygon whose corners are pulled', () => {
  it('is read as in core', () => {
    expect(cases.length).toBe(200)
    for (const one of cases) {
      const now = measured(one.corners)
      now.sides.forEach((side, i) => expect(side).toBeCloseTo(one.sides[i]!, 6))
      expect(now.angles).toHaveLength(one.angles.length)
      now.angles.forEach((angle, i) => expect(angle).toBeCloseTo(one.angles[i]!, 6))
      if (one.area == null) expect(now.area).toBeNull()
      else expect(now.area).toBeCloseTo(one.area, 5)
    }
  })

  it('has its words beside its sides and in its angles, whichever way its corners go round', () => {
    for (const corners of [freshPolygon(4), [...freshPolygon(4)].reverse()]) {
      const middle = { x: 800, y: 520 }
      const far = (a: Point, b: Point) => Math.hypot(a.x - b.x, a.y - b.y)
      corners.forEach((one, i) => {
        const next = corners[(i + 1) % 4]!
        const half = { x: (one.x + next.x) / 2, y: (one.y + next.y) / 2 }
        expect(far(besideSide(corners, i), middle)).toBeGreaterThan(far(half, middle))
        const mark = angleMark(corners, i, measured(corners).angles[i]!)
        expect(far(mark.at, middle)).toBeLessThan(far(one, middle))
        expect(mark.d).toContain('L')
      })
    }
  })

  it('has words that lie over no others where there is room', () => {
    const at = { x: 100, y: 100 }
    const all = placed([
      { words: '42°', places: [at] },
      { words: '68.6°', places: [at, { x: 100, y: 300 }] },
      { words: '12 cm²', places: [at, { x: 130, y: 300 }] },
    ])
    expect(all.map((one) => one.at)).toEqual([at, { x: 100, y: 300 }, at])
  })
})
