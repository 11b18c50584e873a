<script setup lang="ts">
import { t } from '@/i18n'
import { unitsPerPixel } from '@/page/pointer'
import { useId } from 'vue'
import { PAGE, type Point } from '@/page/geometry'
import { drag } from '@/present/model/drag'

/** A lens over any place of the page: what lies there, as it is now, so many times as large. */
const props = defineProps<{
  at: Point
  times: number
  /** Ids of the drawings that are seen through it, from the lowest. */
  seen: string[]
}>()
const emit = defineEmits<{ move: [at: Point] }>()
const id = useId()
const RADIUS = 210
const STEP = 20

function put(x: number, y: number) {
  emit('move', { x: Math.max(0, Math.min(PAGE.width, x)), y: Math.max(0, Math.min(PAGE.height, y)) })
}
function move(event: PointerEvent) {
  const scale = unitsPerPixel((event.currentTarget as Element).closest('svg')!)
  const was = props.at
  drag(event, (to) =>
    put(was.x + (to.clientX - event.clientX) * scale, was.y + (to.clientY - event.clientY) * scale),
  )
}
function key(event: KeyboardEvent) {
  const by: Record<string, [number, number]> = {
    ArrowLeft: [-STEP, 0],
    ArrowRight: [STEP, 0],
    ArrowUp: [0, -STEP],
    ArrowDown: [0, STEP],
  }
  const to = by[event.key]
  if (!to) return
  put(props.at.x + to[0], props.at.y + to[1])
  event.preventDefault()
  event.stopPropagation()
}
</script>

<template>
  <svg class="magnifier-board" :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`">
    <clipPath :id="id"><circle :cx="at.x" :cy="at.y" :r="RADIUS" /></clipPath>
    <g :clip-path="`url(#${id})`" aria-hidden="true">
      <circle :cx="at.x" :cy="at.y" :r="RADIUS" fill="#fff" />
      <g :transform="`translate(${at.x} ${at.y}) scale(${times}) translate(${-at.x} ${-at.y})`">
        <use v-for="one in seen" :key="one" :href="`#${one}`" :width="PAGE.width" :height="PAGE.height" />
      </g>
    </g>
    <circle
      class="lens"
      :cx="at.x"
      :cy="at.y"
      :r="RADIUS"
      tabindex="0"
      role="group"
      :aria-label="t('present.magnifier-times-times-arrow-keys-move', { times })"
      @pointerdown="move"
      @keydown="key"
    />
  </svg>
</template>

<style scoped>
.magnifier-board {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  overflow: visible;
  pointer-events: none;
}
.lens {
  fill: #0000;
  stroke: #0e4a52;
  stroke-width: 14;
  outline: none;
  pointer-events: auto;
  cursor: move;
  touch-action: none;
}
.lens:focus-visible {
  stroke: var(--saffron);
}
</style>
