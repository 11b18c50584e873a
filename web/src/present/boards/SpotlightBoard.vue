<script setup lang="ts">
import { t } from '@/i18n'
import { unitsPerPixel } from '@/page/pointer'
import { useId } from 'vue'
import { PAGE } from '@/page/geometry'
import { drag } from '@/present/model/drag'
import type { Spot } from '@/present/model/overlays'

/** Everything but one place is dimmed. */
const props = defineProps<{ spot: Spot; dim: number }>()
const emit = defineEmits<{ change: [spot: Spot] }>()
const id = useId()
const LEAST = 80
const STEP = 20

const scaleOf = (element: Element) => unitsPerPixel(element.closest('svg')!)
function move(event: PointerEvent) {
  const was = props.spot
  const scale = scaleOf(event.currentTarget as Element)
  drag(event, (at) => put(was, (at.clientX - event.clientX) * scale, (at.clientY - event.clientY) * scale))
}
function put(was: Spot, dx: number, dy: number) {
  const x = Math.max(0, Math.min(PAGE.width, was.x + dx))
  const y = Math.max(0, Math.min(PAGE.height, was.y + dy))
  emit('change', { ...was, x, y })
}
function size(event: PointerEvent) {
  const was = props.spot
  const scale = scaleOf(event.currentTarget as Element)
  drag(event, (at) =>
    grow(was, 2 * (at.clientX - event.clientX) * scale, 2 * (at.clientY - event.clientY) * scale),
  )
}
function grow(was: Spot, dw: number, dh: number) {
  const width = Math.max(LEAST, Math.min(2 * PAGE.width, was.width + dw))
  const height = Math.max(LEAST, Math.min(2 * PAGE.height, was.height + dh))
  emit('change', { ...was, width, height })
}
function key(event: KeyboardEvent) {
  const by: Record<string, [number, number]> = {
    ArrowLeft: [-STEP, 0],
    ArrowRight: [STEP, 0],
    ArrowUp: [0, -STEP],
    ArrowDown: [0, STEP],
  }
  const to = by[event.key]
  if (to && event.shiftKey) grow(props.spot, to[0], to[1])
  else if (to) put(props.spot, to[0], to[1])
  else return
  event.preventDefault()
  event.stopPropagation()
}
</script>

<template>
  <svg class="spotlight-board" :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`">
    <mask :id="id" maskUnits="userSpaceOnUse" x="-4000" y="-4000" width="9600" height="9000">
      <rect x="-4000" y="-4000" width="9600" height="9000" fill="#fff" />
      <ellipse v-if="spot.round" :cx="spot.x" :cy="spot.y" :rx="spot.width / 2" :ry="spot.height / 2" />
      <rect
        v-else
        :x="spot.x - spot.width / 2"
        :y="spot.y - spot.height / 2"
        :width="spot.width"
        :height="spot.height"
        rx="24"
      />
    </mask>
    <rect
      class="dark"
      x="-4000"
      y="-4000"
      width="9600"
      height="9000"
      :mask="`url(#${id})`"
      :opacity="dim / 100"
    />
    <g
      tabindex="0"
      role="group"
      class="hold"
      :aria-label="t('present.spotlight-arrow-keys-move-it-with')"
      @keydown="key"
    >
      <ellipse
        v-if="spot.round"
        class="rim"
        :cx="spot.x"
        :cy="spot.y"
        :rx="spot.width / 2"
        :ry="spot.height / 2"
        @pointerdown="move"
      />
      <rect
        v-else
        class="rim"
        :x="spot.x - spot.width / 2"
        :y="spot.y - spot.height / 2"
        :width="spot.width"
        :height="spot.height"
        rx="24"
        @pointerdown="move"
      />
      <circle
        class="grip"
        :cx="spot.x + (spot.width / 2) * (spot.round ? 0.707 : 1)"
        :cy="spot.y + (spot.height / 2) * (spot.round ? 0.707 : 1)"
        r="26"
        @pointerdown="size"
      />
    </g>
  </svg>
</template>

<style scoped>
.spotlight-board {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  overflow: visible;
  pointer-events: none;
}
.dark {
  fill: #06171b;
}
.hold {
  outline: none;
}
/* Only its rim is taken hold of: within it the page is worked on. */
.rim {
  fill: none;
  stroke: #e5b04d;
  stroke-width: 14;
  pointer-events: stroke;
  cursor: move;
  touch-action: none;
}
.hold:focus-visible .rim {
  stroke: #fff;
}
.grip {
  fill: #e5b04d;
  stroke: #fff;
  stroke-width: 4;
  pointer-events: auto;
  cursor: nwse-resize;
  touch-action: none;
}
</style>
