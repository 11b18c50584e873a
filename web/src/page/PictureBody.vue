<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Picture } from '@/api/schema'
import { calm, pictureUrl } from './pictures'

/** A picture, or the part of it that was cut out. */
const props = defineProps<{ item: Picture; inset: number }>()
const id = useId()
const width = computed(() => props.item.frame.width - 2 * props.inset)
const height = computed(() => props.item.frame.height - 2 * props.inset)
const href = computed(() => pictureUrl(props.item.picture, props.item.still || calm()))
/** The whole picture, placed so that its cropped part falls on the box. */
const whole = computed(() => {
  const crop = props.item.crop!
  const w = width.value / crop.width
  const h = height.value / crop.height
  return { x: -crop.x * w, y: -crop.y * h, width: w, height: h }
})
const outline = computed(() => {
  const points = props.item.crop?.outline ?? []
  if (points.length < 3) return `M0 0H${width.value}V${height.value}H0Z`
  return `M${points.map((p) => `${p.x * width.value} ${p.y * height.value}`).join('L')}Z`
})
</script>

<template>
  <image v-if="!item.crop" :href="href" :x="inset" :y="inset" :width="width" :height="height" />
  <g v-else :transform="inset ? `translate(${inset} ${inset})` : undefined">
    <clipPath :id="`cut${id}`"><path :d="outline" /></clipPath>
    <g :clip-path="`url(#cut${id})`"><image :href="href" v-bind="whole" preserveAspectRatio="none" /></g>
  </g>
</template>
