<script setup lang="ts">
import { ref } from 'vue'
import { PAGE, type Point } from '@/page/geometry'
import type { Workbench } from '@/workbench/useWorkbench'
import { usePull } from '@/gesture/usePull'
import { REACH, targetAt } from './targets'

/** Putting targets on a picture, one after another: a click puts one there, pulling away from there puts it aside. */
const props = defineProps<{
  workbench: Workbench
  pictureId: string
  pointAt: (event: { clientX: number; clientY: number }) => Point
}>()
const tip = ref<Point | null>(null)
const now = ref<Point>({ x: 0, y: 0 })
const { pull } = usePull()

function press(event: PointerEvent) {
  if (event.button !== 0) return
  tip.value = now.value = props.pointAt(event)
  pull({
    move: (event) => (now.value = props.pointAt(event)),
    up: put,
    cancel: () => (tip.value = null),
  })
}
function put() {
  const from = tip.value
  tip.value = null
  const picture = props.workbench.byId.value.get(props.pictureId)
  if (!from || !picture) return
  const { edits } = targetAt(props.workbench.page.value, picture, from, now.value)
  props.workbench.edit({ kind: 'composite', edits })
}
</script>

<template>
  <g @pointerdown.stop.prevent="press">
    <rect class="catch" :width="PAGE.width" :height="PAGE.height" />
    <g v-if="tip" class="coming">
      <path :d="`M${tip.x} ${tip.y}L${now.x} ${now.y}`" />
      <circle :cx="tip.x" :cy="tip.y" r="8" />
      <circle class="place" :cx="now.x" :cy="now.y" :r="REACH" />
    </g>
  </g>
</template>

<style scoped>
.catch {
  fill: transparent;
  cursor: crosshair;
  pointer-events: all;
  touch-action: none;
}
.coming {
  pointer-events: none;
  stroke: #1c2b33;
  stroke-width: 4;
}
.place {
  fill: #ffffffcc;
}
</style>
