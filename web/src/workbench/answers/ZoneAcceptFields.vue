<script setup lang="ts">
import { computed } from 'vue'
import type { Zone, ZoneRule } from '@/api/schema'
import { valueFrom, valueWords } from '@/page/scales'
import DraftField from '@/workbench/panels/DraftField.vue'
import type { Deciding } from './deciding'

/** What counts as put into a drop zone, and what becomes of a piece that belongs. */
const props = defineProps<{ deciding: Deciding; zone: Zone; rule: ZoneRule }>()
const emit = defineEmits<{ set: [change: Partial<ZoneRule>] }>()
const set = (change: Partial<ZoneRule>) => emit('set', change)
const wants = computed(() => props.rule.wants ?? {})
function setTolerance(text: string) {
  const off = valueFrom(text)
  if (off === null || off < 0) set({ tolerance: undefined, relative: undefined })
  else set({ tolerance: props.rule.relative ? Math.min(1, off / 100) : off })
}
/** In the scale's own unit, or as a share of what is right; of times there is no share. */
function setShare(to: string) {
  set(to === 'share' ? { tolerance: 0.1, relative: true } : { tolerance: undefined, relative: undefined })
}
const offBy = computed(() => {
  const { tolerance, relative } = props.rule
  if (tolerance === undefined) return ''
  return relative ? Math.round(tolerance * 100_000) / 1000 : valueWords(props.zone.scale!, tolerance)
})
const LAYOUTS = [
  ['', 'wherever there is room'],
  ['ROW', 'in a row'],
  ['COLUMN', 'in a column'],
  ['GRID', 'in a grid'],
  ['CIRCLE', 'in a circle'],
  ['STACK', 'on a stack'],
  ['HEAP', 'in a heap'],
] as const
/** Where an order, a value or a crossing says where a piece lies, no layout does. */
const laysOut = computed(
  () =>
    (props.rule.accept === 'IN_SLOT' || props.rule.accept === 'TURNS_OVER') &&
    !wants.value.sequence &&
    !props.rule.crossing &&
    !props.zone.scale,
)
const checked = (event: Event) => (event.target as HTMLInputElement).checked
const value = (event: Event) => (event.target as HTMLSelectElement).value
</script>

<template>
  <label
    >When it belongs
    <select :value="rule.accept" @change="set({ accept: value($event) as ZoneRule['accept'] })">
      <option value="IN_SLOT">Moves into a slot</option>
      <option value="STAYS">Stays where it is put</option>
      <option value="DISAPPEARS">Disappears</option>
      <option value="TURNS_OVER">Turns over</option>
    </select></label
  >
  <label v-if="zone.scale" class="line wide">
    <input
      type="checkbox"
      :checked="Boolean(rule.saysSide)"
      @change="set({ saysSide: checked($event) || undefined })"
    />{{ zone.up ? 'Say which way it is off' : 'Say whether it is too low or too high' }}</label
  >
  <label v-if="laysOut"
    >They lie
    <select
      :value="rule.layout ?? ''"
      @change="set({ layout: (value($event) || undefined) as ZoneRule['layout'] })"
    >
      <option v-for="[layout, name] in LAYOUTS" :key="layout" :value="layout">{{ name }}</option>
    </select></label
  >
  <label v-if="laysOut" class="line wide">
    <input
      type="checkbox"
      :checked="Boolean(rule.fitted)"
      @change="set({ fitted: checked($event) || undefined })"
    />Large pieces are drawn smaller in it</label
  >
  <label
    >Put in it counts
    <select :value="rule.inside ?? 'MIDDLE'" @change="set({ inside: value($event) as ZoneRule['inside'] })">
      <option value="MIDDLE">by the middle of a piece</option>
      <option value="TOUCHES">when a piece touches it</option>
      <option value="MOSTLY">with more than half of a piece</option>
      <option value="WHOLLY">only with all of a piece</option>
    </select></label
  >
  <label v-if="zone.scale"
    >May be off by
    <DraftField
      :key="`o${zone.id}`"
      inputmode="decimal"
      :placeholder="`half a step, ${valueWords(zone.scale, zone.scale.step / 2)}`"
      :value="offBy"
      @commit="setTolerance"
  /></label>
  <label v-if="zone.scale && rule.tolerance !== undefined && zone.scale.reads !== 'TIME'"
    >That is
    <select :value="rule.relative ? 'share' : 'unit'" @change="setShare(value($event))">
      <option value="unit">so much on the line</option>
      <option value="share">so many % of the right value</option>
    </select></label
  >
</template>

<style scoped src="./panel.css"></style>
