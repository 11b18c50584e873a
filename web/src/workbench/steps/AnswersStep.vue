<script setup lang="ts">
import { t } from '@/i18n'
import { decimal } from '@/i18n/format'
import { computed, nextTick, ref, toRef, watch } from 'vue'
import type { CheckedPages, Edit, Page } from '@/api/schema'
import { itemName } from '@/page/names'
import AnswerTable from '@/workbench/answers/AnswerTable.vue'
import AnswersPage from '@/workbench/answers/AnswersPage.vue'
import CheckStrip from '@/workbench/answers/CheckStrip.vue'
import { useDeciding } from '@/workbench/answers/deciding'
import GapPanel from '@/workbench/answers/GapPanel.vue'
import PiecePanel from '@/workbench/answers/PiecePanel.vue'
import TermsPanel from '@/workbench/answers/TermsPanel.vue'
import ZonePanel from '@/workbench/answers/ZonePanel.vue'
import { composite } from '@/workbench/edits/copies'
import type { Editing } from '@/workbench/edits/editing'
import { isUndecided } from '@/workbench/edits/key'

/** The answer key of a page: the table, the rules, what is typed, points and time; below it the page check. */
const props = defineProps<{ editing: Editing; page: Page; checked: CheckedPages | null; failed: boolean }>()
const emit = defineEmits<{ page: [pageId: string] }>()
const deciding = useDeciding(props.editing, toRef(props, 'page'))
const { key, zones, pieces, gaps, chosen } = deciding

const tab = ref<'table' | 'terms'>('table')
const open = computed(() => pieces.value.filter((piece) => isUndecided(key.value, props.page, piece)).length)
const zone = computed(() => zones.value.find((one) => one.id === chosen.value) ?? null)
const piece = computed(() => pieces.value.find((one) => one.id === chosen.value) ?? null)
const gap = computed(() => {
  const one = gaps.value.find((item) => item.id === chosen.value)
  return one?.kind === 'gap' ? one : null
})
/** Something is always looked at, so that its rules are at hand. */
watch(
  [() => props.page.id, zones, gaps],
  () => {
    if (!zone.value && !piece.value && !gap.value)
      chosen.value = zones.value[0]?.id ?? gaps.value[0]?.id ?? ''
  },
  { immediate: true },
)
/** What students find here and get for it, as core counts it; unknown until it was checked. */
const worthWords = computed(() => {
  const worth = props.checked?.worth[props.page.id]
  if (!worth || worth.placements === 0) return ''
  const points = decimal(worth.points, 2)
  return t('workbench.to-find-for-points', {
    placements: worth.placements,
    points: worth.points,
    said: points,
  })
})
const fillable = computed(() => deciding.labels.value.length > 0 && zones.value.length > 0)

function fill() {
  if (!deciding.fillFromLabels()) props.editing.tell(t('workbench.nothing-changed-no-zone-is-called'))
}
const mend = (edit: Edit) =>
  props.editing.edit(edit.kind === 'composite' ? composite(edit.edits as Edit[]) : edit)
async function jump(pageId: string, itemIds: string[]) {
  emit('page', pageId)
  await nextTick()
  tab.value = 'table'
  chosen.value = itemIds[0] ?? ''
}
</script>

<template>
  <div class="answers">
    <section class="panel" :aria-label="t('workbench.answers')">
      <div class="head">
        <h2>{{ t('workbench.who-belongs-where') }}</h2>
        <span v-if="open" class="chip w">{{ t('workbench.open-undecided', { open }) }}</span>
        <span v-else-if="pieces.length && zones.length" class="chip">{{ t('workbench.all-decided') }}</span>
      </div>
      <div class="seg" role="group" :aria-label="t('workbench.what-is-set')">
        <button :aria-pressed="tab === 'table'" @click="tab = 'table'">
          {{ t('workbench.answers-and-rules') }}
        </button>
        <button :aria-pressed="tab === 'terms'" @click="tab = 'terms'">
          {{ t('workbench.points-time-and-more') }}
        </button>
      </div>
      <template v-if="tab === 'table'">
        <p v-if="!zones.length && !gaps.length" class="soft">
          {{ t('workbench.this-page-has-no-drop-zone') }}
        </p>
        <p v-else-if="zones.length && !pieces.length" class="soft">
          {{ t('workbench.this-page-has-no-piece-yet') }}
        </p>
        <template v-if="zones.length && pieces.length">
          <AnswerTable :key="page.id" class="grid" :deciding="deciding" />
          <p class="legend">
            <span><i class="belongs" />{{ t('workbench.belongs') }}</span
            ><span><i class="away" />{{ t('workbench.does-not-belong') }}</span
            ><span><i class="open">?</i>{{ t('workbench.undecided') }}</span
            ><span class="soft">{{ t('workbench.space-cycles-a-cell') }}</span>
            <button v-if="fillable" class="btn" @click="fill">{{ t('workbench.fill-from-labels') }}</button>
          </p>
        </template>
        <p v-if="gaps.length" class="gaps">
          <span class="soft">{{ t('workbench.gaps') }}</span>
          <button
            v-for="item in gaps"
            :key="item.id"
            class="btn"
            :aria-pressed="chosen === item.id"
            @click="chosen = item.id"
          >
            {{ itemName(item) }}<span v-if="!key.typed?.[item.id]" class="chip w">?</span>
          </button>
        </p>
        <ZonePanel v-if="zone" :key="zone.id" :deciding="deciding" :zone="zone" />
        <PiecePanel v-else-if="piece" :key="piece.id" :deciding="deciding" :piece="piece" />
        <GapPanel v-else-if="gap" :key="gap.id" :deciding="deciding" :gap="gap" />
      </template>
      <TermsPanel v-else :deciding="deciding" />
    </section>
    <section class="middle" :aria-label="t('shared.page')">
      <p class="where">
        <strong>{{ page.name }}</strong>
        <span class="soft">{{ worthWords }}</span>
        <span v-if="zones.length" class="soft">{{ t('workbench.drop-a-piece-on-a-zone') }}</span>
      </p>
      <AnswersPage :deciding="deciding" @choose="chosen = $event" />
    </section>
    <CheckStrip
      class="strip"
      :checked="checked"
      :failed="failed"
      :activity="editing.activity.value"
      :page-id="page.id"
      @mend="mend"
      @jump="jump"
    />
  </div>
</template>

<style scoped>
.answers {
  display: grid;
  grid-template-columns: minmax(400px, 470px) minmax(0, 1fr);
  grid-template-rows: minmax(0, 1fr) auto;
  min-height: 0;
}
.strip {
  grid-column: 1 / -1;
}
.panel {
  display: flex;
  flex-direction: column;
  gap: 10px;
  padding: 12px 18px;
  overflow-y: auto;
  border-inline-end: 1px solid var(--line);
  background: var(--paper);
}
.head {
  display: flex;
  justify-content: space-between;
}
.panel > * {
  flex: none;
}
.grid {
  flex: none;
  max-height: 46%;
}
.legend,
.gaps {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: center;
  font-size: 13px;
}
.legend span {
  display: flex;
  gap: 6px;
  align-items: center;
}
.legend i {
  display: grid;
  place-items: center;
  width: 18px;
  height: 18px;
  border: 2px solid;
  font-style: normal;
  font-weight: 700;
  font-size: 12px;
}
.legend .belongs {
  border-color: var(--petrol);
  border-radius: 6px 6px 6px 2px;
  background: var(--petrol);
}
.legend .away {
  border-color: #7c8a8f;
  border-radius: 50%;
}
.legend .open {
  border: 2px dashed #9a6a10;
  border-radius: 6px 6px 6px 2px;
  color: #5b3c00;
}
.legend .btn {
  min-height: 30px;
  margin-inline-start: auto;
  padding: 3px 10px;
}
.middle {
  padding: 16px 18px;
  overflow: auto;
}
.where {
  display: flex;
  gap: 12px;
  margin-bottom: 10px;
}
</style>
