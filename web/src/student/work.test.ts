import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { AttemptView, Move, Moved } from '@/api/types'
import { attemptWork } from './work'

const opened: AttemptView = {
  id: 'attempt',
  assignmentId: 'assignment',
  view: { title: 'Sky', pages: [] },
  state: { seq: 0, pageId: 'p', standing: 'WORKING', pieces: {} },
  placements: 2,
  solved: 0,
  sides: {},
}
const put = { kind: 'put', pageId: 'p', pieceId: 'sun', x: 1, y: 2 } as const

describe("a student's work", () => {
  let down = false
  const seen: Move[] = []
  beforeEach(() => {
    vi.useFakeTimers()
    down = false
    seen.length = 0
    vi.stubGlobal('fetch', async (_: string, init: { body: string }) => {
      const { moves } = JSON.parse(init.body) as { moves: Move[] }
      seen.push(...moves)
      if (down) throw new TypeError('network')
      const moved: Moved = {
        seq: seen.length,
        pageId: 'p',
        standing: 'WORKING',
        pieces: {},
        solved: 1,
        verdicts: {},
      }
      return new Response(JSON.stringify(moved), { headers: { 'Content-Type': 'application/json' } })
    })
  })
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })

  it('says that a move is kept once the server has it', async () => {
    const work = attemptWork(opened)
    const made = work.make(put)
    expect(work.kept.value).toBe('waiting')
    await made
    expect(work.kept.value).toBe('kept')
    expect(work.solved.value).toBe(1)
  })

  it('sends a move again with the same id while the network is away, and later ones after it', async () => {
    const work = attemptWork(opened)
    down = true
    const first = work.make(put)
    const second = work.make({ kind: 'open', pageId: 'q' })
    await vi.advanceTimersByTimeAsync(700)
    expect(work.kept.value).toContain('cannot be reached')
    expect(new Set(seen.map((move) => move.id)).size).toBe(1)
    down = false
    await vi.advanceTimersByTimeAsync(10_000)
    await Promise.all([first, second])
    expect(seen.at(-1)!.act.kind).toBe('open')
    expect(work.kept.value).toBe('kept')
  })
})
