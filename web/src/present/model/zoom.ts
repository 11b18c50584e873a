import { onBeforeUnmount, ref, type Ref } from 'vue'

/** How much larger the page is shown than it fits, and where it lies then; pixels of the screen. */
export interface Zoom {
  scale: number
  x: number
  y: number
}
export const WHOLE: Zoom = { scale: 1, x: 0, y: 0 }
const MOST = 8
export const STEP = 1.25

/** The page stays over all of its place: nothing beside it is ever seen. */
function within({ scale, x, y }: Zoom, width: number, height: number): Zoom {
  const inside = (at: number, size: number) => Math.min(0, Math.max(size - size * scale, at))
  return { scale, x: inside(x, width), y: inside(y, height) }
}

/**
 * Larger or smaller, so that what lies at a point stays there.
 *
 * @param at from the left upper corner of the place of the page
 */
export function zoomed(
  was: Zoom,
  at: { x: number; y: number },
  by: number,
  width: number,
  height: number,
): Zoom {
  const scale = Math.min(MOST, Math.max(1, was.scale * by))
  const share = scale / was.scale
  return within({ scale, x: at.x - (at.x - was.x) * share, y: at.y - (at.y - was.y) * share }, width, height)
}
export const panned = (was: Zoom, dx: number, dy: number, width: number, height: number): Zoom =>
  within({ scale: was.scale, x: was.x + dx, y: was.y + dy }, width, height)

/**
 * Zooms by two fingers, or by the wheel with Ctrl; moves by two fingers, or by the wheel.
 *
 * @param place the element in which the page lies when it is not zoomed
 * @param free whether two fingers are not needed for something else
 */
export function useZoom(place: Ref<HTMLElement | undefined>, free: () => boolean) {
  const zoom = ref<Zoom>(WHOLE)
  const fingers = new Map<number, { x: number; y: number }>()

  const at = (point: { x: number; y: number }) => {
    const box = place.value!.getBoundingClientRect()
    return { x: point.x - box.left, y: point.y - box.top, width: box.width, height: box.height }
  }
  function by(factor: number, point?: { x: number; y: number }) {
    const { width, height, ...there } = at(point ?? { x: 0, y: 0 })
    zoom.value = zoomed(zoom.value, point ? there : { x: width / 2, y: height / 2 }, factor, width, height)
  }
  function move(dx: number, dy: number) {
    const { width, height } = at({ x: 0, y: 0 })
    zoom.value = panned(zoom.value, dx, dy, width, height)
  }
  const middle = () => {
    const [a, b] = [...fingers.values()] as [{ x: number; y: number }, { x: number; y: number }]
    return { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2, far: Math.hypot(a.x - b.x, a.y - b.y) }
  }
  function down(event: PointerEvent) {
    // A piece that two fingers turn or size is theirs.
    const held = (event.target as Element).closest('[data-piece], button, input, .instrument, .control')
    if (event.pointerType === 'touch' && free() && !held)
      fingers.set(event.pointerId, { x: event.clientX, y: event.clientY })
  }
  function moved(event: PointerEvent) {
    if (!fingers.has(event.pointerId)) return
    if (fingers.size !== 2) {
      fingers.set(event.pointerId, { x: event.clientX, y: event.clientY })
      return
    }
    const was = middle()
    fingers.set(event.pointerId, { x: event.clientX, y: event.clientY })
    const now = middle()
    move(now.x - was.x, now.y - was.y)
    if (was.far > 10) by(now.far / was.far, now)
  }
  const up = (event: PointerEvent) => fingers.delete(event.pointerId)
  function wheel(event: WheelEvent) {
    if (event.ctrlKey) by(event.deltaY < 0 ? STEP : 1 / STEP, { x: event.clientX, y: event.clientY })
    else if (zoom.value.scale > 1) move(-event.deltaX, -event.deltaY)
    else return
    event.preventDefault()
  }
  window.addEventListener('pointermove', moved)
  window.addEventListener('pointerup', up)
  window.addEventListener('pointercancel', up)
  onBeforeUnmount(() => {
    window.removeEventListener('pointermove', moved)
    window.removeEventListener('pointerup', up)
    window.removeEventListener('pointercancel', up)
  })
  return { zoom, by, move, down, wheel, whole: () => (zoom.value = WHOLE) }
}
