<script setup lang="ts">
import { computed } from 'vue'
import type { Item } from '@/api/types'
import { itemName } from '@/page/names'
import DraftField from '../DraftField.vue'
import { factsOf } from '../answerKey'
import type { Deciding } from './deciding'

/** What the answer key knows of one piece: its labels, its value, and whether it belongs nowhere. */
const props = defineProps<{ deciding: Deciding; piece: Item }>()
const facts = computed(() => factsOf(props.deciding.key.value, props.piece.id))

function setLabels(text: string) {
  const labels = [...new Set(text.split(',').map((label) => label.trim().slice(0, 60)))]
    .filter(Boolean)
    .sort()
  props.deciding.setFacts(props.piece, { labels: labels.slice(0, 40) })
}
function setValue(text: string) {
  const value = Number(text.replace(',', '.'))
  props.deciding.setFacts(props.piece, {
    value: text.trim() === '' || !Number.isFinite(value) ? undefined : Math.round(value * 1000) / 1000,
  })
}
</script>

<template>
  <section class="piece" :aria-label="`About ${itemName(piece)}`">
    <h3>{{ itemName(piece) }}</h3>
    <label
      >Labels
      <DraftField
        :key="`l${piece.id}`"
        placeholder="planet, far away"
        :value="(facts.labels ?? []).join(', ')"
        @commit="setLabels"
    /></label>
    <label
      >Value
      <DraftField
        :key="`v${piece.id}`"
        inputmode="decimal"
        placeholder="none"
        :value="facts.value ?? ''"
        @commit="setValue"
      />
    </label>
    <label class="line">
      <input
        type="checkbox"
        :checked="Boolean(facts.nowhere)"
        @change="
          deciding.setFacts(piece, { nowhere: ($event.target as HTMLInputElement).checked || undefined })
        "
      />Belongs nowhere</label
    >
    <p class="buttons">
      <button class="btn" @click="deciding.row(piece, 'TURNED_AWAY')">Turned away everywhere</button>
      <button class="btn" @click="deciding.row(piece, 'UNDECIDED')">Clear its row</button>
    </p>
  </section>
</template>

<style scoped src="./panel.css"></style>
