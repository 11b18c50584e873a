import { passOver } from '@/shared/passOver'
import { ref, shallowRef } from 'vue'
import { post, Refusal } from '@/api/client'
import { newId } from '@/api/id'
import type { Act, Move, Speech, Tried, Verdict } from '@/api/schema'
import { NOT_YET } from './outbox'
import { move, type Work } from './work'

/** The server knows no such try, or has let go of it. */
const NOT_KNOWN = 'TRY_NOT_KNOWN'

/**
 * The server keeps nothing of a try for good. It goes on from where it was as long as it remembers; else it is told all
 * moves from the start.
 */
export function tryWork(
  activityId: string,
  first: Tried,
  presented = false,
): Work & { made(): number; backTo(count: number): Promise<void> } {
  const state = shallowRef(first.state)
  const progress = shallowRef(first.progress)
  const sides = shallowRef(first.sides)
  const spoken = shallowRef<Record<string, Speech>>({})
  const course = shallowRef(first.course)
  const view = shallowRef(first.view)
  const moves: Move[] = []
  const heard = shallowRef<Record<string, string>>({})
  let last: Promise<unknown> = Promise.resolve()

  /** A try goes by this name from the move on that it was begun with, or begun anew. */
  let tryId = newId()

  const address = `/api/v1/activities/${activityId}/tries` as const
  /** Begins anew with all of these. */
  function begin(all: Move[]): Promise<Tried> {
    tryId = newId()
    return post(address, { tryId, moves: all, presented })
  }
  /** Goes on from where it was, or where that is forgotten, tells all of it. */
  async function goOn(more: Move[]): Promise<Tried> {
    if (moves.length === 0) return begin(more)
    try {
      return await post(address, { tryId, after: moves.length, moves: more, presented })
    } catch (error) {
      if (!(error instanceof Refusal) || error.rule !== NOT_KNOWN) throw error
      return begin([...moves, ...more])
    }
  }
  async function send(one: Move): Promise<Tried> {
    const tried = await goOn([one])
    moves.push(one)
    return tried
  }

  async function make(act: Act): Promise<Verdict | null> {
    const sent = last.then(() => send(move(act)))
    last = sent.catch(passOver('whoever made the move is told'))
    const tried = await sent
    take(tried)
    return tried.verdict ?? null
  }
  function take(tried: Tried) {
    state.value = tried.state
    progress.value = tried.progress
    sides.value = tried.sides
    spoken.value = tried.said ?? {}
    course.value = tried.course
    view.value = tried.view
  }
  /** As if nothing had been made after so many moves, but for pages that were turned. */
  async function backTo(count: number) {
    await last
    const turned = moves.slice(count).filter((one) => one.act.kind === 'open')
    const left = [...moves.slice(0, count), ...turned]
    const tried = await begin(left)
    moves.splice(0, moves.length, ...left)
    take(tried)
  }
  /** Heard from this browser alone: a try leaves nothing behind. */
  async function say(pageId: string, sound: Blob, seconds: number) {
    const id = newId()
    heard.value = { ...heard.value, [id]: URL.createObjectURL(sound) }
    await make({ kind: 'say', pageId, recording: { id, file: NOT_YET, seconds } })
  }
  async function refresh() {
    const tried = await goOn([])
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
    say,
    heard,
    refresh,
    made: () => moves.length,
    backTo,
  }
}
