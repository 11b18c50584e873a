<script setup lang="ts">
import { computed, nextTick, onBeforeUnmount, ref, watch } from 'vue'
import type { Frame, Item, Page, WordContent } from '@/api/types'
import { pulled, type Grip } from '@/gesture/boxChart'
import { frameQueue } from '@/gesture/frameQueue'
import { letter, PAGE, placed, tilePath, type Point } from '@/page/geometry'
import ItemBody from '@/page/ItemBody.vue'
import { itemName } from '@/page/names'
import { pictureUrl } from '@/page/pictures'
import { fitWords } from '@/page/wordFit'
import WordField from './WordField.vue'

/** The page on the workbench: select, move, resize, turn, type. */
const props = defineProps<{ page: Page; selected: string | null; writing: string | null }>()
const emit = defineEmits<{
  select: [id: string | null]
  write: [id: string | null]
  frame: [id: string, frame: Frame]
  words: [id: string, content: WordContent, frame: Frame]
  remove: [id: string]
  depth: [id: string, index: number]
  dropTile: [kind: string, at: Point]
}>()

const root = ref<SVGSVGElement>()
const live = ref<{ id: string; frame: Frame; grip: Grip } | null>(null)
/** The item being moved: it lies on a layer of its own, so that the page beneath is not drawn anew each frame. */
const lifted = ref<string | null>(null)
const air = ref<SVGSVGElement>()
const queue = frameQueue()
let pull: { id: string; grip: Grip; frame: Frame; from: Point; moved: boolean } | null = null

const selectedItem = computed(() => props.page.items.find((item) => item.id === props.selected) ?? null)
const letters = computed(() => {
  const found: Record<string, string> = {}
  props.page.items.filter((item) => item.kind === 'zone').forEach((zone, i) => (found[zone.id] = letter(i)))
  return found
})
/** The very same item unless it is being pulled: what is the same is not drawn anew. */
const shown = (item: Item) => (live.value?.id === item.id ? { ...item, frame: live.value.frame } : item)
const frameOf = (item: Item) => (live.value?.id === item.id ? live.value.frame : item.frame)

function pointAt(event: { clientX: number; clientY: number }): Point {
  const box = root.value!.getBoundingClientRect()
  const scale = PAGE.width / box.width
  return { x: (event.clientX - box.left) * scale, y: (event.clientY - box.top) * scale }
}

function press(item: Item, grip: Grip, event: PointerEvent) {
  if (event.button !== 0 || props.writing === item.id) return
  event.stopPropagation()
  emit('select', item.id)
  pull = { id: item.id, grip, frame: item.frame, from: pointAt(event), moved: false }
  window.addEventListener('pointermove', onMove)
  window.addEventListener('pointerup', onLift)
  window.addEventListener('pointercancel', onCancel)
}

function pulledTo(event: PointerEvent): Frame {
  const item = props.page.items.find((one) => one.id === pull!.id)!
  const ratio = (item.kind === 'picture') !== event.shiftKey
  return pulled(pull!.frame, pull!.grip, pull!.from, pointAt(event), ratio, event.shiftKey)
}

const NUDGE = 4
function onMove(event: PointerEvent) {
  if (!pull) return
  const at = pointAt(event)
  if (!pull.moved && Math.hypot(at.x - pull.from.x, at.y - pull.from.y) < NUDGE) return
  pull.moved = true
  const frame = pulledTo(event)
  if (pull.grip === 'move') {
    // Only a transform changes while something is dragged; nothing is drawn anew.
    const { id, frame: start } = pull
    lifted.value = id
    queue('drag', () => moveBy(frame.x - start.x, frame.y - start.y))
  } else {
    const { id, grip } = pull
    queue('drag', () => (live.value = { id, frame, grip }))
  }
}

function moveBy(x: number, y: number) {
  if (!air.value) return
  const scale = air.value.getBoundingClientRect().width / PAGE.width
  air.value.style.transform = `translate(${x * scale}px, ${y * scale}px)`
}

function onLift(event: PointerEvent) {
  const done = pull
  const frame = done?.moved ? pulledTo(event) : null
  quiet()
  queue('drag', () => {})
  live.value = null
  lifted.value = null
  if (done && frame) settle(done.id, done.grip, frame)
}

function settle(id: string, grip: Grip, frame: Frame) {
  const item = props.page.items.find((one) => one.id === id)
  if (item?.kind === 'words' && grip !== 'move' && grip !== 'turn') {
    const fit = fitWords(item.content.text, item.content.style, frame.width)
    emit('words', id, fit.content, { ...frame, height: fit.height })
  } else {
    emit('frame', id, frame)
  }
}

function onCancel() {
  live.value = null
  lifted.value = null
  quiet()
}
function quiet() {
  pull = null
  window.removeEventListener('pointermove', onMove)
  window.removeEventListener('pointerup', onLift)
  window.removeEventListener('pointercancel', onCancel)
}
onBeforeUnmount(quiet)
watch(() => props.page.id, onCancel)

function key(item: Item, event: KeyboardEvent) {
  const far = event.shiftKey ? 50 : 5
  const by = { ArrowLeft: [-far, 0], ArrowRight: [far, 0], ArrowUp: [0, -far], ArrowDown: [0, far] }[
    event.key
  ]
  const index = props.page.items.indexOf(item)
  if (by) emit('frame', item.id, { ...item.frame, x: item.frame.x + by[0]!, y: item.frame.y + by[1]! })
  else if (event.key === 'Delete' || event.key === 'Backspace') emit('remove', item.id)
  else if (event.key === 'Enter' && item.kind === 'words') emit('write', item.id)
  else if (event.key === 'Escape') emit('select', null)
  else if (event.key === ']') emit('depth', item.id, index + 1)
  else if (event.key === '[' && index > 0) emit('depth', item.id, index - 1)
  else return
  event.preventDefault()
}

async function written(item: Item, text: string, how: 'done' | 'left') {
  emit('write', null)
  if (item.kind !== 'words') return
  if (text.trim() === '') {
    emit('remove', item.id)
    return
  }
  const { content, frame } = item
  if (text !== content.text) {
    const fit = fitWords(text, content.style, content.wraps ? frame.width : null)
    const left =
      frame.x + (content.wraps || content.style.align === 'LEFT' ? 0 : (frame.width - fit.width) / 2)
    emit('words', item.id, fit.content, { ...frame, x: left, width: fit.width, height: fit.height })
  }
  if (how === 'done') {
    await nextTick()
    root.value?.querySelector<SVGGElement>(`[data-item="${item.id}"]`)?.focus()
  }
}

function drop(event: DragEvent) {
  const kind = event.dataTransfer?.getData('text/glad-tile')
  if (kind) emit('dropTile', kind, pointAt(event))
}

const readout = computed(() => {
  const item = selectedItem.value
  if (!item) return 'Tab walks the items. Click one to select it.'
  const frame = frameOf(item)
  if (live.value?.grip === 'turn') return `${itemName(item)}: turned ${frame.turn}°`
  if (live.value) return `${itemName(item)}: ${Math.round(frame.width)} × ${Math.round(frame.height)}`
  return `${itemName(item)}: ${Math.round(frame.x)} across, ${Math.round(frame.y)} down · arrow keys nudge by 5, with Shift by 50`
})
const GRIPS: Exclude<Grip, 'move' | 'turn'>[] = ['nw', 'ne', 'se', 'sw']
const spot = (grip: Grip, frame: Frame) => ({
  x: grip === 'ne' || grip === 'se' ? frame.width : 0,
  y: grip === 'se' || grip === 'sw' ? frame.height : 0,
})
</script>

<template>
  <div class="stage">
    <div class="sheet">
      <svg
        ref="root"
        class="page"
        :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`"
        role="group"
        :aria-label="`Page ${page.name}`"
        @pointerdown="emit('select', null)"
        @dragover.prevent
        @drop.prevent="drop"
      >
        <rect :width="PAGE.width" :height="PAGE.height" :fill="page.paper.colour" />
        <image
          v-if="page.paper.picture"
          :href="pictureUrl(page.paper.picture)"
          :width="PAGE.width"
          :height="PAGE.height"
          preserveAspectRatio="xMidYMid slice"
        />
        <g v-for="item in page.items" :key="item.id" :class="{ hidden: lifted === item.id }">
          <g
            :transform="placed(frameOf(item))"
            class="item"
            :class="{ hidden: writing === item.id }"
            :data-item="item.id"
            tabindex="0"
            role="button"
            :aria-pressed="selected === item.id"
            :aria-label="`${itemName(item)}, ${item.kind === 'zone' ? `drop zone ${letters[item.id]}` : item.movement.kind}`"
            @pointerdown="press(item, 'move', $event)"
            @dblclick="item.kind === 'words' && emit('write', item.id)"
            @focus="emit('select', item.id)"
            @keydown="key(item, $event)"
          >
            <ItemBody :item="shown(item)" :letter="letters[item.id]" />
            <path class="hit" :d="tilePath(frameOf(item).width, frameOf(item).height)" />
          </g>
        </g>
        <g v-if="selectedItem && writing !== selectedItem.id && !lifted">
          <g :transform="placed(frameOf(selectedItem))" class="grips">
            <path class="box" :d="`M0 0H${frameOf(selectedItem).width}V${frameOf(selectedItem).height}H0Z`" />
            <path class="stem" :d="`M${frameOf(selectedItem).width / 2} 0v-44`" />
            <circle
              class="turn"
              :cx="frameOf(selectedItem).width / 2"
              cy="-52"
              r="17"
              @pointerdown="press(selectedItem, 'turn', $event)"
            >
              <title>Turn</title>
            </circle>
            <rect
              v-for="grip in GRIPS"
              :key="grip"
              class="grip"
              :class="grip"
              :x="spot(grip, frameOf(selectedItem)).x - 11"
              :y="spot(grip, frameOf(selectedItem)).y - 11"
              width="22"
              height="22"
              rx="5"
              @pointerdown="press(selectedItem, grip, $event)"
            >
              <title>Resize</title>
            </rect>
          </g>
        </g>
      </svg>
      <svg
        v-if="lifted && selectedItem"
        ref="air"
        class="air"
        :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`"
        aria-hidden="true"
      >
        <g :transform="placed(selectedItem.frame)" class="grips">
          <ItemBody :item="selectedItem" :letter="letters[selectedItem.id]" />
          <path class="box" :d="`M0 0H${selectedItem.frame.width}V${selectedItem.frame.height}H0Z`" />
        </g>
      </svg>
      <WordField
        v-if="selectedItem?.kind === 'words' && writing === selectedItem.id"
        :key="selectedItem.id"
        :item="selectedItem"
        @done="(text, how) => written(selectedItem!, text, how)"
      />
    </div>
    <p class="readout">{{ readout }}</p>
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
  overflow: hidden;
  box-shadow:
    0 1px 0 #0001,
    0 6px 24px #0000001f;
}
.page {
  display: block;
  width: 100%;
  aspect-ratio: 1600 / 1000;
  background: var(--board);
  touch-action: none;
  user-select: none;
}
/* Moved by the compositor alone. */
.air {
  position: absolute;
  inset: 0;
  width: 100%;
  pointer-events: none;
  will-change: transform;
}
.item {
  cursor: move;
  outline: none;
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
.box,
.stem {
  fill: none;
  stroke: var(--petrol);
  stroke-width: 4;
  pointer-events: none;
}
.turn {
  fill: var(--petrol);
  cursor: grab;
}
.grip {
  fill: #fff;
  stroke: var(--petrol);
  stroke-width: 4;
}
.nw,
.se {
  cursor: nwse-resize;
}
.ne,
.sw {
  cursor: nesw-resize;
}
.readout {
  color: var(--soft);
  font-size: 13px;
  overflow-wrap: anywhere;
}
</style>
