import { describe, expect, it } from 'vitest'
import type { Act, AttemptState } from '@/api/types'
import { withAhead } from './ahead'

const start: AttemptState = { seq: 3, pageId: 'p', standing: 'WORKING', pieces: {} }
const made = (...acts: Act[]) =>
  withAhead(
    start,
    acts.map((act, i) => ({ id: String(i), act, deviceTime: '' })),
  )

describe('work that the server has not seen', () => {
  it('lies where it was put and is not judged', () => {
    const zone = { x: 1, y: 1, zoneId: 'z', settled: false, tries: 2, solvedAt: 0, putAt: 1 }
    const state = withAhead({ ...start, pieces: { sun: zone } }, [
      { id: 'a', act: { kind: 'put', pageId: 'p', pieceId: 'sun', x: 50, y: 60 }, deviceTime: '' },
    ])
    expect(state.pieces.sun).toMatchObject({ x: 50, y: 60, settled: false, tries: 2 })
    expect(state.pieces.sun!.zoneId).toBeUndefined()
  })
  it('keeps what was typed and written last', () => {
    const state = made(
      { kind: 'type', pageId: 'p', gapId: 'g', text: 'mars' },
      { kind: 'type', pageId: 'p', gapId: 'g', text: 'venus' },
      { kind: 'write', pageId: 'p', noteId: 'n', text: 'hi' },
    )
    expect(state.typed!.g).toMatchObject({ text: 'venus', says: 'NOT_JUDGED' })
    expect(state.written!.n).toBe('hi')
  })
  it('turns a thing over and back', () => {
    const turn: Act = { kind: 'turn-over', pageId: 'p', itemId: 'card' }
    expect(made(turn).over).toEqual(['card'])
    expect(made(turn, turn).over).toEqual([])
  })
  it('goes to a page and back to where one came from', () => {
    expect(made({ kind: 'open', pageId: 'q' })).toMatchObject({ pageId: 'q', came: ['p'] })
    expect(made({ kind: 'open', pageId: 'q' }, { kind: 'open', pageId: 'p', back: true })).toMatchObject({
      pageId: 'p',
      came: [],
    })
  })
  it('leaves alone what only the server can answer', () => {
    expect(made({ kind: 'check', pageId: 'p' })).toEqual(start)
  })
  it('changes nothing of what was given', () => {
    const before = JSON.stringify(start)
    made({ kind: 'put', pageId: 'p', pieceId: 'sun', x: 1, y: 1 })
    expect(JSON.stringify(start)).toBe(before)
  })
})
