import { describe, expect, it } from 'vitest'
import { arrowsOf, curve } from './arrows'

describe('arrows of the map', () => {
  const spots = new Map([
    ['a', { x: 0, y: 0 }],
    ['b', { x: 300, y: 0 }],
  ])

  it('are one for all links between two pages, dashed when every one of them waits', () => {
    const arrows = arrowsOf(
      [
        { from: 'a', to: 'b', itemId: 'i', name: 'Sun' },
        { from: 'a', to: 'b', name: 'Next', when: 'when solved' },
        { from: 'b', to: 'a', name: 'Home', itemId: 'h', when: 'when solved' },
        { from: 'a', to: 'gone', name: 'Lost' },
      ],
      spots,
    )
    expect(arrows.map((one) => [one.key, one.label, one.waits])).toEqual([
      ['a b', 'Sun +1', false],
      ['b a', 'Home when solved', true],
    ])
  })
  it('go onwards between the pages and back below them', () => {
    expect(curve({ x: 0, y: 0 }, { x: 300, y: 0 }).middle.y).toBe(67)
    expect(curve({ x: 0, y: 0 }, { x: 300, y: 300 }).middle.y).toBeGreaterThan(217)
    expect(curve({ x: 300, y: 0 }, { x: 0, y: 0 }).middle.y).toBeGreaterThan(134)
    expect(curve({ x: 0, y: 0 }, { x: 0, y: 0 }).middle.y).toBeGreaterThan(134)
    // Within a layer: straight to the one below, else round the others on the left.
    expect(curve({ x: 0, y: 0 }, { x: 0, y: 200 }).middle).toEqual({ x: 85, y: 167 })
    expect(curve({ x: 0, y: 400 }, { x: 0, y: 0 }).middle.x).toBeLessThan(0)
  })
})
