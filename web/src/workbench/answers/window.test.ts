import { describe, expect, it } from 'vitest'
import { inSight, scrolledTo } from './window'

describe('a long table', () => {
  it('draws what is in sight and a little more, however long it is', () => {
    for (const count of [10, 500, 100_000]) {
      for (const scrolled of [0, 333, 9_000]) {
        const [from, to] = inSight(scrolled, 460, 46, count)
        expect(to - from).toBeLessThanOrEqual(18)
        expect(from).toBeGreaterThanOrEqual(0)
        expect(to).toBeLessThanOrEqual(count)
      }
    }
  })

  it('scrolls only as far as a row needs to be seen', () => {
    expect(scrolledTo(3, 0, 460, 46)).toBe(0)
    expect(scrolledTo(20, 0, 460, 46)).toBe(21 * 46 - 460)
    expect(scrolledTo(2, 460, 460, 46)).toBe(92)
  })
})
