import { describe, expect, it } from 'vitest'
import { byUrgency, dueWords, timeWords } from './times'

const at = (day: number, hour = 12) => new Date(2026, 10, day, hour).toISOString()

describe('times in words', () => {
  it.each([
    [28, 'today at'],
    [29, 'tomorrow at'],
    [27, 'yesterday at'],
  ])('of the %i th is %s', (day, words) => {
    expect(timeWords(at(day, 23), at(28, 1))).toContain(words)
  })
  it('names the day within a week and the date beyond it', () => {
    expect(timeWords(at(30), at(28))).toContain('on Monday')
    expect(timeWords(new Date(2026, 11, 24, 9).toISOString(), at(28))).toContain('24 December')
  })
  it('tells the year of a date in another one', () => {
    expect(timeWords(new Date(2031, 0, 5, 9).toISOString(), at(28))).toContain('5 January 2031')
    expect(timeWords(new Date(2026, 0, 5, 9).toISOString(), at(28))).not.toContain('2026')
  })
  it('goes by the calendar over a night in which the clocks change', () => {
    expect(
      timeWords(new Date(2026, 9, 26, 8).toISOString(), new Date(2026, 9, 25, 0, 30).toISOString()),
    ).toContain('tomorrow')
  })
  it('says when something was due', () => {
    expect(dueWords(at(27), at(28))).toMatch(/^was due yesterday/)
    expect(dueWords(at(29), at(28))).toMatch(/^due tomorrow/)
    expect(dueWords(undefined, at(28))).toBe('')
  })
})

it('what is to be done is in the order of when it is due, and of what was begun', () => {
  const todo = (name: string, turn: string, dueAt?: string) => ({ name, turn, window: { dueAt } })
  const all = [
    todo('new', 'TO_DO'),
    todo('begun', 'IN_WORK'),
    todo('tomorrow', 'TO_DO', at(29)),
    todo('late', 'TO_DO', at(20)),
    todo('tomorrow, begun', 'IN_WORK', at(29)),
  ]
  expect(byUrgency(all).map((one) => one.name)).toEqual([
    'late',
    'tomorrow, begun',
    'tomorrow',
    'begun',
    'new',
  ])
})
