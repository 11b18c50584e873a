import { describe, expect, it } from 'vitest'
import type { Zone } from '@/api/schema'
import { stepOnAxes, targetsOf } from '@/work/rules/places'
import {
  acrossOf,
  crossingOf,
  numberWords,
  stopsOf,
  ticksOf,
  valueAt,
  valueFrom,
  valueUpAt,
  valueWords,
} from './scales'

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

const five = { from: -5, to: 5, step: 1, numbered: 1, snaps: true }
const axes: Zone = {
  ...zone(five),
  label: 'Map',
  up: five,
  frame: { x: 100, y: 100, width: 1120, height: 620, turn: 0 },
}

describe('a pair of axes', () => {
  it('has two values at each place, the upright one from its foot', () => {
    // 100 units a step across from (660, 410), 50 up.
    expect(valueAt(axes, { x: 960, y: 510 })).toBe(3)
    expect(valueUpAt(axes, { x: 960, y: 510 })).toBe(-2)
    expect(crossingOf(axes)).toEqual({ x: 560, y: 310 })
    expect(crossingOf({ ...axes, up: { ...five, from: 2, to: 6 } }).y).toBe(560)
  })
  it('is walked through by all four arrow keys, and left at its edges', () => {
    const all = targetsOf([zone({ ...five, to: -3 }), axes, zone({ ...five, to: -3 })], new Map())
    const at = (name: string) => all.findIndex((one) => one.name === name)
    const from = at('Map at (3, −2)')
    const named = (x: number, y: number, index = from) => all[index + stepOnAxes(all, index, { x, y })!]!.name
    expect(named(1, 0)).toBe('Map at (4, −2)')
    expect(named(-1, 0)).toBe('Map at (2, −2)')
    expect(named(0, -1)).toBe('Map at (3, −1)')
    expect(named(0, 1)).toBe('Map at (3, −3)')
    expect(named(0, 1, at('Map at (3, −5)'))).toBe('Map at (3, −5)')
    expect(at('Map at (5, −5)') + 11).toBe(3 + 121)
    expect(at('Map at (5, 2)') + stepOnAxes(all, at('Map at (5, 2)'), { x: 1, y: 0 })!).toBe(3 + 121)
    expect(at('Map at (−5, 2)') + stepOnAxes(all, at('Map at (−5, 2)'), { x: -1, y: 0 })!).toBe(2)
    expect(stepOnAxes(all, 0, { x: 1, y: 0 })).toBeNull()
  })
})

describe('how values are written and read', () => {
  it('takes what teachers type, and nothing else', () => {
    const typed = {
      '2,5': 2.5,
      '−2': -2,
      '3/4': 0.75,
      '1 3/4': 1.75,
      '-1/2': -0.5,
      '14:30': 870,
      '24:00': 1440,
    }
    for (const [text, value] of Object.entries(typed)) expect(valueFrom(text)).toBe(value)
    for (const text of ['', 'x', '1/0', '25:00', '12:75', '1/2/3']) expect(valueFrom(text)).toBeNull()
  })
  it('is read back as it was typed', () => {
    for (let minutes = 0; minutes <= 1440; minutes += 7)
      expect(valueFrom(valueWords({ reads: 'TIME' }, minutes))).toBe(minutes)
    for (let parts = 2; parts <= 24; parts++)
      for (let i = -3 * parts; i <= 3 * parts; i++) {
        const value = Math.round((i / parts) * 1000) / 1000
        expect(Math.abs(valueFrom(valueWords({ reads: 'FRACTION' }, value))! - value)).toBeLessThan(0.0006)
      }
  })
})

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
