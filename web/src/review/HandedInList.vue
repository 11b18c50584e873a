<script setup lang="ts">
import type { Waiting } from '@/api/schema'
import ReviewRow from './ReviewRow.vue'

/** What was handed in, the next to be read first; work that is reviewed stays in the list. */
defineProps<{
  works: Waiting[]
  /** The attempt that is read just now. */
  openId?: string
}>()
const emit = defineEmits<{ open: [one: Waiting] }>()

const clock = (moment?: string) =>
  moment ? new Date(moment).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' }) : ''
const much = (one: Waiting) =>
  one.handedInAt && one.handedInMadeAt && Date.parse(one.handedInAt) - Date.parse(one.handedInMadeAt) > 60_000
function when(one: Waiting) {
  const round = one.round > 1 ? `round ${one.round}, ` : 'handed in '
  const late = one.late ? ', late' : ''
  return much(one)
    ? `${round}${clock(one.handedInMadeAt)} offline, arrived ${clock(one.handedInAt)}${late}`
    : `${round}${clock(one.handedInAt)}${late}`
}
</script>

<template>
  <ul aria-label="Handed in">
    <li v-for="one in works" :key="one.attemptId">
      <ReviewRow :open="one.attemptId === openId" @choose="emit('open', one)">
        <span class="letter" aria-hidden="true">{{ [...one.name][0] }}</span>
        <span class="name"
          ><strong>{{ one.name }}</strong
          ><span class="soft"
            >{{ one.sent ? 'sent back' : when(one) }}{{ one.begun ? ' · begun' : '' }}</span
          ></span
        >
        <b>{{ one.score.got }}/{{ one.score.most }}</b>
      </ReviewRow>
    </li>
    <li v-if="works.length === 0" class="soft">Nobody has handed in yet.</li>
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
