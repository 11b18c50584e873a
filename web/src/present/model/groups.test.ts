import { describe, expect, it } from 'vitest'
import { ahead, groupsOf, withPoints } from './groups'

describe('groups in front of a class', () => {
  const two = groupsOf([['a', 'b'], ['c']], [])
  it('keep their points and names when they are dealt anew', () => {
    const led = withPoints(two, two[1]!.id, 3)
    const anew = groupsOf([['c'], ['a'], ['b']], led)
    expect(anew.map((one) => [one.name, one.points])).toEqual([
      ['Group 1', 0],
      ['Group 2', 3],
      ['Group 3', 0],
    ])
  })
  it('have no points below nothing, and who is ahead is told only once somebody is', () => {
    expect(withPoints(two, two[0]!.id, -1)[0]!.points).toBe(0)
    expect(ahead(two).size).toBe(0)
    const both = withPoints(withPoints(two, two[0]!.id, 2), two[1]!.id, 2)
    expect(ahead(both).size).toBe(2)
  })
})
