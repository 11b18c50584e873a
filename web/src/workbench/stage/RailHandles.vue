<script setup lang="ts">
import { t } from '@/i18n'
import { computed, ref } from 'vue'
import { usePull } from '@/gesture/usePull'
import type { Item } from '@/api/schema'
import { arrowOf } from '@/gesture/arrowKeys'
import { contains, middle, type Point } from '@/page/geometry'
import { borderTowards } from '@/page/lines'
import type { Workbench } from '@/workbench/useWorkbench'

/** The two ends of a rail, pulled on the page; its stops are shown on it. */
const props = defineProps<{ workbench: Workbench; item: Item; pointAt: (event: PointerEvent) => Point }>()
const { pull } = usePull()
const pulled = ref<{ end: 'from' | 'to'; at: Point } | null>(null)
const rail = computed(() => (props.item.movement.kind === 'rail' ? props.item.movement : null))
const home = computed(() => middle(props.item.frame))
const at = (end: 'from' | 'to'): Point =>
  pulled.value?.end === end
    ? pulled.value.at
    : { x: home.value.x + rail.value![end].x, y: home.value.y + rail.value![end].y }
/** From an end to what it is pulled by: an end under the piece would keep the hand from the piece itself. */
const BESIDE = 44
function aside(end: 'from' | 'to'): Point {
  const here = at(end)
  const there = at(end === 'from' ? 'to' : 'from')
  const { frame } = props.item
  if (!contains(frame, here)) return { x: 0, y: 0 }
  const length = Math.hypot(here.x - there.x, here.y - there.y) || 1
  const out = { x: (here.x - there.x) / length, y: (here.y - there.y) / length }
  const edge = borderTowards(frame, { x: home.value.x + out.x * 20_000, y: home.value.y + out.y * 20_000 })
  const far = Math.hypot(edge.x - here.x, edge.y - here.y) + BESIDE
  return { x: out.x * far, y: out.y * far }
}
const handle = (end: 'from' | 'to'): Point =>
  pulled.value?.end === end
    ? { x: at(end).x + held.x, y: at(end).y + held.y }
    : { x: at(end).x + aside(end).x, y: at(end).y + aside(end).y }
/** From the end that is pulled to the hand that pulls it. */
let held: Point = { x: 0, y: 0 }

const stops = computed(() =>
  (rail.value?.stops ?? []).map((share) => ({
    x: at('from').x + (at('to').x - at('from').x) * share,
    y: at('from').y + (at('to').y - at('from').y) * share,
  })),
)

function grab(end: 'from' | 'to', event: PointerEvent) {
  event.stopPropagation()
  const hand = props.pointAt(event)
  held = { x: hand.x - at(end).x, y: hand.y - at(end).y }
  pulled.value = { end, at: at(end) }
  pull({ move, up: lift, cancel: quiet })
}
const STEP = Math.PI / 12
function move(event: PointerEvent) {
  if (!pulled.value) return
  const hand = props.pointAt(event)
  let to = { x: hand.x - held.x, y: hand.y - held.y }
  const from = at(pulled.value.end === 'from' ? 'to' : 'from')
  if (event.shiftKey) {
    const length = Math.hypot(to.x - from.x, to.y - from.y)
    const angle = Math.round(Math.atan2(to.y - from.y, to.x - from.x) / STEP) * STEP
    to = { x: from.x + Math.cos(angle) * length, y: from.y + Math.sin(angle) * length }
  }
  pulled.value = { ...pulled.value, at: to }
}
function lift() {
  const done = pulled.value
  quiet()
  if (!done || !rail.value) return
  put(done.end, { x: done.at.x - home.value.x, y: done.at.y - home.value.y })
}
function put(which: 'from' | 'to', to: Point) {
  const end = { x: Math.round(to.x), y: Math.round(to.y) }
  const other = rail.value![which === 'from' ? 'to' : 'from']
  // A rail has two ends apart from one another.
  if (Math.hypot(end.x - other.x, end.y - other.y) >= 10) {
    props.workbench.setMovement({ ...rail.value!, [which]: end })
  }
}
function key(which: 'from' | 'to', event: KeyboardEvent) {
  const by = arrowOf(event)
  if (!by) return
  event.preventDefault()
  event.stopPropagation()
  const now = rail.value![which]
  put(which, { x: now.x + by.x, y: now.y + by.y })
}
const NAMES = { from: t('workbench.where-the-rail-begins'), to: t('workbench.where-the-rail-ends') }
function quiet() {
  pulled.value = null
}
</script>

<template>
  <g v-if="rail">
    <path class="rail" :d="`M${at('from').x} ${at('from').y}L${at('to').x} ${at('to').y}`" />
    <path
      v-for="end in ['from', 'to'] as const"
      :key="`to-${end}`"
      class="rail"
      :d="`M${at(end).x} ${at(end).y}L${handle(end).x} ${handle(end).y}`"
    />
    <circle v-for="(stop, i) in stops" :key="i" class="stop" :cx="stop.x" :cy="stop.y" r="9" />
    <rect
      v-for="end in ['from', 'to'] as const"
      :key="end"
      class="end"
      :x="handle(end).x - 14"
      :y="handle(end).y - 14"
      width="28"
      height="28"
      rx="4"
      tabindex="0"
      role="button"
      :aria-label="
        t('workbench.end-x-across-y-down-arrow', {
          end: NAMES[end],
          x: Math.round(at(end).x),
          y: Math.round(at(end).y),
        })
      "
      @pointerdown="grab(end, $event)"
      @keydown="key(end, $event)"
    >
      <title>{{ NAMES[end] }}</title>
    </rect>
  </g>
</template>

<style scoped>
.rail {
  fill: none;
  stroke: var(--plum);
  stroke-width: 6;
  stroke-dasharray: 2 14;
  stroke-linecap: round;
  pointer-events: none;
}
.stop {
  fill: var(--plum);
  pointer-events: none;
}
.end {
  fill: var(--plum-t);
  stroke: var(--plum);
  stroke-width: 4;
  cursor: crosshair;
  outline: none;
}
.end:focus-visible {
  stroke: var(--saffron);
  stroke-width: 8;
}
</style>
