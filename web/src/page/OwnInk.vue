<script setup lang="ts">
import { t } from '@/i18n'
import { computed } from 'vue'
import type { DrawnStroke } from '@/api/schema'
import { inkOnly } from './erased'
import { strokeDrawing } from './ink'

/** What a student drew on a page; above everything that lies there. */
const props = defineProps<{ ink: DrawnStroke[] }>()
const seen = computed(() => inkOnly(props.ink))
</script>

<template>
  <g v-if="seen.length" class="own-ink" role="img" :aria-label="t('ink.strokes', { count: seen.length })">
    <path
      v-for="{ id, stroke } in seen"
      :key="id"
      v-bind="strokeDrawing(stroke)"
      :class="{ highlighter: stroke.tool === 'HIGHLIGHTER' }"
      stroke-linejoin="round"
      stroke-linecap="round"
    />
  </g>
</template>

<style scoped>
.own-ink {
  pointer-events: none;
}
.highlighter {
  mix-blend-mode: darken;
}
</style>
