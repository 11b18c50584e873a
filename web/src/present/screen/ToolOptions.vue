<script setup lang="ts">
import type { Presentation } from '@/present/model/presentation'
import type { Panel } from '@/present/model/tools'
import ClassOptions from './options/ClassOptions.vue'
import ClearOptions from './options/ClearOptions.vue'
import EraserOptions from './options/EraserOptions.vue'
import LassoOptions from './options/LassoOptions.vue'
import MeasureOptions from './options/MeasureOptions.vue'
import MoreOptions from './options/MoreOptions.vue'
import OverlayOptions from './options/OverlayOptions.vue'
import PenOptions from './options/PenOptions.vue'
import TimerOptions from './options/TimerOptions.vue'
import { usePresent } from './present'

/** What the tool in the hand, or what lies over the page, can be set to. */
defineProps<{ panel: Panel; show: Presentation }>()
const { panels } = usePresent()
</script>

<template>
  <div class="options" @keydown.esc.stop="panels.close">
    <PenOptions v-if="panel === 'pen' || panel === 'fading' || panel === 'highlighter'" :panel="panel" />
    <EraserOptions v-else-if="panel === 'eraser'" />
    <LassoOptions v-else-if="panel === 'lasso'" :show="show" />
    <OverlayOptions
      v-else-if="panel === 'cover' || panel === 'spotlight' || panel === 'magnifier'"
      :panel="panel"
      :show="show"
    />
    <MeasureOptions v-else-if="panel === 'measure'" :show="show" />
    <TimerOptions v-else-if="panel === 'timer'" />
    <ClassOptions v-else-if="panel === 'class'" :show="show" />
    <ClearOptions v-else-if="panel === 'clear'" :show="show" />
    <MoreOptions v-else-if="panel === 'more'" />
  </div>
</template>

<style scoped>
.options {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  max-width: 100%;
  padding: 8px 12px;
  border-radius: 14px 14px 14px 4px;
  background: #fffdf8;
  box-shadow: 0 6px 18px #0006;
  color: var(--ink);
}
.options :deep(.btn) {
  display: inline-flex;
  gap: 8px;
  align-items: center;
  min-height: 44px;
}
.options :deep(.btn[aria-pressed='true']) {
  border-color: var(--petrol);
  background: var(--petrol-t);
  box-shadow: inset 0 -3px var(--petrol);
}
.options :deep(.dot) {
  width: 18px;
  height: 18px;
  border: 1px solid #0003;
  border-radius: 50%;
}
.options :deep(.group) {
  display: flex;
  gap: 4px;
}
.options :deep(.colour) {
  width: 44px;
  height: 44px;
  border: 3px solid #fff;
  border-radius: 50% 50% 50% 6px;
  background: var(--colour);
  box-shadow: 0 0 0 1px var(--line);
  cursor: pointer;
}
.options :deep(.colour[aria-pressed='true']),
.options :deep(.width[aria-pressed='true']) {
  box-shadow: 0 0 0 3px var(--saffron);
}
.options :deep(.width) {
  display: grid;
  place-items: center;
  width: 44px;
  height: 44px;
  border: 0;
  border-radius: 10px;
  background: none;
  cursor: pointer;
}
.options :deep(.width span) {
  border-radius: 50%;
  background: var(--ink);
}
.options :deep(label) {
  display: flex;
  gap: 8px;
  align-items: center;
}
.options :deep(.line input) {
  width: 22px;
  height: 22px;
}
.options :deep(.order) {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(216px, 1fr));
  gap: 4px 18px;
  width: 100%;
  max-height: 40vh;
  margin: 0;
  padding: 0;
  overflow: auto;
  list-style: none;
}
.options :deep(.order li) {
  display: flex;
  gap: 6px;
  align-items: center;
}
.options :deep(.order span) {
  flex: 1;
}
.options :deep(.units) {
  width: 84px;
  min-height: 40px;
}
.options :deep(.hint) {
  color: #55656b;
}
</style>
