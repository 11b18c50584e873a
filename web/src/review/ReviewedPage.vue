<script setup lang="ts">
import { t } from '@/i18n'
import { PhPrinter } from '@phosphor-icons/vue'
import { useTemplateRef } from 'vue'
import { RouterLink } from 'vue-router'
import { looksOnly } from '@/accounts/me'
import type { AttemptState, PinnedWords, ReviewedWork, StudentPage } from '@/api/schema'
import PageNumbers from '@/page/PageNumbers.vue'
import { topmostAt } from '@/page/placedItems'
import { pointOn } from '@/page/pointer'
import PinLayer from '@/work/page/PinLayer.vue'
import PageAsDone from '@/work/page/PageAsDone.vue'
import type { Replay } from './replay'
import WhatHappened from './WhatHappened.vue'

/** One page of handed-in work, as it was left or as it was at a moment of the replay. */
defineProps<{
  assignmentId: string
  work: ReviewedWork
  page: StudentPage
  state: AttemptState
  /** Words that are pinned to things of this page. */
  pinsHere: PinnedWords[]
  replay: Replay
}>()
const emit = defineEmits<{ turn: [pageId: string]; pick: [itemId: string]; unpin: [itemId: string] }>()
const done = useTemplateRef('done')
/** A click on a thing of the page chooses it for pinning. */
function pick(event: MouseEvent) {
  const svg = (event.currentTarget as HTMLElement).querySelector('svg.page')!
  const hit = topmostAt(done.value!.drawn, pointOn(svg, event))
  if (hit) emit('pick', hit.id)
}
</script>

<template>
  <div class="head">
    <h1>{{ work.name }}</h1>
    <span v-if="work.with" class="soft">{{ work.with.join(', ') }}</span>
    <span class="chip n">{{
      t('review.solved-of-placements', { solved: work.progress.solved, placements: work.placements })
    }}</span>
    <span class="soft">{{ t('review.firsttry-first-try', { firstTry: work.firstTry }) }}</span>
    <span class="soft">{{ t('shared.minutes-min', { minutes: work.minutes }) }}</span>
    <span v-if="work.round > 1" class="chip">{{ t('review.round-work', { work: work.round }) }}</span>
    <span v-if="work.late" class="chip w">{{ t('review.late') }}</span>
    <RouterLink class="btn quiet" :to="`/assigned/${assignmentId}/students/${work.holderId}/sheet`">
      <PhPrinter :size="18" aria-hidden="true" />{{ t('review.sheet-for-home') }}
    </RouterLink>
    <PageNumbers class="numbers" :pages="work.view.pages" :now="page.id" @turn="emit('turn', $event)" />
  </div>
  <div class="middle">
    <div class="sheet" @click="pick">
      <PageAsDone ref="done" :page="page" :state="state" :sides="work.sides" :name="work.name" />
      <PinLayer
        :pins="pinsHere"
        :page="page"
        :state="state"
        :editing="!looksOnly"
        @remove="emit('unpin', $event)"
      />
    </div>
    <WhatHappened :replay="replay" :page-id="page.id" />
  </div>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 14px;
  align-items: center;
}
.numbers {
  margin-inline-start: auto;
}
.middle {
  display: grid;
  grid-template-columns: minmax(0, 1.32fr) minmax(280px, 1fr);
  gap: 14px;
  height: calc((100vw - 300px) * 0.36);
  min-height: 300px;
}
.sheet {
  position: relative;
  align-self: start;
  max-width: 100%;
  aspect-ratio: 1.6;
  background: #fff;
  box-shadow: 0 6px 24px #0000001f;
}
.sheet :deep(svg.page) {
  display: block;
  width: 100%;
}
</style>
