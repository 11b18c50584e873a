<script setup lang="ts">
import { t } from '@/i18n'
import { computed, onBeforeUnmount, ref, shallowRef } from 'vue'
import { newId } from '@/api/id'
import { post } from '@/api/client'
import { along, drawnInto, inkOf, inkWith, inParts, rubbed, scaleOf } from '@/gesture/ink'
import type { Drawn, PageStroke } from '@/page/ink'
import { strokeBuilder, type StrokeBuilder } from '@/gesture/strokeBuilder'
import { drawnBy, growing } from '@/gesture/growing'
import { PAGE, placed, type Point } from '@/page/geometry'
import InkBody from '@/page/InkBody.vue'
import type { StrokeStyle } from '@/page/ink'
import type { Workbench } from '@/workbench/useWorkbench'
import { neatWanted, pens } from '@/workbench/edits/pens'
import { drawnOn, inkEdits, inksOn, lassoed, neatItem, noteUnder, strokesOf, type Neat } from './inkEdits'

/** Lies over the page while ink is drawn, rubbed or looped. */
const props = defineProps<{ workbench: Workbench; pointAt: (event: PointerEvent) => Point }>()

const path = ref<SVGPathElement>()
const cursor = ref<Point | null>(null)
const offer = shallowRef<{ neat: Neat; style: StrokeStyle; parts: number; inkId: string; at: Point } | null>(
  null,
)
/** Inks as they are while a rubber goes over them. */
const worn = shallowRef<Map<string, PageStroke[]>>(new Map())
/** The pointer's way as it came: what a lasso encircles, and what a neat shape is looked for in. */
let way: Drawn[] = []
let builder: StrokeBuilder = strokeBuilder()
let erasedTo: Point | null = null
let drawing = false
/** Strokes drawn one soon after another are one ink. */
let last: { id: string; at: number } | null = null
const SOON_MS = 2500
const RUBBER = 22

const tool = computed(() => props.workbench.tool.value)
const pen = computed(() =>
  tool.value.is === 'pen' || tool.value.is === 'highlighter' ? pens[tool.value.name]! : null,
)
const erasing = computed(() => tool.value.is === 'eraser' || tool.value.is === 'stroke-eraser')
const inks = () => inksOn(props.workbench.page.value)

function down(event: PointerEvent) {
  if (event.button !== 0) return
  event.stopPropagation()
  event.preventDefault()
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  offer.value = null
  drawing = true
  way = []
  erasedTo = null
  builder = strokeBuilder(unitsPerPixel())
  follow(drawnBy(event, props.pointAt).slice(-1))
}

/** How fine the hand's way is known: one pixel of the screen, in page units. */
const unitsPerPixel = () =>
  props.pointAt({ clientX: 1, clientY: 0 } as PointerEvent).x -
  props.pointAt({ clientX: 0, clientY: 0 } as PointerEvent).x

function follow(drawn: Drawn[]) {
  for (const point of drawn) {
    if (erasing.value) rubTo(point)
    else {
      way.push(point)
      builder.add(point)
    }
  }
  if (!erasing.value) draw()
}

function move(event: PointerEvent) {
  const at = props.pointAt(event)
  cursor.value = erasing.value ? at : null
  if (drawing) follow(drawnBy(event, props.pointAt))
}

const line = growing(() => path.value)
const LASSO: StrokeStyle = { tool: 'HIGHLIGHTER', colour: 'none', width: 3, dash: 'SOLID' }
function draw() {
  if (pen.value) line.draw(styleOf(pen.value), builder.points(), builder.decided())
  else line.draw(LASSO, way)
}
const styleOf = ({ tool, colour, width, dash }: StrokeStyle): StrokeStyle => ({ tool, colour, width, dash })
const wipe = () => line.wipe()

function up() {
  if (!drawing) return
  drawing = false
  wipe()
  if (erasing.value) erase()
  else if (tool.value.is === 'lasso') commitLoop()
  else void commitStroke()
}

/** A stroke that was begun is given up: a second finger has come down. */
function letGo() {
  drawing = false
  way = []
  wipe()
  worn.value = new Map()
  props.workbench.veil([])
}
defineExpose({ letGo })

async function commitStroke() {
  const workbench = props.workbench
  const page = workbench.page.value
  const style = styleOf(pen.value!)
  const parts = inParts(builder.points())
  const slip = noteUnder(page, way)
  if (slip) {
    last = null
    return workbench.setBody(drawnOn(slip, style, parts))
  }
  const item = last && Date.now() - last.at < SOON_MS ? workbench.byId.value.get(last.id) : undefined
  const scale = item?.kind === 'ink' ? scaleOf(item.ink, item.frame) : null
  let id: string
  if (item?.kind === 'ink' && scale !== null && item.ink.strokes.length < 400) {
    id = item.id
    const more = parts.map((points) => drawnInto(item.frame, scale, style, points))
    workbench.all(inkEdits(props.workbench.page.value.id, item, [...strokesOf(item), ...more]))
  } else {
    id = newId()
    const { ink, frame } = inkOf(style, parts)
    workbench.edit({
      kind: 'add-item',
      pageId: page.id,
      index: page.items.length,
      item: { kind: 'ink', id, frame, movement: { kind: 'fixed' }, description: '', ink },
    })
  }
  last = { id, at: Date.now() }
  if (neatWanted.value && style.tool === 'PEN' && way.length > 5) await askNeat(style, parts.length, id)
}

/** A neat shape is offered, never forced: the stroke stays until somebody says yes. */
async function askNeat(style: StrokeStyle, parts: number, inkId: string) {
  const rough = way.slice(0, 5000).map(({ x, y }) => ({ x, y }))
  try {
    const { shape } = await post('/api/v1/neat-shapes', { points: rough })
    if (shape && last?.id === inkId) {
      const { frame } = shape
      offer.value = {
        neat: shape,
        style,
        parts,
        inkId,
        at: { x: Math.min(PAGE.width - 260, frame.x + frame.width + 16), y: Math.max(10, frame.y) },
      }
    }
  } catch {
    // Without an offer the stroke is as good as it was.
  }
}

const NEAT_NAMES: Record<Neat['kind'], string> = {
  LINE: t('shared.make-it-a-line'),
  ARROW: t('shared.make-it-an-arrow'),
  ELLIPSE: t('shared.make-it-an-ellipse'),
  TRIANGLE: t('shared.make-it-a-triangle'),
  RECTANGLE: t('shared.make-it-a-rectangle'),
  POLYGON: t('shared.make-it-a-polygon'),
}

function takeNeat() {
  const { neat, style, parts, inkId } = offer.value!
  const workbench = props.workbench
  const page = workbench.page.value
  const item = workbench.byId.value.get(inkId)
  offer.value = null
  if (item?.kind !== 'ink') return
  const rest = strokesOf(item).slice(0, -parts)
  const edits = inkEdits(props.workbench.page.value.id, item, rest)
  const shape = neatItem(neat, style)
  edits.push({ kind: 'add-item', pageId: page.id, index: page.items.length, item: shape })
  workbench.all(edits)
  last = null
}

function rubTo(point: Point) {
  along(erasedTo, point, RUBBER / 2).forEach(rubAt)
  erasedTo = point
}
function rubAt(at: Point) {
  const now = new Map(worn.value)
  let changed = false
  for (const item of inks()) {
    const left = rubbed(now.get(item.id) ?? strokesOf(item), at, RUBBER, tool.value.is === 'stroke-eraser')
    if (left) {
      now.set(item.id, left)
      changed = true
    }
  }
  if (!changed) return
  worn.value = now
  props.workbench.veil(now.keys())
}

function erase() {
  const edits = inks()
    .filter((item) => worn.value.has(item.id))
    .flatMap((item) => inkEdits(props.workbench.page.value.id, item, worn.value.get(item.id)!))
  props.workbench.all(edits)
  worn.value = new Map()
  props.workbench.veil([])
}

/** Selects the strokes within the loop. */
function commitLoop() {
  const { edits, chosen } = lassoed(props.workbench.page.value, way)
  props.workbench.all(edits)
  if (chosen.length === 0) return
  props.workbench.take({ is: 'hand' })
  props.workbench.select(chosen, 'inside')
}

const wornInks = computed(() =>
  inks()
    .filter((item) => worn.value.has(item.id))
    .filter((item) => worn.value.get(item.id)!.length > 0)
    .map((item) => ({ id: item.id, ...inkWith(item.ink, item.frame, worn.value.get(item.id)!) })),
)
onBeforeUnmount(() => (drawing = false))
</script>

<template>
  <g class="ink-layer">
    <g v-for="one in wornInks" :key="one.id" :transform="placed(one.frame)">
      <InkBody :ink="one.ink" :width="one.frame.width" :height="one.frame.height" />
    </g>
    <path v-if="pen" ref="path" stroke-linecap="round" stroke-linejoin="round" />
    <path v-else-if="tool.is === 'lasso'" ref="path" class="loop" />
    <rect
      class="catch"
      :width="PAGE.width"
      :height="PAGE.height"
      @pointerdown="down"
      @pointermove="move"
      @pointerup="up"
      @pointercancel="up"
    />
    <circle v-if="cursor" class="rubber" :cx="cursor.x" :cy="cursor.y" :r="RUBBER" />
    <g
      v-if="offer"
      class="offer"
      role="button"
      tabindex="0"
      :transform="`translate(${offer.at.x} ${offer.at.y})`"
      @pointerdown.stop.prevent="takeNeat"
      @keydown.enter.stop="takeNeat"
    >
      <rect width="244" height="52" rx="14" />
      <text x="122" y="34" text-anchor="middle" font-size="24">{{ NEAT_NAMES[offer.neat.kind] }}</text>
    </g>
  </g>
</template>

<style scoped>
.catch {
  fill: transparent;
  cursor: crosshair;
}
.loop {
  fill: #0b5d6614;
  stroke: var(--petrol);
  stroke-width: 3;
  stroke-dasharray: 8 6;
}
.rubber {
  fill: #ffffffb0;
  stroke: var(--soft);
  stroke-width: 2;
  pointer-events: none;
}
.offer {
  cursor: pointer;
}
.offer rect {
  fill: var(--saffron-t);
  stroke: var(--saffron);
  stroke-width: 3;
}
.offer text {
  fill: #5b3c00;
  font-family: var(--type);
  font-weight: 700;
}
</style>
