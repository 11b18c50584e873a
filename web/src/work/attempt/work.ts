import { pauseAfter } from '@/shared/backoff'
import { passOver } from '@/shared/passOver'
import { computed, ref, shallowRef } from 'vue'
import { get } from '@/api/client'
import { refusalWords } from './refusal'
import { newId } from '@/api/id'
import { patched } from '@/shared/mergePatch'
import type {
  Act,
  Around,
  AttemptState,
  AttemptView,
  PathProgress,
  Move,
  Moved,
  OtherSide,
  Progress,
  Speech,
  StudentPage,
  StudentView,
  Verdict,
} from '@/api/schema'
import { cameAfter, courseAhead, withAhead } from './ahead'
import { passingDevice, type Device } from './device'
import { forget, NOT_YET, refusedByName, sendMove, whyWaiting, type Sent } from './outbox'
import { ownAfter } from './own'
import { goneWith } from './versionUpdate'

/** Work on pages: a student's attempt, or a teacher's try. Both are judged on the server. */
export interface Work {
  /** The pages that are open now, and what else may be known. */
  readonly view: StudentView
  /** Where the student was and can go. */
  readonly course: { value: PathProgress }
  readonly placements: number
  readonly state: { value: AttemptState }
  /** How many placements are solved, on which pages, with how many points and how much time left. */
  readonly progress: { value: Progress }
  /** The other sides that settling has brought up. */
  readonly sides: { value: Record<string, OtherSide> }
  /** What pieces say that have settled; it is not known before. */
  readonly said: { value: Record<string, Speech> }
  /**
   * 'kept' once the server has everything; 'waiting' while it is on its way; 'device' while the network is away and it
   * lies on this device, 'fleeting' where it lies in this page only; 'held' while the teacher paused everyone; 'sign-in'
   * while it waits for its student to sign in again; else what is wrong.
   */
  readonly kept: { value: string }
  make(act: Act): Promise<Verdict | null>
  /** Puts what was said on a page. */
  say(pageId: string, sound: Blob, seconds: number): Promise<void>
  /** Where recordings are heard from that were made in this browser, by their id. */
  readonly heard: { value: Record<string, string> }
  /** Asks for everything again: a page may have opened by itself, when a time was up. */
  refresh(): Promise<void>
}

/** @param gone names of what was done and is not there any more */
export interface Renewed {
  gone: string[]
}

/** A student's attempt, with what holds around it. */
export interface AttemptWork extends Work {
  readonly id: string
  readonly assignmentId: string
  /** When this page was opened, by the server's clock. */
  readonly openedAt: string
  readonly around: { value: Around }
  /** Moves that the server does not have yet. */
  readonly waiting: { value: Move[] }
  /** Once the teacher has brought the work up to the latest version. */
  readonly renewed: { value: Renewed | null }
  /** The network may be back: what waits is sent at once. */
  tryNow(): void
  /** Its student signed in again. */
  signedIn(): void
}

const pause = (ms: number) => new Promise((done) => setTimeout(done, ms))

export const move = (act: Act): Move => ({ id: newId(), act, deviceTime: new Date().toISOString() })

/** The state with what the server says has changed; what was drawn and said is not in that, but in what was sent. */
function stateAfter(was: AttemptState, moved: Moved, act: Act): AttemptState {
  const now = patched(moved.from === undefined ? ({} as AttemptState) : was, moved.patch)
  // A move that came again was in the state already.
  const own = moved.seq > was.seq ? ownAfter(was.own, act) : was.own
  return { ...now, ...(own && { own }) }
}

/** The view with pages that are open now. */
function withPages(view: StudentView, opened: StudentPage[] | undefined): StudentView {
  if (!opened?.length) return view
  const fresh = new Set(opened.map((page) => page.id))
  return { ...view, pages: [...view.pages.filter((page) => !fresh.has(page.id)), ...opened] }
}

/**
 * Moves are sent one after another, each with its own id, and again and again while the network is away. Until they are
 * acknowledged they lie on the device, so that a closed tab loses none of them.
 */
export function attemptWork(
  opened: AttemptView,
  device: Device = passingDevice(),
  before: Move[] = [],
): AttemptWork {
  const confirmed = shallowRef(opened.state)
  const progress = shallowRef(opened.progress)
  const sides = shallowRef(opened.sides)
  const spoken = shallowRef<Record<string, Speech>>({})
  const course = shallowRef(opened.course)
  const view = shallowRef(opened.view)
  const around = shallowRef(opened.around)
  const kept = ref('kept')
  /** Moves that the device is still writing down: until it has, a page that is closed would lose them. */
  const laying = ref(0)
  const told = computed(() => (laying.value > 0 && kept.value === 'device' ? 'waiting' : kept.value))
  /** Made and not acknowledged, in order. */
  const waiting = shallowRef<Move[]>([])
  /** Whether what waits is shown as done already, since the answer is a while off. */
  const away = ref(false)
  const state = computed(() => {
    const now = away.value ? withAhead(confirmed.value, waiting.value, view.value.pages) : confirmed.value
    return around.value.apart ? { ...now, came: came.value } : now
  })
  /** What the teacher's latest version took away of what was done here. */
  const renewed = shallowRef<Renewed | null>(null)
  /** In a team whose members turn the pages each for themselves, where this one came through. */
  const came = shallowRef<string[]>([])
  const apart = () => around.value.apart
  const courseNow = computed(() =>
    state.value.pageId === confirmed.value.pageId
      ? course.value
      : courseAhead(course.value, state.value.pageId),
  )
  let last: Promise<unknown> = Promise.resolve()
  let wake: (() => void) | null = null
  let overtaken = false
  let lasting = device.lasting
  let versionId = opened.versionId
  const heard = shallowRef<Record<string, string>>({})

  /** Sends a move until it is acknowledged. @throws only where the move itself was refused by name */
  async function send(made: Move): Promise<Sent> {
    for (let tries = 0; ; tries++) {
      try {
        const sent = await sendMove(opened.id, made, device)
        away.value = false
        return sent
      } catch (error) {
        if (refusedByName(error)) throw error
        away.value = true
        const why = whyWaiting(error)
        kept.value = why === 'device' && !lasting ? 'fleeting' : why
        await Promise.race([pause(pauseAfter(tries)), new Promise<void>((now) => (wake = now))])
      }
    }
  }

  function take({ moved, act }: Sent) {
    // Somebody else moved in between, and what they did is not in this answer.
    if (moved.seq > confirmed.value.seq + 1) overtaken = true
    const pageId = act.kind === 'open' ? act.pageId : confirmed.value.pageId
    const now = stateAfter(confirmed.value, moved, act)
    confirmed.value = apart() ? { ...now, pageId } : now
    sides.value = moved.sides ?? {}
    spoken.value = moved.said ?? {}
    progress.value = moved.progress
    course.value = moved.course
    view.value = withPages(view.value, moved.opened)
  }

  function queue(one: Move): Promise<Sent> {
    waiting.value = [...waiting.value, one]
    const sent = last.then(() => send(one))
    const done = sent.then(take).catch(passOver('whoever made the move is told'))
    last = done.then(async () => {
      waiting.value = waiting.value.filter((other) => other !== one)
      await forget(one, device)
      if (overtaken && waiting.value.length === 0) {
        overtaken = false
        await refresh().catch(passOver('the next news asks again'))
      }
    })
    return sent
  }

  async function make(act: Act): Promise<Verdict | null> {
    const one = move(act)
    if (act.kind === 'open')
      came.value = cameAfter({ ...state.value, came: came.value }, act.pageId, act.back)
    if (kept.value === 'kept') kept.value = 'waiting'
    // Where the device has no room for it, it lasts as long as this page.
    laying.value++
    const laid = device
      .keepMove(opened.id, one)
      .catch(() => {
        lasting = false
        // It may have said already that it lies on this device.
        if (kept.value === 'device') kept.value = 'fleeting'
      })
      .finally(() => laying.value--)
    const sent = queue(one)
    try {
      const { moved } = await sent
      await laid
      if (waiting.value.length <= 1) kept.value = 'kept'
      // What can be gone on to is told for the page that a team mate is on.
      if (act.kind === 'hand-in' && apart()) await refresh().catch(passOver('the next news asks again'))
      return moved.verdicts[one.id] ?? null
    } catch (error) {
      kept.value = refusalWords(error)
      throw error
    }
  }

  async function say(pageId: string, sound: Blob, seconds: number) {
    const id = newId()
    await device.keepSound(id, sound)
    heard.value = { ...heard.value, [id]: URL.createObjectURL(sound) }
    await make({ kind: 'say', pageId, recording: { id, file: NOT_YET, seconds } })
  }

  /** The same from the server: after a time was up, or when another device or a team mate moved. */
  async function refresh() {
    const asked = state.value.pageId
    const on = apart() ? `?page=${encodeURIComponent(asked)}` : ''
    const now = await get(`/api/v1/attempts/${opened.id}${on}`)
    around.value = now.around
    // Moves of one's own that are on their way know better than an answer that may have passed them.
    if (waiting.value.length > 0 && !away.value) return
    if (now.state.seq < confirmed.value.seq) return
    // The page was turned while this was on its way; it tells of the page before, and would lead back to it.
    if (apart() && state.value.pageId !== asked) return refresh()
    if (now.versionId !== versionId) {
      versionId = now.versionId
      renewed.value = { gone: goneWith(view.value, now.view, confirmed.value) }
    }
    confirmed.value = now.state
    view.value = now.view
    course.value = now.course
    progress.value = now.progress
    sides.value = now.sides
    void device.keepView(now).catch(passOver('what is on the screen needs no copy'))
  }

  void device.keepView(opened).catch(passOver('what is on the screen needs no copy'))
  if (before.length > 0) {
    away.value = true
    kept.value = lasting ? 'device' : 'fleeting'
    const all = before.map(queue)
    void Promise.allSettled(all).then(() => {
      if (waiting.value.length <= 1) kept.value = 'kept'
    })
  }
  return {
    id: opened.id,
    assignmentId: opened.assignmentId,
    openedAt: opened.around.now ?? '',
    around,
    get view() {
      return view.value
    },
    placements: opened.placements,
    state,
    course: courseNow,
    progress,
    sides,
    said: spoken,
    kept: told,
    waiting,
    renewed,
    make,
    say,
    heard,
    refresh,
    tryNow: () => wake?.(),
    signedIn() {
      kept.value = waiting.value.length ? 'waiting' : 'kept'
      wake?.()
    },
  }
}
