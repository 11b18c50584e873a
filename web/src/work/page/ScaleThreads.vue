<script setup lang="ts">
import { computed } from 'vue'
import type { Frame, Zone } from '@/api/schema'
import { inBox, middle } from '@/page/geometry'
import { acrossOf, crossingOf, lineAt, valueAt, valueUpAt } from '@/page/scales'

/** Pieces on a scale, each held to its value on the line, or to those on both axes, by a dotted thread. */
const props = defineProps<{ zone: Zone; frames: Frame[] }>()
const line = computed(() => lineAt(props.zone.frame.height))
const threads = computed(() =>
  props.frames.map((frame) => {
    const { zone } = props
    const { width, height } = zone.frame
    const x = acrossOf(zone.scale!, valueAt(zone, middle(frame)), width)
    if (!zone.up) {
      const from = Math.min(inBox(zone.frame, middle(frame)).y, line.value)
      return { path: `M${x} ${from}V${line.value}`, x, y: line.value }
    }
    const y = height - acrossOf(zone.up, valueUpAt(zone, middle(frame)), height)
    const axes = crossingOf(zone)
    return { path: `M${x} ${axes.y}V${y}H${axes.x}`, x, y }
  }),
)
</script>

<template>
  <g aria-hidden="true">
    <g v-for="(thread, i) in threads" :key="i">
      <path class="thread" :d="thread.path" />
      <circle class="knot" :cx="thread.x" :cy="thread.y" r="15" />
    </g>
  </g>
</template>

<style scoped>
.thread {
  fill: none;
  stroke: var(--saffron);
  stroke-width: 6;
  stroke-dasharray: 1 11;
  stroke-linecap: round;
}
.knot {
  fill: var(--saffron);
  stroke: #8a5f12;
  stroke-width: 3;
}
</style>
