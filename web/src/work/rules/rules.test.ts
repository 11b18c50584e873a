import { describe, expect, it } from 'vitest'
import type { Item } from '@/api/schema'
import { stepOnRail, alongRail, nextCopy, railPath } from './rules'

const home = { x: 100, y: 800, width: 100, height: 100, turn: 0 }
const on = (movement: Item['movement']): Item => ({
  kind: 'picture',
  id: 'a',
  frame: home,
  movement,
  description: 'a',
  picture: { from: 'LIBRARY', name: '2600' },
  credit: '',
})

describe('a rail between two replies', () => {
  const rail = on({ kind: 'rail', from: { x: 0, y: 0 }, to: { x: 300, y: -400 }, stops: [] })

  it('keeps a piece on its line and between its ends', () => {
    for (let i = 0; i < 100; i++) {
      const at = alongRail(rail, { ...home, x: (i * 137) % 1600, y: (i * 71) % 1000 })
      const dx = at.x - home.x
      const dy = at.y - home.y
      expect(dx * -400 - dy * 300).toBeCloseTo(0, 6)
      expect(dx).toBeGreaterThanOrEqual(-1e-9)
      expect(dx).toBeLessThanOrEqual(300 + 1e-9)
    }
  })

  it('lets it rest at stops only, as core does', () => {
    const stops = on({ kind: 'rail', from: { x: 0, y: 0 }, to: { x: 400, y: 0 }, stops: [0, 0.5, 1] })
    expect(alongRail(stops, { ...home, x: 290, y: 500 }).x).toBe(300)
    expect(alongRail(stops, { ...home, x: 420 }).x).toBe(500)
  })

  it('does nothing to what is on no rail', () => {
    const wanted = { ...home, x: 7, y: 9 }
    expect(alongRail(on({ kind: 'free' }), wanted)).toBe(wanted)
    expect(railPath(on({ kind: 'free' }))).toBe('')
    expect(railPath(rail)).toBe('M150 850L450 450')
  })
})

describe('copies of a supply', () => {
  it('have a number more than the largest that is out, whatever other things are called', () => {
    expect(nextCopy('a', [])).toBe('a~1')
    expect(nextCopy('a', ['a~1', 'a~7', 'ab~90', 'a', 'b~3'])).toBe('a~8')
  })

  it('is stepped along by keys, from stop to stop or by tenths, and never off its ends', () => {
    const frame = { x: 100, y: 100, width: 40, height: 40, turn: 0 }
    const rail = (stops: number[]) =>
      ({
        frame,
        movement: { kind: 'rail', from: { x: 0, y: 0 }, to: { x: 200, y: 0 }, stops },
      }) as unknown as Item
    let now = frame
    const xs: number[] = []
    for (let i = 0; i < 3; i++) xs.push((now = stepOnRail(rail([0, 0.5, 1]), now, 1)).x)
    expect(xs).toEqual([200, 300, 300])
    expect(stepOnRail(rail([0, 0.5, 1]), now, -1).x).toBe(200)
    expect(stepOnRail(rail([]), frame, 1).x).toBeCloseTo(120)
    expect(stepOnRail(rail([]), frame, -1).x).toBeCloseTo(100)
  })
})
