<script setup lang="ts">
import { t } from '@/i18n'
import { clockTime } from '@/i18n/format'
import { PhArrowBendDownRight, PhPause, PhPlay } from '@phosphor-icons/vue'
import { computed, nextTick, ref, watch } from 'vue'
import { SPEEDS, type Replay } from './replay'

/** The moves of somebody's work in order; any of them can be gone to, and all be played again. */
const props = defineProps<{ replay: Replay; pageId: string }>()
const list = ref<HTMLElement>()
const clock = (moment: string) => clockTime(new Date(moment))
/** Those on the page that is shown; while it plays, all. */
const shown = computed(() =>
  props.replay.steps.value
    .map((step, i) => ({ step, i }))
    .filter(({ step }) => props.replay.at.value >= 0 || step.pageId === props.pageId || !step.pageId),
)
const refusals = computed(
  () => props.replay.steps.value.filter((one) => one.says === 'DOES_NOT_BELONG').length,
)
watch(
  () => props.replay.at.value,
  async () => {
    await nextTick()
    list.value?.querySelector('[aria-current]')?.scrollIntoView({ block: 'nearest' })
  },
)
</script>

<template>
  <section class="happened" :aria-label="t('shared.what-happened')">
    <h2 class="small-head">
      {{ replay.at.value < 0 ? t('review.what-happened-on-this-page') : t('shared.what-happened') }}
    </h2>
    <ol ref="list">
      <li v-for="{ step, i } in shown" :key="step.seq">
        <button
          :class="{ away: step.says === 'DOES_NOT_BELONG', good: step.says === 'BELONGS' }"
          :aria-current="replay.at.value === i ? 'step' : undefined"
          @click="replay.go(i)"
        >
          <time>{{ clock(step.at) }}</time>
          <span
            ><b v-if="step.by">{{ step.by }}: </b>{{ step.words
            }}<i v-if="step.arrivedAt" class="soft">
              {{ t('review.made-offline-arrived-arrivedat', { arrivedAt: clock(step.arrivedAt) }) }}</i
            ></span
          >
        </button>
      </li>
      <li v-if="shown.length === 0" class="soft">{{ t('review.nothing-was-done-here') }}</li>
    </ol>
    <div class="play">
      <button
        class="btn"
        :disabled="replay.steps.value.length === 0"
        @click="replay.playing.value ? replay.stop() : replay.play()"
      >
        <PhPause v-if="replay.playing.value" :size="18" weight="fill" aria-hidden="true" />
        <PhPlay v-else :size="18" weight="fill" aria-hidden="true" />
        {{ replay.playing.value ? t('shared.stop') : t('review.play-again') }}
      </button>
      <input
        type="range"
        min="-1"
        :max="replay.steps.value.length - 1"
        :value="replay.at.value"
        :aria-label="t('review.time-line')"
        @input="replay.go(Number(($event.target as HTMLInputElement).value))"
      />
      <label class="speed">
        <span class="unseen">{{ t('review.speed') }}</span>
        <select
          class="field"
          :value="replay.speed.value"
          @change="replay.setSpeed(Number(($event.target as HTMLSelectElement).value))"
        >
          <option v-for="one in SPEEDS" :key="one" :value="one">{{ one }} ×</option>
        </select>
      </label>
      <button class="btn" :disabled="refusals === 0" @click="replay.toRefusal()">
        <PhArrowBendDownRight :size="18" aria-hidden="true" />{{ t('review.next-refusal') }}
      </button>
    </div>
  </section>
</template>

<style scoped>
.happened {
  display: grid;
  grid-template-rows: auto minmax(0, 1fr) auto;
  gap: 8px;
  min-height: 0;
  padding: 14px 16px;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: var(--paper);
}
ol {
  margin: 0;
  padding: 0;
  overflow-y: auto;
  list-style: none;
}
li {
  border-bottom: 1px solid #e6decf;
}
li button {
  display: flex;
  gap: 12px;
  width: 100%;
  padding: 6px 4px;
  border: 0;
  background: none;
  cursor: pointer;
  text-align: start;
}
li button > span {
  overflow-wrap: anywhere;
}
li button[aria-current] {
  background: var(--petrol-t);
}
time {
  color: var(--soft);
  font-variant-numeric: tabular-nums;
}
.away span::before {
  content: '○ ';
  color: #7c2c19;
  font-weight: 700;
}
.good span::before {
  content: '■ ';
  color: var(--petrol);
}
i {
  font-style: normal;
}
.play {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
input[type='range'] {
  flex: 1;
  min-width: 80px;
  accent-color: var(--petrol);
}
.speed .field {
  width: 70px;
}
</style>
