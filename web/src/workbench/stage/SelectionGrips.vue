<script setup lang="ts">
import { computed } from 'vue'
import type { Frame, Item } from '@/api/schema'
import type { Grip } from '@/gesture/boxChart'
import { CORNERS, gripsOf } from '@/gesture/grips'
import { around, type Point } from '@/page/geometry'
import type { Workbench } from '@/workbench/useWorkbench'
import BoxGrips from './BoxGrips.vue'
import LineHandles from './LineHandles.vue'
import LinkGrip from './LinkGrip.vue'
import RailHandles from './RailHandles.vue'
import TableHandles from './TableHandles.vue'

/** By what the selection is resized, turned, bent, led on. */
const props = defineProps<{
  workbench: Workbench
  boxes: string
  frameOf: (item: Item) => Frame
  /** Whether an item is drawn along a route, as connectors are, and has no box of its own. */
  routed: (item: Item) => boolean
  pointAt: (event: { clientX: number; clientY: number }) => Point
}>()
const emit = defineEmits<{ grab: [grip: Grip, event: PointerEvent] }>()
const { selected, only } = props.workbench
/** The box around several, upright. */
const manyBox = computed(() => {
  if (selected.value.length < 2) return null
  const box = around(selected.value.map((item) => item.frame))
  return { x: box.left, y: box.top, width: box.right - box.left, height: box.bottom - box.top, turn: 0 }
})
const canLead = (item: Item) => !['zone', 'gap', 'lens', 'cover', 'video'].includes(item.kind)
const grab = (grip: Grip, event: PointerEvent) => emit('grab', grip, event)
</script>

<template>
  <g>
    <path v-if="selected.length > 1" class="box thin" :d="boxes" />
    <BoxGrips
      v-if="only && !routed(only)"
      :frame="frameOf(only)"
      :grips="only.kind === 'line' ? [] : gripsOf(only)"
      :margin="0"
      @grab="grab"
    />
    <BoxGrips v-if="manyBox" :frame="manyBox" :grips="CORNERS" :margin="8" @grab="grab" />
    <LineHandles v-if="only?.kind === 'line'" :workbench="workbench" :item="only" :point-at="pointAt" />
    <RailHandles
      v-if="only?.movement.kind === 'rail'"
      :workbench="workbench"
      :item="only"
      :point-at="pointAt"
    />
    <LinkGrip
      v-if="only && canLead(only) && workbench.editing.activity.value.pages.length > 1"
      :frame="frameOf(only)"
      @lead="workbench.setTraits((traits) => ({ ...traits, link: { kind: 'page', pageId: $event } }))"
    />
    <TableHandles v-if="only?.kind === 'table'" :workbench="workbench" :item="only" :point-at="pointAt" />
  </g>
</template>

<style scoped>
.box {
  fill: none;
  stroke: var(--petrol);
  stroke-width: 4;
  pointer-events: none;
}
.thin {
  stroke-width: 2;
  stroke-dasharray: 8 6;
}
</style>
