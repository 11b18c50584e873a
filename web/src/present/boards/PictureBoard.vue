<script setup lang="ts">
import { t } from '@/i18n'
import { computed, onMounted, ref } from 'vue'
import type { Point } from '@/page/geometry'

/**
 * Chooses the part of the page of which a picture is made: a box, or what a line is drawn around. The keyboard moves a
 * box that is there from the start.
 */
const emit = defineEmits<{ take: [around: Point[]]; cancel: [] }>()
const root = ref<HTMLElement>()
const free = ref(false)
const way = ref<Point[]>([])
/** Two corners, as shares of the page. */
const box = ref({ x: 0.25, y: 0.25, width: 0.5, height: 0.5 })
const from = ref<Point | null>(null)
const STEP = 0.02
/** Less than this was a press, no part of a page. */
const LEAST = 0.01

onMounted(() => root.value?.focus())
function pointAt(event: PointerEvent): Point {
  const there = root.value!.getBoundingClientRect()
  const share = (value: number) => Math.min(1, Math.max(0, value))
  return {
    x: share((event.clientX - there.left) / there.width),
    y: share((event.clientY - there.top) / there.height),
  }
}
function down(event: PointerEvent) {
  if (event.button !== 0) return
  root.value!.setPointerCapture(event.pointerId)
  from.value = pointAt(event)
  way.value = [from.value]
}
function move(event: PointerEvent) {
  if (!from.value) return
  const at = pointAt(event)
  way.value = [...way.value, at]
  if (!free.value) {
    const { x, y } = from.value
    box.value = {
      x: Math.min(x, at.x),
      y: Math.min(y, at.y),
      width: Math.abs(at.x - x),
      height: Math.abs(at.y - y),
    }
  }
}
function up() {
  if (!from.value) return
  from.value = null
  take()
}
const corners = computed<Point[]>(() => {
  const { x, y, width, height } = box.value
  return [
    { x, y },
    { x: x + width, y },
    { x: x + width, y: y + height },
    { x, y: y + height },
  ]
})
const around = computed(() => (free.value && way.value.length > 2 ? way.value : corners.value))
function take() {
  const all = around.value
  const wide = (axis: 'x' | 'y') =>
    Math.max(...all.map((one) => one[axis])) - Math.min(...all.map((one) => one[axis]))
  if (wide('x') < LEAST || wide('y') < LEAST) {
    way.value = []
    box.value = { x: 0.25, y: 0.25, width: 0.5, height: 0.5 }
  } else emit('take', all)
}
const all = () =>
  emit('take', [
    { x: 0, y: 0 },
    { x: 1, y: 0 },
    { x: 1, y: 1 },
    { x: 0, y: 1 },
  ])
function key(event: KeyboardEvent) {
  const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key]
  if (event.key === 'Escape') emit('cancel')
  else if (event.key === 'Enter') take()
  else if (by) {
    const { x, y, width, height } = box.value
    const [dx, dy] = [by[0]! * STEP, by[1]! * STEP]
    box.value = event.shiftKey
      ? {
          x,
          y,
          width: Math.min(1 - x, Math.max(STEP, width + dx)),
          height: Math.min(1 - y, Math.max(STEP, height + dy)),
        }
      : {
          x: Math.min(1 - width, Math.max(0, x + dx)),
          y: Math.min(1 - height, Math.max(0, y + dy)),
          width,
          height,
        }
  } else return
  event.preventDefault()
  event.stopPropagation()
}
const outline = computed(() =>
  around.value.map(({ x, y }) => `${Math.round(x * 1600)},${Math.round(y * 1000)}`).join(' '),
)
</script>

<template>
  <div
    ref="root"
    class="picture-board"
    tabindex="0"
    role="group"
    :aria-label="t('present.which-part-arrow-keys-move-the')"
    @pointerdown.self="down"
    @pointermove="move"
    @pointerup="up"
    @pointercancel="from = null"
    @keydown.self="key"
  >
    <svg viewBox="0 0 1600 1000" preserveAspectRatio="none" aria-hidden="true">
      <path class="dark" fill-rule="evenodd" :d="`M0 0H1600V1000H0ZM${outline.replaceAll(',', ' ')}Z`" />
      <polygon class="line" :points="outline" />
    </svg>
    <div class="ways" @keydown.esc.stop="emit('cancel')">
      <strong>{{ t('present.draw-around-the-part-you-want') }}</strong>
      <button class="btn" :aria-pressed="!free" @click="free = false">{{ t('present.box') }}</button>
      <button class="btn" :aria-pressed="free" @click="free = true">{{ t('present.freehand') }}</button>
      <button class="btn pri" @click="all">{{ t('present.the-whole-page') }}</button>
      <button class="btn" @click="emit('cancel')">{{ t('shared.cancel') }}</button>
    </div>
  </div>
</template>

<style scoped>
.picture-board {
  position: absolute;
  z-index: 3;
  inset: 0;
  cursor: crosshair;
  touch-action: none;
}
svg {
  width: 100%;
  height: 100%;
  pointer-events: none;
}
.dark {
  fill: #0f2a30a0;
}
.line {
  fill: none;
  stroke: #fff;
  stroke-width: 4;
  stroke-dasharray: 14 8;
}
.ways {
  position: absolute;
  bottom: 10px;
  left: 50%;
  display: flex;
  gap: 10px;
  align-items: center;
  padding: 8px 14px;
  border-radius: 14px 14px 14px 4px;
  background: #fffdf8;
  color: var(--ink);
  white-space: nowrap;
  transform: translateX(-50%);
}
.btn {
  min-height: 44px;
}
.btn[aria-pressed='true'] {
  border-color: var(--petrol);
  background: var(--petrol-t);
  box-shadow: inset 0 -3px var(--petrol);
}
</style>
