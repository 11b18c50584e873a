import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { AttemptView, Move } from '@/api/schema'
import { passingDevice, type Device } from './device'
import { sendWaiting } from './outbox'
import { attemptWork } from './work'

const opened = {
  id: 'attempt',
  assignmentId: 'assignment',
  view: { title: 'Sky', pages: [], buttons: true, tools: { draw: true, record: false } },
  state: { seq: 0, pageId: 'p', standing: 'WORKING', pieces: {} },
  placements: 2,
  progress: { solved: 0, on: {}, score: { got: 0, most: 2 } },
  sides: {},
  course: { pages: ['p'] },
  around: {},
} as unknown as AttemptView

/** What can come back for a move, and whether the server has said something of the move itself by it. */
const ANSWERS: { name: string; says: boolean; answer: () => Response }[] = [
  { name: 'taken', says: true, answer: () => json(200, {}) },
  { name: 'handed in before', says: true, answer: () => json(409, { rule: 'HANDED_IN', move: 0 }) },
  { name: 'past a bound', says: true, answer: () => json(422, { bound: 'put.x' }) },
  { name: 'no network', says: false, answer: () => fail() },
  { name: 'session ended', says: false, answer: () => json(401, {}) },
  { name: 'token of another session', says: false, answer: () => json(403, {}) },
  { name: 'somebody else is signed in', says: false, answer: () => json(404, {}) },
  { name: 'a conflict that names no move', says: false, answer: () => json(409, { rule: 'ELSEWHERE' }) },
  { name: 'paused', says: false, answer: () => json(409, { rule: 'PAUSED', move: 0 }) },
  { name: 'too many requests', says: false, answer: () => json(429, {}) },
  { name: 'too large for a proxy', says: false, answer: () => new Response('<h1>413</h1>', { status: 413 }) },
  { name: 'a fault of the server', says: false, answer: () => json(500, {}) },
  { name: 'a proxy without a server', says: false, answer: () => new Response('', { status: 502 }) },
  { name: 'an answer cut short', says: false, answer: () => new Response('{"se', { status: 200 }) },
  { name: 'a sign-in page in its place', says: false, answer: () => new Response('<html>', { status: 200 }) },
]
function fail(): never {
  throw new TypeError('network')
}
const json = (status: number, more: object) =>
  new Response(
    JSON.stringify({
      seq: 1,
      pageId: 'p',
      standing: 'WORKING',
      pieces: {},
      progress: opened.progress,
      verdicts: {},
      met: [],
      course: opened.course,
      ...more,
    }),
    { status, headers: { 'Content-Type': 'application/json' } },
  )

function random(seed: number) {
  let state = seed >>> 0
  return (most: number) => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0
    return Math.floor((state / 2 ** 32) * most)
  }
}
const put = (n: number) => ({ kind: 'put', pageId: 'p', pieceId: `piece${n}`, x: n, y: 0 }) as const

describe('the outbox', () => {
  beforeEach(() => void vi.useFakeTimers())
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })

  for (const one of ANSWERS) {
    it(`${one.says ? 'lets go of' : 'keeps'} a move on: ${one.name}`, async () => {
      vi.stubGlobal('fetch', async () => one.answer())
      const device = passingDevice()
      const work = attemptWork(opened, device)
      const made = work.make(put(1)).catch(() => {})
      await vi.advanceTimersByTimeAsync(3000)
      expect(await device.movesOf('attempt')).toHaveLength(one.says ? 0 : 1)
      expect(work.waiting.value).toHaveLength(one.says ? 0 : 1)
      if (one.says) await made
    })
  }

  it('never forgets a move that was neither acknowledged nor refused by name, whatever happens', async () => {
    for (let seed = 1; seed <= 60; seed++) {
      const chance = random(seed)
      /** The moves of which the server has said something. */
      const settled = new Set<string>()
      let quiet = false
      vi.stubGlobal('fetch', async (_: string, init: { body: string }) => {
        const { moves } = JSON.parse(init.body) as { moves: Move[] }
        const one = quiet ? ANSWERS[0]! : ANSWERS[chance(ANSWERS.length)]!
        if (one.says) moves.forEach((move) => settled.add(move.id))
        return one.answer()
      })
      const device: Device = passingDevice()
      const made: string[] = []
      const keep = device.keepMove
      device.keepMove = async (id, move) => {
        made.push(move.id)
        await keep(id, move)
      }
      const lost = async () => {
        const there = new Set((await device.movesOf('attempt')).map((move) => move.id))
        return made.filter((id) => !there.has(id) && !settled.has(id))
      }
      // The tab is closed and opened again in between; another child's screens send what waits, too.
      for (let tab = 0; tab < 3; tab++) {
        const work = attemptWork(opened, device, await device.movesOf('attempt'))
        for (let n = 0; n < 4; n++) {
          work.make(put(n)).catch(() => {})
          await vi.advanceTimersByTimeAsync(chance(4000))
        }
        expect(await lost(), `seed ${seed}`).toEqual([])
        if (chance(2)) await Promise.race([sendWaiting(device), vi.advanceTimersByTimeAsync(5000)])
        expect(await lost(), `seed ${seed}`).toEqual([])
      }
      quiet = true
      await sendWaiting(device)
      await vi.advanceTimersByTimeAsync(60_000)
      expect(await device.movesOf('attempt'), `seed ${seed}`).toEqual([])
      expect(made.every((id) => settled.has(id))).toBe(true)
    }
  })

  it('says that it waits for somebody to sign in, and goes on by itself once they have', async () => {
    let out = true
    vi.stubGlobal('fetch', async () => (out ? json(401, {}) : json(200, {})))
    const device = passingDevice()
    const work = attemptWork(opened, device)
    const made = work.make(put(1))
    await vi.advanceTimersByTimeAsync(100)
    expect(work.kept.value).toBe('sign-in')
    out = false
    work.signedIn()
    await made
    expect(work.kept.value).toBe('kept')
    expect(await device.movesOf('attempt')).toEqual([])
  })
})
