<script setup lang="ts">
import type { DrawnStroke } from '@/api/types'
import { filled, strokePath } from './ink'

/** What a student drew on a page; above everything that lies there. */
defineProps<{ ink: DrawnStroke[] }>()
</script>

<template>
  <g class="own-ink" role="img" :aria-label="`${ink.length} strokes drawn by hand`">
    <path
      v-for="{ id, stroke } in ink"
      :key="id"
      :d="strokePath(stroke)"
      :class="{ tint: stroke.tool === 'TINT' }"
      :fill="filled(stroke) ? stroke.colour : 'none'"
      :stroke="filled(stroke) ? 'none' : stroke.colour"
      :stroke-width="filled(stroke) ? undefined : stroke.width"
      stroke-linejoin="round"
      stroke-linecap="round"
    />
  </g>
</template>

<style scoped>
.own-ink {
  pointer-events: none;
}
.tint {
  mix-blend-mode: darken;
}
</style>
