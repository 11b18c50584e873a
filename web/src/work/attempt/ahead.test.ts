import { describe, expect, it } from 'vitest'
import type { Act, AttemptState, Move, StudentPage } from '@/api/schema'
import { asDone } from '@/page/placedItems'
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
  it('takes along what lies in a zone that a piece carries', () => {
    const frame = { x: 100, y: 100, width: 50, height: 50, turn: 0 }
    const traits = { transparency: 0, groups: ['g'] }
    const boat = { kind: 'picture', id: 'boat', frame, movement: { kind: 'free' }, traits }
    const hold = {
      kind: 'zone',
      id: 'hold',
      frame,
      movement: { kind: 'fixed' },
      traits,
      label: '',
      carried: true,
    }
    const page = { id: 'p', items: [boat, hold] } as unknown as StudentPage
    const sun = { x: 110, y: 120, zoneId: 'hold', settled: true, tries: 1, solvedAt: 1, putAt: 1 }
    const state = { ...start, pieces: { sun } }
    const to = (x: number): Move => ({
      id: String(x),
      act: { kind: 'put', pageId: 'p', pieceId: 'boat', x, y: 100 },
      deviceTime: '',
    })
    const after = withAhead(state, [to(150), to(300)], [page])
    expect(after.pieces.sun).toMatchObject({ x: 310, y: 120, settled: true, zoneId: 'hold' })
    const seen = asDone(page.items, after).find((one) => one.id === 'hold')!
    expect(seen.item.frame).toMatchObject({ x: 300, y: 100 })
    // A zone that stays in a group, as all did before, is where it was.
    const stays = { ...page, items: [boat, { ...hold, carried: undefined }] } as unknown as StudentPage
    expect(withAhead(state, [to(300)], [stays]).pieces.sun).toMatchObject({ x: 110 })
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
