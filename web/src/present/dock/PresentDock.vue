<script setup lang="ts">
import { t } from '@/i18n'
import {
  PhBroom,
  PhCursorClick,
  PhDotsThree,
  PhEraser,
  PhFlashlight,
  PhHandPointing,
  PhHighlighter,
  PhLasso,
  PhMagnifyingGlassPlus,
  PhPencilSimple,
  PhRecord,
  PhRuler,
  PhSelectionBackground,
  PhSparkle,
  PhTimer,
  PhUsersThree,
  PhArrowUUpLeft,
} from '@phosphor-icons/vue'
import { computed, type Component } from 'vue'
import { inOrder, type Tile, type TileName } from '@/present/model/tiles'
import type { Overlay, Panel, Tool, Tools } from '@/present/model/tools'

/** The tools of whoever stands at the wall; it stands at the bottom or at either side. */
const props = defineProps<{
  tools: Tools
  panel: Panel | null
  covered: boolean
  recording: boolean
  canUndo: boolean
}>()
const emit = defineEmits<{ panel: [panel: Panel]; cover: []; record: []; undo: [] }>()

const ICONS: Record<TileName, Component> = {
  move: PhHandPointing,
  pen: PhPencilSimple,
  highlighter: PhHighlighter,
  eraser: PhEraser,
  lasso: PhLasso,
  fading: PhSparkle,
  pointer: PhCursorClick,
  cover: PhSelectionBackground,
  spotlight: PhFlashlight,
  magnifier: PhMagnifyingGlassPlus,
  measure: PhRuler,
  timer: PhTimer,
  class: PhUsersThree,
  record: PhRecord,
  clear: PhBroom,
  more: PhDotsThree,
  undo: PhArrowUUpLeft,
}
const tiles = computed(() => inOrder(props.tools.settings.value.order))
function take(tool: Tool) {
  const { tools } = props
  // A second press shows what the tool can be set to, or puts that away.
  if (tools.tool.value === tool) emit('panel', tool)
  else tools.tool.value = tool
}
function press(tile: Tile) {
  if (tile.is === 'tool') take(tile.name as Tool)
  else if (tile.is === 'overlay') props.tools.toggle(tile.name as Overlay)
  else if (tile.is === 'panel') emit('panel', tile.name as Panel)
  else if (tile.name === 'cover') emit('cover')
  else if (tile.name === 'record') emit('record')
  else emit('undo')
}
/** Undefined for what is no switch. */
function on(tile: Tile): boolean | undefined {
  if (tile.is === 'tool') return props.tools.tool.value === tile.name
  if (tile.is === 'overlay') return props.tools.has(tile.name as Overlay)
  if (tile.name === 'cover') return props.covered
  return tile.name === 'record' ? props.recording : undefined
}
</script>

<template>
  <nav
    class="dock"
    :class="[tools.settings.value.side, { large: tools.settings.value.large }]"
    :aria-label="t('present.tools')"
  >
    <button
      v-for="tile in tiles"
      :key="tile.name"
      class="tile"
      :title="`${tile.says} (${tile.key})`"
      :aria-pressed="on(tile)"
      :aria-expanded="tile.is === 'panel' ? panel === tile.name : undefined"
      :disabled="tile.name === 'undo' && !canUndo"
      @click="press(tile)"
    >
      <component :is="ICONS[tile.name]" :size="26" aria-hidden="true" />{{ tile.says }}
    </button>
  </nav>
</template>

<style scoped>
.dock {
  display: flex;
  gap: 4px;
  padding: 6px;
  border-radius: 16px 16px 16px 5px;
  background: #0c343b;
  color: #e8f1f1;
}
.dock.left,
.dock.right {
  flex-direction: column;
  max-height: 100%;
  overflow-y: auto;
}
@media (max-height: 1180px) {
  .dock.left,
  .dock.right {
    display: grid;
    grid-template-columns: 1fr 1fr;
  }
}
.dock.left.large,
.dock.right.large {
  display: grid;
  grid-template-columns: 1fr 1fr;
}
.dock.bottom {
  max-width: 100%;
  overflow-x: auto;
}
.tile {
  display: grid;
  flex: 0 0 auto;
  gap: 3px;
  place-items: center;
  width: 78px;
  min-height: 58px;
  padding: 6px 2px;
  border: 0;
  border-radius: 11px 11px 11px 3px;
  background: none;
  color: inherit;
  font: inherit;
  font-size: 13px;
  cursor: pointer;
}
.tile:hover:not(:disabled) {
  background: #ffffff14;
}
.tile[aria-pressed='true'] {
  background: #e5a02f;
  color: #1c2b33;
  font-weight: 700;
}
.tile[aria-expanded='true'] {
  background: #ffffff26;
}
.tile:disabled {
  opacity: 0.45;
  cursor: default;
}
.large .tile {
  width: 104px;
  min-height: 84px;
  font-size: 17px;
}
.left .tile,
.right .tile {
  min-height: 52px;
}
@media (max-width: 1360px) {
  .bottom:not(.large) .tile {
    width: 59px;
    font-size: 12px;
  }
}
@media (max-width: 1180px) {
  .dock.bottom {
    flex-wrap: wrap;
    justify-content: center;
  }
}
@media (forced-colors: active) {
  .tile[aria-pressed='true'] {
    outline: 4px solid Highlight;
    outline-offset: -4px;
  }
}
</style>
