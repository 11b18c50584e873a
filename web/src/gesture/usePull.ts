import { onBeforeUnmount } from 'vue'

/** What follows a pointer until it is lifted. */
export interface Following {
  move(event: PointerEvent): void
  up(event: PointerEvent): void
  /** The device broke it off, or whatever is pulled is gone: it counts for nothing. */
  cancel?(): void
}

/**
 * One pull of the pointer at a time, from where it was pressed on. It listens only while something is pulled, and whatever
 * ends it, it listens no more.
 */
export function usePull() {
  let stop = () => {}
  onBeforeUnmount(() => stop())

  function pull(on: Following) {
    stop()
    const up = (event: PointerEvent) => {
      stop()
      on.up(event)
    }
    const cancel = () => {
      stop()
      on.cancel?.()
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
  /** Ends it without a word to anybody. */
  return { pull, stop: () => stop() }
}
