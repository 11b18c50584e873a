<script setup lang="ts">
import { computed } from 'vue'
import type { Manner } from '@/present/model/strokes'
import { pens, setPen } from '@/workbench/edits/pens'
import { usePresent } from '@/present/screen/present'

/** Pens and highlighters, with what each is set to. */
const props = defineProps<{ panel: 'pen' | 'fading' | 'highlighter' }>()
const { tools } = usePresent()
const { settings } = tools
const COLOURS = ['#1f2d33', '#a8432b', '#0b5d66', '#1d4e9e', '#68406b', '#8a6100', '#ffffff']
const TINTS = ['#ffe27a', '#b9e3c6', '#f6c1cf', '#bcd9f2']
const WIDTHS = [3, 6, 12, 20]
const PENS = [
  ['pen1', 'Pen 1'],
  ['pen2', 'Pen 2'],
  ['pen3', 'Pen 3'],
] as const
const HIGHLIGHTERS = [
  ['tint1', 'Highlighter 1'],
  ['tint2', 'Highlighter 2'],
] as const
const chosen = computed(() =>
  props.panel === 'highlighter' ? settings.value.highlighter : settings.value.pen,
)
const pen = computed(() => pens[chosen.value]!)
const choose = (name: string) =>
  tools.set(props.panel === 'highlighter' ? { highlighter: name } : { pen: name })
const MANNERS: [Manner, string][] = [
  ['PEN', 'a line'],
  ['ARROW', 'an arrow'],
  ['BRUSH', 'with a brush'],
  ['STAR', 'stars'],
  ['HEART', 'hearts'],
  ['TICK', 'ticks'],
  ['DOT', 'rings'],
]
</script>

<template>
  <button
    v-for="[name, label] in panel === 'highlighter' ? HIGHLIGHTERS : PENS"
    :key="name"
    class="btn"
    :aria-pressed="chosen === name"
    @click="choose(name)"
  >
    <span class="dot" :style="{ background: pens[name]!.colour }" aria-hidden="true" />{{ label }}
  </button>
  <span class="group" role="group" aria-label="Colour">
    <button
      v-for="colour in panel === 'highlighter' ? TINTS : COLOURS"
      :key="colour"
      class="colour"
      :style="{ '--colour': colour }"
      :aria-label="`Colour ${colour}`"
      :aria-pressed="pen.colour === colour"
      @click="setPen(chosen, { colour })"
    />
  </span>
  <span v-if="panel !== 'highlighter'" class="group" role="group" aria-label="Width">
    <button
      v-for="width in WIDTHS"
      :key="width"
      class="width"
      :aria-label="`Width ${width}`"
      :aria-pressed="pen.width === width"
      @click="setPen(chosen, { width })"
    >
      <span :style="{ width: `${width + 2}px`, height: `${width + 2}px` }" />
    </button>
  </span>
  <button
    v-if="panel === 'pen'"
    class="btn"
    :aria-pressed="pen.dash === 'DASHED'"
    @click="setPen(chosen, { dash: pen.dash === 'DASHED' ? 'SOLID' : 'DASHED' })"
  >
    Broken line
  </button>
  <label v-if="panel === 'pen'"
    >Draws
    <select
      :value="settings.manner"
      @change="tools.set({ manner: ($event.target as HTMLSelectElement).value as Manner })"
    >
      <option v-for="[manner, name] in MANNERS" :key="manner" :value="manner">{{ name }}</option>
    </select></label
  >
  <label v-if="panel === 'pen'" class="line"
    ><input type="checkbox" :checked="settings.neat" @change="tools.set({ neat: !settings.neat })" />Offer
    neat shapes</label
  >
  <span v-if="panel === 'pen'" class="hint"
    >Hold still while you draw, and the line becomes straight, a shape neat.</span
  >
  <span v-if="panel === 'fading'" class="hint">It is gone after a few seconds.</span>
</template>
