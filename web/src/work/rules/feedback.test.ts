import { describe, expect, it } from 'vitest'
import type { Verdict } from '@/api/schema'
import { clock, toldOf, toldOfCheck, toldOfTyped } from './feedback'

const verdict = (more: Partial<Verdict>): Verdict => ({
  says: 'BELONGS',
  x: 0,
  y: 0,
  rests: 'IN_SLOT',
  ...more,
})

describe('what is told of a piece', () => {
  it('is the usual words, or the own words of the zone', () => {
    expect(toldOf('Moon', 'Dark', verdict({}))).toBe('Moon belongs in Dark')
    expect(toldOf('Moon', 'Dark', verdict({ reply: { message: 'It only reflects' } }))).toBe(
      'Moon: It only reflects',
    )
  })

  it('tells why it was turned away, each reason in other words', () => {
    const whys = [
      'NOT_HERE',
      'FULL',
      'TOO_MANY',
      'TOO_MUCH',
      'WRONG_PLACE',
      'TOO_LOW',
      'TOO_HIGH',
      'TOO_EARLY',
      'TOO_LATE',
      'TOO_FAR_LEFT',
      'TOO_FAR_RIGHT',
      'OTHER_AXIS',
      'TURNED',
      'NOT_WITH_THESE',
      'NO_MORE_TRIES',
    ] as const
    const said = whys.map((why) => toldOf('Moon', 'Dark', verdict({ says: 'DOES_NOT_BELONG', why })))
    expect(new Set(said).size).toBe(whys.length)
  })

  it('says only where a piece is while it waits to be checked', () => {
    expect(toldOf('Moon', 'Dark', verdict({ says: 'NOT_JUDGED', zoneId: 'z' }))).toBe('Moon is in Dark')
    expect(toldOf('Moon', '', verdict({ says: 'NOT_JUDGED' }))).toBe('')
  })
})

describe('what is told of gaps and checks', () => {
  it('says what is still between a zone and all that it wants', () => {
    const told = (right: number, of: number, missing: 'MORE' | 'TOO_LITTLE' | 'TOO_MUCH') =>
      toldOfCheck(verdict({ says: 'CHECKED', count: { right, of, missing } }))
    expect(told(0, 0, 'TOO_LITTLE')).toBe('Not enough yet')
    expect(told(0, 1, 'TOO_LITTLE')).toBe('Not enough yet, and 1 not right')
    expect(told(0, 0, 'TOO_MUCH')).toBe('It is too much')
    expect(told(2, 2, 'MORE')).toBe('Right so far. There is more to find')
    expect(told(1, 2, 'MORE')).toBe('1 of 2 right')
  })
  it('counts what is right', () => {
    const checked = (right: number, of: number) =>
      toldOfCheck(verdict({ says: 'CHECKED', count: { right, of } }))
    expect(checked(1, 1)).toBe('It is right')
    expect(checked(3, 3)).toBe('All 3 are right')
    expect(checked(1, 3)).toBe('1 of 3 right')
  })

  it('leaves to the teacher what cannot be decided', () => {
    expect(toldOfTyped('Gap 1', verdict({ says: 'CANNOT_DECIDE' }))).toContain('your teacher')
    expect(toldOfTyped('Gap 1', verdict({ says: 'NOT_JUDGED' }))).toBe('')
  })
})

it('shows the time that is left in minutes and seconds', () => {
  expect(clock(0)).toBe('0:00')
  expect(clock(61_200)).toBe('1:02')
})
