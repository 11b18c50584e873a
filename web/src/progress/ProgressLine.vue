<script setup lang="ts">
import { t } from '@/i18n'
import { looksOnly } from '@/accounts/me'
import { PhChatCircleText } from '@phosphor-icons/vue'
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import type { ProgressTable, ProgressRow } from '@/api/schema'
import { cellOf, stuckWords } from './cell'

/** One student's row: a component of its own, so that a move of one child draws no other row anew. */
const props = defineProps<{
  row: ProgressRow
  assignmentId: string
  /** All pages, by which they are numbered. */
  pages: ProgressTable['pages']
  /** The page whose columns are shown; empty for all. */
  onlyPage: string
}>()
const emit = defineEmits<{ say: [] }>()

const numberOf = (pageId: string | undefined) => props.pages.findIndex((page) => page.id === pageId) + 1
const now = computed(() => {
  const { row } = props
  if (!row.standing) return t('progress.not-joined')
  const { round } = row
  if (row.sentBack) return t('progress.standing-sent-back', { round })
  if (row.standing === 'HANDED_IN')
    return t('progress.standing-handed-in', { round, late: row.late ? 'yes' : 'no' })
  return t('progress.standing-on-page', { round, page: numberOf(row.pageId) })
})

/** The pages a student met, in that order, by their numbers. */
const way = computed(() => (props.row.path ?? []).map(numberOf).filter((n) => n > 0))
const MOST_STEPS = 8

/** The cells in the groups of their pages. */
const groups = computed(() => {
  let from = 0
  return props.pages
    .map((page) => {
      const cells = page.placements.map((placement, i) => ({
        placement,
        ...cellOf(props.row.cells[from + i]!, props.row.stuck?.itemId === placement.itemId),
      }))
      from += page.placements.length
      return { page, cells }
    })
    .filter((group) => group.cells.length > 0 && (!props.onlyPage || group.page.id === props.onlyPage))
})
</script>

<template>
  <tr>
    <th scope="row">
      <RouterLink v-if="row.standing" :to="`/assigned/${assignmentId}/students/${row.id}`">{{
        row.name
      }}</RouterLink>
      <span v-else class="soft">{{ row.name }}</span>
      <span v-if="row.here" class="here" :title="t('progress.here-now')"
        ><span class="unseen">{{ t('progress.here-now-2') }}</span></span
      >
      <span v-if="row.with" class="soft with">{{ row.with.join(', ') }}</span>
      <span v-if="row.elsewhere" class="soft with">{{ t('progress.in-another-class-now') }}</span>
    </th>
    <template v-for="group in groups" :key="group.page.id">
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
        <span class="patch" :class="cell.look" role="img" :aria-label="cell.said">{{ cell.shown }}</span>
      </td>
    </template>
    <td class="now">
      <span :class="{ chip: row.standing === 'HANDED_IN' }">{{ now }}</span>
      <button
        v-if="row.standing && !looksOnly"
        class="say"
        :aria-label="t('progress.message-row', { row: row.name })"
        :title="t('progress.message')"
        @click="emit('say')"
      >
        <PhChatCircleText :size="17" aria-hidden="true" />
      </button>
    </td>
    <td class="way" :title="t('progress.the-way-through-the-pages-way', { way: way.join(', ') })">
      <span v-for="(n, i) in way.slice(0, MOST_STEPS)" :key="i">{{ n }}</span><span
        v-if="way.length > MOST_STEPS"
        >{{ t('progress.and-on') }}</span
      >
    </td>
  </tr>
</template>

<style scoped src="./patch.css"></style>
<style scoped>
th {
  text-align: start;
}
.way {
  padding-inline-start: 12px;
  white-space: nowrap;
  font-variant-numeric: tabular-nums;
}
.way span + span::before {
  content: '›';
  padding: 0 5px;
  color: var(--soft);
}
td {
  padding: 1.5px 4px;
}
.first {
  padding-inline-start: 14px;
}
th {
  padding-inline-end: 10px;
  white-space: nowrap;
}
a {
  color: var(--ink);
}
.now {
  padding-inline-start: 14px;
  color: var(--soft);
  font-size: 13px;
  font-weight: 400;
  white-space: nowrap;
}
.here {
  display: inline-block;
  width: 9px;
  height: 9px;
  margin-inline-start: 7px;
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
</style>
