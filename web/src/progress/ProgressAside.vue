<script setup lang="ts">
import { t } from '@/i18n'
import { looksOnly } from '@/accounts/me'
import { PhChartBar, PhClipboardText } from '@phosphor-icons/vue'
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import type { ProgressTable, ProgressRow } from '@/api/schema'
import { commonestMiss } from './mistakes'
import { spaced } from '@/page/code'
import { stuckWords } from './cell'

/** A class at a glance: how many, who is stuck, what is hardest, how one comes in. */
const props = defineProps<{ table: ProgressTable }>()
const emit = defineEmits<{ extend: [row: ProgressRow] }>()

const id = computed(() => props.table.assignmentId)
const students = computed(() => props.table.students)
const joined = computed(() => students.value.filter((row) => row.standing).length)
const handedIn = computed(() => students.value.filter((row) => row.standing === 'HANDED_IN').length)
const stuck = computed(() => students.value.filter((row) => row.stuck).length)
const here = computed(() => students.value.filter((row) => row.here).length)
const nameOf = (itemId: string) =>
  props.table.pages.flatMap((page) => page.placements).find((one) => one.itemId === itemId)?.name ??
  t('progress.a-piece')
function extend(event: Event) {
  const row = students.value.find((one) => one.id === (event.target as HTMLSelectElement).value)
  if (row) emit('extend', row)
}
</script>

<template>
  <aside>
    <section class="card">
      <h2 class="small-head">{{ t('progress.right-now') }}</h2>
      <dl>
        <div>
          <dd>{{ joined }}</dd>
          <dt>{{ t('progress.joined') }}</dt>
        </div>
        <div>
          <dd>{{ handedIn }}</dd>
          <dt>{{ t('progress.handed-in') }}</dt>
        </div>
        <div>
          <dd :class="{ bad: stuck > 0 }">{{ stuck }}</dd>
          <dt>{{ t('progress.need-help') }}</dt>
        </div>
      </dl>
      <p class="soft">
        {{ t('progress.open-now', { open: here, missing: table.students.length - joined }) }}
      </p>
    </section>
    <section class="card to">
      <RouterLink class="btn pri" :to="`/assigned/${id}/review`">
        <PhClipboardText :size="18" aria-hidden="true" />{{ t('shared.review') }}
      </RouterLink>
      <RouterLink class="btn" :to="`/assigned/${id}/results`">
        <PhChartBar :size="18" aria-hidden="true" />{{ t('progress.results') }}
      </RouterLink>
    </section>
    <section v-if="stuck" class="card">
      <h2 class="small-head">{{ t('progress.needs-help-now') }}</h2>
      <ul class="stuck-list">
        <li v-for="row in students.filter((one) => one.stuck)" :key="row.id">
          <RouterLink :to="`/assigned/${id}/students/${row.id}`">{{ row.name }}</RouterLink>
          <span>{{ stuckWords(row.stuck!, nameOf(row.stuck!.itemId)) }}</span>
        </li>
      </ul>
    </section>
    <section v-if="table.hardest.placements.length" class="card">
      <h2 class="small-head">{{ t('progress.hardest-so-far') }}</h2>
      <div v-for="one in table.hardest.placements" :key="one.placement.itemId" class="hard">
        <strong>{{ one.placement.name }}</strong>
        <span class="soft">{{
          t('progress.share-right-at-the-first-try', { share: Math.round(one.share * 100) })
        }}</span>
        <span v-if="one.misses[0]">{{ commonestMiss(one.misses) }}</span>
      </div>
    </section>
    <section class="card code">
      <h2 class="small-head">{{ t('shared.join-code') }}</h2>
      <p class="big">{{ spaced(table.joinCode) }}</p>
      <img class="qr" :src="`/api/v1/qr/${table.joinCode}`" :alt="t('shared.the-same-as-a-picture-for')" />
    </section>
    <section v-if="!looksOnly && (table.terms.dueAt || table.terms.seconds)" class="card">
      <h2 class="small-head">{{ t('progress.more-time-for-one') }}</h2>
      <label class="unseen" for="extend-who">{{ t('shared.who') }}</label>
      <select id="extend-who" class="field" @change="extend">
        <option value="">{{ t('progress.choose-a-student') }}</option>
        <option v-for="row in table.students" :key="row.id" :value="row.id">
          {{ table.extensions[row.id] ? t('progress.name-has-more', { name: row.name }) : row.name }}
        </option>
      </select>
    </section>
  </aside>
</template>

<style scoped>
.bad {
  color: var(--clay);
}
.hard,
.stuck-list li {
  display: grid;
  margin-top: 8px;
  font-size: 14px;
  overflow-wrap: anywhere;
}
.stuck-list a {
  color: var(--petrol);
  font-weight: 700;
}
.stuck-list {
  max-height: 220px;
  margin: 0;
  padding: 0;
  overflow-y: auto;
  list-style: none;
}
.qr {
  display: block;
  width: 120px;
  margin-top: 8px;
  border-radius: 6px;
}
aside {
  display: grid;
  gap: 14px;
  align-content: start;
}
.card {
  padding: 14px 16px;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: var(--paper);
}
dl {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  margin: 8px 0 0;
  text-align: center;
}
dl div {
  display: grid;
}
dd {
  margin: 0;
  font-size: 24px;
  font-weight: 700;
}
dt {
  color: var(--soft);
  font-size: 13px;
}
.to {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
.code {
  background: var(--plum-t);
}
.code h2 {
  color: #4c2a4f;
}
.big {
  font-size: 28px;
  font-weight: 700;
  letter-spacing: 3px;
}
</style>
