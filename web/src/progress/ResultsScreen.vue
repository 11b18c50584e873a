<script setup lang="ts">
import { PhArrowLeft, PhDownloadSimple } from '@phosphor-icons/vue'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { RouterLink } from 'vue-router'
import { get, errorText } from '@/api/client'
import type { Figures } from '@/api/schema'
import { missWords } from './mistakes'
import TeacherBar from '@/accounts/TeacherBar.vue'
import { needTeacher } from '@/accounts/me'
import { count } from '@/page/count'
import ScoreBars from './ScoreBars.vue'

/** What came of an assignment, in figures: the whole, and each placement, the hardest first. */
const props = defineProps<{ id: string }>()
const figures = shallowRef<Figures | null>(null)
const wrong = ref('')

onMounted(async () => {
  try {
    if (await needTeacher()) figures.value = await get(`/api/v1/assignments/${props.id}/results`)
  } catch (error) {
    wrong.value = errorText(error)
  }
})

const whole = computed(() => figures.value?.statistics)
const rows = computed(() =>
  [...(figures.value?.rows ?? [])].sort((a, b) => (a.figures.difficulty ?? 2) - (b.figures.difficulty ?? 2)),
)
const again = computed(() => {
  const { improved, same, worse } = figures.value!.rounds
  return improved + same + worse
})
const time = (seconds: number | undefined) =>
  seconds === undefined ? '–' : seconds < 90 ? `${Math.round(seconds)} s` : `${Math.round(seconds / 60)} min`
const number = (value: number | undefined, digits = 1) =>
  value === undefined ? '–' : value.toLocaleString([], { maximumFractionDigits: digits })
const share = (value: number | undefined) =>
  value === undefined ? 'nobody tried' : `${Math.round(value * 100)} %`
const MOST_ZONES = 3
const went = (row: Figures['rows'][number]) => row.missed.slice(0, MOST_ZONES).map(missWords).join(', ')
</script>

<template>
  <TeacherBar />
  <main class="room">
    <p class="links">
      <RouterLink class="btn" :to="`/assigned/${id}`"
        ><PhArrowLeft :size="18" aria-hidden="true" />To class progress</RouterLink
      >
      <a class="btn" :href="`/api/v1/assignments/${id}/results/table`" download
        ><PhDownloadSimple :size="18" aria-hidden="true" />Download CSV</a
      >
    </p>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <template v-if="figures && whole">
      <h1>{{ figures.title }}: results</h1>
      <p class="soft">
        {{ figures.className }} · {{ count(whole.students, 'student') }} did something,
        {{ whole.handedIn }} handed in
      </p>
      <div class="whole">
        <section class="card">
          <h2 class="small-head">Points of those who handed in</h2>
          <dl>
            <div>
              <dd>{{ number(whole.points.mean) }}</dd>
              <dt>mean, of {{ number(whole.most) }}</dt>
            </div>
            <div>
              <dd>{{ number(whole.points.median) }}</dd>
              <dt>median</dt>
            </div>
            <div>
              <dd>{{ number(whole.points.deviation) }}</dd>
              <dt>standard deviation</dt>
            </div>
          </dl>
        </section>
        <section class="card">
          <h2 class="small-head">How many had how much</h2>
          <ScoreBars :bars="whole.histogram" :most="whole.most" />
        </section>
        <section v-if="again" class="card">
          <h2 class="small-head">What improving brought</h2>
          <p>
            {{ count(figures.rounds.improved, 'student') }} improved, {{ figures.rounds.same }} stayed,
            {{ figures.rounds.worse }} went down: from {{ number(figures.rounds.before) }} points in the first
            round to {{ number(figures.rounds.after) }} in the last.
          </p>
        </section>
        <section class="card">
          <h2 class="small-head">Reliability</h2>
          <p>
            <strong v-if="whole.reliability.kr20 !== undefined" class="figure">{{
              number(whole.reliability.kr20, 2)
            }}</strong>
            {{ whole.reliability.honest }}
          </p>
        </section>
      </div>
      <div class="cloth" tabindex="0" role="region" aria-label="Placements">
        <table>
          <caption>
            Placements, the hardest first
          </caption>
          <thead>
            <tr>
              <th scope="col">Placement</th>
              <th scope="col">Page</th>
              <th scope="col" title="Of those who tried">Right at the first try</th>
              <th scope="col">Tries, median</th>
              <th scope="col" title="From what was right before it until it was right, in the first round">
                Time, median
              </th>
              <th
                scope="col"
                title="How far having it right goes with having the others right, from -1 to 1. Below 0.2 look at it."
              >
                Correlation with the rest
              </th>
              <th scope="col" title="Right among the best 27 % less right among the others' lowest 27 %">
                Top minus bottom 27 %
              </th>
              <th scope="col">Misses went to</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in rows" :key="row.figures.placement.itemId">
              <th scope="row">{{ row.figures.placement.name }}</th>
              <td>{{ row.page }}</td>
              <td class="first-try">
                <span v-if="row.figures.difficulty !== undefined" class="share" aria-hidden="true"
                  ><i :style="{ width: `${row.figures.difficulty * 100}%` }"
                /></span>
                {{ share(row.figures.difficulty) }}
              </td>
              <td>{{ number(row.figures.tries) }}</td>
              <td>{{ time(row.seconds) }}</td>
              <td>{{ number(row.figures.pointBiserial, 2) }}</td>
              <td>{{ number(row.figures.upperLower, 2) }}</td>
              <td>{{ went(row) || '–' }}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </template>
  </main>
</template>

<style scoped>
.room {
  display: grid;
  gap: 10px;
  padding: 16px 22px 30px;
}
.ways {
  display: flex;
  gap: 10px;
}
.whole {
  display: grid;
  grid-template-columns: 1.2fr 1.4fr 1fr;
  gap: 14px;
}
.card {
  padding: 12px 16px;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: var(--paper);
}
dl {
  display: grid;
  grid-auto-flow: column;
  gap: 10px;
  margin: 8px 0 0;
  text-align: center;
}
dd,
.figure {
  margin: 0;
  font-size: 24px;
  font-weight: 700;
}
dt {
  color: var(--soft);
  font-size: 13px;
}
.cloth {
  padding: 12px 16px;
  overflow: auto;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: var(--paper);
}
table {
  width: 100%;
  border-collapse: collapse;
}
caption {
  padding-bottom: 8px;
  font-weight: 700;
  text-align: left;
}
th,
td {
  padding: 6px 10px;
  border-bottom: 1px solid var(--line);
  text-align: left;
  overflow-wrap: anywhere;
}
thead th {
  color: var(--soft);
  font-size: 13px;
}
.first-try {
  white-space: nowrap;
}
.share {
  display: inline-block;
  width: 90px;
  height: 14px;
  margin-right: 6px;
  border: 1px solid var(--petrol);
  border-radius: 4px 4px 4px 1px;
  background: #fff;
  vertical-align: -2px;
}
.share i {
  display: block;
  height: 100%;
  background: var(--petrol);
}
</style>
