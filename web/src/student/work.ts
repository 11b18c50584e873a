import { ref, shallowRef } from 'vue'
import { post, Refusal, said } from '@/api/client'
import { newId } from '@/api/id'
import type {
  Act,
  AttemptState,
  AttemptView,
  Course,
  Move,
  Moved,
  OtherSide,
  Progress,
  Speech,
  StudentPage,
  StudentView,
  Tried,
  Verdict,
} from '@/api/types'

/** Work on pages: a student's attempt, or a teacher's try. Both are judged on the server. */
export interface Work {
  /** The pages that are open now, and what else may be known. */
  readonly view: StudentView
  /** Where the student was and can go. */
  readonly course: { value: Course }
  readonly placements: number
  readonly state: { value: AttemptState }
  /** How many placements are solved, on which pages, with how many points and how much time left. */
  readonly progress: { value: Progress }
  /** The other sides that settling has brought up. */
  readonly sides: { value: Record<string, OtherSide> }
  /** What pieces say that have settled; it is not known before. */
  readonly said: { value: Record<string, Speech> }
  /** 'kept' once the server has everything; 'waiting' while it is on its way; else what is wrong. */
  readonly kept: { value: string }
  make(act: Act): Promise<Verdict | null>
  /** Asks for everything again: a page may have opened by itself, when a time was up. */
  refresh(): Promise<void>
}

const PAUSE = [500, 1000, 2000, 4000, 8000]
const pause = (ms: number) => new Promise((done) => setTimeout(done, ms))

const move = (act: Act): Move => ({ id: newId(), act, deviceTime: new Date().toISOString() })

/** The state as the server says it is now; of the pieces it says only what changed. */
function stateAfter(was: AttemptState, moved: Moved): AttemptState {
  const { seq, pageId, standing, over, slid, written, zones, typed, shown, came, met, spots } = moved
  const pieces = { ...was.pieces, ...moved.pieces }
  for (const id of moved.gone ?? []) delete pieces[id]
  return {
    seq,
    pageId,
    standing,
    pieces,
    over,
    slid,
    written,
    zones,
    typed,
    shown,
    came,
    met,
    spots,
    opened: was.opened,
  }
}

/** The view with pages that are open now. */
function withPages(view: StudentView, opened: StudentPage[] | undefined): StudentView {
  if (!opened?.length) return view
  const fresh = new Set(opened.map((page) => page.id))
  return { ...view, pages: [...view.pages.filter((page) => !fresh.has(page.id)), ...opened] }
}

/** Moves are sent one after another, each with its own id, and again and again while the network is away. */
export function attemptWork(opened: AttemptView): Work {
  const state = shallowRef(opened.state)
  const progress = shallowRef(opened.progress)
  const sides = shallowRef(opened.sides)
  const spoken = shallowRef<Record<string, Speech>>({})
  const course = shallowRef(opened.course)
  const view = shallowRef(opened.view)
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
      spoken.value = moved.said ?? {}
      progress.value = moved.progress
      course.value = moved.course
      view.value = withPages(view.value, moved.opened)
      kept.value = 'kept'
      return moved.verdicts[one.id] ?? null
    } catch (error) {
      kept.value = said(error)
      throw error
    }
  }
  async function refresh() {
    const now = await post<AttemptView>('/api/attempts', { assignmentId: opened.assignmentId })
    view.value = now.view
    course.value = now.course
  }
  return {
    get view() {
      return view.value
    },
    placements: opened.placements,
    state,
    course,
    progress,
    sides,
    said: spoken,
    kept,
    make,
    refresh,
  }
}

/** The server keeps nothing of a try, so every request tells it the whole. */
export function tryWork(activityId: string, first: Tried): Work {
  const state = shallowRef(first.state)
  const progress = shallowRef(first.progress)
  const sides = shallowRef(first.sides)
  const spoken = shallowRef<Record<string, Speech>>({})
  const course = shallowRef(first.course)
  const view = shallowRef(first.view)
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
    spoken.value = tried.said ?? {}
    course.value = tried.course
    view.value = tried.view
    return tried.verdict ?? null
  }
  async function refresh() {
    const tried = await post<Tried>(`/api/activities/${activityId}/try`, { moves })
    course.value = tried.course
    view.value = tried.view
  }
  return {
    get view() {
      return view.value
    },
    placements: first.placements,
    state,
    course,
    progress,
    sides,
    said: spoken,
    kept: ref('kept'),
    make,
    refresh,
  }
}
