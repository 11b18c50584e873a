<script setup lang="ts">
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
    >Number
    <DraftField
      :key="`v${id}`"
      inputmode="decimal"
      :value="number.value"
      @commit="Number.isFinite(decimal($event)) && setNumber({ value: decimal($event) })"
  /></label>
  <label
    >Unit
    <DraftField :key="`u${id}`" placeholder="none" :value="number.unit ?? ''" @commit="setUnit" />
  </label>
  <label
    >May be off by
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
    >counted
    <select
      :value="number.relative ? 'share' : 'plain'"
      @change="
        setNumber({
          relative: value($event) === 'share',
          tolerance: value($event) === 'share' ? number.tolerance / 100 : number.tolerance * 100,
        })
      "
    >
      <option value="plain">in the number's own unit</option>
      <option value="share">in hundredths of it</option>
    </select></label
  >
  <label v-if="number.unit" class="line"
    ><input
      type="checkbox"
      :checked="number.converts"
      @change="setNumber({ converts: checked($event) })"
    />Other units of the same kind are taken</label
  >
  <label v-if="number.unit && number.converts && DEGREES.has(number.unit.replace(' ', ''))" class="line"
    ><input
      type="checkbox"
      :checked="number.difference"
      @change="setNumber({ difference: ($event.target as HTMLInputElement).checked ? true : undefined })"
    />A difference: 5 K are 5 °C</label
  >
  <h4>It may be written as</h4>
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
