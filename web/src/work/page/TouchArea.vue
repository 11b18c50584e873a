<script setup lang="ts">
import { computed } from 'vue'
import type { Item } from '@/api/schema'
import { wirePath } from '@/page/lines'
import { shapePath } from '@/page/shapes'
import { useReach } from '@/work/rules/reach'

/** Where a finger finds a piece: on its outline, and around it where that is smaller than a finger is exact. Nothing is seen of it. */
const props = defineProps<{ item: Item }>()
const reach = useReach()
const width = computed(() => props.item.frame.width)
const height = computed(() => props.item.frame.height)
/** What lacks on both sides together. */
const more = computed(() => Math.max(0, 2 * reach.value - Math.min(width.value, height.value)))
const box = computed(() => {
  const [x, y] = [width.value, height.value].map((side) => Math.max(0, 2 * reach.value - side) / 2)
  return { x: -x!, y: -y!, width: width.value + 2 * x!, height: height.value + 2 * y! }
})
</script>

<template>
  <path
    v-if="item.kind === 'line'"
    class="touch line"
    :d="wirePath(item, null)"
    :stroke-width="Math.max(item.look.thickness, 2 * reach)"
  />
  <path
    v-else-if="item.kind === 'shape'"
    class="touch"
    :d="shapePath(item.look.form, item.look.sides, width, height)"
    :stroke-width="more"
  />
  <rect v-else-if="more" class="touch" v-bind="box" />
</template>

<style scoped>
.touch {
  fill: transparent;
  stroke: transparent;
  pointer-events: all;
}
.line {
  fill: none;
  stroke-linecap: round;
  pointer-events: stroke;
}
</style>
