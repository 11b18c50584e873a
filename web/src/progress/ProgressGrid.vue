<script setup lang="ts">
import { t } from '@/i18n'
import { computed } from 'vue'
import type { ProgressTable, ProgressRow } from '@/api/schema'
import ProgressLine from './ProgressLine.vue'

/** Students × placements, live. @prop onlyPage the page whose columns are shown; empty for all */
const props = defineProps<{ table: ProgressTable; rows: ProgressRow[]; onlyPage: string }>()
const emit = defineEmits<{ say: [row: ProgressRow] }>()

/** The same for as long as the pages are, however often rows change. */
const all = computed(() => props.table.pages)
const pages = computed(() => all.value.filter((page) => page.placements.length > 0))
const shownPages = computed(() =>
  props.onlyPage ? pages.value.filter((page) => page.id === props.onlyPage) : pages.value,
)
</script>

<template>
  <div class="cloth" tabindex="0" role="region" :aria-label="t('progress.table')">
    <table>
      <caption class="unseen">
        {{
          t('progress.students-and-their-tries-at-each')
        }}
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
            {{ table.pages.indexOf(page) + 1 }} · {{ page.name }}
          </th>
          <td></td>
          <td></td>
        </tr>
        <tr>
          <th scope="col" class="unseen-cell">
            <span class="unseen">{{ t('shared.student') }}</span>
          </th>
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
          <th scope="col" class="now">{{ t('progress.now') }}</th>
          <th scope="col" class="now">{{ t('progress.path-2') }}</th>
        </tr>
      </thead>
      <tbody>
        <ProgressLine
          v-for="row in rows"
          :key="row.id"
          :row="row"
          :assignment-id="table.assignmentId"
          :pages="all"
          :only-page="onlyPage"
          @say="emit('say', row)"
        />
      </tbody>
    </table>
  </div>
  <p class="legend">
    <span><i class="patch once"></i>{{ t('progress.first-try') }}</span>
    <span><i class="patch twice">2</i>{{ t('progress.second-try') }}</span>
    <span><i class="patch later">3</i>{{ t('progress.third-or-later') }}</span>
    <span><i class="patch trying">1</i>{{ t('progress.tried-not-yet') }}</span>
    <span><i class="patch stuck">!</i>{{ t('progress.needs-help-now-2') }}</span>
    <span><i class="patch none"></i>{{ t('progress.not-yet') }}</span>
  </p>
</template>

<style scoped src="./patch.css"></style>
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
  text-align: start;
}
.page {
  padding: 0 6px 8px 12px;
  font-size: 13px;
  white-space: nowrap;
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
.first {
  padding-inline-start: 14px;
}
.now {
  padding-inline-start: 14px;
  color: var(--soft);
  font-size: 13px;
  font-weight: 400;
  white-space: nowrap;
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
