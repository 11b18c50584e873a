<script setup lang="ts">
import { computed, nextTick, ref, toRef, watch } from 'vue'
import type { CheckedPages, Edit, Page } from '@/api/schema'
import { count } from '@/page/count'
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
  const points = worth.points.toLocaleString([], { maximumFractionDigits: 2 })
  return `${count(worth.placements, 'placement')} to find, for ${points === '1' ? '1 point' : `${points} points`}`
})
const fillable = computed(() => deciding.labels.value.length > 0 && zones.value.length > 0)

function fill() {
  if (!deciding.fillFromLabels())
    props.editing.tell('Nothing changed: no zone is called like a label, or all is decided so already.')
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
    <section class="panel" aria-label="Answers">
      <div class="head">
        <h2>Who belongs where</h2>
        <span v-if="open" class="chip w">{{ count(open, 'piece') }} undecided</span>
        <span v-else-if="pieces.length && zones.length" class="chip">all decided</span>
      </div>
      <div class="seg" role="group" aria-label="What is set">
        <button :aria-pressed="tab === 'table'" @click="tab = 'table'">Answers and rules</button>
        <button :aria-pressed="tab === 'terms'" @click="tab = 'terms'">Points, time and more</button>
      </div>
      <template v-if="tab === 'table'">
        <p v-if="!zones.length && !gaps.length" class="soft">
          This page has no drop zone and no gap yet. Add one in Lay out.
        </p>
        <p v-else-if="zones.length && !pieces.length" class="soft">
          This page has no piece yet. Select something in Lay out and make it Free.
        </p>
        <template v-if="zones.length && pieces.length">
          <AnswerTable :key="page.id" class="grid" :deciding="deciding" />
          <p class="legend">
            <span><i class="belongs" />belongs</span><span><i class="away" />does not belong</span
            ><span><i class="open">?</i>undecided</span><span class="soft">Space cycles a cell</span>
            <button v-if="fillable" class="btn" @click="fill">Fill from labels</button>
          </p>
        </template>
        <p v-if="gaps.length" class="gaps">
          <span class="soft">Gaps</span>
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
    <section class="middle" aria-label="Page">
      <p class="where">
        <strong>{{ page.name }}</strong>
        <span class="soft">{{ worthWords }}</span>
        <span v-if="zones.length" class="soft">Drop a piece on a zone to say it belongs there</span>
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
  border-right: 1px solid var(--line);
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
  margin-left: auto;
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
