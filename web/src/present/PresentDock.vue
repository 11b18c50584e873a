<script setup lang="ts">
import {
  PhBroom,
  PhCursorClick,
  PhDotsThree,
  PhEraser,
  PhFlashlight,
  PhHandPointing,
  PhHighlighter,
  PhMagnifyingGlassPlus,
  PhPencilSimple,
  PhRuler,
  PhSelectionBackground,
  PhSparkle,
  PhTimer,
  PhUsersThree,
  PhArrowUUpLeft,
} from '@phosphor-icons/vue'
import type { Component } from 'vue'
import type { Overlay, Tool, Tools } from './tools'

/** The tools of whoever stands at the wall; it stands at the bottom or at either side. */
export type Panel = Tool | Overlay | 'measure' | 'timer' | 'class' | 'clear' | 'more'
const props = defineProps<{ tools: Tools; panel: Panel | null; covered: boolean; canUndo: boolean }>()
const emit = defineEmits<{ panel: [panel: Panel]; cover: []; undo: [] }>()

const TOOLS: { tool: Tool; name: string; key: string; icon: Component }[] = [
  { tool: 'move', name: 'Move', key: 'M', icon: PhHandPointing },
  { tool: 'pen', name: 'Pen', key: 'P', icon: PhPencilSimple },
  { tool: 'highlighter', name: 'Highlighter', key: 'H', icon: PhHighlighter },
  { tool: 'eraser', name: 'Eraser', key: 'E', icon: PhEraser },
  { tool: 'fading', name: 'Fading ink', key: 'F', icon: PhSparkle },
  { tool: 'pointer', name: 'Pointer', key: 'L', icon: PhCursorClick },
]
const OVERLAYS: { overlay: Overlay; name: string; key: string; icon: Component }[] = [
  { overlay: 'spotlight', name: 'Spotlight', key: 'S', icon: PhFlashlight },
  { overlay: 'magnifier', name: 'Magnify', key: 'G', icon: PhMagnifyingGlassPlus },
]
const REST: { panel: Panel; name: string; key: string; icon: Component }[] = [
  { panel: 'measure', name: 'Measure', key: 'U', icon: PhRuler },
  { panel: 'timer', name: 'Timer', key: 'K', icon: PhTimer },
  { panel: 'class', name: 'Class', key: 'N', icon: PhUsersThree },
  { panel: 'clear', name: 'Clear', key: 'X', icon: PhBroom },
  { panel: 'more', name: 'More', key: 'Q', icon: PhDotsThree },
]
function take(tool: Tool) {
  const { tools } = props
  // A second press shows what the tool can be set to, or puts that away.
  if (tools.tool.value === tool) emit('panel', tool)
  else tools.tool.value = tool
}
</script>

<template>
  <nav
    class="dock"
    :class="[tools.settings.value.side, { large: tools.settings.value.large }]"
    aria-label="Tools"
  >
    <button
      v-for="{ tool, name, key, icon } in TOOLS"
      :key="tool"
      class="tile"
      :title="`${name} (${key})`"
      :aria-pressed="tools.tool.value === tool"
      @click="take(tool)"
    >
      <component :is="icon" :size="26" aria-hidden="true" />{{ name }}
    </button>
    <button class="tile" title="Cover (C)" :aria-pressed="covered" @click="$emit('cover')">
      <PhSelectionBackground :size="26" aria-hidden="true" />Cover
    </button>
    <button
      v-for="{ overlay, name, key, icon } in OVERLAYS"
      :key="overlay"
      class="tile"
      :title="`${name} (${key})`"
      :aria-pressed="tools.has(overlay)"
      @click="tools.toggle(overlay)"
    >
      <component :is="icon" :size="26" aria-hidden="true" />{{ name }}
    </button>
    <button
      v-for="one in REST"
      :key="one.panel"
      class="tile"
      :title="`${one.name} (${one.key})`"
      :aria-expanded="panel === one.panel"
      @click="$emit('panel', one.panel)"
    >
      <component :is="one.icon" :size="26" aria-hidden="true" />{{ one.name }}
    </button>
    <button class="tile" title="Undo (Ctrl+Z)" :disabled="!canUndo" @click="$emit('undo')">
      <PhArrowUUpLeft :size="26" aria-hidden="true" />Undo
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
@media (max-height: 900px) {
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
    width: 66px;
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
