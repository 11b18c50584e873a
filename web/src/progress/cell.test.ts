import { describe, expect, it } from 'vitest'
import type { ProgressRow } from '@/api/schema'
import { cellOf, mostStuckFirst, stuckWords, withRows } from './cell'

const row = (name: string, cells: ProgressRow['cells'], stuck?: ProgressRow['stuck']): ProgressRow => ({
  id: name,
  name,
  round: 1,
  solved: 0,
  cells,
  late: false,
  sentBack: false,
  here: false,
  elsewhere: false,
  ...(stuck ? { stuck } : {}),
})

describe('the table', () => {
  it('tells each state by shape and by words, not by colour alone', () => {
    const cells = [
      cellOf({ tries: 1, solvedAt: 1 }),
      cellOf({ tries: 2, solvedAt: 2 }),
      cellOf({ tries: 5, solvedAt: 5 }),
      cellOf({ tries: 3, solvedAt: 0 }),
      cellOf({ tries: 3, solvedAt: 0 }, true),
      cellOf({ tries: 0, solvedAt: 0 }),
    ]
    expect(new Set(cells.map((one) => one.look)).size).toBe(6)
    expect(new Set(cells.map((one) => one.said)).size).toBe(6)
  })
  it('sorts the most stuck first, then by misses, then by name', () => {
    const rows = [
      row('Bo', [{ tries: 0, solvedAt: 0 }]),
      row('Ada', [{ tries: 0, solvedAt: 0 }]),
      row('Cyrus', [{ tries: 4, solvedAt: 0 }]),
      row('Dina', [], { itemId: 'moon', refusals: 2, seconds: 90, typical: 30 }),
      row('Emre', [], { itemId: 'sun', refusals: 3, seconds: 200, typical: 30 }),
    ]
    expect(mostStuckFirst(rows).map((one) => one.name)).toEqual(['Emre', 'Dina', 'Cyrus', 'Ada', 'Bo'])
    expect(rows[0]!.name).toBe('Bo')
  })
  it('explains why somebody counts as stuck', () => {
    const words = stuckWords({ itemId: 'moon', refusals: 2, seconds: 240, typical: 45 }, 'Moon')
    expect(words).toContain('did not belong 2 times')
    expect(words).toContain('4 minutes')
    expect(words).toContain('45 seconds')
  })
  it('takes what changed and leaves every other row the very same, so that it is not drawn anew', () => {
    const rows = [row('Ada', []), row('Bo', []), row('Cyrus', [])]
    const bo = { ...row('Bo', []), solved: 3 }
    const dina = row('Dina', [])
    const now = withRows(rows, new Map([bo, dina].map((one) => [one.id, one])))
    expect(now.map((one) => one.name)).toEqual(['Ada', 'Bo', 'Cyrus', 'Dina'])
    expect(now[0]).toBe(rows[0])
    expect(now[1]).toBe(bo)
  })
})
