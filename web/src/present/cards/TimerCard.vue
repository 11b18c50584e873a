<script setup lang="ts">
import { t } from '@/i18n'
import { clockTime } from '@/i18n/format'
import { PhArrowCounterClockwise, PhDeviceTablet, PhPause, PhPlay } from '@phosphor-icons/vue'
import { computed } from 'vue'
import PresentCard from './PresentCard.vue'
import { clockWords, isOver, shown, type Timer } from '@/present/model/timers'

/** One timer, large enough for the last row. */
const props = defineProps<{
  timer: Timer
  now: number
  x: number
  y: number
  /** Whether the class's tablets show it too; undefined where no class is there. */
  shared: boolean | undefined
}>()
defineEmits<{ pause: []; again: []; close: []; tablets: [] }>()
const TITLES = {
  countdown: t('present.countdown'),
  stopwatch: t('present.stopwatch'),
  clock: t('present.clock'),
}
const over = computed(() => isOver(props.timer, props.now))
const words = computed(() => {
  if (props.timer.kind === 'clock') return clockTime(new Date(props.now))
  if (over.value) return t('present.time-is-up')
  return clockWords(shown(props.timer, props.now), props.timer.kind === 'stopwatch')
})
</script>

<template>
  <PresentCard
    :title="TITLES[timer.kind]"
    :x="x"
    :y="y"
    class="timer"
    :class="{ over }"
    @close="$emit('close')"
  >
    <div class="row">
      <span class="time" role="timer" :aria-live="over ? 'assertive' : 'off'">{{ words }}</span>
      <template v-if="timer.kind !== 'clock'">
        <button
          v-if="!over"
          class="round"
          :aria-label="timer.since === null ? t('shared.go-on') : t('shared.pause')"
          :title="timer.since === null ? t('shared.go-on') : t('shared.pause')"
          @click="$emit('pause')"
        >
          <component :is="timer.since === null ? PhPlay : PhPause" :size="26" aria-hidden="true" />
        </button>
        <button
          class="round"
          :aria-label="t('shared.from-the-start')"
          :title="t('shared.from-the-start')"
          @click="$emit('again')"
        >
          <PhArrowCounterClockwise :size="26" aria-hidden="true" />
        </button>
        <button
          v-if="shared !== undefined"
          class="round"
          :aria-label="t('present.show-on-the-classs-tablets')"
          :title="t('present.show-on-the-classs-tablets')"
          :aria-pressed="shared"
          @click="$emit('tablets')"
        >
          <PhDeviceTablet :size="26" :weight="shared ? 'fill' : 'regular'" aria-hidden="true" />
        </button>
      </template>
    </div>
  </PresentCard>
</template>

<style scoped>
.timer {
  background: #0c343b;
  color: #fff;
}
.timer :deep(header) {
  color: #cfe3e3;
}
.row {
  display: flex;
  align-items: center;
  gap: 8px;
}
.time {
  font-size: 52px;
  font-weight: 700;
  font-variant-numeric: tabular-nums;
  line-height: 1.1;
}
.over {
  background: #8a2f1a;
}
.over .time {
  font-size: 38px;
}
.round[aria-pressed='true'] {
  background: var(--saffron);
  color: #1c2b33;
}
.round {
  display: grid;
  place-items: center;
  width: 48px;
  height: 48px;
  border: 0;
  border-radius: 12px 12px 12px 4px;
  background: #ffffff1f;
  color: inherit;
  cursor: pointer;
}
</style>
