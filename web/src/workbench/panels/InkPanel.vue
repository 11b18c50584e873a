<script setup lang="ts">
import { PhEraser, PhHighlighter, PhLasso, PhPen, PhScissors } from '@phosphor-icons/vue'
import { computed } from 'vue'
import type { Stroke } from '@/api/schema'
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
  ['#1f2d33', 'Ink'],
  ['#a8432b', 'Clay'],
  ['#0b5d66', 'Petrol'],
  ['#68406b', 'Plum'],
  ['#4c7837', 'Moss'],
  ['#8a5a00', 'Amber'],
  ['#1c3550', 'Night'],
  ['#ffffff', 'White'],
] as const
const TINTS = [
  ['#ffe27a', 'Yellow'],
  ['#b9e3c6', 'Mint'],
  ['#f6c3b4', 'Rose'],
  ['#c9dcf5', 'Sky'],
  ['#e2cdea', 'Lilac'],
  ['#ffd29c', 'Apricot'],
  ['#d9e8a8', 'Lime'],
  ['#cfd8dc', 'Grey'],
] as const
const DASHES: [Stroke['dash'], string][] = [
  ['SOLID', 'solid'],
  ['DASHED', 'dashed'],
  ['DOTTED', 'dotted'],
]
const OTHERS = [
  { is: 'eraser', name: 'Eraser', icon: PhEraser },
  { is: 'stroke-eraser', name: 'Eraser for whole strokes', icon: PhScissors },
  { is: 'lasso', name: 'Lasso', icon: PhLasso },
] as const
const TOLD: Record<string, string> = {
  rub: 'Rubs out ink where it goes, and nothing else.',
  'stroke-eraser': 'Takes away each stroke it touches.',
  loop: 'Draw around strokes to select them.',
}
</script>

<template>
  <div class="ink">
    <h2>Ink</h2>
    <div class="pens" role="group" aria-label="Pens and highlighters">
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
      <div class="colours" role="group" aria-label="Colour">
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
        >Any colour
        <input
          type="color"
          :value="pen.colour"
          @change="setPen(pen.name, { colour: ($event.target as HTMLInputElement).value })"
      /></label>
      <label
        >Width: {{ pen.width }}
        <input
          type="range"
          :min="pen.tool === 'PEN' ? 2 : 12"
          :max="pen.tool === 'PEN' ? 40 : 80"
          :value="pen.width"
          @input="setPen(pen.name, { width: Number(($event.target as HTMLInputElement).value) })"
      /></label>
      <label
        >Dashes
        <select
          :value="pen.dash"
          @change="setPen(pen.name, { dash: ($event.target as HTMLSelectElement).value as Stroke['dash'] })"
        >
          <option v-for="[dash, name] in DASHES" :key="dash" :value="dash">{{ name }}</option>
        </select></label
      >
      <label v-if="pen.tool === 'PEN'" class="line"
        >Offer neat shapes <input v-model="neatWanted" type="checkbox"
      /></label>
    </template>
    <p v-else class="soft">{{ TOLD[tool.is] }}</p>
    <button class="btn pri" @click="take({ is: 'hand' })">Done drawing (Esc)</button>
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
