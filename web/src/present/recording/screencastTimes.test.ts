import { describe, expect, it } from 'vitest'
import { captionAt, shownChapters, timeOf, timeWords } from './screencastTimes'

describe('times of a recording', () => {
  it('are read as they are written', () => {
    expect(timeOf('1:05.4')).toBe(65_400)
    expect(timeOf('65')).toBe(65_000)
    expect(timeOf('0:07,5')).toBe(7_500)
    for (const no of ['', 'soon', '1:60', '1:2:3', '-4']) expect(timeOf(no)).toBeNull()
    for (let at = 0; at < 4_000_000; at += 12_300)
      expect(timeOf(timeWords(at))).toBe(Math.round(at / 100) * 100)
  })

  it('put chapters where they are in what is shown', () => {
    const chapters = [
      { at: 0, name: 'One' },
      { at: 10_000, name: 'Two' },
      { at: 20_000, name: 'Three' },
    ]
    expect(shownChapters({ chapters })).toEqual(chapters)
    expect(shownChapters({ chapters, from: 12_000, to: 20_000 })).toEqual([{ at: 0, name: 'Two' }])
    expect(shownChapters({ chapters, from: 5_000 })).toEqual([
      { at: 0, name: 'One' },
      { at: 5_000, name: 'Two' },
      { at: 15_000, name: 'Three' },
    ])
  })

  it('let words last until the next ones', () => {
    expect(captionAt([], 1_000, 60_000)).toEqual({ from: 1_000, to: 5_000, words: '' })
    expect(captionAt([{ from: 2_000, to: 3_000, words: 'x' }], 1_000, 60_000).to).toBe(2_000)
    expect(captionAt([], 59_000, 60_000).to).toBe(60_000)
  })
})
