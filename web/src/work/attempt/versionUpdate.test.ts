import { expect, it } from 'vitest'
import type { AttemptState, Item, StudentView } from '@/api/schema'
import { goneWith, renewedWords } from './versionUpdate'

const frame = { x: 0, y: 0, width: 10, height: 10, turn: 0 }
const piece = (id: string): Item => ({
  kind: 'picture',
  id,
  frame,
  movement: { kind: 'free' },
  description: id.toUpperCase(),
  picture: { from: 'LIBRARY', name: '2600' },
  credit: '',
})
const view = (...ids: string[]): StudentView => ({
  title: 'Sky',
  buttons: true,
  tools: { draw: false, record: false },
  pages: [
    {
      id: 'p',
      number: 1,
      name: 'Sky',
      paper: { colour: '#ffffff' },
      items: ids.map(piece),
      placements: 2,
    },
  ],
})
const at = { x: 0, y: 0, settled: false, tries: 0, solvedAt: 0, putAt: 1 }

it('names what was done and is gone with a newer version, and nothing else', () => {
  const state = {
    seq: 2,
    pageId: 'p',
    standing: 'WORKING',
    pieces: { sun: at, 'star~1': at },
  } as AttemptState
  expect(goneWith(view('sun', 'moon', 'star'), view('star'), state)).toEqual(['SUN'])
  expect(goneWith(view('sun', 'moon', 'star'), view('sun'), state)).toEqual(['STAR'])
  expect(goneWith(view('sun'), view('sun', 'moon'), state)).toEqual([])
})

it('says so in whole sentences', () => {
  expect(renewedWords([])).toContain('still here')
  expect(renewedWords(['Sun'])).toContain('Sun is gone')
  expect(renewedWords(['Sun', 'Moon'])).toContain('These are gone: Sun and Moon')
})
