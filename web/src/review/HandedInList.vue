<script setup lang="ts">
import { t } from '@/i18n'
import { clockTime } from '@/i18n/format'
import type { Waiting } from '@/api/schema'
import ReviewRow from './ReviewRow.vue'

/** What was handed in, the next to be read first; work that is reviewed stays in the list. */
defineProps<{
  works: Waiting[]
  /** The attempt that is read just now. */
  openId?: string
}>()
const emit = defineEmits<{ open: [one: Waiting] }>()

const clock = (moment?: string) => (moment ? clockTime(new Date(moment)) : '')
const much = (one: Waiting) =>
  one.handedInAt && one.handedInMadeAt && Date.parse(one.handedInAt) - Date.parse(one.handedInMadeAt) > 60_000
function when(one: Waiting) {
  const values = { round: one.round, late: one.late ? 'yes' : 'no', at: clock(one.handedInAt) }
  return much(one)
    ? t('review.made-offline', { ...values, made: clock(one.handedInMadeAt) })
    : t('review.handed-in-at', { ...values })
}
</script>

<template>
  <ul :aria-label="t('review.handed-in')">
    <li v-for="one in works" :key="one.attemptId">
      <ReviewRow :open="one.attemptId === openId" @choose="emit('open', one)">
        <span class="letter" aria-hidden="true">{{ [...one.name][0] }}</span>
        <span class="name"
          ><strong>{{ one.name }}</strong
          ><span class="soft"
            >{{ one.sent ? t('review.sent-back-2') : when(one)
            }}{{ one.begun ? ` · ${t('review.is-begun')}` : '' }}</span
          ></span
        >
        <b>{{ one.score.got }}/{{ one.score.most }}</b>
      </ReviewRow>
    </li>
    <li v-if="works.length === 0" class="soft">{{ t('review.nobody-has-handed-in-yet') }}</li>
  </ul>
</template>

<style scoped>
ul {
  display: grid;
  gap: 6px;
  margin: 0;
  padding: 0;
  list-style: none;
}
</style>
