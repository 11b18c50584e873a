import { computed, onBeforeUnmount, ref, watch } from 'vue'
import type { Around } from '@/api/schema'
import type { AttemptWork } from '@/work/attempt/work'

/** A timer of the wall as this tablet shows it. @property shows in milliseconds */
export interface WallTime {
  id: string
  down: boolean
  shows: number
}

/**
 * Where the teacher's wall leads: the page that all are to see, and timers. The page is turned once for each time it is
 * said; whoever then turns on can come back by a button.
 *
 * @param work the attempt that is open now
 */
export function useLed(work: () => AttemptWork | null) {
  /** How far the server's clock is before this one, in milliseconds, as it was when that was said. */
  const said = ref({ around: null as Around | null, ahead: 0 })
  const now = ref(Date.now())
  const refused = ref(false)
  watch(
    () => work()?.around.value,
    (around) => {
      if (around) said.value = { around, ahead: Date.parse(around.now) - Date.now() }
      now.value = Date.now()
    },
    { immediate: true },
  )
  const serverNow = computed(() => now.value + said.value.ahead)
  const lead = computed(() => {
    const one = said.value.around?.lead
    return one && Date.parse(one.until) > serverNow.value ? one : null
  })
  const timers = computed<WallTime[]>(() =>
    (lead.value?.timers ?? []).map((one) => {
      const zero = one.zeroAt ? Date.parse(one.zeroAt) : 0
      const runs = one.down ? zero - serverNow.value : serverNow.value - zero
      return { id: one.id, down: one.down, shows: Math.max(0, one.zeroAt ? runs : (one.restsAt ?? 0)) }
    }),
  )
  let tick: ReturnType<typeof setInterval> | undefined
  watch(
    () => Boolean(said.value.around?.lead),
    (on) => {
      clearInterval(tick)
      if (on) tick = setInterval(() => (now.value = Date.now()), 250)
    },
    { immediate: true },
  )
  onBeforeUnmount(() => clearInterval(tick))

  const pageId = computed(() => lead.value?.pageId)
  const elsewhere = computed(() => Boolean(pageId.value) && work()?.state.value.pageId !== pageId.value)
  async function go() {
    const to = pageId.value
    if (!to || !elsewhere.value) return
    try {
      await work()!.make({ kind: 'open', pageId: to })
      refused.value = false
    } catch {
      // It is told instead: the page opens for this student later, or is none of theirs.
      refused.value = true
    }
  }
  watch(pageId, () => void go(), { immediate: true })
  return { leads: computed(() => Boolean(pageId.value)), elsewhere, refused, timers, go }
}
