<script setup lang="ts">
import { t } from '@/i18n'
import { computed, ref } from 'vue'
import { usePull } from '@/gesture/usePull'
import type { Table } from '@/api/schema'
import { arrowOf } from '@/gesture/arrowKeys'
import { inBox, placed, type Point } from '@/page/geometry'
import type { Workbench } from '@/workbench/useWorkbench'

/** The lines between rows and columns: each is pulled by itself, and what lies behind it keeps its size. */
const props = defineProps<{ workbench: Workbench; item: Table; pointAt: (event: PointerEvent) => Point }>()
const { pull } = usePull()
const pulled = ref<{ way: 'columns' | 'rows'; index: number; by: number } | null>(null)
let from: Point | null = null

const sum = (sizes: number[]) => sizes.reduce((a, b) => a + b, 0)
const scale = computed(() => ({
  columns: props.item.frame.width / sum(props.item.columns),
  rows: props.item.frame.height / sum(props.item.rows),
}))
const ends = (way: 'columns' | 'rows') =>
  props.item[way].map((_, i) => sum(props.item[way].slice(0, i + 1)) * scale.value[way])

function grab(way: 'columns' | 'rows', index: number, event: PointerEvent) {
  event.stopPropagation()
  from = inBox(props.item.frame, props.pointAt(event))
  pulled.value = { way, index, by: 0 }
  pull({ move, up: lift, cancel: quiet })
}
const LEAST = 24
function move(event: PointerEvent) {
  if (!pulled.value || !from) return
  const { way, index } = pulled.value
  const at = inBox(props.item.frame, props.pointAt(event))
  const by = way === 'columns' ? at.x - from.x : at.y - from.y
  const size = props.item[way][index]! * scale.value[way]
  pulled.value = { way, index, by: Math.max(LEAST - size, by) }
}
function lift() {
  const done = pulled.value
  quiet()
  if (done && done.by !== 0) size(done)
}
function size({ way, index, by }: { way: 'columns' | 'rows'; index: number; by: number }) {
  const sizes = props.item[way].map((size, i) => size * scale.value[way] + (i === index ? by : 0))
  const frame = { ...props.item.frame }
  if (way === 'columns') frame.width += by
  else frame.height += by
  const pageId = props.workbench.page.value.id
  props.workbench.all([
    { kind: 'set-body', pageId, item: { ...props.item, [way]: sizes } },
    { kind: 'set-frame', pageId, itemId: props.item.id, frame },
  ])
}
/** Left and right size a column, up and down a row. */
function key(way: 'columns' | 'rows', index: number, event: KeyboardEvent) {
  const arrow = arrowOf(event)
  const by = way === 'columns' ? arrow?.x : arrow?.y
  if (!arrow || !by) return
  event.preventDefault()
  event.stopPropagation()
  const now = props.item[way][index]! * scale.value[way]
  if (now + by >= LEAST) size({ way, index, by })
}
function quiet() {
  pulled.value = null
  from = null
}
</script>

<template>
  <g :transform="placed(item.frame)">
    <path
      v-for="(x, i) in ends('columns')"
      :key="`c${i}`"
      class="line across"
      :d="`M${x + (pulled?.way === 'columns' && pulled.index === i ? pulled.by : 0)} 14V${item.frame.height - 14}`"
      tabindex="0"
      role="button"
      :aria-label="t('workbench.width-of-column-keys', { n: i + 1 })"
      @pointerdown="grab('columns', i, $event)"
      @keydown="key('columns', i, $event)"
    >
      <title>{{ t('workbench.width-of-column', { n: i + 1 }) }}</title>
    </path>
    <path
      v-for="(y, i) in ends('rows')"
      :key="`r${i}`"
      class="line down"
      :d="`M14 ${y + (pulled?.way === 'rows' && pulled.index === i ? pulled.by : 0)}H${item.frame.width - 14}`"
      tabindex="0"
      role="button"
      :aria-label="t('workbench.height-of-row-keys', { n: i + 1 })"
      @pointerdown="grab('rows', i, $event)"
      @keydown="key('rows', i, $event)"
    >
      <title>{{ t('workbench.height-of-row', { n: i + 1 }) }}</title>
    </path>
  </g>
</template>

<style scoped>
.line {
  fill: none;
  stroke: #0b5d6633;
  stroke-width: 14;
  outline: none;
}
.line:focus-visible {
  stroke: var(--saffron);
}
.line:hover {
  stroke: #0b5d66aa;
}
.across {
  cursor: col-resize;
}
.down {
  cursor: row-resize;
}
</style>
