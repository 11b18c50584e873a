import { onScopeDispose, ref, shallowRef, watch } from 'vue'
import { get } from '@/api/client'
import type { CheckedPages } from '@/api/types'
import type { Editing } from '../editing'

/** How long nothing is changed before the pages are looked through again, in milliseconds. */
const QUIET = 250

/** The page check of an open activity, live: looked through again a moment after each edit was saved. */
export function watchPages(editing: Editing) {
  const checked = shallowRef<CheckedPages | null>(null)
  const looking = ref(false)
  /** Whether the last look failed; what was found before it still stands. */
  const failed = ref(false)
  let timer: ReturnType<typeof setTimeout> | undefined
  let closed = false

  async function look() {
    if (closed) return
    looking.value = true
    try {
      await editing.flush()
      const found = await get<CheckedPages>(`/api/activities/${editing.id}/check`)
      if (!closed) checked.value = found
      failed.value = false
    } catch {
      // The next edit looks again.
      failed.value = true
    } finally {
      looking.value = false
    }
  }
  function soon() {
    clearTimeout(timer)
    timer = setTimeout(() => void look(), QUIET)
  }
  watch(editing.activity, soon)
  soon()
  onScopeDispose(() => {
    closed = true
    clearTimeout(timer)
  })
  return { checked, looking, failed }
}
export type PageWatch = ReturnType<typeof watchPages>
