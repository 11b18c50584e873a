<script setup lang="ts">
import { PhCheckFat } from '@phosphor-icons/vue'
import { computed } from 'vue'
import type { Decision, Edit, Item, Page, Zone, ZoneRule } from '@/api/types'
import { letter } from '@/page/geometry'
import { itemName } from '@/page/names'
import { count } from '@/page/count'
import { pictureUrl } from '@/page/pictures'
import PageView from '@/page/PageView.vue'
import type { Editing } from './editing'
import { isUndecided, piecesOf, zonesOf } from './key'
import { decisionOf, ruleOf } from './mirror'

/** The table of pieces × zones. */
const props = defineProps<{ editing: Editing; page: Page }>()

const key = computed(() => props.editing.activity.value.key)
const zones = computed(() => zonesOf(props.page))
const pieces = computed(() => piecesOf(props.page))
const open = computed(() => pieces.value.filter((piece) => isUndecided(key.value, props.page, piece)).length)

const NEXT: Record<Decision, Decision> = {
  UNDECIDED: 'BELONGS',
  BELONGS: 'TURNED_AWAY',
  TURNED_AWAY: 'UNDECIDED',
}
const SAID: Record<Decision, string> = {
  BELONGS: 'belongs',
  TURNED_AWAY: 'turned away',
  UNDECIDED: 'not decided',
}

const said = (piece: Item, zone: Zone) => decisionOf(key.value, zone.id, piece.id)

/** Once a piece belongs somewhere, its cells still open are turned away: that is what is meant nearly always. */
function cycle(piece: Item, zone: Zone) {
  const pageId = props.page.id
  const decision = NEXT[said(piece, zone)]
  const cell = (zoneId: string, to: Decision): Edit => ({
    kind: 'decide',
    pageId,
    zoneId,
    pieceId: piece.id,
    decision: to,
  })
  const edits = [cell(zone.id, decision)]
  if (decision === 'BELONGS') {
    zones.value
      .filter((other) => other !== zone && said(piece, other) === 'UNDECIDED')
      .forEach((other) => edits.push(cell(other.id, 'TURNED_AWAY')))
  }
  props.editing.edit(edits.length === 1 ? edits[0]! : { kind: 'together', edits: edits as never })
}

function setRule(zone: Zone, change: Partial<ZoneRule>) {
  const rule = { ...ruleOf(key.value, zone.id), ...change }
  props.editing.edit({ kind: 'set-rule', pageId: props.page.id, zoneId: zone.id, rule })
}

/** Arrow keys walk the table's cells. */
function walk(event: KeyboardEvent) {
  const by = { ArrowLeft: [0, -1], ArrowRight: [0, 1], ArrowUp: [-1, 0], ArrowDown: [1, 0] }[event.key]
  const cell = (event.target as HTMLElement).closest<HTMLElement>('[data-cell]')
  if (!by || !cell) return
  const [row, column] = cell.dataset.cell!.split(',').map(Number) as [number, number]
  event.preventDefault()
  const to = `[data-cell="${row + by[0]!},${column + by[1]!}"]`
  ;(event.currentTarget as HTMLElement).querySelector<HTMLElement>(to)?.focus()
}
const placements = computed(
  () => pieces.value.filter((piece) => zones.value.some((zone) => said(piece, zone) === 'BELONGS')).length,
)
</script>

<template>
  <div class="answers">
    <section class="panel" aria-label="Answers">
      <div class="head">
        <h2>Who belongs where</h2>
        <span v-if="open" class="chip w">{{ count(open, 'piece') }} undecided</span>
        <span v-else-if="pieces.length && zones.length" class="chip">all decided</span>
      </div>
      <p v-if="!zones.length" class="soft">This page has no drop zone yet. Add one in Lay out.</p>
      <p v-else-if="!pieces.length" class="soft">
        This page has no piece yet. Select something in Lay out and make it Free.
      </p>
      <div v-else class="scroll">
        <table @keydown="walk">
          <thead>
            <tr>
              <th scope="col">Piece</th>
              <th v-for="(zone, z) in zones" :key="zone.id" scope="col" class="zone">
                <span class="letter">{{ letter(z) }}</span><span>{{ itemName(zone) }}</span>
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(piece, p) in pieces" :key="piece.id" :class="{ open: isUndecided(key, page, piece) }">
              <th scope="row">
                <span class="piece">
                  <img
                    v-if="piece.kind === 'picture'"
                    :src="pictureUrl(piece.picture)"
                    alt=""
                    width="28"
                    height="28"
                  />
                  <span>{{ itemName(piece) }}</span>
                </span>
              </th>
              <td v-for="(zone, z) in zones" :key="zone.id">
                <button
                  class="cell"
                  :class="said(piece, zone).toLowerCase()"
                  :data-cell="`${p},${z}`"
                  :aria-label="`${itemName(piece)} in ${itemName(zone)}: ${SAID[said(piece, zone)]}`"
                  @click="cycle(piece, zone)"
                >
                  <PhCheckFat
                    v-if="said(piece, zone) === 'BELONGS'"
                    :size="15"
                    weight="fill"
                    aria-hidden="true"
                  />
                  <template v-else-if="said(piece, zone) === 'UNDECIDED'">?</template>
                </button>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <p v-if="zones.length && pieces.length" class="legend">
        <span
          ><i class="cell belongs"><PhCheckFat :size="13" weight="fill" aria-hidden="true" /></i>belongs</span
        >
        <span><i class="cell turned_away"></i>turned away</span>
        <span><i class="cell undecided">?</i>not decided</span>
        <span class="soft">Space cycles a cell</span>
      </p>
      <fieldset v-for="(zone, z) in zones" :key="zone.id">
        <legend>
          <span class="letter">{{ letter(z) }}</span> {{ itemName(zone) }}
        </legend>
        <label
          >When it belongs
          <select
            :value="ruleOf(key, zone.id).settle"
            @change="
              setRule(zone, { settle: ($event.target as HTMLSelectElement).value as ZoneRule['settle'] })
            "
          >
            <option value="IN_SLOT">Settles in</option>
            <option value="STAYS">Stays where it is put</option>
            <option value="TURNS_OVER">Settles in and turns over</option>
          </select></label
        >
        <label
          >When it does not
          <select
            :value="ruleOf(key, zone.id).refused"
            @change="
              setRule(zone, { refused: ($event.target as HTMLSelectElement).value as ZoneRule['refused'] })
            "
          >
            <option value="GLIDES_HOME">Glides home</option>
            <option value="STAYS">Stays</option>
          </select></label
        >
      </fieldset>
    </section>
    <section class="middle" aria-label="Page">
      <p class="where">
        <strong>{{ page.name }}</strong>
        <span class="soft">{{ count(placements, 'placement') }} to find</span>
      </p>
      <PageView class="sheet" :page="page" />
    </section>
  </div>
</template>

<style scoped>
.answers {
  display: grid;
  grid-template-columns: minmax(380px, 470px) minmax(0, 1fr);
  min-height: 0;
}
.panel {
  display: flex;
  flex-direction: column;
  gap: 12px;
  padding: 14px 18px;
  overflow-y: auto;
  border-right: 1px solid var(--line);
  background: var(--paper);
}
.head {
  display: flex;
  justify-content: space-between;
}
.scroll {
  overflow-x: auto;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th {
  font-weight: 400;
  text-align: left;
}
thead th {
  padding: 4px 6px 8px;
  color: var(--soft);
  font-size: 13px;
  vertical-align: bottom;
}
.zone {
  max-width: 110px;
  text-align: center;
}
.zone span:last-child {
  display: block;
  overflow-wrap: anywhere;
}
tbody tr {
  border-top: 1px solid var(--line);
}
tbody tr.open {
  background: var(--saffron-t);
}
.piece {
  display: flex;
  align-items: center;
  gap: 9px;
  min-height: 42px;
  padding: 3px 6px;
  overflow-wrap: anywhere;
}
td {
  text-align: center;
}
.cell {
  display: inline-grid;
  place-items: center;
  width: 26px;
  height: 26px;
  padding: 0;
  border: 2px solid transparent;
  background: none;
  cursor: pointer;
  font-style: normal;
  font-weight: 700;
  font-size: 13px;
}
td .cell {
  box-sizing: content-box;
  background-clip: padding-box;
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
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 14px;
  align-items: center;
  font-size: 13px;
}
.legend span {
  display: flex;
  gap: 6px;
  align-items: center;
}
.legend .cell {
  width: 20px;
  height: 20px;
  cursor: default;
}
fieldset {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px 14px;
  margin: 0;
  padding: 10px 0 0;
  border: 0;
  border-top: 1px solid var(--line);
}
legend {
  float: left;
  grid-column: 1 / -1;
  display: flex;
  gap: 8px;
  padding: 0;
  font-weight: 700;
}
fieldset label {
  display: grid;
  gap: 3px;
  font-size: 14px;
}
select {
  padding: 6px 8px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: #fff;
  font: inherit;
}
.middle {
  padding: 20px 18px;
  overflow: auto;
}
.where {
  display: flex;
  gap: 12px;
  margin-bottom: 10px;
}
.sheet {
  border-radius: 4px;
  box-shadow:
    0 1px 0 #0001,
    0 6px 24px #0000001f;
}
</style>
