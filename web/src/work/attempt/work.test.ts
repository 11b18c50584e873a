import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Act, AttemptView, Move, Moved, Stroke } from '@/api/schema'
import { passingDevice } from './device'
import { tryWork } from './tryWork'
import { attemptWork } from './work'

const opened: AttemptView = {
  id: 'attempt',
  assignmentId: 'assignment',
  versionId: 'first',
  view: { title: 'Sky', pages: [], buttons: true, tools: { draw: true, record: false } },
  state: { seq: 0, pageId: 'p', standing: 'WORKING', pieces: {} },
  placements: 2,
  progress: { solved: 0, on: {}, score: { got: 0, most: 2 } },
  sides: {},
  course: { pages: ['p'] },
  around: {
    now: '2026-11-24T10:00:00Z',
    sharing: 'OWN_COPY',
    window: {},
    stage: 'OPEN',
    paused: false,
    closed: false,
    round: 1,
    apart: false,
    after: 'RIGHT_AND_WRONG',
    className: 'Puffin',
  },
}
const farther = (solved: number) => ({ solved, on: { p: solved }, score: { got: solved, most: 2 } })
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
        from: seen.length - 1,
        patch: { seq: seen.length },
        progress: { solved: 1, on: { p: 1 }, score: { got: 1, most: 2 } },
        verdicts: {},
        course: { pages: ['p'] },
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
    expect(work.progress.value.solved).toBe(1)
  })

  /** News of a team mate's move ask for the work anew; the answer may be on its way while one goes on. */
  it('stays on the page that was turned to while an answer for the page before was on its way', async () => {
    const together = { ...opened, around: { ...opened.around, apart: true } }
    let answer: (page: string) => void = () => {}
    const asked: string[] = []
    const fetched = fetch
    vi.stubGlobal('fetch', (address: string, init?: { body: string }) => {
      if (init?.body) return fetched(address, init)
      asked.push(address)
      return new Promise<Response>((done) => {
        answer = (pageId) =>
          done(
            new Response(JSON.stringify({ ...together, state: { ...together.state, seq: 1, pageId } }), {
              headers: { 'Content-Type': 'application/json' },
            }),
          )
      })
    })
    const work = attemptWork(together)
    const refreshed = work.refresh()
    await work.make({ kind: 'open', pageId: 'q' })
    expect(work.state.value.pageId).toBe('q')
    answer('p')
    await vi.advanceTimersByTimeAsync(1)
    expect(work.state.value.pageId).toBe('q')
    expect(asked).toHaveLength(2)
    expect(asked[1]).toContain('page=q')
    answer('q')
    await refreshed
    expect(work.state.value.pageId).toBe('q')
  })

  it('sends a move again with the same id while the network is away, and later ones after it', async () => {
    const work = attemptWork(opened)
    down = true
    const first = work.make(put)
    const second = work.make({ kind: 'open', pageId: 'q' })
    await vi.advanceTimersByTimeAsync(700)
    expect(work.kept.value).toBe('fleeting')
    expect(new Set(seen.map((move) => move.id)).size).toBe(1)
    down = false
    await vi.advanceTimersByTimeAsync(10_000)
    await Promise.all([first, second])
    expect(seen.at(-1)!.act.kind).toBe('open')
    expect(work.kept.value).toBe('kept')
  })

  /** A page that is loaded anew in that moment would lose it, so it must not be called saved. */
  it('says that a move is on this device only once the device has written it down', async () => {
    let written = () => {}
    const device = { ...passingDevice(), lasting: true }
    const work = attemptWork(opened, device)
    down = true
    void work.make(put)
    await vi.advanceTimersByTimeAsync(700)
    expect(work.kept.value).toBe('device')
    device.keepMove = () => new Promise((done) => (written = done))
    void work.make({ kind: 'open', pageId: 'q' })
    await vi.advanceTimersByTimeAsync(700)
    expect(work.kept.value).toBe('waiting')
    written()
    await vi.advanceTimersByTimeAsync(0)
    expect(work.kept.value).toBe('device')
  })
})

describe('what the server says of a move', () => {
  const lying = (x: number) => ({ x, y: 0, tries: 1, solvedAt: 0, putAt: 1, settled: false })
  afterEach(() => vi.unstubAllGlobals())

  /** Answers each request with the next of these. */
  function answers(...all: object[]) {
    const bodies: { moves: Move[] }[] = []
    vi.stubGlobal('fetch', async (_: string, init: { body: string }) => {
      if (init.body) bodies.push(JSON.parse(init.body) as { moves: Move[] })
      const { status = 200, ...body } = all.shift() as { status?: number }
      return new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } })
    })
    return bodies
  }
  const moved = ({
    seq = 1,
    patch = {},
    ...more
  }: {
    seq?: number
    patch?: object
    [more: string]: unknown
  }) => ({
    seq,
    from: seq - 1,
    patch: { seq, ...patch },
    progress: { solved: 0, on: {}, score: { got: 0, most: 2 } },
    verdicts: {},
    ...more,
  })

  it('is laid over what lies there, and copies that were taken back are gone', async () => {
    const pieces = { sun: lying(1), 'star~1': lying(2) }
    answers(
      moved({
        patch: { pieces: { sun: lying(9), 'star~1': null }, over: ['sun'], written: { note: 'Mars' } },
      }),
    )
    const work = attemptWork({ ...opened, state: { ...opened.state, pieces } })
    await work.make(put)
    expect(work.state.value.pieces).toEqual({ sun: lying(9) })
    expect(work.state.value.over).toEqual(['sun'])
    expect(work.state.value.written).toEqual({ note: 'Mars' })
  })

  it('brings up other sides, and takes them down again when the page begins anew', async () => {
    const side = { colour: '#ffffff', byTap: false }
    answers(moved({ sides: { sun: side } }), moved({ seq: 2 }))
    const work = attemptWork(opened)
    await work.make(put)
    expect(work.sides.value).toEqual({ sun: side })
    await work.make({ kind: 'start-again', pageId: 'p' })
    expect(work.sides.value).toEqual({})
  })

  it('that it breaks a rule leaves everything as it was, and the next move still goes', async () => {
    answers(
      { status: 409, detail: 'It has settled. Nothing was changed.', rule: 'ALREADY_SETTLED', move: 0 },
      moved({ progress: farther(2) }),
    )
    const work = attemptWork(opened)
    await expect(work.make(put)).rejects.toThrow('It has settled')
    expect(work.state.value).toEqual(opened.state)
    expect(work.kept.value).toBe('That is right. It stays there')
    await work.make(put)
    expect(work.progress.value.solved).toBe(2)
    expect(work.kept.value).toBe('kept')
  })

  it('says nothing of ink: what was sent is there, and a stroke that came again is there once', async () => {
    const stroke = {
      tool: 'PEN',
      colour: '#1f2d33',
      width: 6,
      dash: 'SOLID',
      points: [0, 0, 128],
    } satisfies Stroke
    const act: Act = { kind: 'draw', pageId: 'p', drawn: [{ id: 'a', stroke }] }
    answers(moved({}), moved({}))
    const work = attemptWork(opened)
    await work.make(act)
    await work.make(act)
    expect(work.state.value.own!.p!.ink).toHaveLength(1)
  })

  it('that came again tells the whole, and nothing is left of what was shown meanwhile', async () => {
    const pieces = { sun: lying(1), 'star~1': lying(2) }
    const whole = { seq: 1, pageId: 'p', standing: 'WORKING', pieces: { sun: lying(9) } }
    answers({ ...moved({ patch: whole }), from: undefined })
    const work = attemptWork({ ...opened, state: { ...opened.state, pieces, over: ['sun'] } })
    await work.make(put)
    expect(work.state.value).toEqual(whole)
  })

  it('is asked for whole where somebody else moved in between', async () => {
    answers(moved({ seq: 3 }), { ...opened, state: { ...opened.state, seq: 3, pieces: { moon: lying(4) } } })
    const work = attemptWork(opened)
    await work.make(put)
    await vi.waitFor(() => expect(work.state.value.pieces).toHaveProperty('moon'))
  })

  it('of a recording comes after the recording itself, from this device, as often as it takes', async () => {
    vi.stubGlobal('URL', { createObjectURL: () => 'blob:here' })
    const file = { sha256: 'b'.repeat(64), name: 'Recording', mediaType: 'audio/webm' }
    const asked: [string, unknown][] = []
    let silent = 2
    vi.stubGlobal('fetch', async (path: string, init: { body: unknown }) => {
      asked.push([path, init.body])
      if (silent-- > 0) throw new TypeError('network')
      return new Response(JSON.stringify(path.endsWith('recordings') ? file : moved({})))
    })
    const device = passingDevice()
    const work = attemptWork(opened, device)
    const saying = work.say('p', new Blob(['hm']), 2)
    await vi.waitFor(() => expect(work.state.value.own?.p?.said).toHaveLength(1))
    const [id] = Object.keys(work.heard.value)
    expect(work.heard.value[id!]).toBe('blob:here')
    work.tryNow()
    await vi.waitFor(() => expect(asked).toHaveLength(2))
    work.tryNow()
    await saying
    expect(asked.map(([path]) => path.split('/').pop())).toEqual([
      'recordings',
      'recordings',
      'recordings',
      'moves',
    ])
    expect(JSON.parse(asked[3]![1] as string).moves[0].act.recording).toMatchObject({ id, file })
    expect(work.state.value.own!.p!.said).toMatchObject([{ id, file, seconds: 2 }])
    await vi.waitFor(async () => expect(await device.soundOf(id!)).toBeNull())
  })

  it('of a try follows those before it, and all are told again where the server has forgotten them', async () => {
    const tried = {
      view: opened.view,
      state: opened.state,
      placements: 2,
      progress: { solved: 0, on: {}, score: { got: 0, most: 2 } },
      sides: {},
      course: { pages: ['p'] },
    }
    const bodies = answers(
      { ...tried, progress: farther(1) },
      { status: 409, detail: 'No.' },
      { ...tried, progress: farther(2), verdict: { says: 'BELONGS', rests: 'THERE' } },
      { status: 409, detail: 'Tell all.', rule: 'TRY_NOT_KNOWN' },
      { ...tried, progress: farther(2) },
      tried,
    )
    const work = tryWork('activity', tried)
    expect(await work.make(put)).toBeNull()
    await expect(work.make(put)).rejects.toThrow('No.')
    expect(await work.make(put)).toMatchObject({ says: 'BELONGS' })
    expect(work.progress.value.solved).toBe(2)
    await work.make(put)
    expect(work.made()).toBe(3)
    await work.backTo(1)
    expect(work.made()).toBe(1)
    const sent = bodies as unknown as { tryId: string; after?: number; moves: Move[] }[]
    // The one that was refused counts for nothing.
    expect(sent.map((body) => [body.after ?? 0, body.moves.length])).toEqual([
      [0, 1],
      [1, 1],
      [1, 1],
      [2, 1],
      [0, 3],
      [0, 1],
    ])
    expect(new Set(sent.slice(0, 4).map((body) => body.tryId)).size).toBe(1)
    expect(new Set(sent.slice(3).map((body) => body.tryId)).size).toBe(3)
    expect(sent[4]!.moves[0]!.id).toBe(sent[0]!.moves[0]!.id)
  })
})
