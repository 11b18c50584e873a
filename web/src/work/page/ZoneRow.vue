<script setup lang="ts">
import type { Frame } from '@/api/schema'
import { tilePath } from '@/page/geometry'

/** The places along a zone that wants its pieces in order. */
defineProps<{ places: Frame[] }>()
const INSET = 6
</script>

<template>
  <g class="row" aria-hidden="true">
    <path
      v-for="(place, i) in places.filter((one) => one.width > 16 && one.height > 16)"
      :key="i"
      :transform="`translate(${place.x + INSET} ${place.y + INSET})`"
      :d="tilePath(place.width - 2 * INSET, place.height - 2 * INSET, 12, 4)"
    />
  </g>
</template>

<style scoped>
.row path {
  fill: #ffffff80;
  stroke: #68406b80;
  stroke-width: 2;
}
</style>
