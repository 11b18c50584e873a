import { describe, expect, it } from 'vitest'
import { nextTick, ref, shallowRef } from 'vue'
import type { AttemptState, Frame, Verdict } from '@/api/schema'
import { backFrom, inverse, liesAfter, onceSent, untyped, useUndo } from './undo'

const home: Frame = { x: 100, y: 800, width: 100, height: 100, turn: 0 }
const put = { kind: 'put', pageId: 'p', pieceId: 'sun', x: 300, y: 200 } as const
const verdict = (more: Partial<Verdict>): Verdict => ({
  says: 'NOT_JUDGED',
  x: 0,
  y: 0,
  rests: 'WHERE_PUT',
  ...more,
})
const piece = { settled: false, tries: 0, solvedAt: 0, putAt: 1 }
const state = (more: Partial<AttemptState>): AttemptState => ({
  seq: 1,
  pageId: 'p',
  standing: 'WORKING',
  pieces: {},
  ...more,
})

describe('taking back', () => {
  it('puts a piece home, or where it lay before', () => {
    expect(backFrom(put, home, undefined, verdict({}))).toMatchObject({ x: 100, y: 800 })
    expect(backFrom(put, home, { ...piece, x: 5, y: 6 }, verdict({}))).toMatchObject({ x: 5, y: 6 })
    const waits = { ...piece, x: 5, y: 6, zoneId: 'z', waits: true }
    expect(backFrom(put, home, waits, verdict({}))).toMatchObject({ x: 5, y: 6 })
  })
  it('turns it back as it was', () => {
    const turned = { ...put, turn: 45 }
    expect(backFrom(turned, home, undefined, verdict({}))).toMatchObject({ turn: 0 })
    expect(backFrom(turned, home, { ...piece, x: 1, y: 1, turn: 30 }, verdict({}))).toMatchObject({
      turn: 30,
    })
  })
  it('goes back to where a put on its way will have brought it, not to what was before', () => {
    const first = { ...put, turn: 90 }
    const lies = liesAfter(first, undefined, verdict({ x: 300, y: 200 }))
    expect(lies).toEqual({ x: 300, y: 200, turn: 90 })
    expect(backFrom({ ...put, turn: 0 }, home, lies, verdict({}))).toMatchObject({ x: 300, y: 200, turn: 90 })
    // What was refused, or taken back, has not moved it.
    expect(liesAfter(put, lies, null)).toBe(lies)
    expect(liesAfter(put, lies, verdict({ rests: 'TAKEN_BACK' }))).toBeUndefined()
    expect(liesAfter(put, lies, verdict({ x: 1, y: 2, zoneId: 'z' }))).toEqual({
      x: 1,
      y: 2,
      turn: 90,
      zoneId: 'z',
      waits: true,
    })
  })
  it('leaves what rests, what went home by itself, and what would be told wrong again', () => {
    expect(backFrom(put, home, undefined, verdict({ says: 'BELONGS' }))).toBeNull()
    expect(backFrom(put, home, undefined, verdict({ says: 'DOES_NOT_BELONG', rests: 'HOME' }))).toBeNull()
    expect(backFrom(put, home, { ...piece, x: 5, y: 6, zoneId: 'z' }, verdict({}))).toBeNull()
    expect(backFrom(put, home, undefined, null)).toBeNull()
  })
  it('gives a new copy back to its supply', () => {
    const copy = { ...put, pieceId: 'sun~1' }
    expect(backFrom(copy, home, undefined, verdict({}))).toMatchObject({ pieceId: 'sun~1', x: 100, y: 800 })
  })
  it('writes, slides and turns over as before', () => {
    const write = { kind: 'write', pageId: 'p', noteId: 'n', text: 'new' } as const
    expect(inverse(write, state({ written: { n: 'old' } }))).toMatchObject({ text: 'old' })
    expect(inverse(write, state({}))).toMatchObject({ text: '' })
    const over = { kind: 'turn-over', pageId: 'p', itemId: 'c' } as const
    expect(inverse(over, state({}))).toBe(over)
    expect(inverse({ kind: 'check', pageId: 'p' }, state({}))).toBeNull()
    const type = { kind: 'type', pageId: 'p', gapId: 'g', text: 'b' } as const
    expect(untyped(type, state({}), verdict({}))).toMatchObject({ text: '' })
    expect(untyped(type, state({}), verdict({ says: 'BELONGS' }))).toBeNull()
  })
  it('goes back one step at a time, and forgets with the page', async () => {
    const page = ref('p')
    const undo = useUndo(() => page.value)
    const done: number[] = []
    undo.remember(async () => done.push(1))
    undo.remember(async () => done.push(2))
    await undo.takeBack()
    await undo.takeBack()
    await undo.takeBack()
    expect(done).toEqual([2, 1])
    undo.remember(async () => done.push(3))
    page.value = 'q'
    await nextTick()
    expect(undo.can.value).toBe(false)
  })
})

describe('what is taken back', () => {
  const one = [{}] as never[]
  it('waits for what is still on its way, and for nothing without a network', async () => {
    const work = { kept: ref('waiting'), waiting: shallowRef(one) }
    let sent = false
    const waited = onceSent(work).then(() => (sent = true))
    await new Promise((done) => setTimeout(done))
    expect(sent).toBe(false)
    work.waiting.value = []
    await waited
    await onceSent({ kept: ref('device'), waiting: shallowRef(one) })
    await onceSent({ kept: ref('kept'), waiting: shallowRef([]) })
    // The network goes away meanwhile.
    const gone = { kept: ref('waiting'), waiting: shallowRef(one) }
    const told = onceSent(gone)
    gone.kept.value = 'device'
    await told
  })
})
