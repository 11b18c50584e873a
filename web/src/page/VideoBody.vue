<script setup lang="ts">
import { computed } from 'vue'
import type { Video } from '@/api/schema'
import { itemName } from './names'
import { pictureUrl } from './pictures'

/** A video at rest: its first picture, or a dark field, with the sign that it can be played. */
const props = defineProps<{ item: Extract<import('@/api/schema').Item, { kind: 'video' }> }>()
const width = computed(() => props.item.frame.width)
const height = computed(() => props.item.frame.height)
const poster = computed(() => props.item.poster as Video['poster'])
</script>

<template>
  <g>
    <rect class="dark" :width="width" :height="height" rx="10" />
    <image
      v-if="poster"
      :href="pictureUrl(poster)"
      :width="width"
      :height="height"
      preserveAspectRatio="xMidYMid meet"
    />
    <g :transform="`translate(${width / 2} ${height / 2})`">
      <circle class="sign" r="44" />
      <path class="play" d="M-14 -22L24 0L-14 22Z" />
    </g>
    <text class="name" x="16" :y="height - 16" font-size="24">{{ itemName(item) }}</text>
  </g>
</template>

<style scoped>
.dark {
  fill: #1f2d33;
}
.sign {
  fill: #fffffff0;
  stroke: #1f2d33;
  stroke-width: 3;
}
.play {
  fill: var(--petrol-d);
}
.name {
  fill: #fff;
  font-family: var(--page-type);
}
</style>
