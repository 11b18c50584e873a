<script setup lang="ts">
import { computed } from 'vue'
import type { InstrumentKind } from '@/present/model/instruments'
import type { Presentation } from '@/present/model/presentation'
import { usePresent } from '@/present/screen/present'

/** Instruments, shapes with corners to pull, and the scale of the page. */
const props = defineProps<{ show: Presentation }>()
const { tools, panels, over } = usePresent()
const { settings } = tools
const { scale } = over
const pageId = computed(() => props.show.surface.value)
/** An inch is 2.54 cm, as it is defined. */
function setUnit(typed: string) {
  const unit = typed === 'own' ? 'km' : typed.trim()
  const was = scale.value
  const per =
    was.unit === 'cm' && unit === 'inch'
      ? was.per * 2.54
      : was.unit === 'inch' && unit === 'cm'
        ? was.per / 2.54
        : was.per
  props.show.setScale(pageId.value, { unit, per })
}
function newShape(event: Event) {
  const field = event.target as HTMLSelectElement
  if (field.value) over.addShape(Number(field.value))
  field.value = ''
}
const number = (event: Event) => Number((event.target as HTMLInputElement).value)
const INSTRUMENTS: [InstrumentKind, string][] = [
  ['RULER', 'Ruler'],
  ['SET_SQUARE_45', 'Set square 45°'],
  ['SET_SQUARE_30_60', 'Set square 30°, 60°'],
  ['PROTRACTOR', 'Protractor'],
  ['FULL_PROTRACTOR', 'Full protractor'],
  ['COMPASSES', 'Compasses'],
]
</script>

<template>
  <button
    v-for="[kind, name] in INSTRUMENTS"
    :key="kind"
    class="btn"
    :aria-pressed="show.instruments.value.some((one) => one.kind === kind)"
    @click="over.toggleInstrument(kind)"
  >
    {{ name }}
  </button>
  <label
    >Shape
    <select :value="''" @change="newShape">
      <option value="">with corners to pull</option>
      <option value="2">a line</option>
      <option value="3">a triangle</option>
      <option value="4">four corners</option>
      <option value="5">five corners</option>
      <option value="6">six corners</option>
    </select></label
  >
  <label class="line"
    ><input
      type="checkbox"
      :checked="settings.readings"
      @change="tools.set({ readings: !settings.readings })"
    />Write lengths and angles on shapes</label
  >
  <label
    >Measured in
    <select
      :value="['cm', 'inch'].includes(scale.unit) ? scale.unit : 'own'"
      @change="setUnit(($event.target as HTMLSelectElement).value)"
    >
      <option value="cm">centimetres</option>
      <option value="inch">inches</option>
      <option value="own">a scale of my own</option>
    </select></label
  >
  <label v-if="!['cm', 'inch'].includes(scale.unit)"
    >Called
    <input
      class="units"
      maxlength="12"
      :value="scale.unit"
      @change="setUnit(($event.target as HTMLInputElement).value)"
  /></label>
  <label
    >One is
    <input
      type="number"
      class="units"
      min="8"
      max="400"
      :value="Math.round(scale.per * 100) / 100"
      @change="show.setScale(pageId, { ...scale, per: number($event) })"
    />
    page units</label
  >
  <button class="btn" @click="(panels.close(), (over.scaling.value = true))">By a known length</button>
  <button class="btn" @click="(panels.close(), (panels.calculating.value = true))">Calculator</button>
  <span class="hint">A pen that begins beside an edge follows it.</span>
</template>
