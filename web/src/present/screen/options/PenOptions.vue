<script setup lang="ts">
import { t } from '@/i18n'
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
  ['pen1', t('shared.pen-1')],
  ['pen2', t('shared.pen-2')],
  ['pen3', t('shared.pen-3')],
] as const
const HIGHLIGHTERS = [
  ['tint1', t('shared.highlighter-1')],
  ['tint2', t('shared.highlighter-2')],
] as const
const chosen = computed(() =>
  props.panel === 'highlighter' ? settings.value.highlighter : settings.value.pen,
)
const pen = computed(() => pens[chosen.value]!)
const choose = (name: string) =>
  tools.set(props.panel === 'highlighter' ? { highlighter: name } : { pen: name })
const MANNERS: [Manner, string][] = [
  ['PEN', t('present.a-line')],
  ['ARROW', t('present.an-arrow')],
  ['BRUSH', t('present.with-a-brush')],
  ['STAR', t('present.stars')],
  ['HEART', t('present.hearts')],
  ['TICK', t('present.ticks')],
  ['DOT', t('present.rings')],
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
  <span class="group" role="group" :aria-label="t('shared.colour')">
    <button
      v-for="colour in panel === 'highlighter' ? TINTS : COLOURS"
      :key="colour"
      class="colour"
      :style="{ '--colour': colour }"
      :aria-label="t('present.colour-colour', { colour })"
      :aria-pressed="pen.colour === colour"
      @click="setPen(chosen, { colour })"
    />
  </span>
  <span v-if="panel !== 'highlighter'" class="group" role="group" :aria-label="t('shared.width')">
    <button
      v-for="width in WIDTHS"
      :key="width"
      class="width"
      :aria-label="t('present.width-width', { width })"
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
    {{ t('shared.broken-line') }}
  </button>
  <label v-if="panel === 'pen'"
    >{{ t('present.draws') }}
    <select
      :value="settings.manner"
      @change="tools.set({ manner: ($event.target as HTMLSelectElement).value as Manner })"
    >
      <option v-for="[manner, name] in MANNERS" :key="manner" :value="manner">{{ name }}</option>
    </select></label
  >
  <label v-if="panel === 'pen'" class="line"
    ><input type="checkbox" :checked="settings.neat" @change="tools.set({ neat: !settings.neat })" />{{
      t('shared.offer-neat-shapes')
    }}</label
  >
  <span v-if="panel === 'pen'" class="hint">{{ t('present.hold-still-while-you-draw-and') }}</span>
  <span v-if="panel === 'fading'" class="hint">{{ t('present.it-is-gone-after-a-few') }}</span>
</template>
