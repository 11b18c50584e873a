import { onBeforeUnmount } from 'vue'

/** How long, in milliseconds, and how far a finger may tremble meanwhile, in CSS pixels. */
const LONG = 650
const STILL = 12

/** Tells where somebody presses long without moving; on something that is moved or typed into it means nothing. */
export function useLongPress(pressed: (at: { x: number; y: number }) => void) {
  let timer: ReturnType<typeof setTimeout> | undefined
  let from: PointerEvent | null = null
  const end = () => {
    clearTimeout(timer)
    from = null
  }
  function down(event: PointerEvent) {
    end()
    const on = event.target as Element
    if (
      event.button !== 0 ||
      on.closest('[data-piece], [role=button], button, input, a, .instrument, .cover')
    )
      return
    from = event
    timer = setTimeout(() => {
      pressed({ x: event.clientX, y: event.clientY })
      end()
    }, LONG)
  }
  function move(event: PointerEvent) {
    if (from && Math.hypot(event.clientX - from.clientX, event.clientY - from.clientY) > STILL) end()
  }
  onBeforeUnmount(end)
  return { down, move, end }
}
