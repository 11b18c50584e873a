<script setup lang="ts">
import { t } from '@/i18n'
import { pointOn } from '@/page/pointer'
import { PhCopy, PhPushPin, PhTrash } from '@phosphor-icons/vue'
import { computed, ref, shallowRef, watch } from 'vue'
import type { DrawnStroke } from '@/api/schema'
import { looped } from '@/gesture/ink'
import { PAGE, type Point } from '@/page/geometry'
import { strokeDrawing } from '@/page/ink'
import { drag } from '@/present/model/drag'
import { boxAround, changed, drawnOf } from '@/present/model/strokes'

/** Ink that is encircled is moved, sized, copied, taken away, or put on the page for good. */
const props = defineProps<{ ink: DrawnStroke[]; chosen: string[] }>()
const emit = defineEmits<{
  choose: [ids: string[]]
  change: [drawn: DrawnStroke[], gone: string[]]
  keep: [strokes: DrawnStroke[]]
  say: [words: string]
}>()
const root = ref<SVGSVGElement>()
const loop = ref<Point[]>([])
const drawing = ref(false)
const by = ref<Point>({ x: 0, y: 0 })
const scale = ref(1)
const STEP = 10
const LEAST = 0.1
const MOST = 10

const strokes = shallowRef<DrawnStroke[]>([])
watch(
  () => [props.ink, props.chosen] as const,
  ([ink, chosen]) => {
    const ids = new Set(chosen)
    strokes.value = ink.filter((one) => ids.has(one.id))
  },
  { immediate: true },
)
const box = computed(() => (strokes.value.length ? boxAround(strokes.value) : null))
const about = computed(() => ({ x: box.value?.x ?? 0, y: box.value?.y ?? 0 }))
const now = computed(() => {
  const { x, y, width, height } = box.value!
  return { x: x + by.value.x, y: y + by.value.y, width: width * scale.value, height: height * scale.value }
})

const pointAt = (event: PointerEvent) => pointOn(root.value!, event)
function down(event: PointerEvent) {
  if (event.button !== 0) return
  emit('choose', [])
  drawing.value = true
  loop.value = [pointAt(event)]
  drag(
    event,
    (at) => (loop.value = [...loop.value, pointAt(at)]),
    () => {
      drawing.value = false
      const inside = props.ink.filter((one) => looped(loop.value, drawnOf(one.stroke)))
      loop.value = []
      emit(
        'choose',
        inside.map((one) => one.id),
      )
      if (!inside.length) emit('say', 'No ink lies within it')
    },
  )
}
/** What is in the hand lies where it was put, as new strokes in the place of the old. */
function commit() {
  if (by.value.x === 0 && by.value.y === 0 && scale.value === 1) return
  const drawn = changed(strokes.value, about.value, scale.value, by.value)
  const gone = strokes.value.map((one) => one.id)
  by.value = { x: 0, y: 0 }
  scale.value = 1
  emit('change', drawn, gone)
  emit(
    'choose',
    drawn.map((one) => one.id),
  )
}
function move(event: PointerEvent) {
  const from = pointAt(event)
  drag(
    event,
    (at) => {
      const to = pointAt(at)
      by.value = { x: to.x - from.x, y: to.y - from.y }
    },
    commit,
  )
}
function size(event: PointerEvent) {
  const { x, y, width, height } = now.value
  const whole = Math.hypot(width, height)
  drag(
    event,
    (at) => {
      const to = pointAt(at)
      scale.value = Math.min(MOST, Math.max(LEAST, Math.hypot(to.x - x, to.y - y) / whole))
    },
    commit,
  )
}
function copy() {
  const drawn = changed(strokes.value, about.value, 1, { x: 40, y: 40 })
  emit('change', drawn, [])
  emit(
    'choose',
    drawn.map((one) => one.id),
  )
}
function remove() {
  emit(
    'change',
    [],
    strokes.value.map((one) => one.id),
  )
  emit('choose', [])
}
function key(event: KeyboardEvent) {
  const arrows = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key]
  if (arrows && event.shiftKey) scale.value = 1 + (arrows[0]! - arrows[1]!) * 0.05
  else if (arrows) by.value = { x: arrows[0]! * STEP, y: arrows[1]! * STEP }
  else if (event.key === 'Delete') remove()
  else return
  event.preventDefault()
  event.stopPropagation()
  if (arrows) commit()
}
/** Below what is chosen, or above it where there is no room below. */
const bar = computed(() => ({
  left: `${Math.min(72, Math.max(2, (now.value.x / PAGE.width) * 100))}%`,
  top: `${
    now.value.y + now.value.height + 110 < PAGE.height
      ? ((now.value.y + now.value.height + 18) / PAGE.height) * 100
      : Math.max(1, ((now.value.y - 90) / PAGE.height) * 100)
  }%`,
}))
</script>

<template>
  <div class="lasso control">
    <svg ref="root" :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`" @pointerdown="down">
      <polyline v-if="drawing" class="loop" :points="loop.map((one) => `${one.x},${one.y}`).join(' ')" />
      <g
        v-if="box"
        :transform="`translate(${by.x} ${by.y}) translate(${about.x} ${about.y}) scale(${scale}) translate(${-about.x} ${-about.y})`"
        class="held"
      >
        <path
          v-for="one in strokes"
          :key="one.id"
          v-bind="strokeDrawing(one.stroke)"
          stroke-linejoin="round"
          stroke-linecap="round"
        />
      </g>
      <template v-if="box">
        <rect
          class="frame"
          v-bind="now"
          tabindex="0"
          role="group"
          :aria-label="t('present.strokes-strokes-arrow-keys-move-them', { strokes: strokes.length })"
          @pointerdown.stop="move"
          @keydown="key"
        />
        <circle
          class="corner"
          :cx="now.x + now.width"
          :cy="now.y + now.height"
          r="22"
          @pointerdown.stop="size"
        />
      </template>
    </svg>
    <div v-if="box" class="bar" :style="bar">
      <button class="btn" @click="copy">
        <PhCopy :size="20" aria-hidden="true" />{{ t('shared.copy') }}
      </button>
      <button class="btn" @click="emit('keep', strokes)">
        <PhPushPin :size="20" aria-hidden="true" />{{ t('present.keep-on-the-page') }}
      </button>
      <button class="btn" @click="remove">
        <PhTrash :size="20" aria-hidden="true" />{{ t('shared.delete') }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.lasso {
  position: absolute;
  inset: 0;
  touch-action: none;
}
.lasso > svg {
  width: 100%;
  height: 100%;
  overflow: visible;
  cursor: crosshair;
}
.loop {
  fill: #0b5d6622;
  stroke: #0b5d66;
  stroke-width: 4;
  stroke-dasharray: 12 8;
}
.held {
  pointer-events: none;
}
.frame {
  fill: #0b5d6612;
  stroke: #0b5d66;
  stroke-width: 3;
  stroke-dasharray: 10 6;
  cursor: move;
}
.corner {
  fill: #0b5d66;
  stroke: #fff;
  stroke-width: 4;
  cursor: nwse-resize;
}
.bar {
  position: absolute;
  display: flex;
  gap: 8px;
  padding: 6px;
  border-radius: 12px 12px 12px 4px;
  background: #fffdf8;
  box-shadow: 0 4px 14px #0006;
}
.btn {
  display: inline-flex;
  gap: 6px;
  align-items: center;
  min-height: 44px;
}
</style>
