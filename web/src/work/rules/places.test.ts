import { describe, expect, it } from 'vitest'
import type { Places, Zone } from '@/api/schema'
import { placesOf, targetsOf } from './places'

const zone = (id: string, label = ''): Zone =>
  ({
    kind: 'zone',
    id,
    label,
    description: id,
    frame: { x: 100, y: 100, width: 400, height: 256, turn: 0 },
  }) as Zone
const row = (direction: Places['direction']): Places => ({ zoneId: 'z', direction, count: 4 })

describe('the places of a zone that wants an order', () => {
  it('lie side by side below its label, the first one on the left', () => {
    const places = placesOf(zone('z', 'First to last'), row('RIGHTWARDS'))
    expect(places.map((one) => one.x)).toEqual([100, 200, 300, 400])
    expect(places[0]).toMatchObject({ y: 156, width: 100, height: 200 })
  })

  it('begin on the right or at the top where the order runs so', () => {
    expect(placesOf(zone('z'), row('LEFTWARDS')).map((one) => one.x)).toEqual([400, 300, 200, 100])
    expect(placesOf(zone('z'), row('DOWNWARDS')).map((one) => one.y)).toEqual([100, 164, 228, 292])
  })

  it('are each reached by the arrow keys, other zones once', () => {
    const targets = targetsOf([zone('a'), zone('z')], new Map([['z', row('RIGHTWARDS')]]))
    expect(targets.map((one) => one.name)).toEqual([
      'a',
      'z, place 1 of 4',
      'z, place 2 of 4',
      'z, place 3 of 4',
      'z, place 4 of 4',
    ])
    expect(targets[2]!.at).toEqual({ x: 250, y: 228 })
  })
})
