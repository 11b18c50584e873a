<script setup lang="ts">
import { t } from '@/i18n'
import { computed, watchEffect, ref } from 'vue'
import type { Points, AnswerTerms } from '@/api/schema'
import DraftField from '@/workbench/panels/DraftField.vue'
import { termsOf } from '@/workbench/edits/answerKey'
import type { Deciding } from './deciding'
import { pointsSaid } from './pointsSaid'

/** Points, time and the solution: what holds for the whole activity, or for this page. */
const props = defineProps<{ deciding: Deciding }>()
const { key, page } = props.deciding
const terms = computed(() => termsOf(key.value))
const USUAL: Points = { each: 1, refusal: 0, firstTry: 0, belowZero: false, parts: false }
const points = computed(() => terms.value.score ?? USUAL)
const set = (change: Partial<AnswerTerms>) => props.deciding.setTerms(change)
const isUsual = (one: Points) => JSON.stringify(one) === JSON.stringify(USUAL)
function setPoints(change: Partial<Points>) {
  const score = { ...points.value, ...change }
  set({ score: isUsual(score) ? undefined : score })
}
const number = (text: string, most: number) => Math.max(0, Math.min(most, Math.round(Number(text)) || 0))
function seconds(text: string): number | undefined {
  const minutes = Number(text.replace(',', '.'))
  if (text.trim() === '' || !Number.isFinite(minutes) || minutes <= 0) return undefined
  return Math.max(5, Math.min(86_400, Math.round(minutes * 60)))
}
const minutes = (time: number | undefined) => (time === undefined ? '' : Math.round((time / 60) * 100) / 100)
function setPage<T>(all: Record<string, T> | undefined, value: T | undefined): Record<string, T> {
  const { [page.value.id]: _, ...rest } = all ?? {}
  return value === undefined ? rest : { ...rest, [page.value.id]: value }
}
const solution = computed(() => terms.value.solution ?? { when: 'NEVER' as const, oneByOne: false })
function setSolution(change: Partial<NonNullable<AnswerTerms['solution']>>) {
  const { when, oneByOne, tries } = { tries: 3, ...solution.value, ...change }
  if (when === 'NEVER') set({ solution: undefined })
  else
    props.deciding.setTerms({
      solution: { when, oneByOne, ...(when === 'AFTER_TRIES' ? { tries } : {}) },
    })
}
const tools = computed(() => terms.value.tools ?? { draw: true, record: false })
function setTools(change: Partial<NonNullable<AnswerTerms['tools']>>) {
  const now = { ...tools.value, ...change }
  set({ tools: now.draw && !now.record ? undefined : now })
}
/** By their names in themselves; what is set already is among them, whatever it is. */
const CODES = 'en de fr es ar cs da el fi hu it ja ko nl no pl pt ro ru sk sv tr uk zh'.split(' ')
const languages = computed(() => {
  const own = terms.value.language
  const codes = own && !CODES.includes(own) ? [...CODES, own] : CODES
  const named = codes.map((code) => ({
    code,
    name: new Intl.DisplayNames([code], { type: 'language' }).of(code) ?? code,
  }))
  return [{ code: '', name: t('workbench.not-said') }, ...named]
})
const told = ref('')
watchEffect(async () => (told.value = await pointsSaid(points.value)))
const checked = (event: Event) => (event.target as HTMLInputElement).checked
</script>

<template>
  <section :aria-label="t('workbench.points-time-and-solution')">
    <h3>{{ t('shared.points') }}</h3>
    <p class="wide told" role="status">{{ told }}</p>
    <label
      >{{ t('workbench.for-each-placement') }}
      <DraftField
        type="number"
        min="0"
        max="1000"
        :value="points.each"
        @commit="setPoints({ each: number($event, 1000) })"
      />
    </label>
    <label
      >{{ t('workbench.less-for-each-refusal') }}
      <DraftField
        type="number"
        min="0"
        max="1000"
        :value="points.refusal"
        @commit="setPoints({ refusal: number($event, 1000) })"
      />
    </label>
    <label
      >{{ t('workbench.more-at-the-first-try') }}
      <DraftField
        type="number"
        min="0"
        max="1000"
        :value="points.firstTry"
        @commit="setPoints({ firstTry: number($event, 1000) })"
      />
    </label>
    <label
      >{{ t('workbench.this-page-counts') }}
      <DraftField
        :key="page.id"
        inputmode="decimal"
        :value="terms.weights?.[page.id] ?? 1"
        @commit="
          set({
            weights: setPage(
              terms.weights,
              Number($event.replace(',', '.')) === 1 || !Number.isFinite(Number($event.replace(',', '.')))
                ? undefined
                : Math.max(0, Math.min(10, Number($event.replace(',', '.')))),
            ),
          })
        "
    /></label>
    <label class="line"
      ><input
        type="checkbox"
        :checked="!points.belowZero"
        @change="setPoints({ belowZero: !checked($event) })"
      />{{ t('workbench.never-below-0') }}</label
    >
    <label class="line"
      ><input type="checkbox" :checked="points.parts" @change="setPoints({ parts: checked($event) })" />{{
        t('workbench.a-share-for-what-is-right')
      }}</label
    >
    <h3>{{ t('shared.language') }}</h3>
    <label
      >{{ t('workbench.written-in') }}
      <select
        :value="terms.language ?? ''"
        @change="set({ language: ($event.target as HTMLSelectElement).value || undefined })"
      >
        <option v-for="one in languages" :key="one.code" :value="one.code">{{ one.name }}</option>
      </select></label
    >
    <h3>{{ t('workbench.students-may-also') }}</h3>
    <label class="line"
      ><input type="checkbox" :checked="tools.draw" @change="setTools({ draw: checked($event) })" />{{
        t('workbench.draw-on-the-pages')
      }}</label
    >
    <label class="line"
      ><input type="checkbox" :checked="tools.record" @change="setTools({ record: checked($event) })" />{{
        t('workbench.say-something-and-record-it')
      }}</label
    >
    <h3>{{ t('shared.time') }}</h3>
    <label
      >{{ t('workbench.minutes-for-the-whole') }}
      <DraftField
        inputmode="decimal"
        :placeholder="t('workbench.no-limit')"
        :value="minutes(terms.seconds)"
        @commit="set({ seconds: seconds($event) })"
      />
    </label>
    <label
      >{{ t('workbench.minutes-for-this-page') }}
      <DraftField
        :key="`t${page.id}`"
        inputmode="decimal"
        :placeholder="t('workbench.no-limit')"
        :value="minutes(terms.pageSeconds?.[page.id])"
        @commit="set({ pageSeconds: setPage(terms.pageSeconds, seconds($event)) })"
    /></label>
    <h3>{{ t('workbench.solution') }}</h3>
    <label
      >{{ t('workbench.students-may-see-it') }}
      <select
        :value="solution.when"
        @change="setSolution({ when: ($event.target as HTMLSelectElement).value as typeof solution.when })"
      >
        <option value="NEVER">{{ t('shared.never') }}</option>
        <option value="AFTER_TRIES">{{ t('workbench.after-refusals') }}</option>
        <option value="AFTER_HAND_IN">{{ t('workbench.after-handing-in') }}</option>
      </select></label
    >
    <label v-if="solution.when === 'AFTER_TRIES'"
      >{{ t('workbench.after-so-many') }}
      <DraftField
        type="number"
        min="1"
        max="100"
        :value="(solution as { tries?: number }).tries ?? 3"
        @commit="setSolution({ tries: Math.max(1, number($event, 100)) })"
    /></label>
    <label v-if="solution.when !== 'NEVER'"
      >{{ t('workbench.shown') }}
      <select
        :value="solution.oneByOne ? 'one' : 'all'"
        @change="setSolution({ oneByOne: ($event.target as HTMLSelectElement).value === 'one' })"
      >
        <option value="all">{{ t('workbench.all-at-once') }}</option>
        <option value="one">{{ t('workbench.piece-by-piece') }}</option>
      </select></label
    >
  </section>
</template>

<style scoped src="./panel.css"></style>
<style scoped>
.told {
  padding: 6px 10px;
  border-radius: 8px;
  background: var(--petrol-t);
  color: var(--petrol-d);
}
</style>
