<script setup lang="ts">
import { t } from '@/i18n'
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
  ['', t('workbench.wherever-there-is-room')],
  ['ROW', t('workbench.in-a-row')],
  ['COLUMN', t('workbench.in-a-column')],
  ['GRID', t('workbench.in-a-grid')],
  ['CIRCLE', t('workbench.in-a-circle')],
  ['STACK', t('workbench.on-a-stack')],
  ['HEAP', t('workbench.in-a-heap')],
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
    >{{ t('workbench.when-it-belongs') }}
    <select :value="rule.accept" @change="set({ accept: value($event) as ZoneRule['accept'] })">
      <option value="IN_SLOT">{{ t('workbench.moves-into-a-slot') }}</option>
      <option value="STAYS">{{ t('workbench.stays-where-it-is-put') }}</option>
      <option value="DISAPPEARS">{{ t('workbench.disappears') }}</option>
      <option value="TURNS_OVER">{{ t('workbench.turns-over') }}</option>
    </select></label
  >
  <label v-if="zone.scale" class="line wide">
    <input
      type="checkbox"
      :checked="Boolean(rule.saysSide)"
      @change="set({ saysSide: checked($event) || undefined })"
    />{{ zone.up ? t('workbench.say-which-way-it-is-off') : t('workbench.say-whether-it-is-too-low') }}</label
  >
  <label v-if="laysOut"
    >{{ t('workbench.they-lie') }}
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
    />{{ t('workbench.large-pieces-are-drawn-smaller-in') }}</label
  >
  <label
    >{{ t('workbench.put-in-it-counts') }}
    <select :value="rule.inside ?? 'MIDDLE'" @change="set({ inside: value($event) as ZoneRule['inside'] })">
      <option value="MIDDLE">{{ t('workbench.by-the-middle-of-a-piece') }}</option>
      <option value="TOUCHES">{{ t('workbench.when-a-piece-touches-it') }}</option>
      <option value="MOSTLY">{{ t('workbench.with-more-than-half-of-a') }}</option>
      <option value="WHOLLY">{{ t('workbench.only-with-all-of-a-piece') }}</option>
    </select></label
  >
  <label v-if="zone.scale"
    >{{ t('workbench.may-be-off-by') }}
    <DraftField
      :key="`o${zone.id}`"
      inputmode="decimal"
      :placeholder="t('workbench.half-a-step-step', { step: valueWords(zone.scale, zone.scale.step / 2) })"
      :value="offBy"
      @commit="setTolerance"
  /></label>
  <label v-if="zone.scale && rule.tolerance !== undefined && zone.scale.reads !== 'TIME'"
    >{{ t('workbench.that-is') }}
    <select :value="rule.relative ? 'share' : 'unit'" @change="setShare(value($event))">
      <option value="unit">{{ t('workbench.so-much-on-the-line') }}</option>
      <option value="share">{{ t('workbench.so-many-of-the-right-value') }}</option>
    </select></label
  >
</template>

<style scoped src="./panel.css"></style>
