import { computed, nextTick, onBeforeUnmount, onMounted, ref, type Ref } from 'vue'

/** How large the page is shown: from 25 to 400 %, fitted, or as wide as there is room; by wheel, by two fingers, by buttons. */
const LEAST = 0.25
const MOST = 4
/** At 100 % the page is this many CSS pixels wide. */
const WHOLE = 1280

interface At {
  x: number
  y: number
}

/**
 * @param room what the page lies in and is scrolled in; it holds the sheet
 * @param panning whether the hand moves the page now, rather than what is on it
 * @param pinching called when a second finger comes down: what the first one began is let go of
 */
export function useZoom(room: Ref<HTMLElement | undefined>, panning: () => boolean, pinching: () => void) {
  const zoom = ref<'fit' | 'width' | number>('fit')
  const size = ref({ width: 800, height: 560 })
  const shownWidth = computed(() => {
    if (zoom.value === 'fit') return Math.min(size.value.width, (size.value.height - 34) * 1.6)
    return zoom.value === 'width' ? size.value.width : zoom.value * WHOLE
  })
  const percent = computed(() => Math.round((shownWidth.value / WHOLE) * 100))
  let watcher: ResizeObserver | null = null
  onMounted(() => {
    watcher = new ResizeObserver(([entry]) => {
      size.value = { width: entry!.contentRect.width, height: entry!.contentRect.height }
    })
    watcher.observe(room.value!)
  })
  onBeforeUnmount(() => watcher?.disconnect())

  /** What of the page was under the hand when it began to turn the wheel: while the whole page is seen it drifts. */
  let anchor: { share: At; where: At; since: number } | null = null
  const SAME_PLACE = 3
  const SAME_TURN_MS = 600

  /** The point under the hand stays under it. */
  async function zoomTo(to: number, at?: At) {
    const box = room.value!
    const sheet = box.querySelector('.sheet')!.getBoundingClientRect()
    const where = at ?? {
      x: box.getBoundingClientRect().left + box.clientWidth / 2,
      y: box.getBoundingClientRect().top + box.clientHeight / 2,
    }
    const asked = performance.now()
    const same =
      anchor !== null &&
      asked - anchor.since < SAME_TURN_MS &&
      Math.hypot(anchor.where.x - where.x, anchor.where.y - where.y) < SAME_PLACE
    const share = same
      ? anchor!.share
      : { x: (where.x - sheet.left) / sheet.width, y: (where.y - sheet.top) / sheet.height }
    anchor = { share, where, since: asked }
    zoom.value = Math.min(MOST, Math.max(LEAST, to))
    await nextTick()
    const now = box.querySelector('.sheet')!.getBoundingClientRect()
    box.scrollLeft += now.left + share.x * now.width - where.x
    box.scrollTop += now.top + share.y * now.height - where.y
  }
  const step = (by: number) => zoomTo((shownWidth.value / WHOLE) * by)
  function wheel(event: WheelEvent) {
    if (!event.ctrlKey && !event.metaKey) return
    event.preventDefault()
    void zoomTo((shownWidth.value / WHOLE) * Math.exp(-event.deltaY / 400), {
      x: event.clientX,
      y: event.clientY,
    })
  }

  // Two fingers pinch; with Space held, or the middle button, the page is pulled about.
  const touches = new Map<number, At>()
  let pinch: { apart: number; zoom: number; middle: At } | null = null
  let pan: At | null = null
  const fingers = () => {
    const [a, b] = [...touches.values()]
    return {
      apart: Math.hypot(a!.x - b!.x, a!.y - b!.y) || 1,
      middle: { x: (a!.x + b!.x) / 2, y: (a!.y + b!.y) / 2 },
    }
  }
  function down(event: PointerEvent) {
    if (event.pointerType === 'touch') {
      touches.set(event.pointerId, { x: event.clientX, y: event.clientY })
      if (touches.size === 2) {
        pinch = { ...fingers(), zoom: shownWidth.value / WHOLE }
        pinching()
      }
      if (touches.size >= 2) event.stopPropagation()
    }
    if (panning() || event.button === 1) {
      pan = { x: event.clientX, y: event.clientY }
      event.preventDefault()
      event.stopPropagation()
    }
  }
  function move(event: PointerEvent) {
    if (touches.has(event.pointerId)) touches.set(event.pointerId, { x: event.clientX, y: event.clientY })
    if (pinch && touches.size === 2) {
      event.stopPropagation()
      const now = fingers()
      // The page goes along with the two fingers, and grows as they part.
      room.value!.scrollLeft -= now.middle.x - pinch.middle.x
      room.value!.scrollTop -= now.middle.y - pinch.middle.y
      pinch.middle = now.middle
      void zoomTo((pinch.zoom * now.apart) / pinch.apart, now.middle)
    } else if (pan) {
      room.value!.scrollLeft -= event.clientX - pan.x
      room.value!.scrollTop -= event.clientY - pan.y
      pan = { x: event.clientX, y: event.clientY }
    }
  }
  function up(event: PointerEvent) {
    touches.delete(event.pointerId)
    if (touches.size < 2) pinch = null
    pan = null
  }
  return { zoom, percent, shownWidth, step, wheel, down, move, up }
}
