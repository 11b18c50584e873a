import { passOver } from '@/shared/passOver'
import { onBeforeUnmount, ref, watch, type Ref } from 'vue'
import { newId } from '@/api/id'
import { put } from '@/api/client'

/** Where somebody else is who has the same activity open. */
export interface Elsewhere {
  workbench: string
  name: string
  pageId: string
  itemIds: string[]
  at: number
}

const FORGET_MS = 40_000
const SAY_AGAIN_MS = 15_000

/** Tells others what is selected here, and knows what is selected there. */
export function usePresence(activityId: string, pageId: Ref<string>, chosen: Ref<string[]>) {
  const workbench = newId()
  const others = ref<Elsewhere[]>([])
  let said = ''
  let waiting: ReturnType<typeof setTimeout> | undefined

  function say(force = false) {
    const here = { workbench, pageId: pageId.value, itemIds: chosen.value.slice(0, 200) }
    const text = JSON.stringify(here)
    if (text === said && !force) return
    said = text
    void put(`/api/v1/activities/${activityId}/presence`, here).catch(
      passOver('where one is is told again at the next step'),
    )
  }
  watch(
    [pageId, chosen],
    () => {
      clearTimeout(waiting)
      waiting = setTimeout(say, 250)
    },
    { immediate: true },
  )

  function hear(where: Elsewhere) {
    if (where.workbench === workbench) return
    const known = others.value.some((one) => one.workbench === where.workbench)
    others.value = [
      ...others.value.filter((one) => one.workbench !== where.workbench),
      ...(where.pageId ? [{ ...where, at: Date.now() }] : []),
    ]
    // Somebody who has just come does not know of us yet.
    if (!known && where.pageId) say(true)
  }

  const beat = setInterval(() => {
    const now = Date.now()
    others.value = others.value.filter((one) => now - one.at < FORGET_MS)
    if (others.value.length > 0) say(true)
  }, SAY_AGAIN_MS)
  onBeforeUnmount(() => {
    clearInterval(beat)
    clearTimeout(waiting)
    void put(`/api/v1/activities/${activityId}/presence`, { workbench, pageId: '', itemIds: [] }).catch(
      passOver('who left is taken off after a while'),
    )
  })
  return { others, hear }
}
