<script setup lang="ts">
import { computed } from 'vue'
import type { Table } from '@/api/schema'
import { tilePath } from './geometry'
import { cellFrame } from './items'
import { pictureUrl } from './pictures'
import { inBoxOf } from './wordFit'
import WordLines from './WordLines.vue'

const props = defineProps<{ table: Table }>()
const upright = computed<Table>(() => ({
  ...props.table,
  frame: { ...props.table.frame, x: 0, y: 0, turn: 0 },
}))
const cells = computed(() =>
  props.table.cells.flatMap((row, r) =>
    row.map((cell, c) => {
      const box = cellFrame(upright.value, r, c)
      const words = cell.words ? inBoxOf(cell.words, box.x, box.y, box.width, box.height) : null
      return { cell, box, words, inset: Math.min(box.width, box.height) * 0.08 }
    }),
  ),
)
</script>

<template>
  <g v-for="({ cell, box, words, inset }, i) in cells" :key="i">
    <rect
      v-bind="{ x: box.x, y: box.y, width: box.width, height: box.height }"
      :fill="cell.fill ?? '#ffffff'"
      :stroke="table.colour"
      stroke-width="3"
    />
    <image
      v-if="cell.picture"
      :href="pictureUrl(cell.picture)"
      :x="box.x + inset"
      :y="box.y + inset"
      :width="box.width - 2 * inset"
      :height="box.height - 2 * inset"
    />
    <path
      v-if="cell.zoneId"
      class="zone"
      :d="tilePath(box.width - 12, box.height - 12, 16, 5)"
      :transform="`translate(${box.x + 6} ${box.y + 6})`"
    />
    <g v-if="words" :transform="`translate(${words.x} ${words.y})`">
      <WordLines :content="words.content" :width="words.width" />
    </g>
  </g>
</template>

<style scoped>
.zone {
  fill: #68406b14;
  stroke: var(--plum);
  stroke-width: 3;
  stroke-dasharray: 10 7;
}
</style>
