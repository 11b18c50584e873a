import { describe, expect, it } from 'vitest'
import { commonestMiss, missWords } from './mistakes'

describe('misses in words', () => {
  it('name the zone a piece went to, the piece a zone was given, or what was typed', () => {
    expect(missWords({ zone: 'Stars', count: 4 })).toBe('Stars 4')
    expect(missWords({ piece: 'Seven', count: 2 })).toBe('Seven 2')
    expect(missWords({ text: '40', count: 40 })).toBe('“40” 40')
  })
  it('are one whole sentence for the commonest', () => {
    expect(commonestMiss([])).toBe('')
    const rest = { zone: 'Moons', count: 1 }
    expect(commonestMiss([{ zone: 'Stars', count: 4 }, rest])).toBe('4 of 5 misses went to Stars')
    expect(commonestMiss([{ piece: 'Seven', count: 2 }])).toBe('2 of 2 misses were Seven')
    expect(commonestMiss([{ text: 'Venus', count: 2 }])).toBe('2 of 2 misses said “Venus”')
  })
})
