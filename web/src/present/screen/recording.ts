import { ref, type Ref } from 'vue'
import { useRecorder } from '@/present/recording/recorder'
import type { Tabs } from './tabs'

/** The recording of what is shown, its card, and the list of those that were made. */
export function useRecording(sheet: Ref<HTMLElement | undefined>, { show }: Tabs) {
  const recorder = useRecorder({
    sheet: () => sheet.value,
    activityId: () => show.value!.activityId,
    title: () => show.value!.work.view.title,
    pageName: () => show.value?.document.value?.file.name || (show.value?.page.value.name ?? ''),
  })
  const card = ref(false)
  const list = ref(false)
  /** The recording that was just made. */
  const made = ref<string | null>(null)
  async function end() {
    const done = await recorder.end()
    if (!done) return
    card.value = false
    made.value = done.id
    list.value = true
  }
  return { recorder, card, list, made, end }
}
