import { passOver } from '@/shared/passOver'
import { computed, ref, shallowRef } from 'vue'
import { Refusal, get, post, put, errorText } from '@/api/client'
import type { ReviewedWork, PinnedWords, Review } from '@/api/schema'

const PAUSE_MS = 700

/** One piece of handed-in work on the desk, and what is being said of it. It is kept by itself as one writes. */
export function useReview(assignmentId: string) {
  const work = shallowRef<ReviewedWork | null>(null)
  const review = shallowRef<Review>({ words: '', mayImprove: false })
  const kept = ref<'kept' | 'keeping' | string>('kept')
  let version = 0
  let timer: ReturnType<typeof setTimeout> | undefined
  let last: Promise<unknown> = Promise.resolve()
  let dirty = false

  const address = () => `/api/v1/assignments/${assignmentId}/reviews/${work.value!.attemptId}` as const
  const sent = computed(() => Boolean(work.value?.kept.sentAt))

  let asked = 0
  /** @returns whether it lies on the desk now: not where another piece was asked for meanwhile, which comes instead */
  async function open(attemptId: string): Promise<boolean> {
    const mine = ++asked
    await flush()
    const now = await get(`/api/v1/assignments/${assignmentId}/reviews/${attemptId}`)
    if (mine !== asked) return false
    take(now)
    return true
  }

  function take(now: ReviewedWork) {
    work.value = now
    review.value = now.kept.review
    version = now.kept.version
    kept.value = 'kept'
    dirty = false
  }

  function say(change: Partial<Review>) {
    review.value = { ...review.value, ...change }
    dirty = true
    kept.value = 'keeping'
    clearTimeout(timer)
    timer = setTimeout(() => void flush().catch(passOver('kept tells that it is not saved')), PAUSE_MS)
  }

  /** What was said is on the server when this is over, or `kept` tells why not. */
  async function flush() {
    clearTimeout(timer)
    if (dirty && work.value) await write('draft')
    await last.catch(passOver('kept tells that it is not saved'))
  }

  function write(how: 'draft' | 'return') {
    dirty = false
    const to = address()
    const sent = { version, review: review.value }
    const of = work.value!.attemptId
    const done = last
      .catch(passOver('kept tells that it is not saved'))
      .then(() => (how === 'draft' ? put(to, sent) : post(`${to}/returns`, sent)))
      .then(async (now) => {
        version = now.version
        if (work.value?.attemptId === of) {
          // The score is computed on the server from what was just kept.
          const fresh = await get(`/api/v1/assignments/${assignmentId}/reviews/${of}`)
          if (work.value?.attemptId === of) work.value = fresh
          if (!dirty) kept.value = 'kept'
        }
      })
      .catch(async (error) => {
        kept.value = errorText(error)
        const changed = error instanceof Refusal && error.rule === 'CHANGED_MEANWHILE'
        // It is tried again before one goes on to anything else; but not what the server will never take, since the
        // work may be gone.
        dirty = error instanceof Refusal && (error.passing || error.bound !== '')
        if (changed) {
          const words = review.value.words
          take(await get(`/api/v1/assignments/${assignmentId}/reviews/${of}`))
          // What one was writing is not thrown away: it comes below what the other teacher wrote.
          if (words && words !== review.value.words) {
            review.value = { ...review.value, words: `${review.value.words}\n${words}`.trim() }
            dirty = true
          }
          kept.value = errorText(error)
        }
        throw error
      })
    last = done
    return done
  }

  async function send() {
    clearTimeout(timer)
    await write('return')
  }

  function mark(itemId: string, points: number | null, reason: string) {
    const marks = { ...review.value.marks }
    if (points === null) delete marks[itemId]
    else marks[itemId] = { points, reason }
    say({ marks })
  }
  const pin = (one: PinnedWords) => say({ pins: [...(review.value.pins ?? []), one] })
  const unpin = (id: string) => say({ pins: (review.value.pins ?? []).filter((one) => one.id !== id) })

  return { work, review, kept, sent, open, say, flush, send, mark, pin, unpin }
}

export type OpenReview = ReturnType<typeof useReview>
