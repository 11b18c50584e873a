import { describe, expect, it } from 'vitest'
import { reachAt } from './reach'
import { nearestTurn } from './turning'

describe('turning a piece', () => {
  it('goes to any degree where nothing else is set, either way', () => {
    expect(nearestTurn(0, 37.4, 0)).toBe(37)
    expect(nearestTurn(0, -10, 0)).toBe(350)
  })
  it('goes by steps from where it lay', () => {
    expect(nearestTurn(10, 60, 45)).toBe(55)
    expect(nearestTurn(0, -30, 45)).toBe(315)
  })
})

it('a round button is as large as a finger needs, on every screen', () => {
  expect(reachAt(1600)).toBe(27)
  expect((reachAt(800) * 800) / 1600).toBeCloseTo(22)
  expect(reachAt(300)).toBe(66)
  expect(reachAt(0)).toBe(27)
})
