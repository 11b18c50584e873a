<script setup lang="ts">
import { t } from '@/i18n'
import { PhPresentation, PhTimer } from '@phosphor-icons/vue'
import { useLed, type WallTime } from './led'
import { clock } from '@/work/rules/feedback'
import type { AttemptWork } from '@/work/attempt/work'

/** What the teacher's wall says to this tablet: where the page is, and how long is left. */
const props = defineProps<{ work: AttemptWork }>()
const { leads, elsewhere, refused, timers, go } = useLed(() => props.work)
const words = (one: WallTime) => (one.down && one.shows === 0 ? t('time-is-up') : clock(one.shows))
</script>

<template>
  <div v-if="leads || timers.length" class="lead">
    <p v-if="leads" role="status">
      <PhPresentation :size="24" weight="fill" aria-hidden="true" />
      <template v-if="!elsewhere">{{ t('wall.this') }}</template>
      <template v-else-if="refused">{{ t('wall.later') }}</template>
      <button v-else class="btn" @click="go">{{ t('wall.go') }}</button>
    </p>
    <span v-for="one in timers" :key="one.id" class="time" :class="{ over: one.down && one.shows === 0 }">
      <PhTimer :size="22" weight="fill" aria-hidden="true" />
      <span role="timer" aria-live="off">{{ words(one) }}</span>
    </span>
  </div>
</template>

<style scoped>
.lead {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 18px;
  align-items: center;
  justify-content: center;
  padding: 6px 16px;
  background: var(--petrol-t);
  color: var(--ink);
  font-weight: 700;
}
p {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 44px;
  margin: 0;
}
.time {
  display: flex;
  gap: 6px;
  align-items: center;
  font-size: 24px;
  font-variant-numeric: tabular-nums;
}
.over {
  color: var(--clay);
}
</style>
