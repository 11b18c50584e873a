<script setup lang="ts">
import { pointNear, unitsPerPixel } from '@/page/pointer'
import { computed, ref, shallowRef, watch } from 'vue'
import { newId } from '@/api/id'
import type { DrawnStroke, Item, Stroke } from '@/api/schema'
import { drawnBy, growing } from '@/gesture/growing'
import { along, inParts, keptPoints, rubbed } from '@/gesture/ink'
import { strokeBuilder, type StrokeBuilder } from '@/gesture/strokeBuilder'
import { inkOnly } from '@/page/erased'
import { outline, PAGE, type Point } from '@/page/geometry'
import { pointsOf, type StrokeStyle, type Drawn, type PageStroke } from '@/page/ink'
import OwnInk from '@/page/OwnInk.vue'
import { ERASER, PEN_WIDTH, HIGHLIGHTER, type Hand } from './drawingTool'

/** Lies over a page: what was drawn on it, and the hand that draws or rubs out. It lets everything through otherwise. */
const props = defineProps<{
  ink: DrawnStroke[]
  hand: Hand
  /** What students may rub away on this page. */
  erasable: Item[]
}>()
const emit = defineEmits<{ full: [] }>()
const root = ref<SVGSVGElement>()
const path = ref<SVGPathElement>()
const cursor = ref<{ x: number; y: number } | null>(null)
/** The ink as it is while a rubber goes over it. */
const worn = shallowRef<Rubbed[] | null>(null)
type Rubbed = PageStroke & { id?: string }
/** Beyond the page nothing is kept that could not be seen. */
const EDGE = 40
let builder: StrokeBuilder = strokeBuilder()
let erasedTo: Point | null = null
let drawing: number | null = null

const tool = computed(() => props.hand.tool.value)
const pen = computed<StrokeStyle>(() =>
  tool.value === 'highlighter'
    ? { tool: 'HIGHLIGHTER', dash: 'SOLID', ...HIGHLIGHTER }
    : { tool: 'PEN', dash: 'SOLID', colour: props.hand.colour.value, width: PEN_WIDTH },
)
const line = growing(() => path.value)
const ORIGIN = { x: 0, y: 0 }

const pointAt = (event: PointerEvent) => pointNear(root.value!, event, EDGE)
function follow(drawn: Drawn[]) {
  for (const point of drawn) {
    if (tool.value === 'eraser') {
      along(erasedTo, point, ERASER / 2).forEach(rubAt)
      erasedTo = point
    }
    builder.add(point)
  }
  if (tool.value === 'eraser' && props.erasable.length) props.hand.erase(kept(WIPES, builder.points()))
  if (tool.value !== 'eraser') line.draw(pen.value, builder.points(), builder.decided())
}

function down(event: PointerEvent) {
  // A palm that rests on the tablet beside the pen draws nothing.
  if (event.button !== 0 || drawing !== null) return
  event.preventDefault()
  if (tool.value !== 'eraser' && props.hand.room.value < 2) return emit('full')
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  drawing = event.pointerId
  builder = strokeBuilder(unitsPerPixel(root.value!))
  erasedTo = null
  follow(drawnBy(event, pointAt).slice(-1))
}
function move(event: PointerEvent) {
  cursor.value = tool.value === 'eraser' ? pointAt(event) : null
  if (event.pointerId !== drawing) return
  follow(drawnBy(event, pointAt))
}
function up(event: PointerEvent) {
  if (event.pointerId !== drawing) return
  drawing = null
  if (tool.value === 'eraser') erase()
  else {
    // What still fits is kept, when a stroke is the last one.
    const fits = builder.points().slice(0, props.hand.room.value)
    void props.hand.draw(
      inParts(fits).map((part) => ({ id: newId(), stroke: kept(pen.value, part) })),
      [],
    )
  }
  line.wipe()
}
const kept = (look: StrokeStyle, drawn: Drawn[]): Stroke => {
  const { tool, colour, width, dash } = look
  return { tool, colour, width, dash, points: keptPoints(drawn, ORIGIN) }
}

const WIPES: StrokeStyle = { tool: 'ERASER', colour: '#000000', width: 2 * ERASER, dash: 'SOLID' }
/** The eraser's way, where it went over something that may be rubbed away. */
function erasedStrokes(): DrawnStroke[] {
  const points = builder.points()
  const met = props.erasable.some((item) => {
    const { left, top, right, bottom } = outline(item.frame)
    const near = (p: Point) =>
      p.x > left - ERASER && p.x < right + ERASER && p.y > top - ERASER && p.y < bottom + ERASER
    return points.some((p, i) => along(points[i - 1] ?? null, p, ERASER).some(near))
  })
  return met ? inParts(points).map((part) => ({ id: newId(), stroke: kept(WIPES, part) })) : []
}

const onPage = (): Rubbed[] =>
  inkOnly(props.ink).map(({ id, stroke }) => {
    const points = pointsOf(stroke).map(([x, y, pressure]) => ({ x, y, pressure }))
    return { id, stroke, points, own: points }
  })
function rubAt(at: Point) {
  const left = rubbed(worn.value ?? onPage(), at, ERASER, false)
  // What a rubber touched comes back as new parts, which have no name yet.
  if (left) worn.value = left
}
/** The ink that is seen: while it is rubbed, what is left of it. */
const seen = computed<DrawnStroke[]>(() =>
  worn.value
    ? worn.value.map((one, i) => ({
        id: one.id ?? `part-${i}`,
        stroke: one.id ? one.stroke : kept(one.stroke, one.points),
      }))
    : props.ink,
)
function erase() {
  const now = worn.value ?? onPage()
  const wiped = erasedStrokes()
  if (worn.value || wiped.length) {
    const there = new Set(now.flatMap((one) => one.id ?? []))
    const gone = inkOnly(props.ink).flatMap((one) => (there.has(one.id) ? [] : one.id))
    const parts = now.filter((one) => !one.id)
    const left = parts.map((one) => ({ id: newId(), stroke: kept(one.stroke, one.points) }))
    void props.hand.draw([...left, ...wiped], gone)
  }
  // By now what was rubbed away is on its way, and seen.
  props.hand.erase(null)
}
watch(
  () => props.ink,
  () => (worn.value = null),
)
watch(tool, () => {
  cursor.value = null
  worn.value = null
})
</script>

<template>
  <svg
    ref="root"
    class="ink-sheet"
    :class="{ draws: tool !== 'move' }"
    :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`"
    @pointerdown="down"
    @pointermove="move"
    @pointerup="up"
    @pointercancel="up"
    @pointerleave="cursor = null"
  >
    <OwnInk v-if="seen.length" :ink="seen" />
    <path
      v-if="tool !== 'eraser'"
      ref="path"
      :class="{ highlighter: pen.tool === 'HIGHLIGHTER' }"
      stroke-linecap="round"
      stroke-linejoin="round"
    />
    <circle v-if="cursor" class="rubber" :cx="cursor.x" :cy="cursor.y" :r="ERASER" />
  </svg>
</template>

<style scoped>
.ink-sheet {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  pointer-events: none;
  touch-action: none;
}
.draws {
  pointer-events: auto;
  cursor: crosshair;
}
.highlighter {
  mix-blend-mode: darken;
}
.rubber {
  fill: #ffffff80;
  stroke: #1f2d33;
  stroke-width: 3;
}
</style>
