<script setup lang="ts">
import { computed } from 'vue'
import type { Line } from '@/api/schema'
import type { Point } from './geometry'
import { endMark, ownPoints, wirePath } from './lines'
import { dashArray } from './shapes'

const props = defineProps<{ line: Line; route: Point[] | null }>()
const look = computed(() => props.line.look)
const points = computed(() => props.route ?? ownPoints(props.line))
const path = computed(() => wirePath(props.line, props.route))
const marks = computed(() => {
  const all = points.value
  return [
    endMark(look.value.start, all[0]!, all[1]!, look.value.thickness),
    endMark(look.value.end, all[all.length - 1]!, all[all.length - 2]!, look.value.thickness),
  ].filter((mark) => mark !== null)
})
</script>

<template>
  <path
    :d="path"
    fill="none"
    :stroke="look.colour"
    :stroke-width="look.thickness"
    :stroke-dasharray="dashArray(look.dash, look.thickness)"
    stroke-linejoin="round"
    stroke-linecap="round"
  />
  <path
    v-for="(mark, i) in marks"
    :key="i"
    :d="mark.path"
    :fill="mark.filled ? look.colour : 'none'"
    :stroke="look.colour"
    :stroke-width="mark.filled ? 1 : look.thickness"
    stroke-linejoin="round"
    stroke-linecap="round"
  />
</template>
