import { computed, ref, shallowRef } from 'vue'
import { getAll } from '@/api/client'
import type { ActivityHead } from '@/api/schema'
import { openPresentation, type Presentation } from '@/present/model/presentation'
import type { Told } from './told'

/** The activities that are open on the wall, and the one that is shown. */
export function useTabs(told: Told, leave: () => void) {
  const tabs = shallowRef<Presentation[]>([])
  const at = ref(0)
  const show = computed(() => tabs.value[at.value])
  /** The activities that one more could be opened from; null while none is asked for. */
  const offered = ref<ActivityHead[] | null>(null)

  async function open(activityId: string, classId?: string) {
    const there = tabs.value.findIndex((one) => one.activityId === activityId && one.classId === classId)
    if (there >= 0) at.value = there
    else {
      const made = await openPresentation(activityId, classId)
      tabs.value = [...tabs.value, made]
      at.value = tabs.value.length - 1
    }
  }
  const choose = () =>
    told.run(async () => {
      offered.value = await getAll('/api/v1/activities')
    })
  async function add(activity: ActivityHead) {
    offered.value = null
    await told.run(() => open(activity.id, show.value?.classId))
  }
  function close(index: number) {
    if (tabs.value.length === 1) return leave()
    tabs.value = tabs.value.filter((_, i) => i !== index)
    at.value = Math.min(at.value, tabs.value.length - 1)
  }
  /** Another class is another lesson, with ink of its own. */
  async function toClass(id: string) {
    const { activityId, work } = show.value!
    await told.run(async () => {
      const made = await openPresentation(activityId, id || undefined, work)
      tabs.value = tabs.value.map((one, i) => (i === at.value ? made : one))
    })
  }
  return { tabs, at, show, offered, open, choose, add, close, toClass }
}
export type Tabs = ReturnType<typeof useTabs>
