import { describe, expect, it } from 'vitest'
import { dealtInto, movedTo, without, type Draft } from './teams'

const teams: Draft[] = [
  { key: 'a', id: 'a', name: 'Comets', studentIds: ['1', '2'] },
  { key: 'b', id: 'b', name: 'Meteors', studentIds: ['3'] },
]

describe('teams', () => {
  it('have a student in one of them at most', () => {
    const moved = movedTo(teams, '1', 'b')
    expect(moved.map((one) => one.studentIds)).toEqual([['2'], ['3', '1']])
    expect(movedTo(moved, '1', '').flatMap((one) => one.studentIds)).not.toContain('1')
  })
  it('tell who is in none', () => {
    expect(without(teams, [{ id: '2' }, { id: '4' }])).toEqual([{ id: '4' }])
  })
  it('keep their names when they are dealt anew, and new ones get one', () => {
    const dealt = dealtInto(teams, [['3'], ['1'], ['2']])
    expect(dealt.map((one) => one.name)).toEqual(['Comets', 'Meteors', 'Team 3'])
    expect(dealt[2]!.id).toBeUndefined()
    expect(dealtInto(teams, [['1', '2', '3']])).toHaveLength(1)
  })
})
