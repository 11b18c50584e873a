<script setup lang="ts">
import { computed, type Ref } from 'vue'
import { onPage, PAGE, placed } from '@/page/geometry'
import type { Reading } from '@/work/media/reading'

/** The value that what is dragged over a number line would lie at. It alone is drawn anew while the hand moves. */
const props = defineProps<{ now: { reading: Ref<Reading | null> } }>()
/** How far it reaches below the line, and how far above it stands instead. */
const BELOW = 84
const ABOVE = -190
const at = computed(() => {
  const reading = props.now.reading.value
  if (!reading) return null
  const { zone, x, y, words } = reading
  // At the foot of the page it stands above what is held.
  const above = onPage(zone.frame, { x, y }).y + BELOW > PAGE.height
  const wide = 44 + 20 * words.length
  return { words, x, y, above, down: above ? ABOVE : 0, place: placed(zone.frame), wide }
})
</script>

<template>
  <g v-if="at" class="readout" :transform="at.place" aria-hidden="true">
    <path v-if="!at.above" :d="`M${at.x} ${at.y + 8}l-14 22h28z`" />
    <rect :x="at.x - at.wide / 2" :y="at.y + 28 + at.down" :width="at.wide" height="56" rx="14" />
    <text :x="at.x" :y="at.y + 69 + at.down">{{ at.words }}</text>
  </g>
</template>

<style scoped>
.readout {
  pointer-events: none;
}
path,
rect {
  fill: #1f2d33;
}
text {
  fill: #fff;
  font: 700 38px var(--page-type);
  text-anchor: middle;
}
</style>
