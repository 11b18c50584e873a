import { describe, expect, it } from 'vitest'
import { asTable, fileText } from './fileText'

describe('the text of a file', () => {
  it('is read in UTF-8, in UTF-16 with its mark, and in the encoding of Windows', async () => {
    const names = 'Zoë\nJürgen\n'
    expect(await fileText(new Blob([names]))).toBe(names)
    const utf16 = new Uint8Array([0xff, 0xfe, ...[...names].flatMap((c) => [c.charCodeAt(0), 0])])
    expect(await fileText(new Blob([utf16]))).toBe(names)
    const windows = new Uint8Array([...names].map((c) => c.charCodeAt(0)))
    expect(await fileText(new Blob([windows]))).toBe(names)
    expect(await fileText(new Blob([]))).toBe('')
  })

  it('keeps commas and quotes of names', () => {
    expect(asTable(['Berg, jr', 'Bo "the owl"'])).toBe('name\n"Berg, jr"\n"Bo ""the owl"""')
  })
})
