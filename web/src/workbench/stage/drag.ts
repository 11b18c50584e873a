import { onBeforeUnmount } from 'vue'

/** One pull of the pointer, from where it was pressed on; whatever ends it, it listens no more. */
export function usePull() {
  let stop = () => {}
  onBeforeUnmount(() => stop())

  /** @param cancel what the device broke off counts for nothing */
  return function pull(on: { move(event: PointerEvent): void; up(): void; cancel(): void }) {
    stop()
    const up = () => {
      stop()
      on.up()
    }
    const cancel = () => {
      stop()
      on.cancel()
    }
    window.addEventListener('pointermove', on.move)
    window.addEventListener('pointerup', up)
    window.addEventListener('pointercancel', cancel)
    stop = () => {
      window.removeEventListener('pointermove', on.move)
      window.removeEventListener('pointerup', up)
      window.removeEventListener('pointercancel', cancel)
    }
  }
}
