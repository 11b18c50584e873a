<script setup lang="ts">
import type { Waiting } from '@/api/schema'

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
      <button
        class="one"
        :class="{ on: one.attemptId === openId }"
        :aria-current="one.attemptId === openId ? 'true' : undefined"
        @click="emit('open', one)"
      >
        <span class="letter" aria-hidden="true">{{ [...one.name][0] }}</span>
        <span class="name"
          ><strong>{{ one.name }}</strong
          ><span class="soft"
            >{{ one.sent ? 'sent back' : when(one) }}{{ one.begun ? ' · begun' : '' }}</span
          ></span
        >
        <b>{{ one.score.got }}/{{ one.score.most }}</b>
      </button>
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
.one {
  display: flex;
  gap: 10px;
  align-items: center;
  width: 100%;
  padding: 9px 10px;
  border: 1.5px solid transparent;
  border-radius: var(--tile);
  background: none;
  cursor: pointer;
  text-align: left;
}
.one.on {
  border-color: var(--petrol);
  background: #fff;
}
.name {
  display: grid;
  flex: 1;
  min-width: 0;
  overflow-wrap: anywhere;
}
.name .soft {
  font-size: 12.5px;
}
</style>
