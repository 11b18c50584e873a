import { describe, expect, it } from 'vitest'
import { inDays, requestOf, USUAL_GIVING } from './giving'

describe('giving out', () => {
  it('asks for nothing that is usual', () => {
    const asked = requestOf(USUAL_GIVING, 'c')
    expect(asked.targets).toBeUndefined()
    expect(asked.then).toBeUndefined()
    expect(asked.terms).toMatchObject({
      sharing: 'OWN_COPY',
      dueAt: undefined,
      rounds: undefined,
      seconds: undefined,
    })
  })
  it('closes when it is due only where it is due at some time', () => {
    expect(requestOf({ ...USUAL_GIVING, lateRefused: true }, 'c').terms.lateRefused).toBeUndefined()
    expect(
      requestOf({ ...USUAL_GIVING, lateRefused: true, dueAt: '2026-12-04T15:00' }, 'c').terms.lateRefused,
    ).toBe(true)
  })
  it('counts minutes in seconds, and names those it is for', () => {
    const asked = requestOf(
      { ...USUAL_GIVING, minutes: 12.5, whom: 'TEAMS', targets: ['t'], then: ['b'] },
      'c',
    )
    expect(asked.terms.seconds).toBe(750)
    expect(asked).toMatchObject({ classId: 'c', whom: 'TEAMS', targets: ['t'], then: ['b'] })
  })
  it('finds a day ahead over the end of a month', () => {
    expect(inDays(3, 15, new Date(2026, 10, 29, 9))).toBe('2026-12-02T15:00')
  })
})
