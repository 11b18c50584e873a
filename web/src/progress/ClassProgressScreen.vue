<script setup lang="ts">
import { t } from '@/i18n'
import { openStream, type LiveStream } from '@/shared/liveStream'
import { passOver } from '@/shared/passOver'
import { computed, onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue'
import { RouterLink } from 'vue-router'
import { get, post, errorText } from '@/api/client'
import type { Hardest, ProgressTable, ProgressRow, Stuck } from '@/api/schema'
import TeacherBar from '@/accounts/TeacherBar.vue'
import { needTeacher } from '@/accounts/me'
import { frameQueue } from '@/gesture/frameQueue'
import { dueWords } from '@/shared/times'
import { mostStuckFirst, withRows } from './cell'
import ControlBar from './ControlBar.vue'
import ExtendDialog from './ExtendDialog.vue'
import ProgressAside from './ProgressAside.vue'
import ProgressGrid from './ProgressGrid.vue'
import UpdateVersionDialog from './UpdateVersionDialog.vue'
import MessageDialog from './MessageDialog.vue'

const props = defineProps<{ id: string }>()
const table = shallowRef<ProgressTable | null>(null)
const wrong = ref('')
const line = ref<'live' | 'lost'>('live')
let stream: LiveStream | null = null

const pages = computed(() => (table.value?.pages ?? []).filter((page) => page.placements.length > 0))

const stuckFirst = ref(false)
const renewing = ref(false)
const extending = ref<ProgressRow | null>(null)
const sayTo = ref<ProgressRow | null>(null)
const onePage = ref('')
const rows = computed(() =>
  stuckFirst.value ? mostStuckFirst(table.value?.students ?? []) : (table.value?.students ?? []),
)
const SHARING = {
  OWN_COPY: t('progress.own-copy-each'),
  TEAM_COPY: t('progress.team-copies'),
  VIEW_ONLY: t('progress.look-only'),
}
const about = computed(() => {
  const { terms, className } = table.value!
  const due = dueWords(terms.dueAt, new Date().toISOString())
  return [className, SHARING[terms.sharing ?? 'OWN_COPY'], due].filter(Boolean).join(' · ')
})

async function load() {
  table.value = await get(`/api/v1/assignments/${props.id}/progress`)
}

async function open() {
  stream?.close()
  table.value = null
  onePage.value = ''
  wrong.value = ''
  try {
    if (!(await needTeacher())) return
    await load()
    listen()
  } catch (error) {
    wrong.value = errorText(error)
  }
}

function listen() {
  const again = () => void load().catch(passOver('the line tells when it is back, and all is fetched then'))
  stream = openStream<{
    stuck: { id: string; stuck: Stuck }[]
    hardest: Hardest
    around: unknown
    row: ProgressRow
  }>(
    `/api/v1/assignments/${props.id}/live`,
    {
      stuck: changeStuck,
      hardest(hardest) {
        if (table.value) table.value = { ...table.value, hardest }
      },
      around: again,
      row: gather,
      // After a broken line something may have been missed: the whole is fetched anew.
      listening() {
        line.value = 'live'
        again()
      },
    },
    () => (line.value = 'lost'),
  )
}

onMounted(open)
// From one of a series to the next the screen stays.
watch(() => props.id, open)
onBeforeUnmount(() => stream?.close())

/** A class makes many moves a second; what came since the last frame is shown together. */
const gathered = new Map<string, ProgressRow>()
const soon = frameQueue()
function gather(row: ProgressRow) {
  gathered.set(row.id, row)
  soon('rows', () => {
    if (table.value) table.value = { ...table.value, students: withRows(table.value.students, gathered) }
    gathered.clear()
  })
}
function changeStuck(now: { id: string; stuck: Stuck }[]) {
  if (!table.value) return
  const byId = new Map(now.map((one) => [one.id, one.stuck]))
  // Whoever is as stuck as before keeps their row as it is, so that it is not drawn anew.
  const same = (row: ProgressRow) => JSON.stringify(row.stuck) === JSON.stringify(byId.get(row.id))
  const students = table.value.students.map((row) => (same(row) ? row : { ...row, stuck: byId.get(row.id) }))
  table.value = { ...table.value, students }
}
</script>

<template>
  <TeacherBar />
  <main class="room">
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <template v-if="table">
      <div class="left">
        <div class="top">
          <div>
            <h1>{{ table.title }}</h1>
            <p class="soft">{{ about }}</p>
          </div>
          <ControlBar
            :table="table"
            :stuck-first="stuckFirst"
            @sort="stuckFirst = !stuckFirst"
            @changed="load().catch((error) => (wrong = errorText(error)))"
            @renew="renewing = true"
            @wrong="wrong = $event"
          />
        </div>
        <nav v-if="table.series.length > 1" class="series" :aria-label="t('progress.assigned-together')">
          <RouterLink
            v-for="(one, i) in table.series"
            :key="one.assignmentId"
            class="btn"
            :to="`/assigned/${one.assignmentId}`"
            >{{ i + 1 }} · {{ one.title }}</RouterLink
          >
        </nav>
        <p v-if="table.control.pausedAt" class="state" role="status">
          {{
            table.control.words
              ? t('progress.all-rest-and-read', { words: table.control.words })
              : t('progress.all-rest')
          }}
        </p>
        <p v-if="table.control.closedAt" class="state" role="status">
          {{ t('progress.editing-is-closed-for-all-they') }}
        </p>
        <p v-if="table.control.withdrawnAt" class="state" role="status">
          {{ t('progress.it-is-withdrawn-no-student-sees') }}
        </p>
        <div v-if="pages.length > 1" class="pages" role="group" :aria-label="t('progress.pages-shown')">
          <button class="btn quiet" :aria-pressed="!onePage" @click="onePage = ''">
            {{ t('shared.all-pages') }}
          </button>
          <button
            v-for="page in pages"
            :key="page.id"
            class="btn quiet"
            :aria-pressed="onePage === page.id"
            @click="onePage = page.id"
          >
            {{ table.pages.indexOf(page) + 1 }} · {{ page.name }}
          </button>
        </div>
        <ProgressGrid :table="table" :rows="rows" :only-page="onePage" @say="sayTo = $event" />
        <p class="soft" role="status">
          {{
            line === 'live'
              ? t('progress.changes-arrive-by-themselves')
              : t('progress.the-line-broke-it-comes-back')
          }}
        </p>
      </div>
      <ProgressAside :table="table" @extend="extending = $event" />
      <MessageDialog
        v-if="sayTo"
        :head="t('progress.say-to-sayto', { sayTo: sayTo.name })"
        button="Send"
        :send="(words) => post(`/api/v1/assignments/${id}/messages`, { words, holderId: sayTo!.id })"
        @close="sayTo = null"
      />
      <UpdateVersionDialog
        v-if="renewing"
        :id="id"
        @done="load().catch((error) => (wrong = errorText(error)))"
        @close="renewing = false"
      />
      <ExtendDialog
        v-if="extending"
        :assignment-id="id"
        :row="extending"
        :terms="table.terms"
        :extension="table.extensions[extending.id]"
        @done="load().catch((error) => (wrong = errorText(error)))"
        @close="extending = null"
      />
    </template>
  </main>
</template>

<style scoped>
.room {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 250px;
  gap: 18px;
  padding: 16px 22px;
}
.left {
  display: grid;
  gap: 8px;
  align-content: start;
}
.top {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: end;
}
.series,
.pages {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.series .router-link-active {
  border-color: var(--petrol);
  background: var(--petrol-t);
}
.state {
  padding: 8px 12px;
  border-radius: var(--tile-s);
  background: var(--saffron-t);
  color: #5b3c00;
}
</style>
