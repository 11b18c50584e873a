import { describe, expect, it } from 'vitest'
import { cellsOf, fromFile, rowsOf, textOf, wordsOf, writtenOf } from './list'

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

describe('a list that is changed again', () => {
  it('is written as it is read', () => {
    const rows = [
      { cells: ['Mars', 'planet'] },
      { cells: ['10:30, "about"', 'time; place'] },
      { cells: ['قمر', 'moon'] },
    ]
    const starter = { kind: 'SORT' as const, title: '', rows, seed: 1 }
    expect(rowsOf('SORT', writtenOf(starter))).toEqual(rows)
  })
})

describe('a file', () => {
  const bytes = (text: string) => new TextEncoder().encode(text)
  const read = (file: Uint8Array) => {
    const read = fromFile(file)
    return 'written' in read ? rowsOf('PAIR', read.written).map((row) => row.cells) : read.wrong
  }

  it('is read with commas, semicolons or tabs, with a mark in front, and with a line within quotes', () => {
    expect(read(bytes('a,b\r\nc,d'))).toEqual([
      ['a', 'b'],
      ['c', 'd'],
    ])
    expect(read(bytes('\ufeffdas eine;3,5\nSonne;"Tag\nund mehr"'))).toEqual([
      ['das eine', '3,5'],
      ['Sonne', 'Tag und mehr'],
    ])
    expect(read(bytes('a\tb, c'))).toEqual([['a', 'b, c']])
  })

  it('is read in the letters that spreadsheets write', () => {
    expect(read(Uint8Array.of(0x4d, 0xfc, 0x6c, 0x2c, 0x78))).toEqual([['Mül', 'x']])
    expect(read(Uint8Array.of(0xff, 0xfe, 0x61, 0, 0x2c, 0, 0x62, 0))).toEqual([['a', 'b']])
  })

  it('is refused when it is no text, too large or empty', () => {
    expect(read(Uint8Array.of(0x50, 0x4b, 3, 4, 0, 0, 0))).toContain('CSV')
    expect(read(new Uint8Array(4_000_001))).toContain('4 MB')
    expect(read(bytes('\n\n'))).toContain('nothing')
  })
})
