<script setup lang="ts">
import { t } from '@/i18n'
import { decimal } from '@/i18n/format'
import { PhArrowLeft, PhDownloadSimple } from '@phosphor-icons/vue'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { RouterLink } from 'vue-router'
import { get, errorText } from '@/api/client'
import type { Figures } from '@/api/schema'
import { missWords } from './mistakes'
import TeacherBar from '@/accounts/TeacherBar.vue'
import { needTeacher } from '@/accounts/me'
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
  seconds === undefined
    ? '–'
    : seconds < 90
      ? t('progress.n-s', { n: Math.round(seconds) })
      : t('shared.minutes-min', { minutes: Math.round(seconds / 60) })
const number = (value: number | undefined, digits = 1) => (value === undefined ? '–' : decimal(value, digits))
const share = (value: number | undefined) =>
  value === undefined ? t('progress.nobody-tried') : `${Math.round(value * 100)} %`
const MOST_ZONES = 3
const went = (row: Figures['rows'][number]) => row.missed.slice(0, MOST_ZONES).map(missWords).join(', ')
</script>

<template>
  <TeacherBar />
  <main class="room">
    <p class="links">
      <RouterLink class="btn" :to="`/assigned/${id}`"
        ><PhArrowLeft class="mirrors" :size="18" aria-hidden="true" />{{
          t('shared.to-class-progress')
        }}</RouterLink
      >
      <a class="btn" :href="`/api/v1/assignments/${id}/results/table`" download
        ><PhDownloadSimple :size="18" aria-hidden="true" />{{ t('shared.download-csv') }}</a
      >
    </p>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <template v-if="figures && whole">
      <h1>{{ t('progress.title-results', { title: figures.title }) }}</h1>
      <p class="soft">
        {{
          t('progress.classname-count-did-something-handedin', {
            className: figures.className,
            count: whole.students,
            handedIn: whole.handedIn,
          })
        }}
      </p>
      <div class="whole">
        <section class="card">
          <h2 class="small-head">{{ t('progress.points-of-those-who-handed-in') }}</h2>
          <dl>
            <div>
              <dd>{{ number(whole.points.mean) }}</dd>
              <dt>{{ t('progress.mean-of-most', { most: number(whole.most) }) }}</dt>
            </div>
            <div>
              <dd>{{ number(whole.points.median) }}</dd>
              <dt>{{ t('progress.median') }}</dt>
            </div>
            <div>
              <dd>{{ number(whole.points.deviation) }}</dd>
              <dt>{{ t('progress.standard-deviation') }}</dt>
            </div>
          </dl>
        </section>
        <section class="card">
          <h2 class="small-head">{{ t('progress.how-many-had-how-much') }}</h2>
          <ScoreBars :bars="whole.histogram" :most="whole.most" />
        </section>
        <section v-if="again" class="card">
          <h2 class="small-head">{{ t('progress.what-improving-brought') }}</h2>
          <p>
            {{
              t('progress.count-improved-same-stayed-worse-went', {
                count: figures.rounds.improved,
                same: figures.rounds.same,
                worse: figures.rounds.worse,
                before: number(figures.rounds.before),
                after: number(figures.rounds.after),
              })
            }}
          </p>
        </section>
        <section class="card">
          <h2 class="small-head">{{ t('progress.reliability') }}</h2>
          <p>
            <strong v-if="whole.reliability.kr20 !== undefined" class="figure">{{
              number(whole.reliability.kr20, 2)
            }}</strong>
            {{ whole.reliability.honest }}
          </p>
        </section>
      </div>
      <div class="cloth" tabindex="0" role="region" :aria-label="t('progress.placements')">
        <table>
          <caption>
            {{
              t('progress.placements-the-hardest-first')
            }}
          </caption>
          <thead>
            <tr>
              <th scope="col">{{ t('progress.placement') }}</th>
              <th scope="col">{{ t('shared.page') }}</th>
              <th scope="col" :title="t('progress.of-those-who-tried')">
                {{ t('progress.right-at-the-first-try') }}
              </th>
              <th scope="col">{{ t('progress.tries-median') }}</th>
              <th scope="col" :title="t('progress.from-what-was-right-before-it')">
                {{ t('progress.time-median') }}
              </th>
              <th scope="col" :title="t('progress.how-far-having-it-right-goes')">
                {{ t('progress.correlation-with-the-rest') }}
              </th>
              <th scope="col" :title="t('progress.right-among-the-best-27-less')">
                {{ t('progress.top-minus-bottom-27') }}
              </th>
              <th scope="col">{{ t('progress.misses-column') }}</th>
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
  text-align: start;
}
th,
td {
  padding: 6px 10px;
  border-bottom: 1px solid var(--line);
  text-align: start;
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
  margin-inline-end: 6px;
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
