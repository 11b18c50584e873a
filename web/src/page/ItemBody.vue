<script setup lang="ts">
import { computed } from 'vue'
import type { Item } from '@/api/types'
import { tilePath } from './geometry'
import { isPiece } from './names'
import { pictureUrl } from './pictures'
import { anchor } from './wordFit'

/** Draws one item at its own origin, unturned. Used wherever a page is shown. */
const props = defineProps<{ item: Item; letter?: string }>()

const width = computed(() => props.item.frame.width)
const height = computed(() => props.item.frame.height)
const piece = computed(() => isPiece(props.item))
/** A picture keeps clear of its tile's edge. */
const inset = computed(() => (piece.value ? Math.min(width.value, height.value) * 0.09 : 0))
</script>

<template>
  <template v-if="piece">
    <path class="ledge" :d="tilePath(width, height)" transform="translate(0 5)" />
    <path class="tile" :d="tilePath(width, height)" />
  </template>

  <template v-if="item.kind === 'words'">
    <path v-if="!piece" class="grip" :d="`M0 0H${width}V${height}H0Z`" />
    <text
      v-for="(line, i) in item.content.lines"
      :key="i"
      class="said"
      :x="anchor(item.content.style, width).x"
      :y="line.baseline"
      :text-anchor="anchor(item.content.style, width).anchor"
      :font-size="item.content.style.size"
      :font-weight="item.content.style.bold ? 700 : 400"
      :fill="item.content.style.colour"
      >{{ line.text }}</text
    >
  </template>

  <image
    v-else-if="item.kind === 'picture'"
    :href="pictureUrl(item.picture)"
    :x="inset"
    :y="inset"
    :width="width - 2 * inset"
    :height="height - 2 * inset"
  />

  <template v-else>
    <path class="zone" :d="tilePath(width, height, 26, 7)" />
    <text v-if="item.label" class="said label" x="20" y="42" font-size="32" font-weight="700">{{
      item.label
    }}</text>
    <g v-if="letter" :transform="`translate(${width - 52} 12)`">
      <path class="letter-tile" :d="tilePath(40, 40, 11, 4)" />
      <text class="letter-sign" x="20" y="29" text-anchor="middle" font-size="25" font-weight="700">{{
        letter
      }}</text>
    </g>
  </template>
</template>

<style scoped>
.tile {
  fill: #fff;
  stroke: #cfc6b4;
  stroke-width: 2;
}
.ledge {
  fill: #cfc6b4;
}
.grip {
  fill: transparent;
}
.zone {
  fill: #68406b14;
  stroke: var(--plum);
  stroke-width: 4;
  stroke-dasharray: 12 8;
}
.label {
  fill: var(--ink);
}
.letter-tile {
  fill: var(--plum);
}
.letter-sign {
  fill: #fff;
  font-family: var(--type);
}
.said {
  font-family: var(--page-type);
  white-space: pre;
}
</style>
