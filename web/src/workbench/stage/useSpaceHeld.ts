import { onBeforeUnmount, onMounted, ref } from 'vue'
import { itemAt } from './useDrag'

/** Whether Space is held where it means the page: then the hand moves all of it. */
export function useSpaceHeld() {
  const held = ref(false)
  const key = (event: KeyboardEvent) => {
    const busy = (event.target as HTMLElement).closest(
      'input, textarea, select, button, [contenteditable], dialog',
    )
    if (event.key === ' ' && !busy && !itemAt(event.target)) {
      held.value = event.type === 'keydown'
      if (event.type === 'keydown') event.preventDefault()
    } else if (event.key === ' ' && event.type === 'keyup') held.value = false
  }
  onMounted(() => {
    window.addEventListener('keydown', key)
    window.addEventListener('keyup', key)
  })
  onBeforeUnmount(() => {
    window.removeEventListener('keydown', key)
    window.removeEventListener('keyup', key)
  })
  return held
}
