<script setup lang="ts">
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
const time = (at: string) =>
  new Date(at).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'medium' })
const details = (line: LogLine) =>
  Object.entries(line.details)
    .filter(([, value]) => value.length < 30)
    .map(([name, value]) => `${name}: ${value.toLowerCase()}`)
    .join(', ')
</script>

<template>
  <div class="log">
    <div class="row">
      <el-select v-model="events" multiple collapse-tags placeholder="Everything" aria-label="What happened">
        <el-option v-for="(name, event) in EVENTS" :key="event" :value="event" :label="name" />
      </el-select>
      <el-select v-model="person" filterable clearable placeholder="Everybody" aria-label="Who">
        <el-option v-for="one in people" :key="one.id" :value="one.id" :label="one.name" />
      </el-select>
      <el-date-picker
        v-model="days"
        type="daterange"
        format="D MMM YYYY"
        start-placeholder="First day"
        end-placeholder="Last day"
        range-separator="to"
        aria-label="Days"
        class="days"
      />
      <a class="btn" :href="`/api/v1/school/log/table?${query()}`" download
        ><PhDownloadSimple :size="18" aria-hidden="true" />Download CSV</a
      >
    </div>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <el-table v-loading="busy" :data="lines" row-key="id" empty-text="Nothing of that happened">
      <el-table-column label="Time" width="200">
        <template #default="{ row }">{{ time(row.at) }}</template>
      </el-table-column>
      <el-table-column label="What" min-width="200">
        <template #default="{ row }">{{ EVENTS[row.event as LogEvent] }}</template>
      </el-table-column>
      <el-table-column label="By" min-width="130">
        <template #default="{ row }">{{ row.actor ?? '–' }}</template>
      </el-table-column>
      <el-table-column label="To" min-width="130">
        <template #default="{ row }">{{ row.subject ?? '–' }}</template>
      </el-table-column>
      <el-table-column label="Details" min-width="160">
        <template #default="{ row }">{{ details(row as LogLine) }}</template>
      </el-table-column>
    </el-table>
    <el-button v-if="next" :disabled="busy" @click="load(next)">Show older lines</el-button>
    <p class="soft">How long lines are kept is set under Settings. They can be added to and never changed.</p>
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
