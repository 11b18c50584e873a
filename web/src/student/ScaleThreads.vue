<script setup lang="ts">
import { computed } from 'vue'
import type { Frame, Zone } from '@/api/types'
import { inBox, middle } from '@/page/geometry'
import { acrossOf, lineAt, valueAt } from '@/page/scales'

/** Pieces on a scale, each held to its value on the line by a dotted thread. */
const props = defineProps<{ zone: Zone; frames: Frame[] }>()
const y = computed(() => lineAt(props.zone.frame.height))
const threads = computed(() =>
  props.frames.map((frame) => {
    const at = inBox(props.zone.frame, middle(frame))
    const x = acrossOf(props.zone.scale!, valueAt(props.zone, middle(frame)), props.zone.frame.width)
    return { x, from: Math.min(at.y, y.value) }
  }),
)
</script>

<template>
  <g aria-hidden="true">
    <g v-for="(thread, i) in threads" :key="i">
      <path class="thread" :d="`M${thread.x} ${thread.from}V${y}`" />
      <circle class="knot" :cx="thread.x" :cy="y" r="15" />
    </g>
  </g>
</template>

<style scoped>
.thread {
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
