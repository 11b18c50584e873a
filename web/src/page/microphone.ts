import { t } from '@/i18n'
import { onBeforeUnmount, ref, shallowRef } from 'vue'

/** Small enough for a weak network, and plain to understand. */
const BITS_A_SECOND = 32_000

/** What is spoken into the browser, until it is stopped or has lasted as long as it may. */
export function useMicrophone(longest: number, done: (sound: Blob, seconds: number) => void) {
  const recorder = shallowRef<MediaRecorder | null>(null)
  const seconds = ref(0)
  const wrong = ref('')
  let clock: ReturnType<typeof setInterval> | undefined
  let left = false

  async function begin() {
    wrong.value = ''
    try {
      const stream = await navigator.mediaDevices.getUserMedia({ audio: true })
      const made = new MediaRecorder(stream, { audioBitsPerSecond: BITS_A_SECOND })
      const parts: Blob[] = []
      made.addEventListener('dataavailable', (event) => parts.push(event.data))
      made.addEventListener('stop', () => {
        clearInterval(clock)
        stream.getTracks().forEach((track) => track.stop())
        recorder.value = null
        if (!left) done(new Blob(parts, { type: made.mimeType.split(';')[0]! }), seconds.value)
      })
      made.start()
      recorder.value = made
      seconds.value = 0
      clock = setInterval(() => {
        seconds.value += 1
        if (seconds.value >= longest) end()
      }, 1000)
    } catch {
      wrong.value = t('page.no-microphone')
    }
  }
  const end = () => recorder.value?.stop()
  onBeforeUnmount(() => {
    left = true
    clearInterval(clock)
    recorder.value?.stream.getTracks().forEach((track) => track.stop())
  })
  return { recorder, seconds, wrong, begin, end }
}
