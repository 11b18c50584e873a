<script setup lang="ts">
import { t } from '@/i18n'
import { exactDateTime } from '@/i18n/format'
import { PhDownloadSimple } from '@phosphor-icons/vue'
import { onMounted, ref, shallowRef, watch } from 'vue'
import { get, errorText } from '@/api/client'
import type { LogLine, StaffMember } from '@/api/schema'
import { EVENTS, type LogEvent } from './logText'

/** What happened to accounts and data, the newest first. */
defineProps<{ people: StaffMember[] }>()
const events = ref<LogEvent[]>([])
const person = ref('')
/** First and last day, both within. */
const days = ref<[Date, Date] | null>(null)
const lines = shallowRef<LogLine[]>([])
const next = ref<string | undefined>()
const wrong = ref('')
const busy = ref(false)

function query(cursor?: string) {
  const asked = new URLSearchParams()
  for (const one of events.value) asked.append('event', one)
  if (person.value) asked.set('person', person.value)
  if (days.value) {
    const after = new Date(days.value[1])
    after.setDate(after.getDate() + 1)
    asked.set('from', days.value[0].toISOString())
    asked.set('to', after.toISOString())
  }
  if (cursor) asked.set('cursor', cursor)
  return asked.toString()
}
let turn = 0
async function load(cursor?: string) {
  const mine = ++turn
  busy.value = true
  try {
    const page = await get(`/api/v1/school/log?${query(cursor)}`)
    if (mine !== turn) return
    lines.value = cursor ? [...lines.value, ...page.items] : page.items
    next.value = page.next
    wrong.value = ''
  } catch (error) {
    if (mine === turn) wrong.value = errorText(error)
  }
  if (mine === turn) busy.value = false
}
onMounted(() => load())
watch([events, person, days], () => load())
const time = (at: string) => exactDateTime(new Date(at))
const details = (line: LogLine) =>
  Object.entries(line.details)
    .filter(([, value]) => value.length < 30)
    .map(([name, value]) => `${name}: ${value.toLowerCase()}`)
    .join(', ')
</script>

<template>
  <div class="log">
    <div class="row">
      <el-select
        v-model="events"
        multiple
        collapse-tags
        :placeholder="t('shared.everything')"
        :aria-label="t('shared.what-happened')"
      >
        <el-option v-for="(name, event) in EVENTS" :key="event" :value="event" :label="name" />
      </el-select>
      <el-select
        v-model="person"
        filterable
        clearable
        :placeholder="t('school.everybody')"
        :aria-label="t('shared.who')"
      >
        <el-option v-for="one in people" :key="one.id" :value="one.id" :label="one.name" />
      </el-select>
      <el-date-picker
        v-model="days"
        type="daterange"
        format="D MMM YYYY"
        :start-placeholder="t('school.first-day')"
        :end-placeholder="t('school.last-day')"
        range-separator="to"
        :aria-label="t('school.days')"
        class="days"
      />
      <a class="btn" :href="`/api/v1/school/log/table?${query()}`" download
        ><PhDownloadSimple :size="18" aria-hidden="true" />{{ t('shared.download-csv') }}</a
      >
    </div>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <el-table v-loading="busy" :data="lines" row-key="id" :empty-text="t('school.nothing-of-that-happened')">
      <el-table-column :label="t('shared.time')" width="200">
        <template #default="{ row }">{{ time(row.at) }}</template>
      </el-table-column>
      <el-table-column :label="t('school.what')" min-width="200">
        <template #default="{ row }">{{ EVENTS[row.event as LogEvent] }}</template>
      </el-table-column>
      <el-table-column :label="t('school.by')" min-width="130">
        <template #default="{ row }">{{ row.actor ?? '–' }}</template>
      </el-table-column>
      <el-table-column :label="t('shared.to')" min-width="130">
        <template #default="{ row }">{{ row.subject ?? '–' }}</template>
      </el-table-column>
      <el-table-column :label="t('school.details')" min-width="160">
        <template #default="{ row }">{{ details(row as LogLine) }}</template>
      </el-table-column>
    </el-table>
    <el-button v-if="next" :disabled="busy" @click="load(next)">{{ t('school.show-older-lines') }}</el-button>
    <p class="soft">{{ t('school.how-long-lines-are-kept-is') }}</p>
  </div>
</template>

<style scoped>
.log {
  display: grid;
  gap: 10px;
  justify-items: start;
}
.log :deep(.el-table) {
  width: 100%;
}
.row {
  display: grid;
  grid-template-columns: 1fr 1fr minmax(220px, 1.2fr) auto;
  gap: 10px;
  width: 100%;
}
.row :deep(.days) {
  width: auto;
}
</style>
