import { describe, expect, it } from 'vitest'
import { localOf } from './localTime'

describe('the clock on the wall', () => {
  it('shows a moment in its own zone, on both sides of the change to summer time', () => {
    // Europe/Oslo: the clocks went forward on 29 March 2026 at 01:00 UTC.
    expect(localOf('2026-03-29T00:30:00Z', 'Europe/Oslo')).toBe('2026-03-29T01:30')
    expect(localOf('2026-03-29T01:30:00Z', 'Europe/Oslo')).toBe('2026-03-29T03:30')
  })
  it('shows midnight as the beginning of a day', () => {
    expect(localOf('2026-11-27T23:00:00Z', 'Europe/Oslo')).toBe('2026-11-28T00:00')
  })
  it('shows nothing where there is no time', () => {
    expect(localOf(undefined, 'Europe/Oslo')).toBe('')
  })
})
