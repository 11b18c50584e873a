/** Follows a pointer from where it was pressed until it is lifted, or taken away by the browser. */
export function drag(from: PointerEvent, to: (at: PointerEvent) => void, end?: (at: PointerEvent) => void) {
  if (from.button !== 0) return
  from.preventDefault()
  from.stopPropagation()
  const held = from.currentTarget as Element
  held.setPointerCapture(from.pointerId)
  const move = (event: Event) => {
    if ((event as PointerEvent).pointerId === from.pointerId) to(event as PointerEvent)
  }
  const stop = (event: Event) => {
    if ((event as PointerEvent).pointerId !== from.pointerId) return
    held.removeEventListener('pointermove', move)
    held.removeEventListener('pointerup', stop)
    held.removeEventListener('pointercancel', stop)
    end?.(event as PointerEvent)
  }
  held.addEventListener('pointermove', move)
  held.addEventListener('pointerup', stop)
  held.addEventListener('pointercancel', stop)
}
