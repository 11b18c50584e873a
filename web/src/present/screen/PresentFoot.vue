<script setup lang="ts">
import { t } from '@/i18n'
import { PhChecks } from '@phosphor-icons/vue'
import PresentDock from '@/present/dock/PresentDock.vue'
import type { Presentation } from '@/present/model/presentation'
import ToolOptions from './ToolOptions.vue'
import { usePresent } from './present'

/** The dock with what its tools can be set to, and where one is. */
defineProps<{ show: Presentation }>()
const { tools, told, panels, dock, pages, recording, over, toggleCover } = usePresent()
const { panel, strip, close } = panels
const { away, called } = dock
</script>

<template>
  <footer class="foot">
    <ToolOptions
      v-if="panel && !['move', 'pointer'].includes(panel)"
      class="above"
      :panel="panel"
      :show="show"
    />
    <button v-if="away && !called" class="call" @click="away = false">
      {{ t('present.show-the-tools') }}
    </button>
    <PresentDock
      v-else
      :class="{ called }"
      :style="called ? { left: `${called.x}px`, top: `${called.y}px` } : undefined"
      :tools="tools"
      :panel="panel"
      :covered="Boolean(over.covered.value)"
      :recording="recording.recorder.standing.value !== 'off'"
      :can-undo="show.canUndo.value"
      @cover="toggleCover"
      @record="(close(), (recording.card.value = !recording.card.value))"
      @panel="panels.toggle"
      @undo="told.run(show.undo)"
    />
    <button v-if="show.page.value.onCheck?.length" class="check" @click="pages.check">
      <PhChecks :size="24" aria-hidden="true" />{{ t('present.check') }}
    </button>
    <button class="where" :aria-expanded="strip" :title="t('shared.all-pages')" @click="strip = !strip">
      {{ t('present.index-of-pages', { index: show.index.value + 1, pages: show.pages.value.length }) }}
    </button>
  </footer>
</template>

<style scoped>
.foot {
  position: relative;
  display: flex;
  grid-area: foot;
  align-items: center;
  justify-content: center;
  min-width: 0;
  padding: 6px 90px 8px;
}
.left .foot,
.right .foot {
  flex-direction: column;
  min-height: 0;
  padding: 0 8px 8px;
}
.above {
  position: absolute;
  z-index: 4;
  bottom: calc(100% + 2px);
  left: 50%;
  width: max-content;
  max-width: calc(100vw - 40px);
  transform: translateX(-50%);
}
.left .above,
.right .above {
  top: 10px;
  bottom: auto;
  left: calc(100% + 4px);
  max-width: min(560px, 60vw);
  transform: none;
}
.right .above {
  right: calc(100% + 4px);
  left: auto;
}
.call {
  min-height: 44px;
  padding: 4px 16px;
  border: 0;
  border-radius: 12px 12px 12px 4px;
  background: #0c343b;
  color: inherit;
  font: inherit;
  cursor: pointer;
}
.called {
  position: fixed;
  z-index: 5;
  flex-flow: row wrap;
  width: 490px;
  max-width: 96vw;
  box-shadow: 0 10px 30px #000a;
}
.check {
  position: absolute;
  left: 12px;
  display: inline-flex;
  gap: 6px;
  align-items: center;
  min-height: 48px;
  padding: 4px 12px;
  border: 0;
  border-radius: 12px 12px 12px 4px;
  background: var(--saffron);
  color: #1c2b33;
  font: inherit;
  font-weight: 700;
  cursor: pointer;
}
.left .check,
.right .check {
  position: static;
  margin-top: 6px;
}
.where {
  position: absolute;
  right: 12px;
  min-height: 44px;
  padding: 4px 10px;
  border: 0;
  border-radius: 10px;
  background: none;
  color: inherit;
  font: inherit;
  cursor: pointer;
}
.left .where,
.right .where {
  position: static;
}
</style>
