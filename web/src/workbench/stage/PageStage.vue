<script setup lang="ts">
import { t } from '@/i18n'
import { pointOn } from '@/page/pointer'
import { computed, nextTick, ref, watch } from 'vue'
import { PAGE, placed, type Point } from '@/page/geometry'
import ItemBody from '@/page/ItemBody.vue'
import PaperBody from '@/page/PaperBody.vue'
import { noSwipe } from '@/page/touch'
import type { Workbench } from '@/workbench/useWorkbench'
import type { Elsewhere } from '@/workbench/presence'
import { draggedIn, type DraggedPart } from '@/workbench/dragged'
import AreaLayer from './AreaLayer.vue'
import InkLayer from './InkLayer.vue'
import SelectionGrips from './SelectionGrips.vue'
import StageItems from './StageItems.vue'
import StageMarks from './StageMarks.vue'
import TargetLayer from './TargetLayer.vue'
import { useDrag } from './useDrag'
import { useReadout } from './useReadout'
import { useStageItems } from './useStageItems'
import { useSpaceHeld } from './useSpaceHeld'
import { useStagePress } from './useStagePress'
import { useStageWriting } from './useStageWriting'
import WordField from './WordField.vue'

/** The page on the workbench: select, move, resize, turn, type, draw. */
const props = defineProps<{ workbench: Workbench; others: Elsewhere[]; snapping: boolean }>()
const emit = defineEmits<{
  dropTile: [kind: string, at: Point]
  dropFiles: [files: File[], at: Point]
  dropPart: [part: DraggedPart, at: Point]
}>()

const { page, byId, chosen, only, writing, tool } = props.workbench
const root = ref<SVGSVGElement>()
const air = ref<SVGSVGElement>()
const airGroup = ref<SVGGElement>()
const guide = ref<SVGPathElement>()
const bandBox = ref<SVGRectElement>()
const inking = ref<InstanceType<typeof InkLayer>>()

const pointAt = (event: { clientX: number; clientY: number }) => pointOn(root.value!, event)
const focusItem = (id: string) =>
  root.value?.querySelector<SVGGElement>(`[data-item="${id}"]`)?.focus({ preventScroll: true })
const focusPage = () => root.value?.focus({ preventScroll: true })

const drag = useDrag(props.workbench, { root, air, airGroup, guide, bandBox, pointAt }, () => props.snapping)
const { live, lifted, grab, letGo } = drag
// What is dragged is drawn on a layer of its own meanwhile, and its own drawing loses the focus; keys go on with it.
watch(lifted, (now, was) => {
  const id = chosen.value[0]
  if (now.size > 0 || was.size === 0 || !id) return
  void nextTick(() => {
    if (!document.activeElement || document.activeElement === document.body) focusItem(id)
  })
})

const { field, fieldFrame, writeIn, double, written, nextCell } = useStageWriting(
  props.workbench,
  pointAt,
  focusItem,
)
const spaceHeld = useSpaceHeld()
const { press, key, focusOn, collecting } = useStagePress(
  props.workbench,
  { pointAt, focusItem, focusPage },
  drag,
  spaceHeld,
  writeIn,
)
const drawing = computed(() => !['hand', 'place', 'area', 'targets'].includes(tool.value.is))
const readout = useReadout(props.workbench, drag, drawing, collecting)

defineExpose({
  spaceHeld,
  root,
  /** What a finger has begun is given up: two fingers mean the page. */
  letGo: () => {
    letGo()
    inking.value?.letGo()
  },
})

function drop(event: DragEvent) {
  const { part, tile, files } = draggedIn(event)
  if (part) emit('dropPart', part, pointAt(event))
  else if (tile) emit('dropTile', tile, pointAt(event))
  else if (files.length) emit('dropFiles', files, pointAt(event))
}

const { letters, frameOf, routeFor, liftedItems, boxes } = useStageItems(props.workbench, drag)
</script>

<template>
  <div class="stage">
    <div class="sheet" :class="{ panning: spaceHeld, aiming: tool.is !== 'hand' }">
      <svg
        ref="root"
        class="page"
        tabindex="-1"
        data-region-start
        :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`"
        role="group"
        :aria-label="t('workbench.page-page', { page: page.name })"
        @pointerdown="press"
        @touchmove="noSwipe"
        @dblclick="double"
        @keydown="key"
        @focusin="focusOn"
        @dragover.prevent
        @drop.prevent="drop"
      >
        <!-- A drawing of its own, so that what stands out over the edge is cut off and handles are not. -->
        <svg :width="PAGE.width" :height="PAGE.height" class="cut">
          <PaperBody :paper="page.paper" />
          <StageItems
            :workbench="workbench"
            :page="page"
            :letters="letters"
            :live="live"
            :lifted="lifted"
            :route-for="routeFor"
          />
        </svg>

        <StageMarks
          :page-id="page.id"
          :items="page.items"
          :by-id="byId"
          :others="others"
          :lifted="lifted"
          :frame-of="frameOf"
        />
        <SelectionGrips
          v-if="lifted.size === 0 && !writing"
          :workbench="workbench"
          :boxes="boxes"
          :frame-of="frameOf"
          :routed="(item) => Boolean(routeFor(item))"
          :point-at="pointAt"
          @grab="grab"
        />
      </svg>
      <svg
        v-if="lifted.size"
        ref="air"
        class="air"
        :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`"
        aria-hidden="true"
      >
        <g ref="airGroup">
          <g
            v-for="item in liftedItems"
            :key="item.id"
            :transform="routeFor(item) ? undefined : placed(item.frame)"
          >
            <ItemBody :item="item" :letter="letters[item.id]" :route="routeFor(item)" />
          </g>
          <path v-if="liftedItems.length > 1" class="box thin" :d="boxes" />
          <path
            v-else-if="only"
            class="box"
            :transform="placed(only.frame)"
            :d="`M0 0H${only.frame.width}V${only.frame.height}H0Z`"
          />
        </g>
      </svg>
      <svg v-if="tool.is === 'area'" class="over inking" :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`">
        <AreaLayer :workbench="workbench" :point-at="pointAt" />
      </svg>
      <svg v-if="tool.is === 'targets'" class="over inking" :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`">
        <TargetLayer :workbench="workbench" :picture-id="tool.pictureId" :point-at="pointAt" />
      </svg>
      <svg
        v-if="drawing"
        class="over inking"
        :class="{ highlighting: tool.is === 'highlighter' }"
        :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`"
      >
        <InkLayer ref="inking" :workbench="workbench" :point-at="pointAt" />
      </svg>
      <svg class="over" :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`" aria-hidden="true">
        <rect ref="bandBox" class="band" visibility="hidden" />
        <path ref="guide" class="guide" />
      </svg>
      <WordField
        v-if="writing && field && fieldFrame"
        :key="`${writing.id}-${writing.cell?.join()}`"
        :content="field.content"
        :frame="fieldFrame"
        :wraps="field.wraps"
        :middle="field.middle"
        :tabs="Boolean(writing.cell)"
        @next="nextCell(writing!, $event)"
        @ready="workbench.writesWith($event)"
        @too-long="workbench.editing.tell(t('workbench.a-box-of-words-takes-at'))"
        @done="(text, how) => written(writing!, text, how)"
      />
    </div>
    <p class="readout" role="status">{{ readout }}</p>
  </div>
</template>

<style scoped>
.stage {
  display: grid;
  justify-items: center;
  gap: 8px;
}
.sheet {
  position: relative;
  isolation: isolate;
  width: 100%;
  container-type: inline-size;
  border-radius: 4px;
  box-shadow:
    0 1px 0 #0001,
    0 6px 24px #0000001f;
}
.page {
  display: block;
  width: 100%;
  aspect-ratio: 1600 / 1000;
  overflow: visible;
  background: var(--board);
  isolation: isolate;
  outline: none;
  touch-action: none;
  user-select: none;
}
.cut {
  overflow: hidden;
}
.aiming .page {
  cursor: crosshair;
}
.panning .page {
  cursor: grab;
}
.aiming :deep(.item),
.panning :deep(.item) {
  cursor: inherit;
}
.over {
  position: absolute;
  inset: 0;
  width: 100%;
  overflow: visible;
  pointer-events: none;
  will-change: transform;
}
.inking {
  pointer-events: auto;
  touch-action: none;
  /* Nothing is drawn that would not be seen once it is kept. */
  overflow: hidden;
}
/* A highlighter is drawn as it will be kept, though this sheet lies above the page. */
.highlighting {
  mix-blend-mode: darken;
}
/* Moved by the compositor alone. */
.air {
  position: absolute;
  inset: 0;
  width: 100%;
  overflow: visible;
  pointer-events: none;
  will-change: transform;
}
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
.band {
  fill: #0b5d6614;
  stroke: var(--petrol);
  stroke-width: 2;
  stroke-dasharray: 6 5;
  pointer-events: none;
}
.guide {
  fill: none;
  stroke: var(--clay);
  stroke-width: 2.5;
  pointer-events: none;
}
.readout {
  color: var(--soft);
  font-size: 13px;
  overflow-wrap: anywhere;
}
</style>
