<script setup lang="ts">
import { t } from '@/i18n'
import {
  PhArrowCounterClockwise,
  PhArrowLeft,
  PhArrowRight,
  PhArrowUUpLeft,
  PhCheckFat,
  PhChecks,
  PhLock,
  PhTimer,
} from '@phosphor-icons/vue'
import { computed } from 'vue'
import type { PathProgress, StudentPage } from '@/api/schema'
import type { Work } from '@/work/attempt/work'
import { clock } from '@/work/rules/feedback'
import ShowSolution from './ShowSolution.vue'

/** The line below a page: back and next, the tools of the hand (the slot), what was told, and what can be done with the page as a whole. */
const props = defineProps<{
  work: Work
  page: StudentPage
  course: PathProgress
  /** The page before; null for none. */
  behind: string | null
  /** How far it is, and what was told last. */
  standing: string
  words: string
  /** Milliseconds; null where nothing is counted down. */
  left: number | null
  handedIn: boolean
  mayHandIn: boolean
  /** Nothing can be changed now. */
  resting: boolean
  /** Whether something waits for Check. */
  waits: boolean
  /** Whether something can be reset, changed at all, and taken back now. */
  begun: boolean
  changes: boolean
  canTakeBack: boolean
}>()
const emit = defineEmits<{
  back: [pageId: string]
  next: [pageId: string]
  say: [words: string]
  check: []
  'take-back': []
  reset: []
  'hand-in': []
  show: [itemId: string | null]
}>()
const timeIsUp = computed(() => props.left === 0)
/** Nothing comes after it, or students go by what stands on the pages. */
const ends = computed(() => !props.course.next && !props.course.waits)
</script>

<template>
  <div class="buttons">
    <button
      v-if="work.view.buttons"
      class="btn big"
      :disabled="!behind"
      @click="behind && emit('back', behind)"
    >
      <PhArrowLeft class="mirrors" :size="22" aria-hidden="true" />{{ t('common.back') }}
    </button>
    <slot />
    <p class="told" role="status" aria-live="polite">
      <span v-if="standing">{{ standing }}</span>
      <span v-if="standing && words"> · </span><strong v-if="words">{{ words }}</strong>
    </p>
    <span v-if="left !== null" class="left" :class="{ soon: left < 30000 }" role="timer">
      <PhTimer :size="22" aria-hidden="true" />{{ timeIsUp ? t('time-is-up') : clock(left) }}
    </span>
    <ShowSolution :work="work" :page="page" :handed-in="handedIn" @show="emit('show', $event)" />
    <button
      v-if="page.onCheck?.length && !handedIn && !resting"
      class="btn pri big"
      :disabled="!waits || timeIsUp"
      @click="emit('check')"
    >
      <PhChecks :size="22" aria-hidden="true" />{{ t('button.check') }}
    </button>
    <button v-if="changes" class="btn big" :disabled="!canTakeBack" @click="emit('take-back')">
      <PhArrowUUpLeft class="mirrors" :size="22" aria-hidden="true" />{{ t('button.take-back') }}
    </button>
    <button
      v-if="page.placements"
      class="btn big"
      :disabled="!begun || handedIn || timeIsUp || resting"
      @click="emit('reset')"
    >
      <PhArrowCounterClockwise class="mirrors" :size="22" aria-hidden="true" />{{ t('reset.do') }}
    </button>
    <button
      v-if="!course.next && mayHandIn && !handedIn"
      class="btn big"
      :class="{ acc: ends }"
      @click="emit('hand-in')"
    >
      <PhCheckFat :size="22" aria-hidden="true" />{{ t('hand-in.do') }}
    </button>
    <button
      v-if="course.waits"
      class="btn big waits"
      :title="course.waits"
      :aria-label="t('button.next-waits', { why: course.waits })"
      @click="emit('say', course.waits)"
    >
      {{ t('common.next') }}<PhLock :size="22" aria-hidden="true" />
    </button>
    <button
      v-else-if="work.view.buttons && (course.next || !mayHandIn)"
      class="btn pri big"
      :disabled="!course.next"
      @click="course.next && emit('next', course.next)"
    >
      {{ t('common.next') }}<PhArrowRight class="mirrors" :size="22" aria-hidden="true" />
    </button>
  </div>
</template>

<style scoped>
.buttons {
  display: flex;
  align-items: center;
  gap: 14px;
  width: min(100%, 1260px);
}
.waits {
  border-style: dashed;
}
.left {
  display: flex;
  align-items: center;
  gap: 6px;
  font-size: 20px;
  font-variant-numeric: tabular-nums;
}
.left.soon {
  padding: 2px 8px;
  border: 2px dashed var(--clay);
  border-radius: 8px;
  font-weight: 700;
}
.told {
  flex: 1;
  text-align: center;
  font-size: 16px;
  overflow-wrap: anywhere;
}
/* Rather two lines than words cut into letters. */
@media (max-width: 1080px) {
  .buttons {
    flex-wrap: wrap;
    justify-content: center;
    gap: 8px;
  }
  .told {
    flex: 1 0 160px;
  }
}
@media (max-width: 640px) and (orientation: portrait) {
  .buttons {
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 8px;
  }
  .told {
    flex: 1 0 100%;
    order: -1;
  }
  .buttons > .pri {
    margin-inline-start: auto;
  }
}
/* A phone held across: all of its height is the page's, and the buttons stand beside it. */
@media (max-height: 480px) and (orientation: landscape) {
  .buttons {
    align-content: start;
    gap: 6px;
  }
  .buttons .btn.big {
    min-height: 44px;
    padding: 4px 10px;
    font-size: 15px;
  }
  .told {
    flex: 1 0 100%;
    order: -1;
    font-size: 14px;
  }
}
</style>
