<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { newId } from '@/api/id'
import type { DrawnStroke, Stroke } from '@/api/types'
import { drawnBy, growing } from '@/gesture/growing'
import { keptPoints, rubbed, type Drawn, type PageStroke } from '@/gesture/ink'
import { PAGE } from '@/page/geometry'
import { pointsOf } from '@/page/ink'
import OwnInk from '@/page/OwnInk.vue'
import { PEN_WIDTH, TINT, type Hand } from './hand'

/** Lies over a page: what was drawn on it, and the hand that draws or rubs out. It lets everything through otherwise. */
const props = defineProps<{ ink: DrawnStroke[]; hand: Hand }>()
const emit = defineEmits<{ full: [] }>()
const root = ref<SVGSVGElement>()
const path = ref<SVGPathElement>()
const cursor = ref<{ x: number; y: number } | null>(null)
/** The ink as it is while a rubber goes over it. */
const worn = shallowRef<Rubbed[] | null>(null)
type Rubbed = PageStroke & { id?: string }
const RUBBER = 26
/** Beyond the page nothing is kept that could not be seen. */
const EDGE = 40
let points: Drawn[] = []
let drawing: number | null = null

const tool = computed(() => props.hand.tool.value)
const pen = computed<Omit<Stroke, 'points'>>(() =>
  tool.value === 'tint'
    ? { tool: 'TINT', dash: 'SOLID', ...TINT }
    : { tool: 'PEN', dash: 'SOLID', colour: props.hand.colour.value, width: PEN_WIDTH },
)
const line = growing(() => path.value)
const ORIGIN = { x: 0, y: 0 }

function pointAt(event: PointerEvent) {
  const box = root.value!.getBoundingClientRect()
  const scale = PAGE.width / box.width
  const within = (value: number, most: number) => Math.min(most + EDGE, Math.max(-EDGE, value))
  return {
    x: within((event.clientX - box.left) * scale, PAGE.width),
    y: within((event.clientY - box.top) * scale, PAGE.height),
  }
}
const grow = () => line.draw(points, pen.value.tool === 'PEN' ? pen.value.width : null)

function down(event: PointerEvent) {
  // A palm that rests on the tablet beside the pen draws nothing.
  if (event.button !== 0 || drawing !== null) return
  event.preventDefault()
  if (tool.value !== 'rub' && props.hand.room.value < 2) return emit('full')
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  drawing = event.pointerId
  points = drawnBy(event, pointAt).slice(-1)
  if (tool.value === 'rub') rubAt(points[0]!)
  else grow()
}
function move(event: PointerEvent) {
  cursor.value = tool.value === 'rub' ? pointAt(event) : null
  if (event.pointerId !== drawing) return
  for (const point of drawnBy(event, pointAt)) {
    if (tool.value === 'rub') rubAt(point)
    else points.push(point)
  }
  if (tool.value !== 'rub') grow()
}
function up(event: PointerEvent) {
  if (event.pointerId !== drawing) return
  drawing = null
  if (tool.value === 'rub') commitRub()
  else {
    const stroke = kept(pen.value, points)
    // What still fits is kept, when a stroke is the last one.
    stroke.points = stroke.points.slice(0, 3 * props.hand.room.value)
    void props.hand.draw([{ id: newId(), stroke }], [])
  }
  line.wipe()
}
const kept = (look: Omit<Stroke, 'points'>, drawn: Drawn[]): Stroke => {
  const { tool, colour, width, dash } = look
  return { tool, colour, width, dash, points: keptPoints(drawn, ORIGIN) }
}

const onPage = (): Rubbed[] =>
  props.ink.map(({ id, stroke }) => ({
    id,
    stroke,
    points: pointsOf(stroke).map(([x, y, pressure]) => ({ x, y, pressure })),
  }))
function rubAt(at: { x: number; y: number }) {
  const left = rubbed(worn.value ?? onPage(), at, RUBBER, false)
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
function commitRub() {
  const now = worn.value
  if (!now) return
  const there = new Set(now.flatMap((one) => one.id ?? []))
  const gone = props.ink.filter((one) => !there.has(one.id)).map((one) => one.id)
  const parts = now.filter((one) => !one.id)
  void props.hand.draw(
    parts.map((one) => ({ id: newId(), stroke: kept(one.stroke, one.points) })),
    gone,
  )
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
      v-if="tool !== 'rub'"
      ref="path"
      :class="{ tint: pen.tool === 'TINT' }"
      :fill="pen.tool === 'PEN' ? pen.colour : 'none'"
      :stroke="pen.tool === 'PEN' ? 'none' : pen.colour"
      :stroke-width="pen.width"
      stroke-linecap="round"
      stroke-linejoin="round"
    />
    <circle v-if="cursor" class="rubber" :cx="cursor.x" :cy="cursor.y" :r="RUBBER" />
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
.tint {
  mix-blend-mode: darken;
}
.rubber {
  fill: #ffffff80;
  stroke: #1f2d33;
  stroke-width: 3;
}
</style>
