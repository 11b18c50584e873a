<script setup lang="ts">
import { computed, onBeforeUnmount, ref } from 'vue'
import type { Item } from '@/api/types'
import { middle, type Point } from '@/page/geometry'
import type { Bench } from './bench'

/** The two ends of a rail, pulled on the page; its stops are shown on it. */
const props = defineProps<{ bench: Bench; item: Item; pointAt: (event: PointerEvent) => Point }>()
const pulled = ref<{ end: 'from' | 'to'; at: Point } | null>(null)
const rail = computed(() => (props.item.movement.kind === 'rail' ? props.item.movement : null))
const home = computed(() => middle(props.item.frame))
const at = (end: 'from' | 'to'): Point =>
  pulled.value?.end === end
    ? pulled.value.at
    : { x: home.value.x + rail.value![end].x, y: home.value.y + rail.value![end].y }
const stops = computed(() =>
  (rail.value?.stops ?? []).map((share) => ({
    x: at('from').x + (at('to').x - at('from').x) * share,
    y: at('from').y + (at('to').y - at('from').y) * share,
  })),
)

function grab(end: 'from' | 'to', event: PointerEvent) {
  event.stopPropagation()
  pulled.value = { end, at: props.pointAt(event) }
  window.addEventListener('pointermove', move)
  window.addEventListener('pointerup', lift)
}
const STEP = Math.PI / 12
function move(event: PointerEvent) {
  if (!pulled.value) return
  let to = props.pointAt(event)
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
  const end = { x: Math.round(done.at.x - home.value.x), y: Math.round(done.at.y - home.value.y) }
  const other = rail.value[done.end === 'from' ? 'to' : 'from']
  // A rail has two ends apart from one another.
  if (Math.hypot(end.x - other.x, end.y - other.y) >= 10) {
    props.bench.setMovement({ ...rail.value, [done.end]: end })
  }
}
function quiet() {
  pulled.value = null
  window.removeEventListener('pointermove', move)
  window.removeEventListener('pointerup', lift)
}
onBeforeUnmount(quiet)
</script>

<template>
  <g v-if="rail">
    <path class="rail" :d="`M${at('from').x} ${at('from').y}L${at('to').x} ${at('to').y}`" />
    <circle v-for="(stop, i) in stops" :key="i" class="stop" :cx="stop.x" :cy="stop.y" r="9" />
    <rect
      v-for="end in ['from', 'to'] as const"
      :key="end"
      class="end"
      :x="at(end).x - 14"
      :y="at(end).y - 14"
      width="28"
      height="28"
      rx="4"
      @pointerdown="grab(end, $event)"
    >
      <title>End of the rail</title>
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
}
</style>
