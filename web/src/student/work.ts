import { ref, shallowRef } from 'vue'
import { post, Refusal, said } from '@/api/client'
import { newId } from '@/api/id'
import type {
  Act,
  AttemptState,
  AttemptView,
  Move,
  Moved,
  OtherSide,
  Progress,
  StudentView,
  Tried,
  Verdict,
} from '@/api/types'

/** Work on pages: a student's attempt, or a teacher's try. Both are judged on the server. */
export interface Work {
  readonly view: StudentView
  readonly placements: number
  readonly state: { value: AttemptState }
  /** How many placements are solved, on which pages, with how many points and how much time left. */
  readonly progress: { value: Progress }
  /** The other sides that settling has brought up. */
  readonly sides: { value: Record<string, OtherSide> }
  /** 'kept' once the server has everything; 'waiting' while it is on its way; else what is wrong. */
  readonly kept: { value: string }
  make(act: Act): Promise<Verdict | null>
}

const PAUSE = [500, 1000, 2000, 4000, 8000]
const pause = (ms: number) => new Promise((done) => setTimeout(done, ms))

const move = (act: Act): Move => ({ id: newId(), act, deviceTime: new Date().toISOString() })

/** The state as the server says it is now; of the pieces it says only what changed. */
function stateAfter(was: AttemptState, moved: Moved): AttemptState {
  const { seq, pageId, standing, over, slid, written, zones, typed, shown, came } = moved
  const pieces = { ...was.pieces, ...moved.pieces }
  for (const id of moved.gone ?? []) delete pieces[id]
  return { seq, pageId, standing, pieces, over, slid, written, zones, typed, shown, came, opened: was.opened }
}

/** Moves are sent one after another, each with its own id, and again and again while the network is away. */
export function attemptWork(opened: AttemptView): Work {
  const state = shallowRef(opened.state)
  const progress = shallowRef(opened.progress)
  const sides = shallowRef(opened.sides)
  const kept = ref('kept')
  let last: Promise<unknown> = Promise.resolve()

  async function send(one: Move): Promise<Moved> {
    for (let tries = 0; ; tries++) {
      try {
        return await post<Moved>(`/api/attempts/${opened.id}/moves`, { moves: [one] })
      } catch (error) {
        if (!(error instanceof Refusal) || !error.passing) throw error
        kept.value = said(error)
        await pause(PAUSE[Math.min(tries, PAUSE.length - 1)]!)
      }
    }
  }

  async function make(act: Act): Promise<Verdict | null> {
    const one = move(act)
    kept.value = 'waiting'
    const sent = last.then(() => send(one))
    last = sent.catch(() => {})
    try {
      const moved = await sent
      state.value = stateAfter(state.value, moved)
      sides.value = moved.sides ?? {}
      progress.value = moved.progress
      kept.value = 'kept'
      return moved.verdicts[one.id] ?? null
    } catch (error) {
      kept.value = said(error)
      throw error
    }
  }
  return { view: opened.view, placements: opened.placements, state, progress, sides, kept, make }
}

/** The server keeps nothing of a try, so every request tells it the whole. */
export function tryWork(activityId: string, first: Tried): Work {
  const state = shallowRef(first.state)
  const progress = shallowRef(first.progress)
  const sides = shallowRef(first.sides)
  const moves: Move[] = []
  let last: Promise<unknown> = Promise.resolve()

  async function send(one: Move): Promise<Tried> {
    const tried = await post<Tried>(`/api/activities/${activityId}/try`, { moves: [...moves, one] })
    moves.push(one)
    return tried
  }

  async function make(act: Act): Promise<Verdict | null> {
    const sent = last.then(() => send(move(act)))
    last = sent.catch(() => {})
    const tried = await sent
    state.value = tried.state
    progress.value = tried.progress
    sides.value = tried.sides
    return tried.verdict ?? null
  }
  return { view: first.view, placements: first.placements, state, progress, sides, kept: ref('kept'), make }
}
