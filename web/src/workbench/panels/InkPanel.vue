<script setup lang="ts">
import { t } from '@/i18n'
import { PhEraser, PhHighlighter, PhLasso, PhPen, PhScissors } from '@phosphor-icons/vue'
import { computed } from 'vue'
import type { Stroke } from '@/api/schema'
import { dashNames } from './lineLooks'
import type { Workbench, Tool } from '@/workbench/useWorkbench'
import { neatWanted, PENS, pens, setPen } from '@/workbench/edits/pens'

/** The pens, tints and rubbers, with the settings of the one in hand: seen before the first stroke. */
const props = defineProps<{ workbench: Workbench }>()
const tool = computed(() => props.workbench.tool.value)
const pen = computed(() =>
  tool.value.is === 'pen' || tool.value.is === 'highlighter' ? pens[tool.value.name]! : null,
)
const take = (to: Tool) => props.workbench.take(to)
const COLOURS = [
  ['#1f2d33', t('workbench.ink')],
  ['#a8432b', t('shared.tone-clay')],
  ['#0b5d66', t('workbench.petrol')],
  ['#68406b', t('shared.tone-plum')],
  ['#4c7837', t('workbench.moss')],
  ['#8a5a00', t('workbench.amber')],
  ['#1c3550', t('workbench.night')],
  ['#ffffff', t('workbench.white')],
] as const
const TINTS = [
  ['#ffe27a', t('workbench.yellow')],
  ['#b9e3c6', t('workbench.mint')],
  ['#f6c3b4', t('workbench.rose')],
  ['#c9dcf5', t('shared.tone-sky')],
  ['#e2cdea', t('workbench.lilac')],
  ['#ffd29c', t('workbench.apricot')],
  ['#d9e8a8', t('workbench.lime')],
  ['#cfd8dc', t('workbench.grey')],
] as const
const DASHES = dashNames()
const OTHERS = [
  { is: 'eraser', name: t('shared.eraser'), icon: PhEraser },
  { is: 'stroke-eraser', name: t('shared.eraser-for-whole-strokes'), icon: PhScissors },
  { is: 'lasso', name: t('shared.lasso'), icon: PhLasso },
] as const
const TOLD: Record<string, string> = {
  rub: t('workbench.rubs-out-ink-where-it-goes'),
  'stroke-eraser': t('workbench.takes-away-each-stroke-it-touches'),
  loop: t('workbench.draw-around-strokes-to-select-them'),
}
</script>

<template>
  <div class="ink">
    <h2>{{ t('workbench.ink') }}</h2>
    <div class="pens" role="group" :aria-label="t('workbench.pens-and-highlighters')">
      <button
        v-for="one in PENS"
        :key="one.name"
        :aria-pressed="pen?.name === one.name"
        @click="take({ is: one.tool === 'PEN' ? 'pen' : 'highlighter', name: one.name })"
      >
        <component :is="one.tool === 'PEN' ? PhPen : PhHighlighter" :size="19" aria-hidden="true" />
        {{ one.label }}
        <i
          :style="{
            background: pens[one.name]!.colour,
            height: `${Math.min(10, 2 + pens[one.name]!.width / 4)}px`,
          }"
        ></i>
      </button>
      <button
        v-for="one in OTHERS"
        :key="one.is"
        :aria-pressed="tool.is === one.is"
        @click="take({ is: one.is })"
      >
        <component :is="one.icon" :size="19" aria-hidden="true" />{{ one.name }}
      </button>
    </div>
    <template v-if="pen">
      <h3>{{ pen.label }}</h3>
      <div class="colours" role="group" :aria-label="t('shared.colour')">
        <button
          v-for="[colour, name] in pen.tool === 'PEN' ? COLOURS : TINTS"
          :key="colour"
          :style="{ background: colour }"
          :aria-label="name"
          :title="name"
          :aria-pressed="pen.colour === colour"
          @click="setPen(pen.name, { colour })"
        ></button>
      </div>
      <label class="line"
        >{{ t('workbench.any-colour') }}
        <input
          type="color"
          :value="pen.colour"
          @change="setPen(pen.name, { colour: ($event.target as HTMLInputElement).value })"
      /></label>
      <label
        >{{ t('workbench.width-width', { width: pen.width }) }}
        <input
          type="range"
          :min="pen.tool === 'PEN' ? 2 : 12"
          :max="pen.tool === 'PEN' ? 40 : 80"
          :value="pen.width"
          @input="setPen(pen.name, { width: Number(($event.target as HTMLInputElement).value) })"
      /></label>
      <label
        >{{ t('workbench.dashes') }}
        <select
          :value="pen.dash"
          @change="setPen(pen.name, { dash: ($event.target as HTMLSelectElement).value as Stroke['dash'] })"
        >
          <option v-for="[dash, name] in DASHES" :key="dash" :value="dash">{{ name }}</option>
        </select></label
      >
      <label v-if="pen.tool === 'PEN'" class="line"
        >{{ t('shared.offer-neat-shapes') }} <input v-model="neatWanted" type="checkbox"
      /></label>
    </template>
    <p v-else class="soft">{{ TOLD[tool.is] }}</p>
    <button class="btn pri" @click="take({ is: 'hand' })">{{ t('workbench.done-drawing-esc') }}</button>
  </div>
</template>

<style scoped>
.ink {
  display: grid;
  gap: 10px;
}
.pens {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 6px;
}
.pens button {
  display: grid;
  justify-items: center;
  align-content: center;
  gap: 3px;
  min-height: 58px;
  padding: 5px 2px;
  border: 1px solid var(--line);
  border-radius: var(--tile-s);
  background: #fff;
  cursor: pointer;
  font-size: 12px;
}
.pens button[aria-pressed='true'] {
  border-color: var(--petrol);
  background: var(--petrol-t);
  box-shadow: inset 0 -3px var(--petrol);
  font-weight: 700;
}
.pens i {
  width: 40px;
  border-radius: 4px;
}
.colours {
  display: grid;
  grid-template-columns: repeat(8, 1fr);
  gap: 4px;
}
.colours button {
  height: 26px;
  border: 1.5px solid var(--line);
  border-radius: 50%;
  cursor: pointer;
}
.colours button[aria-pressed='true'] {
  border: 3px solid var(--ink);
}
label {
  display: grid;
  gap: 3px;
  font-size: 14px;
}
.line {
  display: flex;
  align-items: center;
  justify-content: space-between;
}
select {
  width: 100%;
  padding: 5px 6px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: #fff;
}
</style>
