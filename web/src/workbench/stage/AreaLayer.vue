<script setup lang="ts">
import { t } from '@/i18n'
import { computed, ref } from 'vue'
import { PAGE, type Point } from '@/page/geometry'
import { areaAround } from './areas'
import type { Workbench } from '@/workbench/useWorkbench'
import { usePull } from '@/gesture/usePull'
import { drawnZone } from '@/workbench/edits/zoneForms'

/** Drawing around a part of the page that is to lead somewhere. */
const props = defineProps<{
  workbench: Workbench
  pointAt: (event: { clientX: number; clientY: number }) => Point
}>()
const points = ref<Point[]>([])
const path = computed(() => `M${points.value.map((p) => `${p.x} ${p.y}`).join('L')}`)
const { pull } = usePull()

/** The zone lies where it was drawn from now on, and has that form. */
function outline(zoneId: string, drawn: Point[]) {
  const zone = props.workbench.page.value.items.find((item) => item.id === zoneId)
  const made = drawnZone(drawn)
  if (zone?.kind !== 'zone') return
  if (!made) {
    props.workbench.editing.tell(t('workbench.that-line-goes-around-nothing-the'))
    return
  }
  const at = { pageId: props.workbench.page.value.id, itemId: zoneId }
  props.workbench.edit({
    kind: 'composite',
    edits: [
      { kind: 'set-frame', ...at, frame: made.frame },
      { kind: 'set-body', pageId: at.pageId, item: { ...zone, frame: made.frame, shape: made.shape } },
    ],
  })
}

function press(event: PointerEvent) {
  if (event.button !== 0) return
  points.value = [props.pointAt(event)]
  pull({
    move: (now) => void points.value.push(props.pointAt(now)),
    up: put,
    cancel: () => (points.value = []),
  })
}
function put() {
  const drawn = points.value
  points.value = []
  const tool = props.workbench.tool.value
  props.workbench.take({ is: 'hand' })
  if (tool.is === 'area' && tool.zoneId) outline(tool.zoneId, drawn)
  else props.workbench.add(areaAround(drawn))
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
