<script setup lang="ts">
import { t } from '@/i18n'
import { computed } from 'vue'
import type { Item, ZoneScale } from '@/api/schema'
import { itemName } from '@/page/names'
import { valueFrom, valueWords } from '@/page/scales'
import DraftField from '@/workbench/panels/DraftField.vue'
import { factsOf } from '@/workbench/edits/answerKey'
import type { Deciding } from './deciding'

/** What the answer key knows of one piece: its labels, its value, and whether it is not an answer anywhere. */
const props = defineProps<{ deciding: Deciding; piece: Item }>()
const facts = computed(() => factsOf(props.deciding.key.value, props.piece.id))

function setLabels(text: string) {
  const labels = [...new Set(text.split(',').map((label) => label.trim().slice(0, 60)))]
    .filter(Boolean)
    .sort()
  props.deciding.setFacts(props.piece, { labels: labels.slice(0, 40) })
}
/** The zone with a scale that it belongs in; of several the first. */
const on = computed(() =>
  props.deciding.zones.value.find(
    (zone) => zone.scale && props.deciding.said(props.piece, zone) === 'BELONGS',
  ),
)
const words = (value: number | undefined, scale: ZoneScale | undefined) =>
  value === undefined ? '' : scale ? valueWords(scale, value) : value
const kept = (text: string) => {
  const value = valueFrom(text)
  return value === null ? undefined : Math.round(value * 1000) / 1000
}
const degrees = (text: string, most: number) => {
  const value = valueFrom(text.replace('°', ''))
  if (value === null) return undefined
  return most === 360 ? ((value % 360) + 360) % 360 : Math.max(0, Math.min(most, value))
}
</script>

<template>
  <section class="piece" :aria-label="t('workbench.about-piece', { piece: itemName(piece) })">
    <h3>{{ itemName(piece) }}</h3>
    <label
      >{{ t('workbench.labels') }}
      <DraftField
        :key="`l${piece.id}`"
        :placeholder="t('workbench.planet-far-away')"
        :value="(facts.labels ?? []).join(', ')"
        @commit="setLabels"
    /></label>
    <label
      >{{
        on?.up
          ? t('workbench.value-across')
          : on?.scale?.reads === 'TIME'
            ? t('shared.time')
            : t('workbench.value')
      }}
      <DraftField
        :key="`v${piece.id}`"
        :placeholder="on?.scale?.reads === 'TIME' ? '14:30' : t('workbench.none')"
        :value="words(facts.value, on?.scale)"
        @commit="deciding.setFacts(piece, { value: kept($event) })"
      />
    </label>
    <label v-if="on?.up"
      >{{ t('workbench.value-up') }}
      <DraftField
        :key="`u${piece.id}`"
        :placeholder="t('workbench.any')"
        :value="words(facts.valueUp, on.up)"
        @commit="deciding.setFacts(piece, { valueUp: kept($event) })"
      />
    </label>
    <template v-if="piece.movement.kind === 'turns'">
      <label
        >{{ t('workbench.right-when-turned-to-degrees') }}
        <DraftField
          :key="`t${piece.id}`"
          inputmode="decimal"
          :placeholder="t('workbench.any-turn-is-right')"
          :value="facts.rightTurn ?? ''"
          @commit="deciding.setFacts(piece, { rightTurn: degrees($event, 360) })"
        />
      </label>
      <label v-if="facts.rightTurn !== undefined"
        >{{ t('workbench.may-be-off-by-degrees') }}
        <DraftField
          :key="`o${piece.id}`"
          inputmode="decimal"
          placeholder="5"
          :value="facts.turnTolerance ?? ''"
          @commit="deciding.setFacts(piece, { turnTolerance: degrees($event, 90) })"
        />
      </label>
      <p v-if="facts.rightTurn !== undefined" class="soft">{{ t('workbench.0-is-upright-90-a-quarter') }}</p>
    </template>
    <label class="line">
      <input
        type="checkbox"
        :checked="Boolean(facts.nowhere)"
        @change="
          deciding.setFacts(piece, { nowhere: ($event.target as HTMLInputElement).checked || undefined })
        "
      />{{ t('workbench.not-an-answer-anywhere') }}</label
    >
    <p class="buttons">
      <button class="btn" @click="deciding.row(piece, 'DOES_NOT_BELONG')">
        {{ t('workbench.does-not-belong-anywhere') }}
      </button>
      <button class="btn" @click="deciding.row(piece, 'UNDECIDED')">
        {{ t('workbench.clear-its-row') }}
      </button>
    </p>
  </section>
</template>

<style scoped src="./panel.css"></style>
