import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { along, angle, closest, followed, rulerTicks, type Instrument } from './instruments'
import type { Point } from '@/page/geometry'

interface Case {
  instrument: Instrument
  at: Point
  closest: Point
  along: number
  angle: number
}
const file = '../core/src/test/resources/instrument-cases/cases.json'
const { cases } = JSON.parse(readFileSync(file, 'utf8')) as { cases: Case[] }

describe('instruments', () => {
  it('hold a pen and are read as in core', () => {
    expect(cases.length).toBeGreaterThan(200)
    for (const one of cases) {
      const held = closest(one.instrument, one.at)
      expect(held.x).toBeCloseTo(one.closest.x, 6)
      expect(held.y).toBeCloseTo(one.closest.y, 6)
      expect(along(one.instrument, one.at)).toBeCloseTo(one.along, 6)
      expect(angle(one.instrument, one.at)).toBeCloseTo(one.angle, 6)
    }
  })
  it('are followed by a stroke that begins beside an edge, the nearest one', () => {
    const ruler: Instrument = { kind: 'RULER', x: 100, y: 500, turn: 0, length: 600 }
    const square: Instrument = { kind: 'SET_SQUARE_45', x: 100, y: 515, turn: 0, length: 300 }
    expect(followed([ruler, square], { x: 300, y: 490 })).toBe(ruler)
    expect(followed([ruler, square], { x: 300, y: 512 })).toBe(square)
    expect(followed([ruler, square], { x: 300, y: 440 })).toBeNull()
  })
  it('number whole units, and show tenths only where they can be told apart', () => {
    const large = rulerTicks(600, 50)
    expect(large.filter((tick) => tick.number !== undefined).map((tick) => tick.number)).toEqual([
      0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11,
    ])
    expect(large[1]!.at - large[0]!.at).toBeCloseTo(5)
    const small = rulerTicks(600, 10)
    expect(small[1]!.at - small[0]!.at).toBeCloseTo(5)
  })
})
