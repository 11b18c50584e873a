import { describe, expect, it } from 'vitest'
import type { Zone } from '@/api/schema'
import { drawnZone } from '@/workbench/edits/zoneForms'
import { targetsOf } from '@/work/rules/places'
import { crossesItself, hull, zoneHas, zoneMiddle, zonePath, zonesUnder } from './zones'

const frame = { x: 100, y: 100, width: 400, height: 200, turn: 0 }
const zone = (id: string, more: Partial<Zone> = {}): Zone => ({
  kind: 'zone',
  id,
  frame,
  description: '',
  movement: { kind: 'fixed' },
  label: id,
  ...more,
})
const wedge = {
  kind: 'POLYGON',
  corners: [
    { x: 0, y: 0 },
    { x: 1, y: 0 },
    { x: 0, y: 1 },
  ],
} as const
const moon = [
  { x: 0, y: 0 },
  { x: 1, y: 0 },
  { x: 1, y: 0.1 },
  { x: 0.1, y: 0.1 },
  { x: 0.1, y: 0.9 },
  { x: 1, y: 0.9 },
  { x: 1, y: 1 },
  { x: 0, y: 1 },
]

describe('where a zone is', () => {
  it('is its box, its ellipse or its polygon, turned with its frame', () => {
    const corner = { x: 110, y: 110 }
    expect(zoneHas(zone('a'), corner)).toBe(true)
    expect(zoneHas(zone('a', { shape: { kind: 'ELLIPSE' } }), corner)).toBe(false)
    expect(zoneHas(zone('a', { shape: { kind: 'ELLIPSE' } }), { x: 300, y: 101 })).toBe(true)
    const shaped = zone('a', { shape: { ...wedge, corners: [...wedge.corners] } })
    expect(zoneHas(shaped, { x: 120, y: 280 })).toBe(true)
    expect(zoneHas(shaped, { x: 480, y: 280 })).toBe(false)
    const turned = { ...shaped, frame: { ...frame, turn: 180 } }
    expect(zoneHas(turned, { x: 120, y: 280 })).toBe(false)
    expect(zoneHas(turned, { x: 480, y: 280 })).toBe(true)
    expect(zonePath(shaped)).toBe('M0 0L400 0L0 200Z')
  })

  it('has a point inside also where its middle lies beside it', () => {
    const hollow = zone('a', { shape: { kind: 'POLYGON', corners: moon } })
    expect(zoneHas(hollow, { x: 300, y: 200 })).toBe(false)
    expect(zoneHas(hollow, zoneMiddle(hollow))).toBe(true)
  })

  it('is lit alone where it is topmost, with all that cross there, and never when it is hidden', () => {
    const at = { x: 250, y: 150, width: 100, height: 100, turn: 0 }
    const both = [zone('a'), zone('b')]
    expect(zonesUnder(both, new Set(), at)).toEqual(['b'])
    expect(zonesUnder(both, new Set(['a', 'b']), at)).toEqual(['a', 'b'])
    expect(zonesUnder([zone('a'), zone('b', { look: { kind: 'HIDDEN' } })], new Set(), at)).toEqual([])
    expect(zonesUnder(both, new Set(), { ...at, x: 900 })).toEqual([])
  })
})

describe('a zone that is drawn by hand', () => {
  const round = Array.from({ length: 60 }, (_, i) => ({
    x: 500 + 200 * Math.cos((i * Math.PI) / 30),
    y: 400 + 120 * Math.sin((i * Math.PI) / 30),
  }))
  it('lies where it was drawn, within its bounds', () => {
    const made = drawnZone(round)!
    expect(made.frame.width).toBeCloseTo(400, -1)
    expect(made.shape.corners!.length).toBeGreaterThan(8)
    for (const { x, y } of made.shape.corners!) {
      expect(Math.min(x, y)).toBeGreaterThanOrEqual(0)
      expect(Math.max(x, y)).toBeLessThanOrEqual(1)
    }
  })
  it('becomes the outline around all where its line crosses itself, and nothing where it goes around nothing', () => {
    const eight = [
      { x: 100, y: 100 },
      { x: 500, y: 400 },
      { x: 500, y: 100 },
      { x: 100, y: 400 },
    ]
    expect(crossesItself(eight)).toBe(true)
    expect(crossesItself(drawnZone(eight)!.shape.corners!)).toBe(false)
    expect(hull(eight)).toHaveLength(4)
    expect(drawnZone([{ x: 5, y: 5 }])).toBeNull()
    expect(
      drawnZone([
        { x: 0, y: 0 },
        { x: 300, y: 300 },
        { x: 150, y: 151 },
      ]),
    ).toBeNull()
  })
  it('never crosses itself, whatever was drawn', () => {
    let seed = 7
    const random = () => (seed = (seed * 16807) % 2147483647) / 2147483647
    for (let round = 0; round < 400; round++) {
      const drawn = Array.from({ length: 3 + Math.floor(random() * 30) }, () => ({
        x: random() * 1600,
        y: random() * 1000,
      }))
      const made = drawnZone(drawn)
      if (made) expect(crossesItself(made.shape.corners!)).toBe(false)
    }
  })
})

describe('what the arrow keys walk through', () => {
  it('is each part of crossing zones, said in words', () => {
    const regions = [
      { zoneIds: ['rings'], x: 100, y: 100 },
      { zoneIds: ['gas'], x: 300, y: 100 },
      { zoneIds: ['rings', 'gas'], x: 200, y: 100 },
    ]
    const all = targetsOf([zone('box'), zone('rings'), zone('gas')], new Map(), regions)
    expect(all.map((one) => one.name)).toEqual(['box', 'only rings', 'only gas', 'both rings and gas'])
    expect(all[3]!.at).toEqual({ x: 200, y: 100 })
    expect(all[3]!.zoneIds).toEqual(['rings', 'gas'])
  })
})
