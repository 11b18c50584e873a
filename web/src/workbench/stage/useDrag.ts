import { shallowRef, watch, type Ref } from 'vue'
import { usePull } from '@/gesture/usePull'
import type { Frame } from '@/api/schema'
import { asOne, matrix, still } from '@/gesture/asOne'
import { pulled, type Grip } from '@/gesture/boxChart'
import { frameQueue } from '@/gesture/frameQueue'
import { keepsRatio } from '@/gesture/grips'
import { snapped, within, type Snap } from '@/gesture/guides'
import type { Similarity } from '@/page/arrange'
import { around, outline, PAGE, type Outline, type Point } from '@/page/geometry'
import type { Workbench } from '@/workbench/useWorkbench'

/** What the hand pulls at is drawn on these, past the framework: the page beneath, which may be full, is not painted
 * anew while they change. */
export interface Sheets {
  root: Ref<SVGSVGElement | undefined>
  air: Ref<SVGSVGElement | undefined>
  airGroup: Ref<SVGGElement | undefined>
  guide: Ref<SVGPathElement | undefined>
  bandBox: Ref<SVGRectElement | undefined>
  pointAt: (event: { clientX: number; clientY: number }) => Point
}

interface Pull {
  grip: Grip
  from: Point
  moved: boolean
  frame: Frame
  /** For several: the box around them. */
  box: Outline
  others: Outline[]
  by: Similarity
}
interface Keys {
  altKey: boolean
  shiftKey: boolean
}

/** A hand that trembles less than this, in page units, has not pulled. */
const NUDGE = 4

export const itemAt = (target: EventTarget | null) =>
  (target as Element | null)?.closest<SVGElement>('[data-item]')?.dataset.item ?? null

/** Moving, resizing, turning and the box around several, by pointer. */
export function useDrag(workbench: Workbench, sheets: Sheets, snapping: () => boolean) {
  const { page, chosen, selected, only } = workbench
  const { pointAt } = sheets
  const queue = frameQueue()
  /** One item that is resized or turned: it is drawn anew as it changes. */
  const live = shallowRef<{ id: string; frame: Frame; grip: Grip } | null>(null)
  /** Items that are moved, or several that are resized or turned: they lie on a layer of their own meanwhile. */
  const lifted = shallowRef<ReadonlySet<string>>(new Set())
  const together = shallowRef<Similarity | null>(null)
  let pull: Pull | null = null
  let banding: { from: Point; shift: boolean } | null = null
  let band: Outline | null = null

  function showLines(lines: Snap['lines']) {
    sheets.guide.value?.setAttribute(
      'd',
      lines.map(([x1, y1, x2, y2]) => `M${x1} ${y1}L${x2} ${y2}`).join(''),
    )
  }
  function showBand(box: Outline | null) {
    band = box
    const rect = sheets.bandBox.value
    if (!rect) return
    rect.setAttribute('visibility', box ? 'visible' : 'hidden')
    if (!box) return
    rect.setAttribute('x', String(box.left))
    rect.setAttribute('y', String(box.top))
    rect.setAttribute('width', String(box.right - box.left))
    rect.setAttribute('height', String(box.bottom - box.top))
  }

  /** A box is drawn from here; what lies wholly in it will be selected. */
  function drawBox(event: PointerEvent) {
    banding = { from: pointAt(event), shift: event.shiftKey }
    listen()
  }

  function grab(grip: Grip, event: PointerEvent) {
    if (event.button !== 0 || selected.value.length === 0) return
    event.stopPropagation()
    const mine = new Set(chosen.value)
    pull = {
      grip,
      from: pointAt(event),
      moved: false,
      frame: selected.value[0]!.frame,
      box: around(selected.value.map((item) => item.frame)),
      others: page.value.items.filter((item) => !mine.has(item.id)).map((item) => outline(item.frame)),
      by: still(),
    }
    listen()
  }

  /** What a move means is worked out once a frame, however often the hand is heard of in between. */
  function onMove(event: PointerEvent) {
    const at = pointAt(event)
    const { altKey, shiftKey } = event
    if (pull && !pull.moved && Math.hypot(at.x - pull.from.x, at.y - pull.from.y) < NUDGE) return
    if (pull) pull.moved = true
    queue('drag', () => follow(at, { altKey, shiftKey }))
  }

  function follow(at: Point, keys: Keys) {
    if (banding) {
      const { from } = banding
      showBand({
        left: Math.min(from.x, at.x),
        right: Math.max(from.x, at.x),
        top: Math.min(from.y, at.y),
        bottom: Math.max(from.y, at.y),
      })
      return
    }
    if (!pull) return
    if (pull.grip === 'move') {
      pull.by = moved(pull, at, keys)
      lift(chosen.value)
      showAir(pull.by)
    } else if (only.value) {
      const ratio = keepsRatio(only.value) !== keys.shiftKey
      const frame = pulled(pull.frame, pull.grip, pull.from, at, ratio, keys.shiftKey)
      live.value = { id: only.value.id, frame, grip: pull.grip }
    } else {
      pull.by = asOne(pull.box, pull.grip, pull.from, at, keys.shiftKey)
      lift(chosen.value)
      together.value = pull.by
      sheets.airGroup.value?.setAttribute('transform', matrix(pull.by))
    }
  }

  function lift(ids: string[]) {
    if (lifted.value.size === 0) lifted.value = new Set(ids)
  }

  /** Beside others things come to rest at equal edges and gaps, unless Alt is held. */
  function moved(now: Pull, at: Point, keys: Keys): Similarity {
    const dx = at.x - now.from.x
    const dy = at.y - now.from.y
    if (keys.altKey || !snapping()) {
      showLines([])
      return still({ dx, dy })
    }
    const { box } = now
    const there = { left: box.left + dx, right: box.right + dx, top: box.top + dy, bottom: box.bottom + dy }
    const snap = snapped(there, now.others)
    showLines(snap.lines)
    return still({ dx: dx + snap.dx, dy: dy + snap.dy })
  }

  /** Only a transform changes while something is moved; nothing is drawn anew. */
  function showAir(by: Similarity) {
    const air = sheets.air.value
    if (!air) return
    const scale = air.getBoundingClientRect().width / PAGE.width
    air.style.transform = `translate(${by.dx * scale}px, ${by.dy * scale}px)`
  }

  function onLift(event: PointerEvent) {
    queue('drag', () => {})
    if (banding ? band : pull?.moved) follow(pointAt(event), event)
    const done = pull
    const area = banding && band
    const shift = banding?.shift
    quiet()
    const frame = live.value
    live.value = null
    showLines([])
    showBand(null)
    if (area) {
      const ids = page.value.items.filter((item) => within(outline(item.frame), area)).map((item) => item.id)
      workbench.select(ids, shift ? 'add' : 'only')
    } else if (done?.moved && done.grip === 'move') {
      workbench.putDown(done.by.dx, done.by.dy, !event.altKey)
    } else if (done?.moved && only.value && frame) {
      workbench.pulledTo(only.value, frame.frame, done.grip !== 'turn')
    } else if (done?.moved) {
      workbench.transform(done.by)
    } else if (done && done.grip === 'move' && !event.shiftKey && !event.ctrlKey && chosen.value.length > 1) {
      const id = itemAt(event.target)
      if (id) workbench.select([id])
    }
    lifted.value = new Set()
    together.value = null
  }

  const following = usePull()
  const listen = () => following.pull({ move: onMove, up: onLift, cancel: letGo })
  function quiet() {
    pull = null
    banding = null
    following.stop()
  }
  /** Whatever is being pulled stays where it was. */
  function letGo() {
    queue('drag', () => {})
    quiet()
    live.value = null
    lifted.value = new Set()
    together.value = null
    showLines([])
    showBand(null)
  }
  watch(() => page.value.id, letGo)

  return { live, lifted, together, drawBox, grab, letGo, pulling: () => pull !== null }
}
