<script setup lang="ts">
import { computed, onBeforeUnmount, ref } from 'vue'
import { PAGE, type Point } from '@/page/geometry'
import { areaAround } from './areas'
import type { Bench } from './bench'

/** Drawing around a part of the page that is to lead somewhere. */
const props = defineProps<{
  bench: Bench
  pointAt: (event: { clientX: number; clientY: number }) => Point
}>()
const points = ref<Point[]>([])
const path = computed(() => `M${points.value.map((p) => `${p.x} ${p.y}`).join('L')}`)
let stop = () => {}
onBeforeUnmount(() => stop())

function press(event: PointerEvent) {
  if (event.button !== 0) return
  points.value = [props.pointAt(event)]
  const move = (now: PointerEvent) => points.value.push(props.pointAt(now))
  const up = () => {
    stop()
    const drawn = points.value
    points.value = []
    props.bench.take({ is: 'hand' })
    props.bench.add(areaAround(drawn))
  }
  const cancel = () => {
    stop()
    points.value = []
  }
  window.addEventListener('pointermove', move)
  window.addEventListener('pointerup', up)
  window.addEventListener('pointercancel', cancel)
  stop = () => {
    window.removeEventListener('pointermove', move)
    window.removeEventListener('pointerup', up)
    window.removeEventListener('pointercancel', cancel)
  }
}
</script>

<template>
  <g @pointerdown.stop.prevent="press">
    <rect class="catch" :width="PAGE.width" :height="PAGE.height" />
    <path v-if="points.length > 1" class="drawn" :d="path" />
  </g>
</template>

<style scoped>
.catch {
  fill: transparent;
  cursor: crosshair;
  pointer-events: all;
  touch-action: none;
}
.drawn {
  fill: #68406b1f;
  stroke: var(--plum);
  stroke-width: 5;
  stroke-dasharray: 3 9;
  stroke-linecap: round;
  pointer-events: none;
}
</style>
