import { ref } from 'vue'
import { pictureOf } from './stagePicture'

/** How large and how often the page is drawn into a recording; the first that the device keeps up with is used. */
export const QUALITIES = [
  { width: 1728, perSecond: 24, rest: 120 },
  { width: 1280, perSecond: 20, rest: 250 },
  { width: 960, perSecond: 12, rest: 600 },
] as const
/** Page units. */
const PAGE_WIDTH = 1600
/** So many frames of more than 50 ms, within that many milliseconds, are too many. */
const SLOW = 4
const WITHIN = 10_000
/** What is drawn by itself, each frame, or is no part of what the class is to see. */
const APART = '.eraser, .ink-board, .picture-board, .control'
/** What lies over the ink: where one is there, ink and all are drawn as one. */
const OVER = '.cover-board, .spotlight-board, .magnifier-board, .instrument-board, .polygon-board'

/**
 * The page as the class sees it, drawn onto a canvas again and again: what lies on the page whenever it changed, ink and
 * moving pictures each frame. Nothing outside the page is on it.
 *
 * @param sheet the element that holds the page; another one after a change of tabs
 */
export function stageCanvas(sheet: () => HTMLElement | null | undefined) {
  const canvas = document.createElement('canvas')
  const under = document.createElement('canvas')
  /** Which of the qualities; it only ever goes down while one is recorded. */
  const quality = ref(0)
  const paths = new WeakMap<Element, { d: string; path: Path2D }>()
  let page: HTMLCanvasElement | null = null
  let whole = false
  let dirty = true
  let inkDirty = true
  let making = false
  let restsUntil = 0
  let seen: HTMLElement | null = null
  let timer: ReturnType<typeof setInterval> | undefined
  let slow: number[] = []

  const inInk = (node: Node) => {
    const element = node instanceof Element ? node : node.parentElement
    return element?.closest('.ink-board') ?? null
  }
  const changes = new MutationObserver((all) => {
    for (const one of all) {
      const board = inInk(one.target)
      if (!board) dirty = true
      // A stroke that grows leaves what is kept as it is: 2,000 strokes are not drawn anew for each point.
      else if (one.target === board || (one.target as Element).closest?.('.own-ink')) inkDirty = true
    }
  })
  const frames =
    typeof PerformanceObserver === 'undefined' ||
    !PerformanceObserver.supportedEntryTypes?.includes('longtask')
      ? null
      : new PerformanceObserver((list) => {
          for (const one of list.getEntries()) slow.push(one.startTime)
          const now = performance.now()
          slow = slow.filter((at) => now - at < WITHIN)
          if (slow.length >= SLOW && quality.value < QUALITIES.length - 1) {
            slow = []
            quality.value += 1
            size()
          }
        })

  function size() {
    const { width } = QUALITIES[quality.value]!
    for (const one of [canvas, under]) {
      one.width = width
      one.height = Math.round((width * 10) / 16)
    }
    dirty = true
    inkDirty = true
    clearInterval(timer)
    timer = setInterval(tick, 1000 / QUALITIES[quality.value]!.perSecond)
  }
  const typed = () => (dirty = true)
  function look(now: HTMLElement) {
    seen?.removeEventListener('input', typed)
    seen?.removeEventListener('scroll', typed, true)
    changes.disconnect()
    seen = now
    changes.observe(now, { subtree: true, childList: true, attributes: true, characterData: true })
    now.addEventListener('input', typed)
    now.addEventListener('scroll', typed, true)
    dirty = true
  }

  function pathOf(element: Element): Path2D {
    const d = element.getAttribute('d') ?? ''
    const there = paths.get(element)
    if (there?.d === d) return there.path
    const path = new Path2D(d)
    paths.set(element, { d, path })
    return path
  }
  function drawInk(pen: CanvasRenderingContext2D, all: Iterable<Element>) {
    const scale = canvas.width / PAGE_WIDTH
    pen.save()
    pen.scale(scale, scale)
    pen.lineCap = 'round'
    pen.lineJoin = 'round'
    for (const one of all) {
      pen.globalCompositeOperation = one.classList.contains('highlighter') ? 'darken' : 'source-over'
      pen.globalAlpha = one.classList.contains('fading') ? Number(getComputedStyle(one).opacity) : 1
      const path = pathOf(one)
      const fill = one.classList.contains('trail') ? '#e0592a' : (one.getAttribute('fill') ?? 'none')
      if (fill !== 'none') {
        pen.fillStyle = fill
        pen.fill(path)
      }
      const stroke = one.getAttribute('stroke') ?? 'none'
      if (stroke !== 'none') {
        pen.strokeStyle = stroke
        pen.lineWidth = Number(one.getAttribute('stroke-width') ?? 1)
        pen.setLineDash(
          (one.getAttribute('stroke-dasharray') ?? '').split(/[ ,]+/).filter(Boolean).map(Number),
        )
        pen.stroke(path)
      }
    }
    pen.restore()
  }

  async function draw(element: HTMLElement) {
    making = true
    dirty = false
    try {
      const over = element.querySelector(OVER) !== null
      page = await pictureOf(element, canvas.width, over ? '.eraser, .picture-board, .control' : APART)
      whole = over
      inkDirty = true
    } catch {
      // A picture that did not come: what was seen before stays, and the next change tries again.
      dirty = false
    }
    making = false
    restsUntil = performance.now() + QUALITIES[quality.value]!.rest
  }

  function tick() {
    const element = sheet()
    if (!element) return
    if (element !== seen) look(element)
    // With something over the page the ink is part of its picture.
    const again = dirty || (whole && inkDirty)
    if (again && !making && performance.now() >= restsUntil) void draw(element)
    if (!page) return
    const pen = canvas.getContext('2d')!
    if (whole) pen.drawImage(page, 0, 0, canvas.width, canvas.height)
    else {
      if (inkDirty) {
        const below = under.getContext('2d')!
        below.drawImage(page, 0, 0, under.width, under.height)
        drawInk(below, element.querySelectorAll('.ink-board .own-ink path'))
        inkDirty = false
      }
      pen.drawImage(under, 0, 0)
    }
    const box = element.getBoundingClientRect()
    const scale = canvas.width / box.width
    for (const video of element.querySelectorAll('video')) {
      if (!video.videoWidth) continue
      const there = video.getBoundingClientRect()
      const at = [there.left - box.left, there.top - box.top, there.width, there.height].map((n) => n * scale)
      pen.drawImage(video, at[0]!, at[1]!, at[2]!, at[3]!)
      drawInk(pen, element.querySelectorAll('.ink-board .own-ink path'))
    }
    if (!whole) drawInk(pen, element.querySelectorAll('.ink-board path:not(.own-ink path)'))
    magnify(pen, element)
  }

  /** Where the page is shown larger than it fits, only what is seen of it is recorded. */
  function magnify(pen: CanvasRenderingContext2D, element: HTMLElement) {
    const box = element.getBoundingClientRect()
    const frame = element.parentElement!.getBoundingClientRect()
    if (box.width <= frame.width * 1.01) return
    const share = frame.width / box.width
    const { width, height } = canvas
    const [x, y] = [(frame.left - box.left) / box.width, (frame.top - box.top) / box.height]
    pen.drawImage(canvas, x * width, y * height, width * share, height * share, 0, 0, width, height)
  }

  return {
    canvas,
    quality,
    /** Resolves once there is something to be seen on the canvas, so that no recording begins without a picture. */
    async start() {
      size()
      const element = sheet()
      if (element) {
        look(element)
        await draw(element)
      }
      frames?.observe({ entryTypes: ['longtask'] })
      tick()
    },
    stop() {
      clearInterval(timer)
      changes.disconnect()
      frames?.disconnect()
      seen?.removeEventListener('input', typed)
      seen?.removeEventListener('scroll', typed, true)
      seen = null
    },
  }
}
export type StageCanvas = ReturnType<typeof stageCanvas>
