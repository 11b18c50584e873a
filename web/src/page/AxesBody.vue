<script setup lang="ts">
import { computed } from 'vue'
import type { Zone } from '@/api/schema'
import { crossingOf, ticksOf } from './scales'

/** A pair of axes with its grid, its ticks and their numbers. */
const props = defineProps<{ zone: Zone; colour: string }>()
const width = computed(() => props.zone.frame.width)
const height = computed(() => props.zone.frame.height)
const along = computed(() => ticksOf(props.zone.scale!, width.value))
const up = computed(() =>
  ticksOf(props.zone.up!, height.value).map((tick) => ({ ...tick, y: height.value - tick.x })),
)
const at = computed(() => crossingOf(props.zone))
const ends = computed(() => {
  const ys = up.value.map((tick) => tick.y)
  const xs = along.value.map((tick) => tick.x)
  return { left: Math.min(...xs), right: Math.max(...xs), top: Math.min(...ys), foot: Math.max(...ys) }
})
/** Where both axes pass 0 one sign stands for both. */
const zero = computed(
  () =>
    along.value.some((tick) => tick.value === 0 && tick.words) &&
    up.value.some((tick) => tick.value === 0 && tick.words),
)
/** Numbers are as large as they fit beside each other. */
const size = computed(() => {
  const named = along.value.filter((tick) => tick.words)
  const room = named.length > 1 ? named[1]!.x - named[0]!.x : width.value
  const longest = Math.max(...named.map((tick) => tick.words!.length))
  const rows = up.value.filter((tick) => tick.words)
  const tall = rows.length > 1 ? Math.abs(rows[1]!.y - rows[0]!.y) : height.value
  return Math.max(14, Math.min(28, (room - 8) / (longest * 0.6), tall * 0.8))
})
</script>

<template>
  <g class="axes" aria-hidden="true" :stroke="colour">
    <path
      v-for="tick in along"
      :key="`x${tick.value}`"
      class="grid"
      :d="`M${tick.x} ${ends.top}V${ends.foot}`"
    />
    <path
      v-for="tick in up"
      :key="`y${tick.value}`"
      class="grid"
      :d="`M${ends.left} ${tick.y}H${ends.right}`"
    />
    <path :d="`M${ends.left - 20} ${at.y}H${width - 12}`" />
    <path :d="`M${width - 28} ${at.y - 11}L${width - 10} ${at.y}L${width - 28} ${at.y + 11}`" />
    <path :d="`M${at.x} ${ends.foot + 20}V12`" />
    <path :d="`M${at.x - 11} 28L${at.x} 10L${at.x + 11} 28`" />
    <template v-for="tick in along" :key="`nx${tick.value}`">
      <path v-if="tick.words" :d="`M${tick.x} ${at.y - 9}v18`" />
      <text
        v-if="tick.words && !(zero && tick.value === 0)"
        :x="tick.x"
        :y="at.y + 14 + size * 0.8"
        text-anchor="middle"
        :font-size="size"
      >
        {{ tick.words }}
      </text>
    </template>
    <template v-for="tick in up" :key="`ny${tick.value}`">
      <path v-if="tick.words" :d="`M${at.x - 9} ${tick.y}h18`" />
      <text
        v-if="tick.words && !(zero && tick.value === 0)"
        :x="at.x - 16"
        :y="tick.y + size * 0.34"
        text-anchor="end"
        :font-size="size"
      >
        {{ tick.words }}
      </text>
    </template>
    <text v-if="zero" :x="at.x - 14" :y="at.y + 14 + size * 0.8" text-anchor="end" :font-size="size">0</text>
  </g>
</template>

<style scoped>
.axes path {
  fill: none;
  stroke-width: 5;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.axes .grid {
  stroke: #8a99a0;
  stroke-opacity: 0.45;
  stroke-width: 2;
}
text {
  font-family: var(--page-type);
  font-weight: 700;
  fill: var(--ink);
  stroke: #fffdf8;
  stroke-width: 5;
  paint-order: stroke;
}
</style>
