import { describe, expect, it } from 'vitest'
import type { ClassIntake } from '@/api/schema'
import { chosenAtFirst, intakeSaid, takeable } from './intake'

const student = (name: string, becomes: 'ADDED' | 'JOINS' | 'RENAMED' | 'THERE') => ({
  id: name,
  name,
  becomes,
})
const intake = (more: Partial<ClassIntake>): ClassIntake => ({
  id: 'c',
  name: 'Owl',
  colleagues: false,
  students: [],
  missing: [],
  wrong: [],
  ...more,
})

describe('what a register would do', () => {
  it('is told by how many come, change and are there, and who stays', () => {
    const one = intake({
      students: [
        student('Ada', 'ADDED'),
        student('Bo', 'ADDED'),
        student('Cy', 'RENAMED'),
        student('Di', 'THERE'),
      ],
      missing: ['Eve'],
    })
    expect(intakeSaid(one)).toBe(
      '4 students: 2 new, 1 with a new name, 1 there already. Not in the register, and stay: Eve',
    )
  })
  it('tells only some of many names', () => {
    const one = intake({ missing: Array.from({ length: 300 }, (_, i) => `Student ${i}`) })
    expect(intakeSaid(one)).toContain('and 288 more')
  })
  it("says why a class cannot be taken: what is wrong with it, or that it is a colleague's", () => {
    const broken = intake({ wrong: ['“Ada” would stand twice.'] })
    expect(intakeSaid(broken)).toBe('“Ada” would stand twice.')
    expect(takeable(broken)).toBe(false)
    expect(takeable(intake({ colleagues: true }))).toBe(false)
  })
  it('chooses a few classes at once, and of a whole school only those that are there already', () => {
    expect(chosenAtFirst([intake({ id: 'a' }), intake({ id: 'b', colleagues: true })])).toEqual(['a'])
    const many = Array.from({ length: 30 }, (_, i) =>
      intake({ id: String(i), ...(i === 3 ? { key: 'k' } : {}) }),
    )
    expect(chosenAtFirst(many)).toEqual(['3'])
  })
})
