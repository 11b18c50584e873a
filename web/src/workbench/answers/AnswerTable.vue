<script setup lang="ts">
import { PhCheckFat } from '@phosphor-icons/vue'
import { computed, nextTick, onBeforeUnmount, onMounted, ref } from 'vue'
import type { Decision } from '@/workbench/edits/answerKey'
import { letter } from '@/page/geometry'
import { itemName } from '@/page/names'
import { pictureUrl } from '@/page/pictures'
import { factsOf, ruleOf } from '@/workbench/edits/answerKey'
import { isUndecided } from '@/workbench/edits/key'
import type { Deciding } from './deciding'
import { inSight, scrolledTo } from './window'

/** The table of pieces × zones. Of thousands of cells only those in sight are there. */
const props = defineProps<{ deciding: Deciding }>()

const ROW = 46
const COLUMN = 92
const NAMES = 168
const HEAD = 74

const { key, page, zones, pieces, chosen } = props.deciding
const box = ref<HTMLElement>()
const at = ref({ x: 0, y: 0, width: 400, height: 300 })
/** The cell that the keys are on; -1 stands for the heads of rows and columns. */
const active = ref<[number, number]>([0, 0])

const shownRows = computed<number[]>((before) =>
  range(inSight(at.value.y, at.value.height - HEAD, ROW, pieces.value.length), before),
)
const shownColumns = computed<number[]>((before) =>
  range(inSight(at.value.x, at.value.width - NAMES, COLUMN, zones.value.length, 1), before),
)
/** The same array as before where it holds the same, so that nothing is drawn anew for it. */
function range([from, to]: [number, number], before: number[] | undefined): number[] {
  if (before && before.length === to - from && (before.length === 0 || before[0] === from)) return before
  return Array.from({ length: to - from }, (_, i) => from + i)
}

const SAID: Record<Decision, string> = {
  BELONGS: 'belongs',
  DOES_NOT_BELONG: 'does not belong',
  UNDECIDED: 'undecided',
}
const said = (p: number, z: number) => props.deciding.said(pieces.value[p]!, zones.value[z]!)
/** Its number in the order that the zone wants; undefined where it wants none. */
const place = (p: number, z: number) =>
  said(p, z) === 'BELONGS'
    ? ruleOf(key.value, zones.value[z]!.id).wants?.sequence?.places[pieces.value[p]!.id]
    : undefined
const cellName = (p: number, z: number) =>
  `${itemName(pieces.value[p]!)} in ${itemName(zones.value[z]!)}: ${SAID[said(p, z)]}${place(p, z) ? `, number ${place(p, z)}` : ''}`

function scroll() {
  const el = box.value!
  at.value = { x: el.scrollLeft, y: el.scrollTop, width: el.clientWidth, height: el.clientHeight }
}
let watching: ResizeObserver | undefined
onMounted(() => {
  scroll()
  if (typeof ResizeObserver !== 'undefined') {
    watching = new ResizeObserver(scroll)
    watching.observe(box.value!)
  }
})
onBeforeUnmount(() => watching?.disconnect())

async function goTo(p: number, z: number) {
  const row = Math.max(-1, Math.min(pieces.value.length - 1, p))
  const column = Math.max(-1, Math.min(zones.value.length - 1, z))
  if (row === -1 && column === -1) return
  active.value = [row, column]
  const el = box.value!
  if (row >= 0) el.scrollTop = scrolledTo(row, el.scrollTop, el.clientHeight - HEAD, ROW)
  if (column >= 0) el.scrollLeft = scrolledTo(column, el.scrollLeft, el.clientWidth - NAMES, COLUMN)
  scroll()
  await nextTick()
  el.querySelector<HTMLElement>(`[data-cell="${row},${column}"]`)?.focus({ preventScroll: true })
}
function walk(event: KeyboardEvent) {
  const page = Math.max(1, Math.floor((at.value.height - HEAD) / ROW) - 1)
  const by = {
    ArrowLeft: [0, -1],
    ArrowRight: [0, 1],
    ArrowUp: [-1, 0],
    ArrowDown: [1, 0],
    PageDown: [page, 0],
    PageUp: [-page, 0],
  }[event.key]
  const [p, z] = active.value
  if (by) void goTo(p + by[0]!, z + by[1]!)
  else if (event.key === 'Home') void goTo(event.ctrlKey ? 0 : p, 0)
  else if (event.key === 'End') void goTo(event.ctrlKey ? pieces.value.length - 1 : p, zones.value.length - 1)
  else return
  event.preventDefault()
  event.stopPropagation()
}
const isActive = (p: number, z: number) =>
  Math.min(active.value[0], pieces.value.length - 1) === p &&
  Math.min(active.value[1], zones.value.length - 1) === z
const tab = (p: number, z: number) => (isActive(p, z) ? 0 : -1)

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
    aria-label="Who belongs where"
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
        <span class="corner" role="columnheader" :style="{ width: `${NAMES}px` }">Piece</span>
        <span
          v-for="z in shownColumns"
          :key="zones[z]!.id"
          class="zone"
          role="columnheader"
          :aria-colindex="z + 2"
          :style="{ left: `${NAMES + z * COLUMN}px`, width: `${COLUMN}px` }"
        >
          <button
            :data-cell="`-1,${z}`"
            :tabindex="tab(-1, z)"
            :class="{ on: chosen === zones[z]!.id }"
            @click="choose(zones[z]!.id, -1, z)"
          >
            <span class="unseen">Zone {{ letter(z) }}, {{ itemName(zones[z]!) }}: its rules</span>
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
            :aria-label="`${itemName(pieces[p]!)}: labels and value`"
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
          :style="{ left: `${NAMES + z * COLUMN}px`, width: `${COLUMN}px` }"
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
  left: 0;
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
  text-align: left;
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
  margin-left: auto;
  padding: 0 5px;
  border-radius: 5px;
  background: #e6e0d2;
  font-style: normal;
  font-size: 12px;
}
.row {
  position: absolute;
  left: 0;
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
.turned_away {
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
