import { t } from '@/i18n'
import { openStream } from '@/shared/liveStream'
import { pauseAfter } from '@/shared/backoff'
import { passOver } from '@/shared/passOver'
import { computed, ref, shallowRef } from 'vue'
import { get, post, postAtLast, put, Refusal, errorText } from '@/api/client'
import { newId } from '@/api/id'
import type { Activity, Caught, Current, Edit, StarterRequest } from '@/api/schema'
import { apply } from './mirror'
import { rebase } from './rebase'

interface Waiting {
  id: string
  edit: Edit
}

const MOST_AT_ONCE = 200
/** Plain edits in one request, those within steps counted one by one; the bound of core. */
const MOST_PLAIN = 4000
const plain = (edit: Edit) => (edit.kind === 'composite' ? (edit.edits as Edit[]).length : 1)

/**
 * One open activity: what the server confirmed, and on top of it this workbench's own edits that are still on their
 * way. What others did is laid underneath when it is heard of, so that neither loses anything.
 */
/** How long a note stays that needs no answer, in milliseconds. */
const NOTED = 6_000

export function openActivity(id: string, first: Current) {
  let confirmed: Activity = first.activity
  let seq = first.seq
  let waiting: Waiting[] = []
  let running: Promise<void> | null = null
  let closed = false

  const shown = shallowRef<Activity>(first.activity)
  const saved = ref<'saved' | 'saving' | string>('saved')
  const savedAt = ref(new Date())
  const told = ref('')
  const noted = ref('')
  let fading: ReturnType<typeof setTimeout> | undefined
  const canUndo = ref(first.canUndo)
  const canRedo = ref(first.canRedo)

  /** Makes an edit at once and sends it on its way; false when it does not fit. */
  function edit(made: Edit): boolean {
    if (!first.mayEdit) {
      told.value = t('workbench.this-activity-was-shared-with-you')
      return false
    }
    const next = apply(shown.value, made)
    if (!next) {
      told.value = whyNot(shown.value, made)
      return false
    }
    shown.value = next
    waiting.push({ id: newId(), edit: made })
    canUndo.value = true
    canRedo.value = false
    saved.value = 'saving'
    void flush()
    return true
  }

  /** Why the page did not take something, where a bound is the reason. */
  function whyNot(activity: Activity, made: Edit): string {
    const kinds = new Set(
      (made.kind === 'composite' ? (made.edits as Edit[]) : [made]).map((one) => one.kind),
    )
    if (kinds.has('add-page') && activity.pages.length >= 200)
      return t('workbench.an-activity-has-at-most-200')
    if (kinds.has('add-item') && activity.pages.some((page) => page.items.length >= 2000))
      return t('workbench.a-page-has-at-most-2')
    return told.value
  }

  function flush(): Promise<void> {
    running ??= send().finally(() => (running = null))
    return running
  }

  async function send() {
    for (let tries = 0; waiting.length > 0 && !closed;) {
      let room = MOST_PLAIN
      const most = waiting.findIndex(
        (one, i) => i >= MOST_AT_ONCE || (i > 0 && (room -= plain(one.edit)) < plain(waiting[0]!.edit)),
      )
      const batch = most < 0 ? [...waiting] : waiting.slice(0, most)
      try {
        take(await post(`/api/v1/activities/${id}/edits`, { seq, edits: batch }), batch)
        tries = 0
      } catch (error) {
        saved.value = errorText(error)
        if (!(error instanceof Refusal) || !error.passing) {
          // What the server will never take must not stand in the way of what comes after it.
          if (error instanceof Refusal && error.status === 401) return
          waiting = waiting.filter((one) => !batch.includes(one))
          told.value = errorText(error)
          show()
        } else {
          await new Promise((done) => setTimeout(done, pauseAfter(tries++)))
        }
      }
    }
    if (waiting.length === 0) {
      saved.value = 'saved'
      savedAt.value = new Date()
    }
  }

  /** Lays what the server says under what is still waiting. */
  function take(caught: Caught, sent: Waiting[]) {
    const own = new Set(waiting.map((one) => one.id))
    for (const logged of caught.edits) {
      if (logged.seq <= seq) continue
      confirmed = apply(confirmed, logged.edit) ?? confirmed
      seq = logged.seq
      if (own.has(logged.id)) {
        waiting = waiting.filter((one) => one.id !== logged.id)
      } else {
        waiting = waiting.flatMap((one) => {
          const edit = rebase(one.edit, logged.edit)
          return edit ? [{ id: one.id, edit }] : []
        })
      }
    }
    // Whatever was sent and is not in the log fell away; the server said why.
    waiting = waiting.filter((one) => !sent.some((gone) => gone.id === one.id))
    if (caught.dropped.length > 0)
      told.value = t('workbench.that-did-not-stay-why', { why: caught.dropped[0]!.why })
    canUndo.value = caught.canUndo || waiting.length > 0
    canRedo.value = caught.canRedo && waiting.length === 0
    show()
  }

  function show() {
    shown.value = waiting.reduce((now, one) => apply(now, one.edit) ?? now, confirmed)
  }

  async function takeBack(way: 'undo' | 'redo') {
    await flush()
    try {
      take(await post(`/api/v1/activities/${id}/${way}`, { seq, id: newId() }), [])
    } catch (error) {
      told.value = errorText(error)
    }
  }

  /** Brings back the activity as it was after an edit; that is an edit too, and can be undone. */
  async function restore(version: number) {
    await flush()
    try {
      take(await post(`/api/v1/activities/${id}/history/restorations`, { seq, id: newId(), version }), [])
    } catch (error) {
      told.value = errorText(error)
    }
  }

  /** Makes the pages again from their changed list; that is an edit too. Refusals are thrown, for the dialog to tell. */
  async function remake(list: StarterRequest) {
    await flush()
    take(await put(`/api/v1/activities/${id}/list`, { seq, id: newId(), list }), [])
  }
  async function previewRemake(list: StarterRequest) {
    await flush()
    return post(`/api/v1/activities/${id}/list/previews`, list)
  }

  async function catchUp(known: number) {
    if (known !== 0 && known <= seq) return
    await flush()
    if (known !== 0 && known <= seq) return
    take(await get(`/api/v1/activities/${id}/edits?after=${seq}`), [])
  }

  const hear = (known: number) => void catchUp(known).catch(passOver('the next news asks again'))
  const listeners = new Set<(where: unknown) => void>()
  const stream =
    typeof EventSource === 'undefined'
      ? null
      : openStream<{ changed: { seq: number }; where: unknown }>(`/api/v1/activities/${id}/live`, {
          changed: ({ seq }) => hear(seq),
          listening: () => hear(0),
          where: (where) => listeners.forEach((tell) => tell(where)),
        })
  /** Hears where others are who have this activity open. */
  function onWhere(tell: (where: unknown) => void) {
    listeners.add(tell)
    return () => listeners.delete(tell)
  }

  /** The last chance when a tab closes: the browser sends it after the page is gone. */
  const atLast = () => {
    if (waiting.length > 0)
      void postAtLast(`/api/v1/activities/${id}/edits`, { seq, edits: waiting }).catch(
        passOver('the page is gone, so nobody can be told'),
      )
  }
  window.addEventListener('pagehide', atLast)

  function close() {
    atLast()
    closed = true
    stream?.close()
    window.removeEventListener('pagehide', atLast)
  }

  return {
    id,
    activity: computed(() => shown.value),
    saved,
    savedAt,
    told,
    noted,
    canUndo,
    canRedo,
    edit,
    flush,
    undo: () => takeBack('undo'),
    redo: () => takeBack('redo'),
    restore,
    remake,
    previewRemake,
    onWhere,
    /** Something went wrong, or could not be done: it stays until it was read. */
    tell: (words: string) => (told.value = words),
    /** Something was done: it goes by itself. */
    note(words: string) {
      noted.value = words
      clearTimeout(fading)
      fading = setTimeout(() => (noted.value = ''), NOTED)
    },
    mayEdit: first.mayEdit,
    close,
  }
}

export type Editing = ReturnType<typeof openActivity>
