<script setup lang="ts">
import { computed, onBeforeUnmount, ref, shallowRef } from 'vue'
import { newId } from '@/api/id'
import { post } from '@/api/client'
import type { components } from '@/api/schema'
import type { Edit, Ink, InkContent, Item, Note, Stroke } from '@/api/types'
import {
  boxOf,
  inkOf,
  keptPoints,
  looped,
  onPageStrokes,
  rubbed,
  type Drawn,
  type PageStroke,
} from '@/gesture/ink'
import { drawnBy, growing } from '@/gesture/growing'
import { contains, inBox, onPage, PAGE, type Point } from '@/page/geometry'
import InkBody from '@/page/InkBody.vue'
import { filled } from '@/page/ink'
import { dashArray } from '@/page/shapes'
import type { Bench } from './bench'
import { neatWanted, pens } from './pens'

/** Lies over the page while ink is drawn, rubbed or looped. */
const props = defineProps<{ bench: Bench; pointAt: (event: PointerEvent) => Point }>()
type Neat = components['schemas']['NeatShape']

const path = ref<SVGPathElement>()
const cursor = ref<Point | null>(null)
const offer = shallowRef<{ neat: Neat; stroke: Stroke; inkId: string; at: Point } | null>(null)
/** Inks as they are while a rubber goes over them. */
const worn = shallowRef<Map<string, PageStroke[]>>(new Map())
let points: Drawn[] = []
let drawing = false
/** Strokes drawn one soon after another are one ink. */
let last: { id: string; at: number } | null = null
const SOON_MS = 2500
const RUBBER = 22

const tool = computed(() => props.bench.tool.value)
const pen = computed(() =>
  tool.value.is === 'pen' || tool.value.is === 'tint' ? pens[tool.value.name]! : null,
)
const rubbing = computed(() => tool.value.is === 'rub' || tool.value.is === 'rub-whole')
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
  points = drawnBy(event, props.pointAt).slice(-1)
  if (rubbing.value) rubAt(points[0]!)
  else draw()
}

function move(event: PointerEvent) {
  const at = props.pointAt(event)
  cursor.value = rubbing.value ? at : null
  if (!drawing) return
  for (const point of drawnBy(event, props.pointAt)) {
    if (rubbing.value) rubAt(point)
    else points.push(point)
  }
  if (!rubbing.value) draw()
}

const line = growing(() => path.value)
function draw() {
  const own = pen.value
  const solid = own && filled({ tool: own.tool, dash: own.dash } as Stroke)
  line.draw(points, solid ? own.width : null)
}
const wipe = () => line.wipe()

function up() {
  if (!drawing) return
  drawing = false
  wipe()
  if (rubbing.value) commitRub()
  else if (tool.value.is === 'loop') commitLoop()
  else void commitStroke()
}

/** A stroke that was begun is given up: a second finger has come down. */
function letGo() {
  drawing = false
  points = []
  wipe()
  worn.value = new Map()
  props.bench.veil([])
}
defineExpose({ letGo })

const strokesOf = (item: Bearer): PageStroke[] =>
  onPageStrokes(item.ink, (local) => onPage(item.frame, local), {
    x: item.frame.width / item.ink.width,
    y: item.frame.height / item.ink.height,
  })

async function commitStroke() {
  const own = pen.value!
  const bench = props.bench
  const page = bench.page.value
  const drawn = { points, width: own.width }
  const bare: Stroke = { tool: own.tool, colour: own.colour, width: own.width, dash: own.dash, points: [] }
  const rough = points.map(({ x, y }) => ({ x, y }))
  const slip = noteUnder(points)
  if (slip) {
    const before = slip.ink ? strokesOf({ ...slip, ink: slip.ink }) : []
    bench.setBody(noteWith(slip, [...before, { stroke: bare, points }]))
    last = null
    return
  }
  const item = last && Date.now() - last.at < SOON_MS ? bench.byId.value.get(last.id) : undefined
  let id: string
  if (item?.kind === 'ink' && item.frame.turn === 0 && item.ink.strokes.length < 400) {
    id = item.id
    const { ink, box } = inkOf([...strokesOf(item), { stroke: bare, points }])
    bench.all([
      { kind: 'set-body', pageId: page.id, item: { ...item, ink } },
      { kind: 'set-frame', pageId: page.id, itemId: id, frame: { ...box, turn: 0 } },
    ])
  } else {
    id = newId()
    const box = boxOf([drawn])
    const ink = {
      width: box.width,
      height: box.height,
      strokes: [{ ...bare, points: keptPoints(points, box) }],
    }
    bench.edit({
      kind: 'add-item',
      pageId: page.id,
      index: page.items.length,
      item: {
        kind: 'ink',
        id,
        frame: { ...box, turn: 0 },
        movement: { kind: 'fixed' },
        description: '',
        ink,
      },
    })
  }
  last = { id, at: Date.now() }
  if (neatWanted.value && own.tool === 'PEN' && rough.length > 5) await askNeat(rough, bare, id)
}

/** A neat shape is offered, never forced: the stroke stays until somebody says yes. */
async function askNeat(rough: Point[], stroke: Stroke, inkId: string) {
  try {
    const { shape } = await post<{ shape?: Neat }>('/api/neat', { points: rough.slice(0, 5000) })
    if (shape && last?.id === inkId) {
      const { frame } = shape
      offer.value = {
        neat: shape,
        stroke,
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
  const { neat, stroke, inkId } = offer.value!
  const bench = props.bench
  const page = bench.page.value
  const item = bench.byId.value.get(inkId)
  offer.value = null
  if (item?.kind !== 'ink') return
  const rest = strokesOf(item).slice(0, -1)
  const edits: Edit[] =
    rest.length === 0 ? [{ kind: 'remove-item', pageId: page.id, itemId: inkId }] : inkEdits(item, rest)
  const shape = neatItem(neat, stroke)
  edits.push({ kind: 'add-item', pageId: page.id, index: page.items.length, item: shape })
  bench.all(edits)
  last = null
}

function neatItem(neat: Neat, stroke: Stroke): Item {
  const common = { id: newId(), movement: { kind: 'fixed' } as const, description: '' }
  const { width: thickness, colour, dash } = stroke
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
  const { ink, box } = inkOf(strokes)
  return [
    { kind: 'set-body', pageId, item: { ...item, ink } },
    { kind: 'set-frame', pageId, itemId: item.id, frame: { ...box, turn: 0 } },
  ]
}

/** A note with ink on it: the strokes lie as they do on its slip, so they go where it goes. */
function noteWith(note: Note, strokes: PageStroke[]): Note {
  const { ink: _, ...bare } = note
  if (strokes.length === 0) return bare
  const { frame } = note
  const own = strokes.map(({ stroke, points }) => ({
    ...stroke,
    points: keptPoints(
      points.map((p) => ({ ...inBox(frame, p), pressure: p.pressure })),
      { x: 0, y: 0 },
    ),
  }))
  return { ...bare, ink: { width: frame.width, height: frame.height, strokes: own } }
}

/** The note that a stroke was drawn on, if it lies wholly on one. */
const noteUnder = (drawn: Point[]): Note | undefined =>
  [...props.bench.page.value.items]
    .reverse()
    .find((item): item is Note => item.kind === 'note' && drawn.every((point) => contains(item.frame, point)))

function rubAt(at: Point) {
  const now = new Map(worn.value)
  let changed = false
  for (const item of inks()) {
    const left = rubbed(now.get(item.id) ?? strokesOf(item), at, RUBBER, tool.value.is === 'rub-whole')
    if (left) {
      now.set(item.id, left)
      changed = true
    }
  }
  if (!changed) return
  worn.value = now
  props.bench.veil(now.keys())
}

function commitRub() {
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
    const inside = all.filter((one) => looped(points, one.points))
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
    const { ink, box } = inkOf(inside)
    edits.push({
      kind: 'add-item',
      pageId: page.id,
      index: page.items.length,
      item: { ...item, id, ink, frame: { ...box, turn: 0 } },
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
    .map((item) => ({ id: item.id, frame: item.frame, now: worn.value.get(item.id)! })),
)
onBeforeUnmount(() => (drawing = false))
</script>

<template>
  <g class="ink-layer">
    <template v-for="one in wornInks" :key="one.id">
      <template v-if="one.now.length">
        <g :transform="`translate(${inkOf(one.now).box.x} ${inkOf(one.now).box.y})`">
          <InkBody
            :ink="inkOf(one.now).ink"
            :width="inkOf(one.now).box.width"
            :height="inkOf(one.now).box.height"
          />
        </g>
      </template>
    </template>
    <path
      v-if="pen"
      ref="path"
      :class="{ tint: pen.tool === 'TINT' }"
      :fill="pen.tool === 'PEN' && pen.dash === 'SOLID' ? pen.colour : 'none'"
      :stroke="pen.tool === 'PEN' && pen.dash === 'SOLID' ? 'none' : pen.colour"
      :stroke-width="pen.width"
      :stroke-dasharray="dashArray(pen.dash, pen.width)"
      stroke-linecap="round"
      stroke-linejoin="round"
    />
    <path v-else-if="tool.is === 'loop'" ref="path" class="loop" />
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
/* While it grows it lies on a sheet of its own; once it is kept it is drawn as tint is. */
.tint {
  opacity: 0.55;
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
