<script setup lang="ts">
import { computed, nextTick, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import type { Item } from '@/api/schema'
import { arrowOf } from '@/gesture/arrowKeys'
import { CORNERS, gripsOf } from '@/gesture/grips'
import { around, letter, middle, PAGE, placed, tilePath, turned, type Point } from '@/page/geometry'
import ItemBody from '@/page/ItemBody.vue'
import { cellAt, groupsOf, zonesOf } from '@/page/items'
import LensView from '@/page/LensView.vue'
import { wirePath } from '@/page/lines'
import { itemName } from '@/page/names'
import PaperBody from '@/page/PaperBody.vue'
import { framesOf, routeOf } from '@/page/connectors'
import { leadsTo, linkOf } from '@/page/links'
import { noSwipe } from '@/page/touch'
import type { Said } from '@/page/wordFit'
import type { Workbench, Writing } from '@/workbench/useWorkbench'
import type { Elsewhere } from '@/workbench/presence'
import { itemAt, useDrag } from './useDrag'
import AreaLayer from './AreaLayer.vue'
import TargetLayer from './TargetLayer.vue'
import BoxGrips from './BoxGrips.vue'
import InkLayer from './InkLayer.vue'
import { DRAGGED, type DraggedPart } from '@/workbench/library/library'
import LinkGrip from './LinkGrip.vue'
import LineHandles from './LineHandles.vue'
import RailHandles from './RailHandles.vue'
import TableHandles from './TableHandles.vue'
import { useWalking } from '@/workbench/tryPath'
import WordField from './WordField.vue'

/** The page on the workbench: select, move, resize, turn, type, draw. */
const props = defineProps<{ bench: Workbench; others: Elsewhere[]; snapping: boolean }>()
const emit = defineEmits<{
  dropTile: [kind: string, at: Point]
  dropFiles: [files: File[], at: Point]
  dropPart: [part: DraggedPart, at: Point]
}>()

const { page, byId, chosen, selected, only, writing, tool, veiled } = props.bench
const root = ref<SVGSVGElement>()
const air = ref<SVGSVGElement>()
const airGroup = ref<SVGGElement>()

const letters = computed(() => {
  const found: Record<string, string> = {}
  zonesOf(page.value.items).forEach((zone, i) => (found[zone.id] = letter(i)))
  return found
})
const frameOfId = computed(() => framesOf(page.value.items))

// What is being done by pointer: see useDrag.
const guide = ref<SVGPathElement>()
const bandBox = ref<SVGRectElement>()
const { live, lifted, together, drawBox, grab, letGo, pulling } = useDrag(
  props.bench,
  { root, air, airGroup, guide, bandBox, pointAt },
  () => props.snapping,
)

// What is dragged is drawn on a layer of its own meanwhile, and its own drawing loses the focus; keys go on with it.
watch(lifted, (now, was) => {
  const id = chosen.value[0]
  if (now.size > 0 || was.size === 0 || !id) return
  void nextTick(() => {
    if (!document.activeElement || document.activeElement === document.body) focusItem(id)
  })
})

const shown = (item: Item) => (live.value?.id === item.id ? { ...item, frame: live.value.frame } : item)
const frameOf = (item: Item) => (live.value?.id === item.id ? live.value.frame : item.frame)
function pointAt(event: { clientX: number; clientY: number }): Point {
  const box = root.value!.getBoundingClientRect()
  const scale = PAGE.width / box.width
  return { x: (event.clientX - box.left) * scale, y: (event.clientY - box.top) * scale }
}

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
  walking.stop()
  const deep = event.ctrlKey || event.metaKey
  const id = deep ? beneath(event) : itemAt(event.target)
  if (!id) {
    if (!event.shiftKey) chosen.value = []
    root.value?.focus({ preventScroll: true })
    drawBox(event)
    return
  }
  if (writing.value?.id === id && !writing.value.cell) return
  if (deep) props.bench.select([id], 'inside')
  else if (event.shiftKey) props.bench.select([id], 'toggle')
  else if (!chosen.value.includes(id)) props.bench.select([id])
  focusItem(id)
  if (chosen.value.includes(id)) grab('move', event)
}

const focusItem = (id: string) =>
  root.value?.querySelector<SVGGElement>(`[data-item="${id}"]`)?.focus({ preventScroll: true })

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
const inking = ref<InstanceType<typeof InkLayer>>()
defineExpose({
  spaceHeld,
  root,
  /** What a finger has begun is given up: two fingers mean the page. */
  letGo: () => {
    letGo()
    inking.value?.letGo()
  },
})

// Keys -----------------------------------------------------------------------------------------------------------

function key(event: KeyboardEvent) {
  const id = itemAt(event.target)
  const item = id ? byId.value.get(id) : undefined
  const by = arrowOf(event)
  if (by && chosen.value.length) props.bench.moveBy(by.x, by.y)
  else if ((event.key === 'Delete' || event.key === 'Backspace') && chosen.value.length) props.bench.remove()
  else if (event.key === 'Enter' && item && props.bench.canWrite(item)) writeIn(item)
  else if (event.key === ' ' && item && event.shiftKey) walking.takeOneMore(item.id)
  else if (event.key === ' ' && item) walking.only(item.id)
  else if (event.key === 'Escape') {
    chosen.value = []
    tool.value = { is: 'hand' }
  } else if (event.key === ']' || event.key === '[') {
    props.bench.depth(event.key === ']' ? 'up' : 'down')
    // What has changed its place in the drawing has lost the focus.
    if (id) void nextTick(() => focusItem(id))
  } else return
  event.preventDefault()
  event.stopPropagation()
}

const walking = useWalking(props.bench)
const { collecting } = walking
function focusOn(event: FocusEvent) {
  const id = itemAt(event.target)
  // A press has chosen already what it wants.
  if (id && !pulling()) walking.cameTo(id)
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
    focusItem(where.id)
  }
}

/** On to the cell beside the one that was written in; past the last one the table has the keys again. */
async function nextCell(from: Writing, by: 1 | -1) {
  const table = byId.value.get(from.id)
  if (table?.kind !== 'table' || !from.cell) return
  const columns = table.columns.length
  const at = from.cell[0] * columns + from.cell[1] + by
  await nextTick()
  if (at < 0 || at >= table.rows.length * columns) return focusItem(from.id)
  const cell: [number, number] = [Math.floor(at / columns), at % columns]
  tablePart.value = cell
  props.bench.write({ id: from.id, cell })
}

function drop(event: DragEvent) {
  const kind = event.dataTransfer?.getData('text/glad-tile')
  const part = event.dataTransfer?.getData(DRAGGED)
  const files = [...(event.dataTransfer?.files ?? [])]
  if (part) emit('dropPart', JSON.parse(part) as DraggedPart, pointAt(event))
  else if (kind) emit('dropTile', kind, pointAt(event))
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

const drawing = computed(() => !['hand', 'place', 'area', 'targets'].includes(tool.value.is))
const canLead = (item: Item) => !['zone', 'gap', 'lens', 'cover', 'video'].includes(item.kind)

const readout = computed(() => {
  if (tool.value.is === 'place')
    return 'Click on the page to put it there. Hold Shift to put several. Esc stops.'
  if (tool.value.is === 'area' && tool.value.zoneId)
    return 'Draw around the place where pieces go. Esc leaves the drop zone as it is.'
  if (tool.value.is === 'area')
    return 'Draw around the part of the page that leads somewhere. A click makes a box. Esc stops.'
  if (tool.value.is === 'targets')
    return 'Click on each part that gets a name. Pull away from it to put its place beside the picture. Esc stops.'
  if (drawing.value) return 'Draw on the page. Esc, or Done drawing, ends it.'
  if (together.value?.turn) return `${selected.value.length} turned by ${together.value.turn}°`
  if (together.value && together.value.scale !== 1)
    return `${selected.value.length} at ${Math.round(together.value.scale * 100)} %`
  if (collecting.value)
    return `${selected.value.length} selected · walk on with Tab, Shift+Space takes one more or lets it go`
  if (selected.value.length > 1) return `${selected.value.length} selected · Ctrl+G groups them`
  const item = only.value
  if (!item) return 'Tab walks the items. Click one to select it, or draw a box around several.'
  const frame = frameOf(item)
  if (live.value?.grip === 'turn') return `${itemName(item)}: turned ${Math.round(frame.turn)}°`
  if (live.value) return `${itemName(item)}: ${Math.round(frame.width)} × ${Math.round(frame.height)}`
  return `${itemName(item)}: ${Math.round(frame.x)} across, ${Math.round(frame.y)} down · arrow keys nudge by 5, with Shift by 50`
})
const said = (item: Item) => {
  const kind = item.kind === 'zone' ? `drop zone ${letters.value[item.id]}` : item.movement.kind
  const link = linkOf(item)
  return `${itemName(item)}, ${kind}${link ? `, ${leadsTo(link, props.bench.editing.activity.value.pages)}` : ''}`
}
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
        data-region-start
        :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`"
        role="group"
        :aria-label="`Page ${page.name}`"
        @pointerdown="press"
        @touchmove="noSwipe"
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
              'begins-hidden': item.traits?.hidden,
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
            <!-- A line is taken where it runs: what lies beside it stays within reach. -->
            <path v-if="item.kind === 'line'" class="hit wire" :d="wirePath(item, routeFor(item))" />
            <path v-else class="hit" :d="tilePath(frameOf(item).width, frameOf(item).height)" />
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

        <g
          v-for="item in page.items.filter((one) => linkOf(one) && !lifted.has(one.id))"
          :key="`to-${item.id}`"
          class="tab"
          :transform="placed(frameOf(item))"
          aria-hidden="true"
        >
          <path :d="`M${item.frame.width - 46} -30h36a10 10 0 0 1 10 10v20h-56v-20a10 10 0 0 1 10 -10z`" />
          <path class="arrow" :d="`M${item.frame.width - 40} -14h22m-9 -8l9 8 -9 8`" />
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
          <LinkGrip
            v-if="only && canLead(only) && bench.editing.activity.value.pages.length > 1"
            :frame="frameOf(only)"
            @lead="bench.setTraits((traits) => ({ ...traits, link: { kind: 'page', pageId: $event } }))"
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
      <svg v-if="tool.is === 'area'" class="over inking" :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`">
        <AreaLayer :bench="bench" :point-at="pointAt" />
      </svg>
      <svg v-if="tool.is === 'targets'" class="over inking" :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`">
        <TargetLayer :bench="bench" :picture-id="tool.pictureId" :point-at="pointAt" />
      </svg>
      <svg
        v-if="drawing"
        class="over inking"
        :class="{ highlighting: tool.is === 'highlighter' }"
        :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`"
      >
        <InkLayer ref="inking" :bench="bench" :point-at="pointAt" />
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
        :tabs="Boolean(writing.cell)"
        @next="nextCell(writing!, $event)"
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
.begins-hidden {
  opacity: 0.45;
}
.tab {
  pointer-events: none;
}
.tab path {
  fill: var(--plum);
}
.tab .arrow {
  fill: none;
  stroke: #fff;
  stroke-width: 4;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.stage {
  display: grid;
  justify-items: center;
  gap: 8px;
}
.sheet {
  position: relative;
  isolation: isolate;
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
  /* Nothing is drawn that would not be seen once it is kept. */
  overflow: hidden;
}
/* A highlighter is drawn as it will be kept, though this sheet lies above the page. */
.highlighting {
  mix-blend-mode: darken;
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
