import { describe, expect, it } from 'vitest'
import type { Zone } from '@/api/types'
import { targetsOf } from '@/student/places'
import { acrossOf, numberWords, stopsOf, ticksOf, valueAt } from './scales'

const zone = (scale: Zone['scale'], turn = 0): Zone => ({
  kind: 'zone',
  id: 'line',
  frame: { x: 100, y: 200, width: 1120, height: 300, turn },
  description: '',
  movement: { kind: 'fixed' },
  label: 'Magnitude',
  scale,
})
const tenths = { from: 0, to: 1, step: 0.1, numbered: 5, snaps: true }

describe('a number line', () => {
  it('has its ticks without what binary fractions leave over', () => {
    const ticks = ticksOf(tenths, 1120)
    expect(ticks.map((tick) => tick.value)).toEqual([0, 0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 1])
    expect(ticks.flatMap((tick) => tick.words ?? [])).toEqual(['0', '0.5', '1'])
    expect(ticks[7]!.x).toBe(760)
  })
  it('says the value at a place, at ticks only where it snaps, also backwards and turned', () => {
    expect(valueAt(zone(tenths), { x: 893, y: 350 })).toBe(0.7)
    expect(valueAt(zone({ ...tenths, snaps: false }), { x: 893, y: 350 })).toBe(0.733)
    expect(valueAt(zone(tenths), { x: -50, y: 350 })).toBe(0)
    const down = zone({ from: 8, to: -6, step: 1, numbered: 1, snaps: true })
    expect(valueAt(down, { x: 100 + acrossOf(down.scale!, -4, 1120), y: 350 })).toBe(-4)
    const turned = zone(tenths, 180)
    expect(valueAt(turned, { x: 1320 - 893, y: 350 })).toBe(0.7)
  })
  it('is walked through tick by tick, or by its numbers where there are very many', () => {
    const names = targetsOf([zone({ from: -1, to: 1, step: 1, numbered: 1, snaps: true })], new Map())
    expect(names.map((one) => one.name)).toEqual(['Magnitude at −1', 'Magnitude at 0', 'Magnitude at 1'])
    expect(stopsOf(zone({ from: 0, to: 100, step: 0.5, numbered: 20, snaps: true }))).toHaveLength(11)
    for (const stop of stopsOf(zone(tenths, 30)))
      expect(numberWords(valueAt(zone(tenths, 30), stop.at))).toBe(stop.words)
  })
})
