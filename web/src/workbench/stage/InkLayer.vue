<script setup lang="ts">
import { computed, onBeforeUnmount, ref, shallowRef } from 'vue'
import { newId } from '@/api/id'
import { post } from '@/api/client'
import type { components } from '@/api/schema'
import type { Edit, Ink, InkContent, Item, Note } from '@/api/schema'
import { along, drawnInto, inkOf, inkWith, inParts, keptPoints, looped, rubbed, scaleOf } from '@/gesture/ink'
import { onPageStrokes, type Drawn, type PageStroke } from '@/page/ink'
import { strokeBuilder, type StrokeBuilder } from '@/gesture/strokeBuilder'
import { drawnBy, growing } from '@/gesture/growing'
import { contains, PAGE, placed, type Point } from '@/page/geometry'
import InkBody from '@/page/InkBody.vue'
import type { StrokeStyle } from '@/page/ink'
import type { Workbench } from '@/workbench/useWorkbench'
import { neatWanted, pens } from '@/workbench/edits/pens'

/** Lies over the page while ink is drawn, rubbed or looped. */
const props = defineProps<{ bench: Workbench; pointAt: (event: PointerEvent) => Point }>()
type Neat = components['schemas']['NeatShape']

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

const tool = computed(() => props.bench.tool.value)
const pen = computed(() =>
  tool.value.is === 'pen' || tool.value.is === 'highlighter' ? pens[tool.value.name]! : null,
)
const erasing = computed(() => tool.value.is === 'eraser' || tool.value.is === 'stroke-eraser')
/** Everything that bears ink: inks, and notes that were drawn on. */
type Bearer = Ink | (Note & { ink: InkContent })
const inks = () =>
  props.bench.page.value.items.filter(
    (item): item is Bearer => item.kind === 'ink' || (item.kind === 'note' && Boolean(item.ink)),
  )

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
  props.bench.veil([])
}
defineExpose({ letGo })

const strokesOf = (item: Bearer): PageStroke[] => onPageStrokes(item.ink, item.frame)

async function commitStroke() {
  const bench = props.bench
  const page = bench.page.value
  const style = styleOf(pen.value!)
  const parts = inParts(builder.points())
  const slip = noteUnder(way)
  if (slip) {
    last = null
    return bench.setBody(drawnOn(slip, style, parts))
  }
  const item = last && Date.now() - last.at < SOON_MS ? bench.byId.value.get(last.id) : undefined
  const scale = item?.kind === 'ink' ? scaleOf(item.ink, item.frame) : null
  let id: string
  if (item?.kind === 'ink' && scale !== null && item.ink.strokes.length < 400) {
    id = item.id
    const more = parts.map((points) => drawnInto(item.frame, scale, style, points))
    bench.all(inkEdits(item, [...strokesOf(item), ...more]))
  } else {
    id = newId()
    const { ink, frame } = inkOf(style, parts)
    bench.edit({
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
  LINE: 'Make it a line',
  ARROW: 'Make it an arrow',
  ELLIPSE: 'Make it an ellipse',
  TRIANGLE: 'Make it a triangle',
  RECTANGLE: 'Make it a rectangle',
  POLYGON: 'Make it a polygon',
}

function takeNeat() {
  const { neat, style, parts, inkId } = offer.value!
  const bench = props.bench
  const page = bench.page.value
  const item = bench.byId.value.get(inkId)
  offer.value = null
  if (item?.kind !== 'ink') return
  const rest = strokesOf(item).slice(0, -parts)
  const edits = inkEdits(item, rest)
  const shape = neatItem(neat, style)
  edits.push({ kind: 'add-item', pageId: page.id, index: page.items.length, item: shape })
  bench.all(edits)
  last = null
}

function neatItem(neat: Neat, style: StrokeStyle): Item {
  const common = { id: newId(), movement: { kind: 'fixed' } as const, description: '' }
  const { width: thickness, colour, dash } = style
  if (neat.kind === 'LINE' || neat.kind === 'ARROW') {
    const [from, to] = neat.ends as [Point, Point]
    const { frame } = neat
    const share = (p: Point) => ({ x: (p.x - frame.x) / frame.width, y: (p.y - frame.y) / frame.height })
    return {
      kind: 'line',
      ...common,
      frame,
      look: {
        points: [share(from), share(to)],
        curved: false,
        colour,
        thickness,
        dash,
        start: 'PLAIN',
        end: neat.kind === 'ARROW' ? 'ARROW' : 'PLAIN',
      },
    }
  }
  return {
    kind: 'shape',
    ...common,
    frame: neat.frame,
    look: { form: neat.kind, sides: Math.max(3, neat.sides), outline: colour, thickness, dash },
  }
}

function inkEdits(item: Bearer, strokes: PageStroke[]): Edit[] {
  const pageId = props.bench.page.value.id
  if (item.kind === 'note') return [{ kind: 'set-body', pageId, item: noteWith(item, strokes) }]
  if (strokes.length === 0) return [{ kind: 'remove-item', pageId, itemId: item.id }]
  const { ink, frame } = inkWith(item.ink, item.frame, strokes)
  return [
    { kind: 'set-body', pageId, item: { ...item, ink } },
    { kind: 'set-frame', pageId, itemId: item.id, frame },
  ]
}

/** A note with other strokes on it: they lie as they do on its slip, so they go where it goes. */
function noteWith(note: Note, strokes: PageStroke[]): Note {
  const { ink, ...bare } = note
  if (strokes.length === 0) return bare
  const { width, height } = ink ?? note.frame
  const kept = strokes.map(({ stroke, own }) => ({ ...stroke, points: keptPoints(own, { x: 0, y: 0 }) }))
  return { ...bare, ink: { width, height, strokes: kept } }
}

function drawnOn(note: Note, style: StrokeStyle, parts: Drawn[][]): Note {
  const space = note.ink ?? note.frame
  const scale = scaleOf(space, note.frame)!
  const more = parts.map((points) => drawnInto(note.frame, scale, style, points))
  return noteWith(note, [...(note.ink ? strokesOf({ ...note, ink: note.ink }) : []), ...more])
}

/** The note that a stroke was drawn on, if it lies wholly on one. */
const noteUnder = (drawn: Point[]): Note | undefined =>
  [...props.bench.page.value.items].reverse().find(
    (item): item is Note =>
      item.kind === 'note' &&
      // On one that was stretched a stroke would be drawn stretched.
      scaleOf(item.ink ?? item.frame, item.frame) !== null &&
      drawn.every((point) => contains(item.frame, point)),
  )

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
  props.bench.veil(now.keys())
}

function erase() {
  const edits = inks()
    .filter((item) => worn.value.has(item.id))
    .flatMap((item) => inkEdits(item, worn.value.get(item.id)!))
  props.bench.all(edits)
  worn.value = new Map()
  props.bench.veil([])
}

/** Selects the strokes within the loop; where only some of an ink are in it, those become an ink of their own. */
function commitLoop() {
  const page = props.bench.page.value
  const edits: Edit[] = []
  const chosen: string[] = []
  for (const item of inks()) {
    const all = strokesOf(item)
    const inside = all.filter((one) => looped(way, one.points))
    // Ink on a note goes with the note.
    if (inside.length === 0 || item.kind === 'note') continue
    if (inside.length === all.length) {
      chosen.push(item.id)
      continue
    }
    edits.push(
      ...inkEdits(
        item,
        all.filter((one) => !inside.includes(one)),
      ),
    )
    const id = newId()
    const { ink, frame } = inkWith(item.ink, item.frame, inside)
    edits.push({
      kind: 'add-item',
      pageId: page.id,
      index: page.items.length,
      item: { ...item, id, ink, frame },
    })
    chosen.push(id)
  }
  props.bench.all(edits)
  if (chosen.length > 0) {
    props.bench.take({ is: 'hand' })
    props.bench.select(chosen, 'inside')
  }
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
