import { t } from '@/i18n'
import { pauseAfter } from '@/shared/backoff'
import { computed, ref, shallowRef } from 'vue'
import { post, Refusal } from '@/api/client'
import type { DrawnStroke, Lesson } from '@/api/schema'

export interface InkChange {
  pageId: string
  drawn: DrawnStroke[]
  gone: string[]
}
type Pages = Record<string, DrawnStroke[]>

/** As core's bound on strokes that are sent at once. */
export const AT_ONCE = 500

/** A page's strokes with some taken away and some put on top; one that is there already stays. */
export function inkAfter(pages: Pages, { pageId, drawn, gone }: InkChange): Pages {
  const away = new Set(gone)
  const left = (pages[pageId] ?? []).filter((one) => !away.has(one.id))
  const there = new Set(left.map((one) => one.id))
  return { ...pages, [pageId]: [...left, ...drawn.filter((one) => !there.has(one.id))] }
}

/** Changes in portions that the server takes. */
export function portions(change: InkChange): InkChange[] {
  const all: InkChange[] = []
  for (let from = 0; from === 0 || from < change.drawn.length; from += AT_ONCE)
    all.push({
      pageId: change.pageId,
      drawn: change.drawn.slice(from, from + AT_ONCE),
      gone: from === 0 ? change.gone : [],
    })
  return all
}

/**
 * The ink of a lesson. It is seen at once and sent one change after another, again and again while the network is away;
 * until the server has it, it lies in this browser, so that a closed tab loses none of it.
 */
export function lessonInk(lesson: Lesson, storage: Pick<Storage, 'getItem' | 'setItem'> = localStorage) {
  const key = `lesson-ink-${lesson.id}`
  const waiting = shallowRef<InkChange[]>(read())
  const pages = shallowRef<Pages>(waiting.value.reduce(inkAfter, lesson.ink as Pages))
  /** What is to be told: that the network is away, or that the lesson is full. */
  const wrong = ref('')
  const kept = computed(() => waiting.value.length === 0)
  let sending = false
  let tries = 0

  function read(): InkChange[] {
    try {
      return JSON.parse(storage.getItem(key) ?? '[]') as InkChange[]
    } catch {
      // What cannot be read there was never written whole; the server has all that came before.
      return []
    }
  }
  function lay() {
    try {
      storage.setItem(key, JSON.stringify(waiting.value))
    } catch {
      wrong.value = t('present.this-browser-has-no-room-left')
    }
  }

  async function send() {
    if (sending) return
    sending = true
    while (waiting.value.length > 0) {
      const [next] = waiting.value
      try {
        await post(`/api/v1/lessons/${lesson.id}/ink`, next)
        wrong.value = ''
        tries = 0
      } catch (error) {
        if (error instanceof Refusal && error.passing) {
          wrong.value = t('present.the-network-is-away-the-ink')
          const pause = pauseAfter(tries++)
          await new Promise((done) => setTimeout(done, pause))
          continue
        }
        wrong.value = error instanceof Refusal ? error.message : t('present.that-ink-could-not-be-saved')
      }
      waiting.value = waiting.value.slice(1)
      lay()
    }
    sending = false
  }

  function change(one: InkChange) {
    if (!one.drawn.length && !one.gone.length) return
    pages.value = inkAfter(pages.value, one)
    waiting.value = [...waiting.value, ...portions(one)]
    lay()
    void send()
  }
  /** What undoes a change, made before it. Strokes come back under their own names, so that steps before know them. */
  function inverse(one: InkChange): InkChange {
    const there = new Map((pages.value[one.pageId] ?? []).map((stroke) => [stroke.id, stroke]))
    const back = one.gone.flatMap((id) => there.get(id) ?? [])
    return {
      pageId: one.pageId,
      drawn: back,
      gone: one.drawn.map((stroke) => stroke.id),
    }
  }
  if (waiting.value.length) void send()
  return { pages, waiting, kept, wrong, change, inverse }
}
export type LessonInk = ReturnType<typeof lessonInk>
