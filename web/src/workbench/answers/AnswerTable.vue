<script setup lang="ts">
import { t } from '@/i18n'
import { PhCheckFat } from '@phosphor-icons/vue'
import { ref } from 'vue'
import type { Decision } from '@/workbench/edits/answerKey'
import { letter } from '@/page/geometry'
import { itemName } from '@/page/names'
import { pictureUrl } from '@/page/pictures'
import { factsOf, ruleOf } from '@/workbench/edits/answerKey'
import { isUndecided } from '@/workbench/edits/key'
import type { Deciding } from './deciding'
import { COLUMN, HEAD, NAMES, ROW, useAnswerGrid } from './useAnswerGrid'

/** The table of pieces × zones. Of thousands of cells only those in sight are there. */
const props = defineProps<{ deciding: Deciding }>()

const { key, page, zones, pieces, chosen } = props.deciding
const box = ref<HTMLElement>()
const { active, shownRows, shownColumns, scroll, goTo, walk, tab } = useAnswerGrid(
  box,
  () => pieces.value.length,
  () => zones.value.length,
)

const SAID: Record<Decision, string> = {
  BELONGS: t('workbench.belongs'),
  DOES_NOT_BELONG: t('workbench.does-not-belong'),
  UNDECIDED: t('workbench.undecided'),
}
const said = (p: number, z: number) => props.deciding.said(pieces.value[p]!, zones.value[z]!)
/** Its number in the order that the zone wants; undefined where it wants none. */
const place = (p: number, z: number) =>
  said(p, z) === 'BELONGS'
    ? ruleOf(key.value, zones.value[z]!.id).wants?.sequence?.places[pieces.value[p]!.id]
    : undefined
const cellName = (p: number, z: number) =>
  t('workbench.cell-name', {
    piece: itemName(pieces.value[p]!),
    zone: itemName(zones.value[z]!),
    said: SAID[said(p, z)],
    order: place(p, z) ?? 0,
  })

function cycle(p: number, z: number) {
  active.value = [p, z]
  props.deciding.cycle(pieces.value[p]!, zones.value[z]!)
}
function choose(id: string, p: number, z: number) {
  active.value = [p, z]
  chosen.value = id
}
function pictureOf(p: number): string | null {
  const piece = pieces.value[p]!
  return piece.kind === 'picture' ? pictureUrl(piece.picture) : null
}
const open = (p: number) => isUndecided(key.value, page.value, pieces.value[p]!)
defineExpose({ goTo })
</script>

<template>
  <div
    ref="box"
    class="table"
    role="grid"
    :aria-label="t('workbench.who-belongs-where')"
    :aria-rowcount="pieces.length + 1"
    :aria-colcount="zones.length + 1"
    @scroll.passive="scroll"
    @keydown="walk"
  >
    <div
      class="all"
      :style="{ width: `${NAMES + zones.length * COLUMN}px`, height: `${HEAD + pieces.length * ROW}px` }"
    >
      <div class="head" role="row" :style="{ height: `${HEAD}px` }">
        <span class="corner" role="columnheader" :style="{ width: `${NAMES}px` }">{{
          t('workbench.piece')
        }}</span>
        <span
          v-for="z in shownColumns"
          :key="zones[z]!.id"
          class="zone"
          role="columnheader"
          :aria-colindex="z + 2"
          :style="{ insetInlineStart: `${NAMES + z * COLUMN}px`, width: `${COLUMN}px` }"
        >
          <button
            :data-cell="`-1,${z}`"
            :tabindex="tab(-1, z)"
            :class="{ on: chosen === zones[z]!.id }"
            @click="choose(zones[z]!.id, -1, z)"
          >
            <span class="unseen">{{
              t('workbench.rules-of-zone-letter', { letter: letter(z), zone: itemName(zones[z]!) })
            }}</span>
            <b class="letter" aria-hidden="true">{{ letter(z) }}</b><span aria-hidden="true">{{
              itemName(zones[z]!)
            }}</span>
          </button>
        </span>
      </div>
      <div
        v-for="p in shownRows"
        :key="pieces[p]!.id"
        v-memo="[p, pieces, zones, key, shownColumns, active, chosen]"
        class="row"
        role="row"
        :aria-rowindex="p + 2"
        :class="{ open: open(p), chosen: chosen === pieces[p]!.id }"
        :style="{ top: `${HEAD + p * ROW}px`, height: `${ROW}px` }"
      >
        <span class="name" role="rowheader" :style="{ width: `${NAMES}px` }">
          <button
            :data-cell="`${p},-1`"
            :tabindex="tab(p, -1)"
            :aria-label="t('workbench.facts-of-piece', { piece: itemName(pieces[p]!) })"
            @click="choose(pieces[p]!.id, p, -1)"
          >
            <img v-if="pictureOf(p)" :src="pictureOf(p)!" alt="" width="26" height="26" />
            <span>{{ itemName(pieces[p]!) }}</span>
            <i v-if="factsOf(key, pieces[p]!.id).value !== undefined" class="value">{{
              factsOf(key, pieces[p]!.id).value
            }}</i>
          </button>
        </span>
        <span
          v-for="z in shownColumns"
          :key="zones[z]!.id"
          class="at"
          role="gridcell"
          :aria-colindex="z + 2"
          :style="{ insetInlineStart: `${NAMES + z * COLUMN}px`, width: `${COLUMN}px` }"
        >
          <button
            class="cell"
            :class="said(p, z).toLowerCase()"
            :data-cell="`${p},${z}`"
            :tabindex="tab(p, z)"
            :aria-label="cellName(p, z)"
            @click="cycle(p, z)"
          >
            <template v-if="place(p, z)">{{ place(p, z) }}</template>
            <PhCheckFat v-else-if="said(p, z) === 'BELONGS'" :size="15" weight="fill" aria-hidden="true" />
            <template v-else-if="said(p, z) === 'UNDECIDED'">?</template>
          </button>
        </span>
      </div>
    </div>
  </div>
</template>

<style scoped>
.table {
  position: relative;
  overflow: auto;
  min-height: 170px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: #fffdf8;
}
.all {
  position: relative;
  min-width: 100%;
}
.head {
  position: sticky;
  top: 0;
  z-index: 2;
  border-bottom: 1px solid var(--line);
  background: var(--paper);
}
.corner,
.name {
  position: sticky;
  inset-inline-start: 0;
  z-index: 1;
  display: flex;
  align-items: center;
  height: 100%;
  padding: 0 8px;
  background: inherit;
}
.corner {
  color: var(--soft);
  font-size: 13px;
}
.zone,
.at {
  position: absolute;
  top: 0;
  display: grid;
  place-items: center;
  height: 100%;
}
.zone button,
.name button {
  display: flex;
  gap: 8px;
  align-items: center;
  width: 100%;
  height: 100%;
  padding: 2px 4px;
  overflow: hidden;
  border: 0;
  border-radius: 6px;
  background: none;
  cursor: pointer;
  text-align: start;
}
.zone button {
  flex-direction: column;
  justify-content: center;
  gap: 3px;
  font-size: 13px;
  text-align: center;
}
.zone button.on {
  background: var(--plum-t);
}
.zone button span,
.name button span {
  display: -webkit-box;
  overflow: hidden;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
  line-height: 1.15;
  overflow-wrap: anywhere;
}
.value {
  margin-inline-start: auto;
  padding: 0 5px;
  border-radius: 5px;
  background: #e6e0d2;
  font-style: normal;
  font-size: 12px;
}
.row {
  position: absolute;
  inset-inline-start: 0;
  width: 100%;
  border-bottom: 1px solid var(--line);
  background: #fffdf8;
}
.row.open {
  background: var(--saffron-t);
}
.row.chosen {
  box-shadow: inset 4px 0 var(--plum);
}
.cell {
  display: grid;
  place-items: center;
  width: 30px;
  height: 30px;
  padding: 0;
  border: 2px solid transparent;
  background: none;
  cursor: pointer;
  font-weight: 700;
  font-size: 13px;
}
.belongs {
  border-color: var(--petrol);
  border-radius: 7px 7px 7px 2px;
  background: var(--petrol);
  color: #fff;
}
.does_not_belong {
  border-color: #7c8a8f;
  border-radius: 50%;
}
.undecided {
  border: 2px dashed #9a6a10;
  border-radius: 7px 7px 7px 2px;
  background: var(--saffron-t);
  color: #5b3c00;
}
</style>
