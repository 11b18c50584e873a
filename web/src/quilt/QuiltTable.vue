<script setup lang="ts">
import { PhChatCircleText } from '@phosphor-icons/vue'
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import type { Quilt, QuiltRow } from '@/api/types'
import { cellOf, stuckWords } from './cell'

/** Students × placements, live. @prop onlyPage the page whose columns are shown; empty for all */
const props = defineProps<{ quilt: Quilt; rows: QuiltRow[]; onlyPage: string }>()
const emit = defineEmits<{ say: [row: QuiltRow] }>()

const id = computed(() => props.quilt.assignmentId)
const pages = computed(() => props.quilt.pages.filter((page) => page.placements.length > 0))
const shownPages = computed(() =>
  props.onlyPage ? pages.value.filter((page) => page.id === props.onlyPage) : pages.value,
)

function now(row: QuiltRow) {
  if (!row.standing) return 'not joined'
  const round = row.round > 1 ? `round ${row.round}, ` : ''
  if (row.sentBack) return `${round}sent back`
  if (row.standing === 'HANDED_IN') return `${round}handed in${row.late ? ', late' : ''}`
  return `${round}page ${props.quilt.pages.findIndex((page) => page.id === row.pageId) + 1}`
}

/** The pages a student met, in that order, by their numbers. */
const wayOf = (row: QuiltRow) =>
  (row.way ?? []).map((id) => props.quilt.pages.findIndex((page) => page.id === id) + 1).filter((n) => n > 0)
const MOST_STEPS = 8

/** The cells of a row in the groups of its pages. */
function groups(row: QuiltRow) {
  let from = 0
  return pages.value
    .map((page) => {
      const cells = page.placements.map((placement, i) => ({
        placement,
        ...cellOf(row.cells[from + i]!, row.stuck?.itemId === placement.itemId),
      }))
      from += page.placements.length
      return { page, cells }
    })
    .filter((group) => !props.onlyPage || group.page.id === props.onlyPage)
}
</script>

<template>
  <div class="cloth" tabindex="0" role="region" aria-label="Quilt">
    <table>
      <caption class="unseen">
        Students and their tries at each placement
      </caption>
      <thead>
        <tr>
          <td></td>
          <th
            v-for="page in shownPages"
            :key="page.id"
            scope="colgroup"
            :colspan="page.placements.length"
            class="page"
          >
            {{ quilt.pages.indexOf(page) + 1 }} · {{ page.name }}
          </th>
          <td></td>
          <td></td>
        </tr>
        <tr>
          <th scope="col" class="unseen-cell"><span class="unseen">Student</span></th>
          <template v-for="page in shownPages" :key="page.id">
            <th
              v-for="(placement, i) in page.placements"
              :key="placement.itemId"
              scope="col"
              class="placement"
              :class="{ first: i === 0 }"
              :title="placement.name"
            >
              <span>{{ placement.name }}</span>
            </th>
          </template>
          <th scope="col" class="now">Now</th>
          <th scope="col" class="now">Way</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.id">
          <th scope="row">
            <RouterLink v-if="row.standing" :to="`/assigned/${id}/students/${row.id}`">{{
              row.name
            }}</RouterLink>
            <span v-else class="soft">{{ row.name }}</span>
            <span v-if="row.here" class="here" title="Here now"><span class="unseen">, here now</span></span>
            <span v-if="row.with" class="soft with">{{ row.with.join(', ') }}</span>
            <span v-if="row.elsewhere" class="soft with">in another class now</span>
          </th>
          <template v-for="group in groups(row)" :key="group.page.id">
            <td
              v-for="(cell, i) in group.cells"
              :key="cell.placement.itemId"
              :class="{ first: i === 0 }"
              :title="
                cell.look === 'stuck'
                  ? stuckWords(row.stuck!, cell.placement.name)
                  : `${row.name}, ${cell.placement.name}: ${cell.said}`
              "
            >
              <span class="patch" :class="cell.look" role="img" :aria-label="cell.said">{{
                cell.shown
              }}</span>
            </td>
          </template>
          <td class="now">
            <span :class="{ chip: row.standing === 'HANDED_IN' }">{{ now(row) }}</span>
            <button
              v-if="row.standing"
              class="say"
              :aria-label="`Say a word to ${row.name}`"
              title="Say a word"
              @click="emit('say', row)"
            >
              <PhChatCircleText :size="17" aria-hidden="true" />
            </button>
          </td>
          <td class="way" :title="`The way through the pages: ${wayOf(row).join(', ')}`">
            <span v-for="(n, i) in wayOf(row).slice(0, MOST_STEPS)" :key="i">{{ n }}</span><span
              v-if="wayOf(row).length > MOST_STEPS"
              >and on</span
            >
          </td>
        </tr>
      </tbody>
    </table>
  </div>
  <p class="legend">
    <span><i class="patch once"></i>first try</span>
    <span><i class="patch twice">2</i>second try</span>
    <span><i class="patch later">3</i>third or later</span>
    <span><i class="patch trying">1</i>tried, not yet</span>
    <span><i class="patch stuck">!</i>stuck now</span>
    <span><i class="patch none"></i>not yet</span>
  </p>
</template>

<style scoped>
.cloth {
  padding: 12px 16px;
  overflow: auto;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: var(--paper);
}
table {
  border-collapse: collapse;
}
th {
  text-align: left;
}
.page {
  padding: 0 6px 8px 12px;
  font-size: 13px;
  white-space: nowrap;
}
.way {
  padding-left: 12px;
  white-space: nowrap;
  font-variant-numeric: tabular-nums;
}
.way span + span::before {
  content: '›';
  padding: 0 5px;
  color: var(--soft);
}
.placement {
  height: 92px;
  padding: 0 3px 4px;
  vertical-align: bottom;
  color: var(--soft);
  font-weight: 400;
  font-size: 12px;
}
.placement span {
  display: block;
  max-height: 88px;
  margin: 0 auto;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  writing-mode: vertical-rl;
  transform: rotate(180deg);
}
td {
  padding: 1.5px 4px;
}
.first {
  padding-left: 14px;
}
tbody th {
  padding-right: 10px;
  white-space: nowrap;
}
tbody a {
  color: var(--ink);
}
.now {
  padding-left: 14px;
  color: var(--soft);
  font-size: 13px;
  font-weight: 400;
  white-space: nowrap;
}
.patch {
  display: inline-grid;
  vertical-align: middle;
  place-items: center;
  width: 26px;
  height: 22px;
  border: 1.5px solid transparent;
  border-radius: 6px 6px 6px 2px;
  font-style: normal;
  font-weight: 700;
  font-size: 12px;
}
.once {
  background: var(--petrol);
}
.twice {
  background: #7fb3b2;
  color: #07343a;
}
.later {
  background: #c5dfdc;
  color: #07444b;
}
.stuck {
  border: 2px solid var(--clay);
  background: repeating-linear-gradient(45deg, #fff 0 4px, #f3cfc3 4px 8px);
  color: #7c2c19;
}
.here {
  display: inline-block;
  width: 9px;
  height: 9px;
  margin-left: 7px;
  border-radius: 50%;
  background: var(--petrol);
}
.with {
  display: block;
  font-size: 12px;
  font-weight: 400;
}
.say {
  padding: 2px 5px;
  border: 0;
  background: none;
  color: var(--soft);
  cursor: pointer;
  vertical-align: middle;
}
.say:hover {
  color: var(--petrol);
}
.trying {
  border: 2px dashed var(--clay);
  background: #fff;
  color: #7c2c19;
}
.none {
  border-color: #ddd5c6;
  background: #fdfcf9;
}
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 22px;
  font-size: 13px;
}
.legend span {
  display: flex;
  gap: 8px;
  align-items: center;
}
</style>
