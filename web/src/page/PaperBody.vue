<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Paper } from '@/api/schema'
import { PAGE } from './geometry'
import { pictureUrl } from './pictures'
import PaperPattern from './PaperPattern.vue'

/** What lies under every item: a colour, a picture, a printed pattern. */
const props = defineProps<{ paper: Paper }>()
const id = useId()

const TILE = PAGE.width / 4
/** What the picture covers: the page, or one tile; a part that was cut out has the page's own shape. */
const room = computed(() => {
  if (props.paper.fit !== 'TILE') return { width: PAGE.width, height: PAGE.height }
  return { width: TILE, height: props.paper.crop ? (TILE * PAGE.height) / PAGE.width : TILE }
})
/** The whole picture is placed so that its cropped part falls on the wanted box. */
const box = computed(() => {
  const { crop } = props.paper
  if (!crop) return { x: 0, y: 0, ...room.value }
  const width = room.value.width / crop.width
  const height = room.value.height / crop.height
  return { x: -crop.x * width, y: -crop.y * height, width, height }
})
const aspect = computed(() =>
  props.paper.crop ? 'none' : props.paper.fit ? 'xMidYMid meet' : 'xMidYMid slice',
)
</script>

<template>
  <g class="paper">
    <rect :width="PAGE.width" :height="PAGE.height" :fill="paper.colour" />
    <template v-if="paper.picture && paper.fit === 'TILE'">
      <pattern :id="`tile${id}`" v-bind="room" patternUnits="userSpaceOnUse">
        <image :href="pictureUrl(paper.picture)" v-bind="box" :preserveAspectRatio="aspect" />
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
