<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Frame, Item } from '@/api/schema'
import { placed } from './geometry'
import ItemBody from './ItemBody.vue'
import { traitsOf } from './items'

/** What a lens shows: the other sides of what lies beneath it. Drawn in the lens' own coordinates. */
const props = defineProps<{ frame: Frame; below: Item[]; frameOf?: (item: Item) => Frame }>()
const id = useId()
const shown = computed(() => props.below.filter((item) => traitsOf(item).otherSide))
const back = computed(() => {
  const { x, y, width, height, turn } = props.frame
  return `rotate(${-turn} ${width / 2} ${height / 2}) translate(${-x} ${-y})`
})
</script>

<template>
  <template v-if="shown.length">
    <clipPath :id="`lens${id}`"><rect :width="frame.width" :height="frame.height" rx="30" /></clipPath>
    <g :clip-path="`url(#lens${id})`">
      <g :transform="back">
        <g v-for="item in shown" :key="item.id" :transform="placed(frameOf?.(item) ?? item.frame)">
          <ItemBody :item="item" over />
        </g>
      </g>
    </g>
  </template>
</template>
