import { onBeforeUnmount, ref, shallowRef, watch } from 'vue'
import { studentOnWall, type StudentOnWall } from '@/present/model/studentOnWall'
import type { Tabs } from './tabs'
import type { Told } from './told'

/** A student's page that stands in the place of ours. */
export function useWall({ show, at }: Tabs, { run }: Told) {
  const student = shallowRef<StudentOnWall | null>(null)
  const choosing = ref(false)

  function takeDown() {
    student.value?.close()
    student.value = null
  }
  async function put(assignmentId: string, studentId: string) {
    choosing.value = false
    takeDown()
    await run(async () => {
      const one = await studentOnWall(assignmentId, studentId)
      student.value = one
      // Where they are is what is talked about.
      if (show.value!.pages.value.some((page) => page.id === one.shown.value.state.pageId))
        await show.value!.open(one.shown.value.state.pageId)
    })
  }
  watch(at, takeDown)
  onBeforeUnmount(takeDown)
  return { student, choosing, put, takeDown }
}
