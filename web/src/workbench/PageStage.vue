<script setup lang="ts">
import { computed, nextTick, onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue'
import type { Frame, Item } from '@/api/types'
import { asOne, matrix, still } from '@/gesture/asOne'
import { pulled, type Grip } from '@/gesture/boxChart'
import { frameQueue } from '@/gesture/frameQueue'
import { CORNERS, gripsOf, keepsRatio } from '@/gesture/grips'
import { snapped, within, type Snap } from '@/gesture/guides'
import type { Similarity } from '@/page/arrange'
import {
  around,
  letter,
  middle,
  outline,
  PAGE,
  placed,
  tilePath,
  turned,
  type Outline,
  type Point,
} from '@/page/geometry'
import ItemBody from '@/page/ItemBody.vue'
import { cellAt, groupsOf, zonesOf } from '@/page/items'
import LensView from '@/page/LensView.vue'
import { itemName } from '@/page/names'
import PaperBody from '@/page/PaperBody.vue'
import { framesOf, routeOf } from '@/page/route'
import type { Said } from '@/page/wordFit'
import type { Bench, Writing } from './bench'
import type { Elsewhere } from './presence'
import BoxGrips from './BoxGrips.vue'
import InkLayer from './InkLayer.vue'
import LineHandles from './LineHandles.vue'
import RailHandles from './RailHandles.vue'
import TableHandles from './TableHandles.vue'
import WordField from './WordField.vue'

/** The page on the workbench: select, move, resize, turn, type, draw. */
const props = defineProps<{ bench: Bench; others: Elsewhere[]; snapping: boolean }>()
const emit = defineEmits<{ dropTile: [kind: string, at: Point]; dropFiles: [files: File[], at: Point] }>()

const { page, byId, chosen, selected, only, writing, tool, veiled } = props.bench
const root = ref<SVGSVGElement>()
const air = ref<SVGSVGElement>()
const airGroup = ref<SVGGElement>()
const queue = frameQueue()

const letters = computed(() => {
  const found: Record<string, string> = {}
  zonesOf(page.value.items).forEach((zone, i) => (found[zone.id] = letter(i)))
  return found
})
const frameOfId = computed(() => framesOf(page.value.items))

// What is being done by pointer -----------------------------------------------------------------------------------

/** One item that is resized or turned: it is drawn anew as it changes. */
const live = shallowRef<{ id: string; frame: Frame; grip: Grip } | null>(null)
/** Items that are moved, or several that are resized or turned: they lie on a layer of their own meanwhile. */
const lifted = shallowRef<ReadonlySet<string>>(new Set())
const together = shallowRef<Similarity | null>(null)
/** Guides and the box around several are drawn on a sheet of their own, past the framework: the page beneath, which
 * may be full, is not painted anew while they change. */
const guide = ref<SVGPathElement>()
const bandBox = ref<SVGRectElement>()
let band: Outline | null = null
function showLines(lines: Snap['lines']) {
  guide.value?.setAttribute('d', lines.map(([x1, y1, x2, y2]) => `M${x1} ${y1}L${x2} ${y2}`).join(''))
}
function showBand(box: Outline | null) {
  band = box
  const rect = bandBox.value
  if (!rect) return
  rect.setAttribute('visibility', box ? 'visible' : 'hidden')
  if (!box) return
  rect.setAttribute('x', String(box.left))
  rect.setAttribute('y', String(box.top))
  rect.setAttribute('width', String(box.right - box.left))
  rect.setAttribute('height', String(box.bottom - box.top))
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
let pull: Pull | null = null
let banding: { from: Point; shift: boolean } | null = null

const shown = (item: Item) => (live.value?.id === item.id ? { ...item, frame: live.value.frame } : item)
const frameOf = (item: Item) => (live.value?.id === item.id ? live.value.frame : item.frame)
function pointAt(event: { clientX: number; clientY: number }): Point {
  const box = root.value!.getBoundingClientRect()
  const scale = PAGE.width / box.width
  return { x: (event.clientX - box.left) * scale, y: (event.clientY - box.top) * scale }
}

const itemAt = (target: EventTarget | null) =>
  (target as Element | null)?.closest<SVGElement>('[data-item]')?.dataset.item ?? null

/** What lies below the selected item at a point, from the top down; then from the top again. */
function beneath(event: PointerEvent): string | null {
  const ids = document
    .elementsFromPoint(event.clientX, event.clientY)
    .map(itemAt)
    .filter((id, i, all): id is string => id !== null && all.indexOf(id) === i)
  const at = ids.findIndex((id) => chosen.value.includes(id))
  return ids[(at + 1) % ids.length] ?? null
}

function press(event: PointerEvent) {
  if (event.button !== 0 || spaceHeld.value) return
  if (tool.value.is === 'place') {
    const at = pointAt(event)
    props.bench.add(tool.value.make(at))
    if (!event.shiftKey) tool.value = { is: 'hand' }
    return
  }
  if (tool.value.is !== 'hand') return
  const deep = event.ctrlKey || event.metaKey
  const id = deep ? beneath(event) : itemAt(event.target)
  if (!id) {
    banding = { from: pointAt(event), shift: event.shiftKey }
    if (!event.shiftKey) chosen.value = []
    root.value?.focus({ preventScroll: true })
    listen()
    return
  }
  if (writing.value?.id === id && !writing.value.cell) return
  if (deep) props.bench.select([id], 'inside')
  else if (event.shiftKey) props.bench.select([id], 'toggle')
  else if (!chosen.value.includes(id)) props.bench.select([id])
  root.value?.querySelector<SVGGElement>(`[data-item="${id}"]`)?.focus({ preventScroll: true })
  if (chosen.value.includes(id)) grab('move', event)
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

const NUDGE = 4
interface Keys {
  altKey: boolean
  shiftKey: boolean
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
    airGroup.value?.setAttribute('transform', matrix(pull.by))
  }
}

function lift(ids: string[]) {
  if (lifted.value.size === 0) lifted.value = new Set(ids)
}

/** Beside others things come to rest at equal edges and gaps, unless Alt is held. */
function moved(now: Pull, at: Point, keys: Keys): Similarity {
  const dx = at.x - now.from.x
  const dy = at.y - now.from.y
  if (keys.altKey || !props.snapping) {
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
  if (!air.value) return
  const scale = air.value.getBoundingClientRect().width / PAGE.width
  air.value.style.transform = `translate(${by.dx * scale}px, ${by.dy * scale}px)`
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
    props.bench.select(ids, shift ? 'add' : 'only')
  } else if (done?.moved && done.grip === 'move') {
    props.bench.moveBy(done.by.dx, done.by.dy)
  } else if (done?.moved && only.value && frame) {
    props.bench.pulledTo(only.value, frame.frame, done.grip !== 'turn')
  } else if (done?.moved) {
    const itemIds = selected.value.map((item) => item.id)
    props.bench.edit({ kind: 'transform', pageId: page.value.id, itemIds, by: done.by })
  } else if (done && done.grip === 'move' && !event.shiftKey && !event.ctrlKey && chosen.value.length > 1) {
    const id = itemAt(event.target)
    if (id) props.bench.select([id])
  }
  lifted.value = new Set()
  together.value = null
}

function listen() {
  window.addEventListener('pointermove', onMove)
  window.addEventListener('pointerup', onLift)
  window.addEventListener('pointercancel', onCancel)
}
function quiet() {
  pull = null
  banding = null
  window.removeEventListener('pointermove', onMove)
  window.removeEventListener('pointerup', onLift)
  window.removeEventListener('pointercancel', onCancel)
}
function onCancel() {
  quiet()
  live.value = null
  lifted.value = new Set()
  together.value = null
  showLines([])
  showBand(null)
}
onBeforeUnmount(quiet)
watch(() => page.value.id, onCancel)

// Holding Space lets the hand move the whole page.
const spaceHeld = ref(false)
const spaceDown = (event: KeyboardEvent) => {
  const busy = (event.target as HTMLElement).closest(
    'input, textarea, select, button, [contenteditable], dialog',
  )
  if (event.key === ' ' && !busy && !itemAt(event.target)) {
    spaceHeld.value = event.type === 'keydown'
    if (event.type === 'keydown') event.preventDefault()
  } else if (event.key === ' ' && event.type === 'keyup') spaceHeld.value = false
}
onMounted(() => {
  window.addEventListener('keydown', spaceDown)
  window.addEventListener('keyup', spaceDown)
})
onBeforeUnmount(() => {
  window.removeEventListener('keydown', spaceDown)
  window.removeEventListener('keyup', spaceDown)
})
defineExpose({ spaceHeld, root })

// Keys -----------------------------------------------------------------------------------------------------------

function key(event: KeyboardEvent) {
  const id = itemAt(event.target)
  const item = id ? byId.value.get(id) : undefined
  const far = event.shiftKey ? 50 : 5
  const by = { ArrowLeft: [-far, 0], ArrowRight: [far, 0], ArrowUp: [0, -far], ArrowDown: [0, far] }[
    event.key
  ]
  if (by && chosen.value.length) props.bench.moveBy(by[0]!, by[1]!)
  else if ((event.key === 'Delete' || event.key === 'Backspace') && chosen.value.length) props.bench.remove()
  else if (event.key === 'Enter' && item && props.bench.canWrite(item)) writeIn(item)
  else if (event.key === ' ' && item) props.bench.select([item.id], event.shiftKey ? 'toggle' : 'only')
  else if (event.key === 'Escape') {
    chosen.value = []
    tool.value = { is: 'hand' }
  } else if (event.key === ']') props.bench.depth('up')
  else if (event.key === '[') props.bench.depth('down')
  else return
  event.preventDefault()
  event.stopPropagation()
}

function focusOn(event: FocusEvent) {
  const id = itemAt(event.target)
  // Tabbing selects what it comes to; a press has chosen already what it wants.
  if (id && !pull && !chosen.value.includes(id)) props.bench.select([id])
}

const tablePart = ref<[number, number]>([0, 0])
function writeIn(item: Item) {
  props.bench.write(item.kind === 'table' ? { id: item.id, cell: tablePart.value } : { id: item.id })
}

function double(event: MouseEvent) {
  const id = itemAt(event.target)
  const item = id ? byId.value.get(id) : undefined
  if (!item) return
  if (groupsOf(item).length > 0 && chosen.value.length > 1) {
    props.bench.select([item.id], 'inside')
    return
  }
  if (item.kind === 'table') {
    const cell = cellAt(item, pointAt(event))
    if (cell) {
      tablePart.value = cell
      props.bench.write({ id: item.id, cell })
    }
  } else if (props.bench.canWrite(item)) props.bench.write({ id: item.id })
}

const field = computed(() => (writing.value ? props.bench.wordsOf(writing.value) : null))
const fieldFrame = computed(() => {
  const found = field.value
  if (!found) return null
  const item = byId.value.get(writing.value!.id)!
  if (item.kind === 'note')
    return { ...found.frame, x: found.frame.x + 14, y: found.frame.y + 14, width: found.frame.width - 28 }
  return found.frame
})

async function written(where: Writing, said: Said, how: 'done' | 'left') {
  props.bench.written(where, said)
  if (how === 'done') {
    await nextTick()
    root.value?.querySelector<SVGGElement>(`[data-item="${where.id}"]`)?.focus()
  }
}

function drop(event: DragEvent) {
  const kind = event.dataTransfer?.getData('text/glad-tile')
  const files = [...(event.dataTransfer?.files ?? [])]
  if (kind) emit('dropTile', kind, pointAt(event))
  else if (files.length) emit('dropFiles', files, pointAt(event))
}

// What is shown over the page --------------------------------------------------------------------------------------

/** The box around several, upright. */
const manyBox = computed(() => {
  if (selected.value.length < 2) return null
  const box = around(selected.value.map((item) => item.frame))
  return { x: box.left, y: box.top, width: box.right - box.left, height: box.bottom - box.top, turn: 0 }
})
const boxes = computed(() => {
  if (selected.value.length < 2) return ''
  return selected.value
    .map((item) => {
      const { width: w, height: h } = item.frame
      const m = middle(item.frame)
      const corners = [
        [-w / 2, -h / 2],
        [w / 2, -h / 2],
        [w / 2, h / 2],
        [-w / 2, h / 2],
      ].map(([x, y]) => turned({ x: x!, y: y! }, item.frame.turn))
      return `M${corners.map((p) => `${m.x + p.x} ${m.y + p.y}`).join('L')}Z`
    })
    .join('')
})
const othersBoxes = computed(() =>
  props.others
    .filter((other) => other.pageId === page.value.id)
    .flatMap((other) => other.itemIds.map((id) => ({ other, item: byId.value.get(id) })))
    .filter((one) => one.item !== undefined),
)
const liftedItems = computed(() => page.value.items.filter((item) => lifted.value.has(item.id)))

const drawing = computed(() => !['hand', 'place'].includes(tool.value.is))

const readout = computed(() => {
  if (tool.value.is === 'place')
    return 'Click on the page to put it there. Hold Shift to put several. Esc stops.'
  if (together.value?.turn) return `${selected.value.length} turned by ${together.value.turn}°`
  if (together.value && together.value.scale !== 1)
    return `${selected.value.length} at ${Math.round(together.value.scale * 100)} %`
  if (selected.value.length > 1) return `${selected.value.length} selected · Ctrl+G groups them`
  const item = only.value
  if (!item) return 'Tab walks the items. Click one to select it, or draw a box around several.'
  const frame = frameOf(item)
  if (live.value?.grip === 'turn') return `${itemName(item)}: turned ${Math.round(frame.turn)}°`
  if (live.value) return `${itemName(item)}: ${Math.round(frame.width)} × ${Math.round(frame.height)}`
  return `${itemName(item)}: ${Math.round(frame.x)} across, ${Math.round(frame.y)} down · arrow keys nudge by 5, with Shift by 50`
})
const said = (item: Item) =>
  `${itemName(item)}, ${item.kind === 'zone' ? `drop zone ${letters.value[item.id]}` : item.movement.kind}`
const routeFor = (item: Item) =>
  routeOf(item, (id) => (live.value?.id === id ? live.value.frame : frameOfId.value(id)))
</script>

<template>
  <div class="stage">
    <div class="sheet" :class="{ panning: spaceHeld, aiming: tool.is !== 'hand' }">
      <svg
        ref="root"
        class="page"
        tabindex="-1"
        :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`"
        role="group"
        :aria-label="`Page ${page.name}`"
        @pointerdown="press"
        @dblclick="double"
        @keydown="key"
        @focusin="focusOn"
        @dragover.prevent
        @drop.prevent="drop"
      >
        <!-- A drawing of its own, so that what stands out over the edge is cut off and handles are not. -->
        <svg :width="PAGE.width" :height="PAGE.height" class="cut">
          <PaperBody :paper="page.paper" />
          <g
            v-for="(item, depth) in page.items"
            :key="item.id"
            v-memo="[
              shown(item),
              letters[item.id],
              chosen.includes(item.id),
              lifted.has(item.id) || veiled.has(item.id),
              writing?.id === item.id,
              item.kind === 'line' || item.kind === 'lens' ? page : 0,
              item.kind === 'line' ? live : 0,
            ]"
            :transform="routeFor(item) ? undefined : placed(frameOf(item))"
            class="item"
            :class="{
              hidden:
                lifted.has(item.id) ||
                veiled.has(item.id) ||
                (writing?.id === item.id && item.kind === 'words'),
            }"
            :data-item="item.id"
            tabindex="0"
            role="button"
            :aria-pressed="chosen.includes(item.id)"
            :aria-label="said(item)"
          >
            <ItemBody :item="shown(item)" :letter="letters[item.id]" :route="routeFor(item)">
              <LensView
                v-if="item.kind === 'lens'"
                :frame="frameOf(item)"
                :below="page.items.slice(0, depth)"
              />
            </ItemBody>
            <path
              v-if="!routeFor(item)"
              class="hit"
              :d="
                item.kind === 'line'
                  ? `M0 ${-14}H${frameOf(item).width}V${frameOf(item).height + 14}H0Z`
                  : tilePath(frameOf(item).width, frameOf(item).height)
              "
            />
            <path
              v-else
              class="hit wire"
              :d="`M${routeFor(item)!
                .map((p) => `${p.x} ${p.y}`)
                .join('L')}`"
            />
          </g>
        </svg>

        <g
          v-for="({ other, item }, i) in othersBoxes"
          :key="`o${i}`"
          :transform="placed(item!.frame)"
          class="other"
        >
          <path :d="`M-6 -6H${item!.frame.width + 6}V${item!.frame.height + 6}H-6Z`" />
          <text x="-4" y="-14" font-size="24">{{ other.name }}</text>
        </g>

        <g v-if="lifted.size === 0 && !writing">
          <path v-if="selected.length > 1" class="box thin" :d="boxes" />
          <BoxGrips
            v-if="only && !routeFor(only)"
            :frame="frameOf(only)"
            :grips="only.kind === 'line' ? [] : gripsOf(only)"
            :margin="0"
            @grab="grab"
          />
          <BoxGrips v-if="manyBox" :frame="manyBox" :grips="CORNERS" :margin="8" @grab="grab" />
          <LineHandles v-if="only?.kind === 'line'" :bench="bench" :item="only" :point-at="pointAt" />
          <RailHandles
            v-if="only?.movement.kind === 'rail'"
            :bench="bench"
            :item="only"
            :point-at="pointAt"
          />
          <TableHandles v-if="only?.kind === 'table'" :bench="bench" :item="only" :point-at="pointAt" />
        </g>
      </svg>
      <svg
        v-if="lifted.size"
        ref="air"
        class="air"
        :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`"
        aria-hidden="true"
      >
        <g ref="airGroup">
          <g
            v-for="item in liftedItems"
            :key="item.id"
            :transform="routeFor(item) ? undefined : placed(item.frame)"
          >
            <ItemBody :item="item" :letter="letters[item.id]" :route="routeFor(item)" />
          </g>
          <path v-if="liftedItems.length > 1" class="box thin" :d="boxes" />
          <path
            v-else-if="only"
            class="box"
            :transform="placed(only.frame)"
            :d="`M0 0H${only.frame.width}V${only.frame.height}H0Z`"
          />
        </g>
      </svg>
      <svg v-if="drawing" class="over inking" :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`">
        <InkLayer :bench="bench" :point-at="pointAt" />
      </svg>
      <svg class="over" :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`" aria-hidden="true">
        <rect ref="bandBox" class="band" visibility="hidden" />
        <path ref="guide" class="guide" />
      </svg>
      <WordField
        v-if="writing && field && fieldFrame"
        :key="`${writing.id}-${writing.cell?.join()}`"
        :content="field.content"
        :frame="fieldFrame"
        :wraps="field.wraps"
        :middle="field.middle"
        @ready="bench.writesWith($event)"
        @too-long="
          bench.editing.tell('A box of words takes at most 20,000 letters. What was there is as it was.')
        "
        @done="(text, how) => written(writing!, text, how)"
      />
    </div>
    <p class="readout" role="status">{{ readout }}</p>
  </div>
</template>

<style scoped>
.stage {
  display: grid;
  justify-items: center;
  gap: 8px;
}
.sheet {
  position: relative;
  width: 100%;
  container-type: inline-size;
  border-radius: 4px;
  box-shadow:
    0 1px 0 #0001,
    0 6px 24px #0000001f;
}
.page {
  display: block;
  width: 100%;
  aspect-ratio: 1600 / 1000;
  overflow: visible;
  background: var(--board);
  isolation: isolate;
  outline: none;
  touch-action: none;
  user-select: none;
}
.cut {
  overflow: hidden;
}
.aiming .page {
  cursor: crosshair;
}
.panning .page {
  cursor: grab;
}
.over {
  position: absolute;
  inset: 0;
  width: 100%;
  overflow: visible;
  pointer-events: none;
  will-change: transform;
}
.inking {
  pointer-events: auto;
  touch-action: none;
}
/* Moved by the compositor alone. */
.air {
  position: absolute;
  inset: 0;
  width: 100%;
  overflow: visible;
  pointer-events: none;
  will-change: transform;
}
.item {
  cursor: move;
  outline: none;
}
.aiming .item,
.panning .item {
  cursor: inherit;
}
.item:focus-visible .hit {
  stroke: var(--saffron);
  stroke-width: 7;
}
.hidden {
  visibility: hidden;
}
/* A hollow shape is picked up by its inside. */
.hit {
  fill: transparent;
}
.hit.wire {
  fill: none;
  stroke: transparent;
  stroke-width: 30;
}
.item:focus-visible .hit.wire {
  stroke: #e3a02f66;
  stroke-width: 20;
}
.box {
  fill: none;
  stroke: var(--petrol);
  stroke-width: 4;
  pointer-events: none;
}
.thin {
  stroke-width: 2;
  stroke-dasharray: 8 6;
}
.band {
  fill: #0b5d6614;
  stroke: var(--petrol);
  stroke-width: 2;
  stroke-dasharray: 6 5;
  pointer-events: none;
}
.guide {
  fill: none;
  stroke: var(--clay);
  stroke-width: 2.5;
  pointer-events: none;
}
.other {
  pointer-events: none;
}
.other path {
  fill: none;
  stroke: var(--moss);
  stroke-width: 4;
  stroke-dasharray: 14 6;
}
.other text {
  fill: #33541f;
  font-family: var(--type);
  font-weight: 700;
}
.readout {
  color: var(--soft);
  font-size: 13px;
  overflow-wrap: anywhere;
}
</style>
