<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Paper } from '@/api/types'
import { PAGE } from './geometry'
import { pictureUrl } from './pictures'
import PaperPattern from './PaperPattern.vue'

/** What lies under every item: a colour, a picture, a printed pattern. */
const props = defineProps<{ paper: Paper }>()
const id = useId()

/** The whole picture is placed so that its cropped part falls on the wanted box. */
const box = computed(() => {
  const crop = props.paper.crop
  if (!crop) return { x: 0, y: 0, width: PAGE.width, height: PAGE.height }
  const width = PAGE.width / crop.width
  const height = PAGE.height / crop.height
  return { x: -crop.x * width, y: -crop.y * height, width, height }
})
const aspect = computed(() =>
  props.paper.crop ? 'none' : props.paper.fit === 'FIT' ? 'xMidYMid meet' : 'xMidYMid slice',
)
const TILE = PAGE.width / 4
</script>

<template>
  <g class="paper">
    <rect :width="PAGE.width" :height="PAGE.height" :fill="paper.colour" />
    <template v-if="paper.picture && paper.fit === 'TILE'">
      <pattern :id="`tile${id}`" :width="TILE" :height="TILE" patternUnits="userSpaceOnUse">
        <image :href="pictureUrl(paper.picture)" :width="TILE" :height="TILE" preserveAspectRatio="none" />
      </pattern>
      <rect :width="PAGE.width" :height="PAGE.height" :fill="`url(#tile${id})`" />
    </template>
    <image
      v-else-if="paper.picture"
      :href="pictureUrl(paper.picture)"
      v-bind="box"
      :preserveAspectRatio="aspect"
    />
    <PaperPattern v-if="paper.pattern" :pattern="paper.pattern" />
  </g>
</template>
