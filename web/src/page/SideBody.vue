<script setup lang="ts">
import { computed } from 'vue'
import type { OtherSide } from '@/api/schema'
import { tilePath } from './geometry'
import { pictureUrl } from './pictures'
import { inBoxOf } from './wordFit'
import WordLines from './WordLines.vue'

/** The back of an item. */
const props = defineProps<{ side: OtherSide; width: number; height: number }>()
const words = computed(() =>
  props.side.words ? inBoxOf(props.side.words, 0, 0, props.width, props.height) : null,
)
const inset = computed(() => Math.min(props.width, props.height) * 0.09)
</script>

<template>
  <path :d="tilePath(width, height)" :fill="side.colour" stroke="#cfc6b4" stroke-width="2" />
  <image
    v-if="side.picture"
    :href="pictureUrl(side.picture)"
    :x="inset"
    :y="inset"
    :width="width - 2 * inset"
    :height="height - 2 * inset"
  />
  <g v-if="words" :transform="`translate(${words.x} ${words.y})`">
    <WordLines :content="words.content" :width="words.width" />
  </g>
</template>
