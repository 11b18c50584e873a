<script setup lang="ts">
import { PhChartBar, PhChatCircleText, PhClipboardText } from '@phosphor-icons/vue'
import { computed, onBeforeUnmount, onMounted, ref, shallowRef } from 'vue'
import { RouterLink } from 'vue-router'
import { get, said } from '@/api/client'
import type { Hardest, Quilt, QuiltRow, Stuck } from '@/api/types'
import TeacherBar from '@/accounts/TeacherBar.vue'
import { needTeacher } from '@/accounts/me'
import { spaced } from '@/page/code'
import { dueWords } from '@/student/times'
import { count } from '@/page/count'
import { cellOf, mostStuckFirst, stuckWords } from './cell'
import ControlBar from './ControlBar.vue'
import ExtendDialog from './ExtendDialog.vue'
import RenewDialog from './RenewDialog.vue'
import SayDialog from './SayDialog.vue'

const props = defineProps<{ id: string }>()
const quilt = shallowRef<Quilt | null>(null)
const wrong = ref('')
const line = ref<'live' | 'lost'>('live')
let stream: EventSource | null = null

const pages = computed(() => (quilt.value?.pages ?? []).filter((page) => page.placements.length > 0))
const joined = computed(() => quilt.value?.students.filter((row) => row.standing).length ?? 0)
const handedIn = computed(
  () => quilt.value?.students.filter((row) => row.standing === 'HANDED_IN').length ?? 0,
)

const stuckFirst = ref(false)
const renewing = ref(false)
const extending = ref<QuiltRow | null>(null)
const sayTo = ref<QuiltRow | null>(null)
const onePage = ref('')
const shownPages = computed(() =>
  onePage.value ? pages.value.filter((page) => page.id === onePage.value) : pages.value,
)
const rows = computed(() =>
  stuckFirst.value ? mostStuckFirst(quilt.value?.students ?? []) : (quilt.value?.students ?? []),
)
const stuck = computed(() => quilt.value?.students.filter((row) => row.stuck).length ?? 0)
const here = computed(() => quilt.value?.students.filter((row) => row.here).length ?? 0)
const SHARING = { OWN_COPY: 'own copy each', TEAM_COPY: 'team copies', LOOK_ONLY: 'look only' }
const about = computed(() => {
  const { terms, className } = quilt.value!
  const due = dueWords(terms.dueAt, new Date().toISOString())
  return [className, SHARING[terms.sharing ?? 'OWN_COPY'], due].filter(Boolean).join(' · ')
})
const nameOf = (itemId: string) =>
  pages.value.flatMap((page) => page.placements).find((one) => one.itemId === itemId)?.name ?? 'a piece'

async function load() {
  quilt.value = await get<Quilt>(`/api/assignments/${props.id}/quilt`)
}

onMounted(async () => {
  try {
    if (!(await needTeacher())) return
    await load()
    stream = new EventSource(`/api/assignments/${props.id}/live`)
    stream.addEventListener('stuck', (event) => changeStuck(JSON.parse(event.data)))
    stream.addEventListener('hardest', (event) => {
      if (quilt.value) quilt.value = { ...quilt.value, hardest: JSON.parse(event.data) as Hardest }
    })
    stream.addEventListener('around', () => void load().catch(() => {}))
    stream.addEventListener('row', (event) => change(JSON.parse(event.data)))
    // After a broken line something may have been missed: the whole is fetched anew.
    stream.addEventListener('listening', () => {
      line.value = 'live'
      void load().catch(() => {})
    })
    stream.addEventListener('error', () => (line.value = 'lost'))
  } catch (error) {
    wrong.value = said(error)
  }
})
onBeforeUnmount(() => stream?.close())

function change(row: QuiltRow) {
  if (!quilt.value) return
  const known = quilt.value.students.some((one) => one.id === row.id)
  const students = known
    ? quilt.value.students.map((one) => (one.id === row.id ? row : one))
    : [...quilt.value.students, row]
  quilt.value = { ...quilt.value, students }
}
function changeStuck(now: { id: string; stuck: Stuck }[]) {
  if (!quilt.value) return
  const byId = new Map(now.map((one) => [one.id, one.stuck]))
  const students = quilt.value.students.map((row) => ({ ...row, stuck: byId.get(row.id) }))
  quilt.value = { ...quilt.value, students }
}

function now(row: QuiltRow) {
  if (!row.standing) return 'not joined'
  const round = row.round > 1 ? `round ${row.round}, ` : ''
  if (row.sentBack) return `${round}sent back`
  if (row.standing === 'HANDED_IN') return `${round}handed in${row.late ? ', late' : ''}`
  return `${round}page ${quilt.value!.pages.findIndex((page) => page.id === row.pageId) + 1}`
}

/** The pages a student met, in that order, by their numbers. */
const wayOf = (row: QuiltRow) =>
  (row.way ?? []).map((id) => quilt.value!.pages.findIndex((page) => page.id === id) + 1).filter((n) => n > 0)
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
    .filter((group) => !onePage.value || group.page.id === onePage.value)
}
</script>

<template>
  <TeacherBar />
  <main class="room">
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <template v-if="quilt">
      <div class="left">
        <div class="top">
          <div>
            <h1>{{ quilt.title }}</h1>
            <p class="soft">{{ about }}</p>
          </div>
          <ControlBar
            :quilt="quilt"
            :stuck-first="stuckFirst"
            @sort="stuckFirst = !stuckFirst"
            @changed="load().catch(() => {})"
            @renew="renewing = true"
            @wrong="wrong = $event"
          />
        </div>
        <nav v-if="quilt.series.length > 1" class="series" aria-label="Given together">
          <RouterLink
            v-for="(one, i) in quilt.series"
            :key="one.assignmentId"
            class="btn"
            :to="`/assigned/${one.assignmentId}`"
            >{{ i + 1 }} · {{ one.title }}</RouterLink
          >
        </nav>
        <p v-if="quilt.control.heldAt" class="state" role="status">
          Everybody's pages rest.{{ quilt.control.words ? ` They read: ${quilt.control.words}` : '' }}
        </p>
        <p v-if="quilt.control.shutAt" class="state" role="status">
          Editing is closed for all; they can still hand in.
        </p>
        <p v-if="quilt.control.withdrawnAt" class="state" role="status">
          It is withdrawn: no student sees it.
        </p>
        <div v-if="pages.length > 1" class="pages" role="group" aria-label="Pages shown">
          <button class="btn quiet" :aria-pressed="!onePage" @click="onePage = ''">All pages</button>
          <button
            v-for="page in pages"
            :key="page.id"
            class="btn quiet"
            :aria-pressed="onePage === page.id"
            @click="onePage = page.id"
          >
            {{ quilt.pages.indexOf(page) + 1 }} · {{ page.name }}
          </button>
        </div>
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
                  <span v-if="row.here" class="here" title="Here now"
                    ><span class="unseen">, here now</span></span
                  >
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
                    @click="sayTo = row"
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
          <span class="soft" role="status">{{
            line === 'live' ? 'Changes arrive by themselves' : 'The line broke; it comes back by itself'
          }}</span>
        </p>
      </div>
      <aside>
        <section class="card">
          <h2 class="small-head">Right now</h2>
          <dl>
            <div>
              <dd>{{ joined }}</dd>
              <dt>joined</dt>
            </div>
            <div>
              <dd>{{ handedIn }}</dd>
              <dt>handed in</dt>
            </div>
            <div>
              <dd :class="{ bad: stuck > 0 }">{{ stuck }}</dd>
              <dt>stuck</dt>
            </div>
          </dl>
          <p class="soft">
            {{ count(here, 'page') }} open now · {{ quilt.students.length - joined }} not joined
          </p>
        </section>
        <section class="card to">
          <RouterLink class="btn pri" :to="`/assigned/${id}/desk`">
            <PhClipboardText :size="18" aria-hidden="true" />Review desk
          </RouterLink>
          <RouterLink class="btn" :to="`/assigned/${id}/results`">
            <PhChartBar :size="18" aria-hidden="true" />Results
          </RouterLink>
        </section>
        <section v-if="stuck" class="card">
          <h2 class="small-head">Stuck now</h2>
          <ul class="stuck-list">
            <li v-for="row in rows.filter((one) => one.stuck)" :key="row.id">
              <RouterLink :to="`/assigned/${id}/students/${row.id}`">{{ row.name }}</RouterLink>
              <span>{{ stuckWords(row.stuck!, nameOf(row.stuck!.itemId)) }}</span>
            </li>
          </ul>
        </section>
        <section v-if="quilt.hardest.placements.length" class="card">
          <h2 class="small-head">Hardest so far</h2>
          <div v-for="one in quilt.hardest.placements" :key="one.placement.itemId" class="hard">
            <strong>{{ one.placement.name }}</strong>
            <span class="soft">{{ Math.round(one.share * 100) }} % right at the first try</span>
            <span v-if="one.misses[0]"
              >{{ one.misses[0].count }} of {{ one.misses.reduce((sum, miss) => sum + miss.count, 0) }} misses
              went to <b>{{ one.misses[0].zone }}</b></span
            >
          </div>
        </section>
        <section class="card code">
          <h2 class="small-head">Students join with</h2>
          <p class="big">{{ spaced(quilt.joinCode) }}</p>
          <img class="qr" :src="`/api/qr/${quilt.joinCode}`" alt="The same as a picture for the camera" />
        </section>
        <section v-if="quilt.terms.dueAt || quilt.terms.seconds" class="card">
          <h2 class="small-head">More time for one</h2>
          <label class="unseen" for="extend-who">Who</label>
          <select
            id="extend-who"
            class="field"
            @change="
              extending = rows.find((row) => row.id === ($event.target as HTMLSelectElement).value) ?? null
            "
          >
            <option value="">Choose a student</option>
            <option v-for="row in quilt.students" :key="row.id" :value="row.id">
              {{ row.name }}{{ quilt.extensions[row.id] ? ' (has more)' : '' }}
            </option>
          </select>
        </section>
      </aside>
      <SayDialog
        v-if="sayTo"
        :head="`Say to ${sayTo.name}`"
        button="Say it"
        :address="`/api/assignments/${id}/words`"
        :body="{ holderId: sayTo.id }"
        @close="sayTo = null"
      />
      <RenewDialog v-if="renewing" :id="id" @done="load().catch(() => {})" @close="renewing = false" />
      <ExtendDialog
        v-if="extending"
        :assignment-id="id"
        :row="extending"
        :terms="quilt.terms"
        :extension="quilt.extensions[extending.id]"
        @done="load().catch(() => {})"
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
