<script setup lang="ts">
import { t } from '@/i18n'
import { computed } from 'vue'
import { drag } from '@/present/model/drag'
import type { Covered } from '@/present/model/overlays'

/** A cover over the page, drawn back by hand from any of its four sides. */
const props = defineProps<{
  covered: Covered
  /** A colour, or the address of a picture. */
  madeOf: string
}>()
const emit = defineEmits<{ change: [covered: Covered] }>()

type Edge = keyof Covered
const SIDES: { edge: Edge; name: string; across: boolean; opposite: Edge }[] = [
  { edge: 'left', name: t('present.left-edge-of-the-cover'), across: true, opposite: 'right' },
  { edge: 'right', name: t('present.right-edge-of-the-cover'), across: true, opposite: 'left' },
  { edge: 'top', name: t('present.top-edge-of-the-cover'), across: false, opposite: 'bottom' },
  { edge: 'bottom', name: t('present.bottom-edge-of-the-cover'), across: false, opposite: 'top' },
]
/** What stays of a cover, so that it can be drawn back again; shares of the page. */
const LEAST = 0.04
const STEP = 0.05

const style = computed(() => ({
  left: `${props.covered.left * 100}%`,
  top: `${props.covered.top * 100}%`,
  right: `${props.covered.right * 100}%`,
  bottom: `${props.covered.bottom * 100}%`,
  background: props.madeOf.startsWith('#') ? props.madeOf : `#3c4d55 url(${props.madeOf}) center / cover`,
}))

function set(edge: Edge, share: number) {
  const { opposite } = SIDES.find((one) => one.edge === edge)!
  const most = 1 - props.covered[opposite] - LEAST
  emit('change', { ...props.covered, [edge]: Math.max(0, Math.min(most, share)) })
}
function pull(edge: Edge, event: PointerEvent) {
  const sheet = (event.currentTarget as HTMLElement).closest('.cover-board')!.getBoundingClientRect()
  const was = props.covered[edge]
  drag(event, (at) => {
    const x = (at.clientX - event.clientX) / sheet.width
    const y = (at.clientY - event.clientY) / sheet.height
    set(edge, was + { left: x, right: -x, top: y, bottom: -y }[edge])
  })
}
/** The whole cover is moved as far as it stays on the page. */
function shift(event: PointerEvent) {
  const sheet = (event.currentTarget as HTMLElement).closest('.cover-board')!.getBoundingClientRect()
  const was = props.covered
  drag(event, (at) => {
    const within = (by: number, low: number, high: number) => Math.max(-low, Math.min(high, by))
    const x = within((at.clientX - event.clientX) / sheet.width, was.left, was.right)
    const y = within((at.clientY - event.clientY) / sheet.height, was.top, was.bottom)
    emit('change', { left: was.left + x, right: was.right - x, top: was.top + y, bottom: was.bottom - y })
  })
}
function key(edge: Edge, across: boolean, event: KeyboardEvent) {
  const more = across
    ? edge === 'left'
      ? 'ArrowRight'
      : 'ArrowLeft'
    : edge === 'top'
      ? 'ArrowDown'
      : 'ArrowUp'
  const less = across
    ? edge === 'left'
      ? 'ArrowLeft'
      : 'ArrowRight'
    : edge === 'top'
      ? 'ArrowUp'
      : 'ArrowDown'
  if (event.key !== more && event.key !== less) return
  event.preventDefault()
  event.stopPropagation()
  set(edge, props.covered[edge] + (event.key === more ? STEP : -STEP))
}
</script>

<template>
  <div class="cover-board">
    <div class="cover" :style="style" @pointerdown.self="shift">
      <button
        v-for="{ edge, name, across } in SIDES"
        :key="edge"
        class="edge"
        :class="[edge, { across }]"
        role="slider"
        :aria-label="name"
        :aria-orientation="across ? 'horizontal' : 'vertical'"
        aria-valuemin="0"
        aria-valuemax="100"
        :aria-valuenow="Math.round(covered[edge] * 100)"
        :aria-valuetext="t('present.edge-per-cent-uncovered', { edge: Math.round(covered[edge] * 100) })"
        @pointerdown="pull(edge, $event)"
        @keydown="key(edge, across, $event)"
      >
        <span aria-hidden="true" />
      </button>
    </div>
  </div>
</template>

<style scoped>
.cover-board {
  position: absolute;
  inset: 0;
  overflow: hidden;
  pointer-events: none;
}
.cover {
  position: absolute;
  border-radius: 18px 18px 18px 5px;
  background: #0e4a52;
  box-shadow:
    inset 0 0 0 3px #1b6a73,
    0 6px 18px #0005;
  pointer-events: auto;
  cursor: move;
  touch-action: none;
}
.edge {
  position: absolute;
  display: grid;
  place-items: center;
  padding: 0;
  border: 0;
  background: none;
  touch-action: none;
}
.edge span {
  display: block;
  border-radius: 6px;
  background: #e5b04d;
}
.edge.across {
  top: 0;
  bottom: 0;
  width: 44px;
  cursor: ew-resize;
}
.edge.across span {
  width: 8px;
  height: min(120px, 50%);
}
.edge:not(.across) {
  right: 44px;
  left: 44px;
  height: 44px;
  cursor: ns-resize;
}
.edge:not(.across) span {
  width: min(120px, 50%);
  height: 8px;
}
.left {
  left: 0;
}
.right {
  right: 0;
}
.top {
  top: 0;
}
.bottom {
  bottom: 0;
}
.edge:focus-visible {
  outline: 4px solid var(--saffron);
  outline-offset: -6px;
}
</style>
