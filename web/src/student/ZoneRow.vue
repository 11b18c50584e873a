<script setup lang="ts">
import { computed } from 'vue'
import type { Places, Zone } from '@/api/types'
import { placed, tilePath } from '@/page/geometry'

/** The places along a zone that wants its pieces in order. */
const props = defineProps<{ zone: Zone; row: Places }>()

/** As core's Slots.LABEL: what the label takes at the top. */
const LABEL = 56
const INSET = 6
const cells = computed(() => {
  const { width, height } = props.zone.frame
  const top = props.zone.label.trim() ? Math.min(LABEL, height / 2) : 0
  const down = props.row.way === 'DOWNWARDS'
  const count = props.row.count
  const w = down ? width : width / count
  const h = (height - top) / (down ? count : 1)
  return Array.from({ length: count }, (_, i) => ({
    x: INSET + (down ? 0 : i * w),
    y: top + INSET + (down ? i * h : 0),
    width: w - 2 * INSET,
    height: h - 2 * INSET,
  })).filter((cell) => cell.width > 4 && cell.height > 4)
})
</script>

<template>
  <g class="row" :transform="placed(zone.frame)" aria-hidden="true">
    <path
      v-for="(cell, i) in cells"
      :key="i"
      :transform="`translate(${cell.x} ${cell.y})`"
      :d="tilePath(cell.width, cell.height, 12, 4)"
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
