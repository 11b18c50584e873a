import { computed, onBeforeUnmount, ref, watch } from 'vue'
import type { Work } from './work'

/** How long is left for a page, and for the whole, counted on from what the server said last. */
export function useCountdown(work: Work, pageId: () => string) {
  const said = ref({ at: performance.now(), left: work.progress.value.left ?? {} })
  const now = ref(performance.now())
  let timer: ReturnType<typeof setInterval> | undefined
  watch(
    () => work.progress.value,
    () => (said.value = { at: performance.now(), left: work.progress.value.left ?? {} }),
  )
  const counts = computed(() => Object.keys(said.value.left).length > 0)
  watch(
    counts,
    (on) => {
      clearInterval(timer)
      if (on) timer = setInterval(() => (now.value = performance.now()), 500)
    },
    { immediate: true },
  )
  onBeforeUnmount(() => clearInterval(timer))

  /** Milliseconds; null where nothing is counted down. */
  return computed(() => {
    const { left, at } = said.value
    const both = [left[pageId()], left['']].filter((one) => one !== undefined)
    return both.length ? Math.max(0, Math.min(...both) - Math.max(0, now.value - at)) : null
  })
}
