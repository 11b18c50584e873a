<script setup lang="ts">
import { t } from '@/i18n'
import type { TypedRule } from '@/api/schema'
import DraftField from '@/workbench/panels/DraftField.vue'

type NumberRule = Extract<TypedRule, { kind: 'number' }>

/** Which numbers are right in a gap: how far off, in which unit, and how they may be written. */
const props = defineProps<{ id: string; number: NumberRule }>()
const emit = defineEmits<{
  set: [rule: NumberRule]
  /** A rule with another unit, which may not be one. */
  unit: [rule: NumberRule]
}>()
const NOTATIONS = [
  ['POINT', '3.5'],
  ['COMMA', '3,5'],
  ['FRACTION', '7/2'],
  ['MIXED', '3 1/2'],
  ['PERCENT', '350 %'],
  ['POWERS', '35·10^-1'],
] as const

function toggle<T>(all: readonly T[], one: T, on: boolean): T[] {
  return on ? [...all, one] : all.filter((other) => other !== one)
}
const setNumber = (change: Partial<NumberRule>) => {
  const { unit, ...rest } = { ...props.number, ...change }
  emit('set', { ...rest, ...(unit ? { unit } : {}) })
}
const DEGREES = new Set(['K', '°C', '℃', '°F', '℉'])
const decimal = (written: string) => Number(written.replace(',', '.'))

function setUnit(written: string) {
  const { unit: _, ...rest } = props.number
  emit('unit', written.trim() ? { ...rest, unit: written.trim() } : rest)
}
const value = (event: Event) => (event.target as HTMLSelectElement).value
const checked = (event: Event) => (event.target as HTMLInputElement).checked
</script>

<template>
  <label
    >{{ t('workbench.number') }}
    <DraftField
      :key="`v${id}`"
      inputmode="decimal"
      :value="number.value"
      @commit="Number.isFinite(decimal($event)) && setNumber({ value: decimal($event) })"
  /></label>
  <label
    >{{ t('workbench.unit') }}
    <DraftField
      :key="`u${id}`"
      :placeholder="t('workbench.none')"
      :value="number.unit ?? ''"
      @commit="setUnit"
    />
  </label>
  <label
    >{{ t('workbench.may-be-off-by') }}
    <DraftField
      :key="`t${id}`"
      inputmode="decimal"
      :value="number.relative ? number.tolerance * 100 : number.tolerance"
      @commit="
        Number.isFinite(decimal($event)) &&
        setNumber({ tolerance: Math.max(0, number.relative ? decimal($event) / 100 : decimal($event)) })
      "
  /></label>
  <label
    >{{ t('workbench.counted') }}
    <select
      :value="number.relative ? 'share' : 'plain'"
      @change="
        setNumber({
          relative: value($event) === 'share',
          tolerance: value($event) === 'share' ? number.tolerance / 100 : number.tolerance * 100,
        })
      "
    >
      <option value="plain">{{ t('workbench.in-the-numbers-own-unit') }}</option>
      <option value="share">{{ t('workbench.in-hundredths-of-it') }}</option>
    </select></label
  >
  <label v-if="number.unit" class="line"
    ><input type="checkbox" :checked="number.converts" @change="setNumber({ converts: checked($event) })" />{{
      t('workbench.other-units-of-the-same-kind')
    }}</label
  >
  <label v-if="number.unit && number.converts && DEGREES.has(number.unit.replace(' ', ''))" class="line"
    ><input
      type="checkbox"
      :checked="number.difference"
      @change="setNumber({ difference: ($event.target as HTMLInputElement).checked ? true : undefined })"
    />{{ t('workbench.a-difference-5-k-are-5') }}</label
  >
  <h4>{{ t('workbench.it-may-be-written-as') }}</h4>
  <p class="buttons">
    <label v-for="[name, shown] in NOTATIONS" :key="name" class="line"
      ><input
        type="checkbox"
        :checked="number.notations.includes(name)"
        @change="setNumber({ notations: toggle(number.notations, name, checked($event)) })"
      />{{ shown }}</label
    >
  </p>
</template>

<style scoped src="./panel.css"></style>
