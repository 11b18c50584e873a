import { describe, expect, it, vi } from 'vitest'
import type { LibraryPicture } from '@/api/schema'
import { usePictureRows, wordsIn } from './pictureRows'

const picture = (code: string): LibraryPicture => ({ code, name: code, credit: '' })

describe('words with commas between them', () => {
  it('are told apart, and one word is none', () => {
    expect(wordsIn('sun, moon;star\n comet ,')).toEqual(['sun', 'moon', 'star', 'comet'])
    expect(wordsIn('first quarter moon')).toEqual([])
    expect(wordsIn('moon,')).toEqual([])
    expect(wordsIn(Array(50).fill('star').join(','))).toHaveLength(30)
  })
})

describe('rows of pictures', () => {
  const found: Record<string, LibraryPicture[]> = {
    sun: [picture('S1'), picture('S2')],
    moon: [picture('M1')],
    qqq: [],
  }
  const open = () => {
    const find = vi.fn(async (word: string) => found[word] ?? [])
    return { find, ...usePictureRows(find) }
  }

  it('mean the closest until another is chosen, and leave out what was not found', async () => {
    const { rows, taken, ask, mean } = open()
    rows.value = await ask(['sun', 'qqq', 'moon'], '')
    expect(taken.value.map((one) => one.code)).toEqual(['S1', 'M1'])
    mean('sun', 'S2')
    expect(taken.value.map((one) => one.code)).toEqual(['S2', 'M1'])
  })

  it('ask for each word once, however often the list is written on', async () => {
    const { ask, find } = open()
    await ask(['sun', 'm'], '')
    await ask(['sun', 'mo'], '')
    await ask(['sun', 'moon'], '')
    expect(find.mock.calls.map(([word]) => word)).toEqual(['sun', 'm', 'mo', 'moon'])
    await ask(['sun', 'moon'], 'space')
    expect(find).toHaveBeenCalledTimes(6)
  })

  it('may have the same word twice', async () => {
    const { rows, taken, ask } = open()
    rows.value = await ask(['sun', 'sun'], '')
    expect(taken.value.map((one) => one.code)).toEqual(['S1', 'S1'])
  })
})
