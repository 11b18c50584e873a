<script setup lang="ts">
import { computed } from 'vue'
import type { Note } from '@/api/schema'
import { inBoxOf, fitWords } from './wordFit'
import InkBody from './InkBody.vue'
import WordLines from './WordLines.vue'

/** A coloured slip; what a student wrote stands below what was there. */
const props = defineProps<{ note: Note; written?: string }>()
const PAD = 14
const width = computed(() => props.note.frame.width)
const height = computed(() => props.note.frame.height)
const text = computed(() => [props.note.words.text, props.written ?? ''].filter(Boolean).join('\n'))
const words = computed(() => {
  if (!props.written)
    return inBoxOf(props.note.words, PAD, PAD, width.value - 2 * PAD, height.value - 2 * PAD, 'top')
  const fit = fitWords(text.value, props.note.words.style, width.value - 2 * PAD)
  return { x: PAD, y: PAD, width: width.value - 2 * PAD, content: fit.content }
})
/** A folded corner, so that a note is not taken for a tile. */
const fold = computed(() => Math.min(36, width.value / 4, height.value / 4))
</script>

<template>
  <path class="shade" :d="`M4 6H${width}V${height - fold}L${width - fold} ${height + 4}H4Z`" />
  <path :d="`M0 0H${width}V${height - fold}L${width - fold} ${height}H0Z`" :fill="note.colour" />
  <path class="fold" :d="`M${width - fold} ${height}V${height - fold}H${width}Z`" />
  <InkBody v-if="note.ink" :ink="note.ink" :width="width" :height="height" />
  <g :transform="`translate(${words.x} ${words.y})`">
    <WordLines :content="words.content" :width="words.width" />
  </g>
</template>

<style scoped>
.shade {
  fill: #0000001a;
}
.fold {
  fill: #00000026;
}
</style>
