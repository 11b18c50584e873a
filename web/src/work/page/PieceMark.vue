<script setup lang="ts">
import { tilePath, type Point } from '@/page/geometry'

/** What a zone found of a piece: a filled tile with a tick, or a hollow ring with an arrow back. */
defineProps<{ good: boolean; at: Point }>()
</script>

<template>
  <g :transform="`translate(${at.x - 19} ${at.y - 19})`">
    <template v-if="good">
      <path class="good" :d="tilePath(38, 38, 10, 3)" />
      <path class="tick" d="M10 20l6 6 13-14" />
    </template>
    <template v-else>
      <circle class="hollow" cx="19" cy="19" r="16" />
      <path class="back" d="M25 25c2-7-3-10-12-9m4-5l-5 5 5 5" />
    </template>
  </g>
</template>

<style scoped>
.good {
  fill: var(--petrol);
}
.tick {
  fill: none;
  stroke: #fff;
  stroke-width: 4;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.hollow {
  fill: #fff;
  stroke: var(--clay);
  stroke-width: 4;
  stroke-dasharray: 6 4;
}
.back {
  fill: none;
  stroke: var(--clay);
  stroke-width: 3.5;
  stroke-linecap: round;
}
</style>
