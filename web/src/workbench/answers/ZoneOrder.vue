<script setup lang="ts">
import { t } from '@/i18n'
import { PhArrowDown, PhArrowUp } from '@phosphor-icons/vue'
import { computed } from 'vue'
import type { Sequence, Zone, ZoneRule } from '@/api/schema'
import { itemName } from '@/page/names'
import { factsOf } from '@/workbench/edits/answerKey'
import type { Deciding } from './deciding'

/** Whether a drop zone wants its pieces in order, and in which. */
const props = defineProps<{
  deciding: Deciding
  zone: Zone
  wants: NonNullable<ZoneRule['wants']>
  /** The pieces that belong in it. */
  belonging: Deciding['pieces']['value']
}>()
const { key } = props.deciding
/** The pieces that belong, in their order; those without a place come last. */
const ordered = computed(() => {
  const places = props.wants.sequence?.places ?? {}
  return [...props.belonging].sort((a, b) => (places[a.id] ?? 1e6) - (places[b.id] ?? 1e6))
})
function setOrder(ids: string[]) {
  const places = Object.fromEntries(ids.map((id, i) => [id, i + 1]))
  props.deciding.setWants(props.zone, { sequence: { ...props.wants.sequence, places } as Sequence })
}
const byPosition = () =>
  [...props.belonging].sort((a, b) => a.frame.y - b.frame.y || a.frame.x - b.frame.x).map((piece) => piece.id)
const byValue = () =>
  [...props.belonging]
    .sort((a, b) => (factsOf(key.value, a.id).value ?? 0) - (factsOf(key.value, b.id).value ?? 0))
    .map((piece) => piece.id)
function move(index: number, by: number) {
  const ids = ordered.value.map((piece) => piece.id)
  const [id] = ids.splice(index, 1)
  ids.splice(index + by, 0, id!)
  setOrder(ids)
}
function setWay(way: string) {
  const { direction: _, ...rest } = props.wants.sequence!
  props.deciding.setWants(props.zone, {
    sequence: way === 'RIGHTWARDS' ? rest : { ...rest, direction: way as Sequence['direction'] },
  })
}
const checked = (event: Event) => (event.target as HTMLInputElement).checked
const value = (event: Event) => (event.target as HTMLSelectElement).value
</script>

<template>
  <label class="line">
    <input
      type="checkbox"
      :checked="Boolean(wants.sequence)"
      @change="checked($event) ? setOrder(byPosition()) : deciding.setWants(zone, { sequence: undefined })"
    />{{ t('workbench.order-matters') }}</label
  >
  <template v-if="wants.sequence">
    <label
      >{{ t('workbench.it-runs') }}
      <select :value="wants.sequence.direction ?? 'RIGHTWARDS'" @change="setWay(value($event))">
        <option value="RIGHTWARDS">{{ t('workbench.from-left-to-right') }}</option>
        <option value="LEFTWARDS">{{ t('workbench.from-right-to-left') }}</option>
        <option value="DOWNWARDS">{{ t('workbench.from-top-to-bottom') }}</option>
      </select></label
    >
    <button class="btn" @click="setOrder(byValue())">{{ t('workbench.order-by-value') }}</button>
    <ol class="wide order">
      <li v-for="(piece, i) in ordered" :key="piece.id">
        <span>{{ itemName(piece) }}</span>
        <button
          class="btn quiet"
          :disabled="i === 0"
          :aria-label="t('workbench.piece-earlier', { piece: itemName(piece) })"
          @click="move(i, -1)"
        >
          <PhArrowUp :size="16" aria-hidden="true" />
        </button>
        <button
          class="btn quiet"
          :disabled="i === ordered.length - 1"
          :aria-label="t('workbench.piece-later', { piece: itemName(piece) })"
          @click="move(i, 1)"
        >
          <PhArrowDown :size="16" aria-hidden="true" />
        </button>
      </li>
    </ol>
  </template>
</template>

<style scoped src="./panel.css"></style>
<style scoped>
.order {
  display: grid;
  gap: 2px;
  margin: 0;
  padding: 0 0 0 24px;
}
.order li span {
  display: inline-block;
  width: calc(100% - 100px);
  overflow-wrap: anywhere;
}
.order .btn {
  min-height: 28px;
  padding: 3px 8px;
}
</style>
