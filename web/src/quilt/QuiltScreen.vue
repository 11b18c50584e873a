<script setup lang="ts">
import { PhChartBar } from '@phosphor-icons/vue'
import { computed, onBeforeUnmount, onMounted, ref, shallowRef } from 'vue'
import { RouterLink } from 'vue-router'
import { get, said } from '@/api/client'
import type { Quilt, QuiltRow } from '@/api/types'
import TeacherBar from '@/accounts/TeacherBar.vue'
import { needTeacher } from '@/accounts/me'
import { spaced } from '@/page/code'
import { cellOf } from './cell'

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

async function load() {
  quilt.value = await get<Quilt>(`/api/assignments/${props.id}/quilt`)
}

onMounted(async () => {
  try {
    if (!(await needTeacher())) return
    await load()
    stream = new EventSource(`/api/assignments/${props.id}/live`)
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
  const students = quilt.value.students.map((one) => (one.id === row.id ? row : one))
  quilt.value = { ...quilt.value, students }
}

function now(row: QuiltRow) {
  if (!row.standing) return 'not joined'
  if (row.standing === 'HANDED_IN') return 'handed in'
  return `page ${quilt.value!.pages.findIndex((page) => page.id === row.pageId) + 1}`
}

/** The pages a student met, in that order, by their numbers. */
const wayOf = (row: QuiltRow) =>
  (row.way ?? []).map((id) => quilt.value!.pages.findIndex((page) => page.id === id) + 1).filter((n) => n > 0)
const MOST_STEPS = 8

/** The cells of a row in the groups of its pages. */
function groups(row: QuiltRow) {
  let from = 0
  return pages.value.map((page) => {
    const cells = page.placements.map((placement, i) => ({ placement, ...cellOf(row.cells[from + i]!) }))
    from += page.placements.length
    return { page, cells }
  })
}
</script>

<template>
  <TeacherBar />
  <main class="room">
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <template v-if="quilt">
      <div class="left">
        <h1>{{ quilt.title }}</h1>
        <p class="soft">{{ quilt.className }} · own copy each</p>
        <div class="cloth" tabindex="0" role="region" aria-label="Quilt">
          <table>
            <caption class="unseen">
              Students and their tries at each placement
            </caption>
            <thead>
              <tr>
                <td></td>
                <th
                  v-for="page in pages"
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
                <template v-for="page in pages" :key="page.id">
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
              <tr v-for="row in quilt.students" :key="row.id">
                <th scope="row">
                  <RouterLink v-if="row.standing" :to="`/assigned/${id}/students/${row.id}`">{{
                    row.name
                  }}</RouterLink>
                  <span v-else class="soft">{{ row.name }}</span>
                </th>
                <template v-for="group in groups(row)" :key="group.page.id">
                  <td
                    v-for="(cell, i) in group.cells"
                    :key="cell.placement.itemId"
                    :class="{ first: i === 0 }"
                    :title="`${row.name}, ${cell.placement.name}: ${cell.said}`"
                  >
                    <span class="patch" :class="cell.look" role="img" :aria-label="cell.said">{{
                      cell.shown
                    }}</span>
                  </td>
                </template>
                <td class="now">
                  <span :class="{ chip: row.standing === 'HANDED_IN' }">{{ now(row) }}</span>
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
              <dd>{{ quilt.students.length - joined }}</dd>
              <dt>not joined</dt>
            </div>
          </dl>
        </section>
        <section class="card">
          <RouterLink class="btn" :to="`/assigned/${id}/results`">
            <PhChartBar :size="18" aria-hidden="true" />Results
          </RouterLink>
        </section>
        <section class="card code">
          <h2 class="small-head">Students join with</h2>
          <p class="big">{{ spaced(quilt.joinCode) }}</p>
        </section>
      </aside>
    </template>
  </main>
</template>

<style scoped>
.room {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 230px;
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
