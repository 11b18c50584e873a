<script setup lang="ts">
import { computed, useId } from 'vue'
import type { InkContent, Stroke } from '@/api/schema'
import { strokeDrawing } from './ink'

/** Strokes stretched to a box. Tint takes the darker of itself and what is beneath, so it never darkens over itself. */
const props = defineProps<{
  ink: InkContent
  width: number
  height: number
  /** What an eraser took of it, and how its page lies in its own space. */
  erased?: { strokes: Stroke[]; transform: string }
}>()
const id = useId()
const mask = computed(() => (props.erased?.strokes.length ? `url(#${id})` : undefined))
/** So large that every page is within. */
const FAR = 40_000
</script>

<template>
  <mask
    v-if="mask"
    :id="id"
    maskUnits="userSpaceOnUse"
    :x="-FAR"
    :y="-FAR"
    :width="2 * FAR"
    :height="2 * FAR"
  >
    <rect :x="-FAR" :y="-FAR" :width="2 * FAR" :height="2 * FAR" fill="#fff" />
    <g :transform="erased!.transform">
      <path
        v-for="(stroke, i) in erased!.strokes"
        :key="i"
        v-bind="strokeDrawing(stroke)"
        stroke="#000"
        stroke-linejoin="round"
        stroke-linecap="round"
      />
    </g>
  </mask>
  <g :mask="mask" :class="{ highlighter: mask && ink.strokes.some((one) => one.tool === 'HIGHLIGHTER') }">
    <g :transform="`scale(${width / ink.width} ${height / ink.height})`">
      <path
        v-for="(stroke, i) in ink.strokes"
        :key="i"
        v-bind="strokeDrawing(stroke)"
        :class="{ highlighter: stroke.tool === 'HIGHLIGHTER' }"
        stroke-linejoin="round"
        stroke-linecap="round"
      />
    </g>
  </g>
</template>

<style scoped>
.highlighter {
  mix-blend-mode: darken;
}
</style>
