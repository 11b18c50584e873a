import { t } from '@/i18n'
import { passOver } from '@/shared/passOver'
import { onBeforeUnmount, ref, watch } from 'vue'
import { put, errorText } from '@/api/client'
import { shown, type Timers } from './timers'
import type { Presentation } from './presentation'

/** So often it is told again, in milliseconds; on the server it holds three times as long. */
const AGAIN = 30_000

/**
 * What the wall tells the tablets of its class: the page that is shown, while 'Follow me' is on, and the timers that
 * were put there. It ends with this screen.
 */
export function useLeading(show: () => Presentation | undefined, timers: Timers) {
  const following = ref(false)
  /** Timers that the tablets show. */
  const onTablets = ref<string[]>([])
  const words = ref('')
  /** The lesson that was told something. */
  let told: string | null = null

  const now = () => Date.now()
  const body = () => ({
    ...(following.value ? { pageId: show()!.page.value.id } : {}),
    timers: timers.timers.value
      .filter((one) => onTablets.value.includes(one.id) && one.kind !== 'clock')
      .map((one) => ({
        id: one.id,
        down: one.kind === 'countdown',
        runs: one.since !== null,
        shows: Math.round(shown(one, now())),
      })),
  })
  const silent = (what: ReturnType<typeof body>) => !('pageId' in what) && !what.timers.length

  async function tell() {
    const lesson = show()
    if (!lesson?.classId) {
      // A lesson without a class leads nobody; the one before it goes on leading no longer.
      following.value = false
      if (told) await end(told)
      return
    }
    const what = body()
    if (silent(what) && told !== lesson.lesson.id) return
    if (told && told !== lesson.lesson.id) await end(told)
    told = silent(what) ? null : lesson.lesson.id
    try {
      const { assignments } = await put(`/api/v1/lessons/${lesson.lesson.id}/lead`, what)
      if (assignments === 0) words.value = t('present.this-class-was-not-given-this')
      else words.value = ''
    } catch (error) {
      words.value = errorText(error)
    }
  }
  async function end(lessonId: string) {
    told = null
    // Where this does not arrive, it ends on the server by itself.
    await put(`/api/v1/lessons/${lessonId}/lead`, { timers: [] }).catch(
      passOver('it ends on the server by itself'),
    )
  }
  const state = () =>
    JSON.stringify([
      show()?.lesson.id,
      following.value && show()?.page.value.id,
      timers.timers.value
        .filter((one) => onTablets.value.includes(one.id))
        .map((one) => [one.id, one.since, one.passed]),
    ])
  watch(state, () => void tell())
  const again = setInterval(() => void tell(), AGAIN)
  function stop() {
    if (told) void end(told)
  }
  onBeforeUnmount(() => {
    clearInterval(again)
    stop()
  })
  return {
    following,
    onTablets,
    words,
    toggle: (id: string) =>
      (onTablets.value = onTablets.value.includes(id)
        ? onTablets.value.filter((one) => one !== id)
        : [...onTablets.value, id]),
  }
}
export type Leading = ReturnType<typeof useLeading>
