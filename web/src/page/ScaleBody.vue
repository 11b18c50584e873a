<script setup lang="ts">
import { computed } from 'vue'
import type { Zone } from '@/api/schema'
import { lineAt, ticksOf } from './scales'

/** The line of a zone with a scale, with its ticks and numbers. */
const props = defineProps<{ zone: Zone; colour: string }>()
const width = computed(() => props.zone.frame.width)
const y = computed(() => lineAt(props.zone.frame.height))
const ticks = computed(() => ticksOf(props.zone.scale!, width.value))
const first = computed(() => ticks.value[0]!.x)
/** Numbers are as large as they fit beside each other. */
const size = computed(() => {
  const named = ticks.value.filter((tick) => tick.words)
  const room = named.length > 1 ? named[1]!.x - named[0]!.x : width.value
  const longest = Math.max(...named.map((tick) => tick.words!.length))
  return Math.max(14, Math.min(32, (room - 8) / (longest * 0.6)))
})
</script>

<template>
  <g class="scale" aria-hidden="true" :stroke="colour">
    <path :d="`M${Math.max(8, first - 44)} ${y}H${width - 14}`" />
    <path :d="`M${width - 34} ${y - 14}L${width - 12} ${y}L${width - 34} ${y + 14}`" />
    <template v-for="tick in ticks" :key="tick.value">
      <path :d="`M${tick.x} ${y - (tick.words ? 22 : 13)}v${tick.words ? 44 : 26}`" />
      <text v-if="tick.words" :x="tick.x" :y="y + 32 + size * 0.8" text-anchor="middle" :font-size="size">
        {{ tick.words }}
      </text>
    </template>
  </g>
</template>

<style scoped>
.scale path {
  fill: none;
  stroke-width: 7;
  stroke-linecap: round;
  stroke-linejoin: round;
}
text {
  font-family: var(--page-type);
  font-weight: 700;
  fill: var(--ink);
  stroke: none;
}
</style>
