<script setup lang="ts">
import { pointNear } from '@/page/pointer'
import { computed, onBeforeUnmount, ref, shallowRef, watch } from 'vue'
import type { DrawnStroke, Stroke } from '@/api/schema'
import { PAGE, type Point } from '@/page/geometry'
import { strokeDrawing, type StrokeStyle } from '@/page/ink'
import OwnInk from '@/page/OwnInk.vue'
import { seenOnce } from '@/present/model/hands'
import type { Instrument } from '@/present/model/instruments'
import type { Manner, NeatOffer } from '@/present/model/strokes'
import type { Tool } from '@/present/model/tools'
import { tail } from '@/present/recording/tail'
import { useDrawing } from './useDrawing'
import { useErasing } from './useErasing'

/**
 * Lies over the page: the ink of the lesson, and every hand that draws on it. Several may draw at once, each with a
 * finger or a pen of their own. While nothing is drawn it lets everything through.
 */
const props = defineProps<{
  ink: DrawnStroke[]
  tool: Tool
  style: StrokeStyle
  /** How far an eraser reaches, in page units. */
  eraser: number
  /** Whether an eraser takes whole strokes. */
  wholeStrokes: boolean
  /** Whether an eraser takes what is encircled. */
  encircles: boolean
  /** How a pen draws, tools its colour and width. */
  manner: Manner
  /** Whether a neat shape is looked for in what was drawn. */
  neat: boolean
  /** What lies there to draw along: a stroke that begins beside an edge follows it. */
  instruments: Instrument[]
}>()
const emit = defineEmits<{
  change: [drawn: DrawnStroke[], gone: string[]]
  /** A stroke looks like a shape that could stand in its place. */
  offer: [offer: NeatOffer]
}>()

const root = ref<SVGSVGElement>()
const live = ref<SVGGElement>()
const trail = ref<SVGPathElement>()
/** Beyond the page nothing is kept that could not be seen. */
const EDGE = 40
/** A hand's palm touches a wider place than a finger, in CSS pixels. */
const PALM = 70
/** Fading ink is gone after so long. */
const FADES = 4000

const cursor = ref<Point | null>(null)
const fading = shallowRef<{ id: string; stroke: Stroke }[]>([])
let pointing: number | null = null
const comet = tail((d) => trail.value?.setAttribute('d', d))

const draws = computed(() => props.tool !== 'move' && props.tool !== 'lasso')
const inks = computed(() => ['pen', 'highlighter', 'fading'].includes(props.tool))

const pointAt = (event: PointerEvent) => pointNear(root.value!, event, EDGE)
const drawing = useDrawing(
  props,
  root,
  live,
  pointAt,
  (strokes) => {
    if (props.tool === 'fading') fading.value = [...fading.value, ...strokes]
    else emit('change', strokes, [])
  },
  (offer) => emit('offer', offer),
)
const erasing = useErasing(props, pointAt, (drawn, gone) => emit('change', drawn, gone))
const { loop, seen } = erasing

/** A palm that rests on the screen, or a finger beside a pen, draws nothing. */
function isHand(event: PointerEvent) {
  if (event.pointerType === 'pen') seenOnce.pen = true
  if (event.pointerType !== 'touch') return event.button === 0
  return !seenOnce.pen && Math.max(event.width, event.height) < PALM
}

function down(event: PointerEvent) {
  if (!draws.value || !isHand(event)) return
  event.preventDefault()
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  if (props.tool === 'pointer') {
    pointing = event.pointerId
    comet.to(pointAt(event))
  } else if (props.tool === 'eraser') erasing.begin(event)
  else drawing.begin(event)
}

function move(event: PointerEvent) {
  cursor.value = props.tool === 'eraser' ? pointAt(event) : null
  if (drawing.goOn(event)) return
  if (event.pointerId === pointing) comet.to(pointAt(event))
  else erasing.goOn(event)
}

function up(event: PointerEvent) {
  if (erasing.erases(event)) erasing.lift()
  else if (event.pointerId === pointing) {
    pointing = null
    comet.end()
  } else drawing.lift(event)
}

const faded = (id: string) => (fading.value = fading.value.filter((one) => one.id !== id))

/** Whatever is in a hand is let go of, and not kept. */
function drop() {
  drawing.drop()
  erasing.drop()
  pointing = null
  cursor.value = null
  comet.end()
}
watch(() => props.tool, drop)
onBeforeUnmount(() => {
  drop()
  comet.stop()
})
</script>

<template>
  <svg
    ref="root"
    class="ink-board"
    :class="{ draws, inks }"
    :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`"
    @pointerdown="down"
    @pointermove="move"
    @pointerup="up"
    @pointercancel="up"
    @pointerleave="cursor = null"
  >
    <OwnInk v-if="seen.length" :ink="seen" />
    <path
      v-for="one in fading"
      :key="one.id"
      class="fading"
      v-bind="strokeDrawing(one.stroke)"
      :style="{ animationDuration: `${FADES}ms` }"
      stroke-linejoin="round"
      stroke-linecap="round"
      @animationend="faded(one.id)"
    />
    <g ref="live" class="apart" :class="{ blends: style.tool === 'HIGHLIGHTER' }" />
    <path ref="trail" class="trail" aria-hidden="true" />
    <polyline
      v-if="loop.length"
      class="eraser loop"
      :points="loop.map((one) => `${one.x},${one.y}`).join(' ')"
    />
    <circle v-else-if="cursor && !encircles" class="eraser" :cx="cursor.x" :cy="cursor.y" :r="eraser" />
  </svg>
</template>

<style scoped>
.ink-board {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  overflow: visible;
  pointer-events: none;
  touch-action: none;
}
.draws {
  pointer-events: auto;
}
.inks {
  cursor: crosshair;
}
.ink-board :deep(.highlighter) {
  mix-blend-mode: darken;
}
/* A layer of its own, so that the ink beneath is not painted anew at each point. */
.apart {
  will-change: transform;
}
/* A layer blends as a whole. */
.blends {
  mix-blend-mode: darken;
}
.fading {
  animation-name: fade-away;
  animation-timing-function: ease-in;
  animation-fill-mode: forwards;
}
@keyframes fade-away {
  60% {
    opacity: 1;
  }
  100% {
    opacity: 0;
  }
}
.trail {
  fill: #e0592a;
  pointer-events: none;
}
.loop {
  stroke-dasharray: 10 8;
}
.eraser {
  fill: #ffffff80;
  stroke: #1f2d33;
  stroke-width: 3;
}
</style>
