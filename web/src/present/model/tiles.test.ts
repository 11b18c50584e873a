import { describe, expect, it } from 'vitest'
import { inOrder, moved } from './tiles'

describe('the order of the tools', () => {
  const usual = inOrder([]).map((tile) => tile.name)
  it('has each of them once, whatever was remembered', () => {
    expect(inOrder(['undo', 'gone', 'pen', 'undo']).map((tile) => tile.name)).toEqual([
      'undo',
      'pen',
      ...usual.filter((name) => name !== 'undo' && name !== 'pen'),
    ])
  })
  it('is changed one place at a time, within the row', () => {
    expect(moved([], 'pen', -1).slice(0, 2)).toEqual(['pen', 'move'])
    expect(moved([], 'move', -1)).toEqual(usual)
    expect(moved([], 'undo', 5)).toEqual(usual)
    expect(moved(moved([], 'pen', 3), 'pen', -3)).toEqual(usual)
  })
})
