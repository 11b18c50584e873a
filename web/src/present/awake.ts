import { onBeforeUnmount, onMounted } from 'vue'

/** The screen does not go dark by itself while something is shown to a class; where a browser cannot do that, nothing changes. */
export function useAwake() {
  let lock: WakeLockSentinel | null = null
  let left = false
  async function hold() {
    if (left || document.visibilityState !== 'visible' || !navigator.wakeLock) return
    try {
      lock = await navigator.wakeLock.request('screen')
      if (left) void lock.release()
    } catch {
      // A device that saves its battery may say no; the class only touches the screen then.
      lock = null
    }
  }
  // The browser lets go of it whenever the page is hidden.
  const seen = () => void hold()
  onMounted(() => {
    document.addEventListener('visibilitychange', seen)
    void hold()
  })
  onBeforeUnmount(() => {
    left = true
    document.removeEventListener('visibilitychange', seen)
    void lock?.release()
  })
}
