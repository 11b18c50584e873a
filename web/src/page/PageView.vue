<script setup lang="ts">
import { computed } from 'vue'
import type { Item, Paper } from '@/api/types'
import ItemBody from './ItemBody.vue'
import { PAGE, placed } from './geometry'
import { pictureUrl } from './pictures'

/** A page as everybody sees it: paper, then items from the lowest to the topmost. Shown only, nothing moves. */
const props = defineProps<{ page: { name: string; paper: Paper; items: Item[] }; described?: string }>()
const label = computed(() => props.described ?? props.page.name)
</script>

<template>
  <svg class="page" :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`" role="img" :aria-label="label">
    <rect :width="PAGE.width" :height="PAGE.height" :fill="page.paper.colour" />
    <image
      v-if="page.paper.picture"
      :href="pictureUrl(page.paper.picture)"
      :width="PAGE.width"
      :height="PAGE.height"
      preserveAspectRatio="xMidYMid slice"
    />
    <g v-for="item in page.items" :key="item.id" :transform="placed(item.frame)"><ItemBody :item="item" /></g>
    <slot />
  </svg>
</template>

<style scoped>
.page {
  display: block;
  width: 100%;
  aspect-ratio: 1600 / 1000;
}
</style>
