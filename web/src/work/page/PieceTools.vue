<script setup lang="ts">
import { t } from '@/i18n'
import { computed } from 'vue'
import type { Frame } from '@/api/schema'
import type { Point } from '@/page/geometry'
import { useReach } from '@/work/rules/reach'

/**
 * Small buttons at the corners of a piece: turn it, turn it over, open it. Keys: R, T and O on the piece itself. A switch
 * comes to each of them; the Tab key goes from piece to piece.
 */
defineProps<{ frame: Frame; turns: boolean; turnsAt: Point; over: boolean; opens: boolean; name: string }>()
const emit = defineEmits<{ turn: []; grip: [event: PointerEvent]; over: []; open: [] }>()
const reach = useReach()
/** Drawn no larger than this; the finger finds it within its reach. */
const R = computed(() => Math.min(40, reach.value))
</script>

<template>
  <g class="tools">
    <g
      v-if="turns"
      class="tool"
      role="button"
      tabindex="-1"
      data-scan
      :aria-label="t('tool.turn-name', { name })"
      :transform="`translate(${turnsAt.x} ${turnsAt.y})`"
      @pointerdown.stop.prevent="emit('grip', $event)"
      @keydown.enter.stop.prevent="emit('turn')"
    >
      <title>{{ t('tool.turn') }}</title>
      <circle class="reach" :r="reach" />
      <circle :r="R" />
      <path d="M-11 4a12 12 0 1 0 4-13m-5-4l4 5 6-2" />
    </g>
    <g
      v-if="over"
      class="tool"
      role="button"
      tabindex="-1"
      data-scan
      :aria-label="t('tool.turn-over-name', { name })"
      :transform="`translate(${frame.width} ${frame.height})`"
      @pointerdown.stop.prevent="emit('over')"
      @keydown.enter.stop.prevent="emit('over')"
    >
      <title>{{ t('tool.turn-over') }}</title>
      <circle class="reach" :r="reach" />
      <circle :r="R" />
      <path d="M-13 -4h20l-6-6m12 14h-20l6 6" />
    </g>
    <g
      v-if="opens"
      class="tool"
      role="button"
      tabindex="-1"
      data-scan
      :aria-label="t('tool.open-name', { name })"
      :transform="`translate(${frame.width} ${over ? frame.height / 2 : 0})`"
      @pointerdown.stop.prevent="emit('open')"
      @keydown.enter.stop.prevent="emit('open')"
    >
      <title>{{ t('tool.open') }}</title>
      <circle class="reach" :r="reach" />
      <circle :r="R" />
      <path d="M-11 -3v-8h8m-8 0l8 8M11 3v8h-8m8 0l-8-8" />
    </g>
  </g>
</template>

<style scoped>
.tool {
  cursor: pointer;
  outline: none;
  touch-action: none;
}
.tool:focus circle:last-of-type {
  stroke: var(--saffron);
  stroke-width: 9;
}
.tool .reach {
  fill: transparent;
  stroke: none;
}
.tool circle:last-of-type {
  fill: #fff;
  stroke: var(--petrol);
  stroke-width: 3;
}
.tool path {
  fill: none;
  stroke: var(--petrol);
  stroke-width: 4;
  stroke-linecap: round;
  stroke-linejoin: round;
}
</style>
