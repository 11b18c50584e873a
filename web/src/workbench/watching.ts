import { onScopeDispose, ref, shallowRef, watch } from 'vue'
import type { Editing } from '@/workbench/edits/editing'

/** How long nothing is changed before the server is asked again, in milliseconds. */
const QUIET = 250

/** What the server finds of an open activity, live: asked for again a moment after each edit was saved. */
export function watchFor<T>(editing: Editing, ask: () => Promise<T>) {
  const found = shallowRef<T | null>(null)
  /** Whether the last look failed; what was found before it still stands. */
  const failed = ref(false)
  let timer: ReturnType<typeof setTimeout> | undefined
  let closed = false

  async function look() {
    if (closed) return
    try {
      await editing.flush()
      const now = await ask()
      if (!closed) found.value = now
      failed.value = false
    } catch {
      // The next edit looks again.
      failed.value = true
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
  return { found, failed }
}
