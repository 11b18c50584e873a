import { t } from '@/i18n'
import { passOver } from '@/shared/passOver'
import { openStream } from '@/shared/liveStream'
import { computed, ref, shallowRef } from 'vue'
import { get } from '@/api/client'
import type { ProgressRow } from '@/api/schema'

/** A student's pages as they are now, in front of the class; they go along while the student works. */
export async function studentOnWall(assignmentId: string, studentId: string) {
  const load = () => get(`/api/v1/assignments/${assignmentId}/students/${studentId}`)
  const shown = shallowRef(await load())
  /** Whose it is stays untold until the teacher tells it. */
  const named = ref(false)
  let asked = 0
  const stream = openStream<{ row: ProgressRow }>(`/api/v1/assignments/${assignmentId}/live`, {
    row(row) {
      if (row.id !== studentId) return
      const mine = ++asked
      void load().then((now) => {
        if (mine === asked) shown.value = now
      }, passOver('what is there stays; the next move asks again'))
    },
  })
  return {
    shown,
    named,
    title: computed(() =>
      named.value ? t('present.shown-s-page', { shown: shown.value.name }) : t('present.a-students-page'),
    ),
    close: () => stream.close(),
  }
}
export type StudentOnWall = Awaited<ReturnType<typeof studentOnWall>>
