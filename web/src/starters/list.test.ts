import { describe, expect, it } from 'vitest'
import { cellsOf, rowsOf, textOf, wordsOf } from './list'

describe('a list that was typed or pasted', () => {
  it('has cells parted by tabs, commas or semicolons', () => {
    expect(cellsOf('Mars\tplanet')).toEqual(['Mars', 'planet'])
    expect(cellsOf('Mars, planet')).toEqual(['Mars', 'planet'])
    expect(cellsOf('3,5; so viel')).toEqual(['3', '5; so viel'])
    expect(cellsOf('Mars; planet')).toEqual(['Mars', 'planet'])
  })

  // The cases of RFC 4180, section 2: quotes hold commas and doubled quotes (from memory).
  it('reads quotes as in CSV', () => {
    expect(cellsOf('"aaa","b, bb",ccc')).toEqual(['aaa', 'b, bb', 'ccc'])
    expect(cellsOf('"aaa","b""bb","ccc"')).toEqual(['aaa', 'b"bb', 'ccc'])
  })

  it('knows a group with all that is in it', () => {
    expect(rowsOf('SORT', 'planet: Mars, Venus\nVega, star\n\n  \n')).toEqual([
      { cells: ['Mars', 'planet'] },
      { cells: ['Venus', 'planet'] },
      { cells: ['Vega', 'star'] },
    ])
    expect(rowsOf('PAIR', '10:30, half past ten')).toEqual([{ cells: ['10:30', 'half past ten'] }])
  })

  it('keeps letters of two parts whole and cells within their bound', () => {
    const long = '🔭'.repeat(300)
    expect([...cellsOf(long)[0]!].length).toBe(200)
    expect(cellsOf(Array(20).fill('a').join(',')).length).toBe(12)
  })
})

describe('a text with words to be ticked', () => {
  it('gives back the same text', () => {
    const text = "The [sun] isn't a planet.\nمرحبا [يا] عالم, one-way"
    expect(textOf(wordsOf(text))).toBe(text)
  })

  it('tells words from what stands between them, and which are missing', () => {
    const words = wordsOf("The [sun] isn't near.")
    expect(words.filter((one) => one.word).map((one) => one.text)).toEqual(['The', 'sun', "isn't", 'near'])
    expect(words.filter((one) => one.missing).map((one) => one.text)).toEqual(['sun'])
  })

  it('ticks and unticks a word', () => {
    const words = wordsOf('The sun shines')
    const ticked = words.map((one) => (one.text === 'sun' ? { ...one, missing: true } : one))
    expect(textOf(ticked)).toBe('The [sun] shines')
  })
})
