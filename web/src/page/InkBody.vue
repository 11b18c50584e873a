<script setup lang="ts">
import type { InkContent } from '@/api/types'
import { filled, strokePath } from './ink'
import { dashArray } from './shapes'

/** Strokes stretched to a box. Tint takes the darker of itself and what is beneath, so it never darkens over itself. */
defineProps<{ ink: InkContent; width: number; height: number }>()
</script>

<template>
  <g :transform="`scale(${width / ink.width} ${height / ink.height})`">
    <path
      v-for="(stroke, i) in ink.strokes"
      :key="i"
      :d="strokePath(stroke)"
      :class="{ tint: stroke.tool === 'TINT' }"
      :fill="filled(stroke) ? stroke.colour : 'none'"
      :stroke="filled(stroke) ? 'none' : stroke.colour"
      :stroke-width="filled(stroke) ? undefined : stroke.width"
      :stroke-dasharray="filled(stroke) ? undefined : dashArray(stroke.dash, stroke.width)"
      stroke-linejoin="round"
      stroke-linecap="round"
    />
  </g>
</template>

<style scoped>
.tint {
  mix-blend-mode: darken;
}
</style>
