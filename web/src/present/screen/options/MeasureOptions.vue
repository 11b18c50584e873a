<script setup lang="ts">
import { t } from '@/i18n'
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
  ['RULER', t('present.ruler')],
  ['SET_SQUARE_45', t('present.set-square-45')],
  ['SET_SQUARE_30_60', t('present.set-square-30-60')],
  ['PROTRACTOR', t('present.protractor')],
  ['FULL_PROTRACTOR', t('present.full-protractor')],
  ['COMPASSES', t('present.compasses')],
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
    >{{ t('present.shape') }}
    <select :value="''" @change="newShape">
      <option value="">{{ t('present.with-corners-to-pull') }}</option>
      <option value="2">{{ t('present.a-line') }}</option>
      <option value="3">{{ t('present.a-triangle') }}</option>
      <option value="4">{{ t('present.four-corners') }}</option>
      <option value="5">{{ t('present.five-corners') }}</option>
      <option value="6">{{ t('present.six-corners') }}</option>
    </select></label
  >
  <label class="line"
    ><input
      type="checkbox"
      :checked="settings.readings"
      @change="tools.set({ readings: !settings.readings })"
    />{{ t('present.write-lengths-and-angles-on-shapes') }}</label
  >
  <label
    >{{ t('present.measured-in') }}
    <select
      :value="['cm', 'inch'].includes(scale.unit) ? scale.unit : 'own'"
      @change="setUnit(($event.target as HTMLSelectElement).value)"
    >
      <option value="cm">{{ t('present.centimetres') }}</option>
      <option value="inch">{{ t('present.inches') }}</option>
      <option value="own">{{ t('present.a-scale-of-my-own') }}</option>
    </select></label
  >
  <label v-if="!['cm', 'inch'].includes(scale.unit)"
    >{{ t('present.called') }}
    <input
      class="units"
      maxlength="12"
      :value="scale.unit"
      @change="setUnit(($event.target as HTMLInputElement).value)"
  /></label>
  <label
    >{{ t('present.one-is') }}
    <input
      type="number"
      class="units"
      min="8"
      max="400"
      :value="Math.round(scale.per * 100) / 100"
      @change="show.setScale(pageId, { ...scale, per: number($event) })"
    />
    {{ t('present.page-units') }}</label
  >
  <button class="btn" @click="(panels.close(), (over.scaling.value = true))">
    {{ t('present.by-a-known-length') }}
  </button>
  <button class="btn" @click="(panels.close(), (panels.calculating.value = true))">
    {{ t('present.calculator') }}
  </button>
  <span class="hint">{{ t('present.a-pen-that-begins-beside-an') }}</span>
</template>
