<script setup lang="ts">
import { t } from '@/i18n'
import { looksOnly } from '@/accounts/me'
import { onMounted, ref, shallowRef, watch } from 'vue'
import { get, put, errorText } from '@/api/client'
import type { Alike, ByPiece } from '@/api/schema'

/** Everybody's answer to one placement side by side; alike ones are scored once for all. */
const props = defineProps<{ assignmentId: string; itemId: string }>()
const emit = defineEmits<{ changed: [] }>()
const view = shallowRef<ByPiece | null>(null)
const wrong = ref('')
const told = ref('')
const reasons = ref<Record<number, string>>({})

const address = () =>
  `/api/v1/assignments/${props.assignmentId}/reviews/pieces/${encodeURIComponent(props.itemId)}` as const
async function load() {
  told.value = ''
  try {
    const of = props.itemId
    const found = await get(address())
    // An answer to an earlier question must not stand in place of a later one.
    if (of !== props.itemId) return
    view.value = found
    reasons.value = {}
  } catch (error) {
    wrong.value = errorText(error)
  }
}
onMounted(load)
watch(() => props.itemId, load)

async function mark(one: Alike, points: number | null, i: number) {
  wrong.value = ''
  try {
    const mark = points === null ? undefined : { points, reason: reasons.value[i] ?? '' }
    view.value = await put(`${address()}/marks`, { attemptIds: one.attemptIds, mark })
    told.value =
      points === null
        ? t('review.the-rules-count-again-for-count', { count: one.names.length })
        : t('review.points-given-to-count', { points, count: one.names.length })
    emit('changed')
  } catch (error) {
    wrong.value = errorText(error)
  }
}
const given = (event: Event) => Number((event.target as HTMLInputElement).value)
</script>

<template>
  <main v-if="view" class="by-piece">
    <h1>{{ view.placement.name }}</h1>
    <p class="soft">{{ t('review.everybodys-answer-alike-ones-together', { most: view.most }) }}</p>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <p v-if="told" role="status">{{ told }}</p>
    <p v-if="view.answers.length === 0" class="soft">{{ t('review.nobody-has-handed-in-yet') }}</p>
    <ul>
      <li v-for="(one, i) in view.answers" :key="`${one.answer} ${one.points} ${one.given}`">
        <span class="sign" :class="{ right: one.right }" aria-hidden="true">{{ one.right ? '✓' : '' }}</span>
        <div class="what">
          <strong dir="auto">{{ one.answer || t('review.nothing') }}</strong>
          <span class="soft">{{
            one.right ? t('review.right-by-the-rules') : t('review.not-right-by-the-rules')
          }}</span>
          <span>{{ one.names.join(', ') }}</span>
        </div>
        <span class="chip">{{ t('shared.students-count', { n: one.names.length }) }}</span>
        <label>
          {{ t('shared.points') }}
          <input
            class="field points"
            type="number"
            step="0.5"
            :value="one.points"
            :aria-label="t('review.points-for-answer', { answer: one.answer || 'nothing' })"
            :disabled="looksOnly"
            @change="mark(one, given($event), i)"
          />
        </label>
        <label>
          {{ t('review.why') }}
          <input
            v-model="reasons[i]"
            :disabled="looksOnly"
            class="field"
            maxlength="500"
            :aria-label="t('review.why-for-answer', { answer: one.answer || 'nothing' })"
          />
        </label>
        <button v-if="one.given && !looksOnly" class="btn" @click="mark(one, null, i)">
          {{ t('review.by-the-rules') }}
        </button>
      </li>
    </ul>
  </main>
</template>

<style scoped>
.by-piece {
  display: grid;
  gap: 12px;
  align-content: start;
  padding: 16px 20px;
  overflow-y: auto;
}
ul {
  display: grid;
  gap: 10px;
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 14px;
  align-items: center;
  padding: 12px 16px;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: var(--paper);
}
.sign {
  display: grid;
  place-items: center;
  width: 34px;
  height: 34px;
  border: 3px dashed var(--clay);
  border-radius: 50%;
  background: #fff;
}
.sign.right {
  border: 0;
  border-radius: var(--tile-s);
  background: var(--petrol);
  color: #fff;
  font-weight: 700;
}
.what {
  display: grid;
  flex: 1;
  min-width: 200px;
  overflow-wrap: anywhere;
}
.what strong {
  font-size: 18px;
}
label {
  display: flex;
  gap: 6px;
  align-items: center;
}
.points {
  width: 84px;
}
</style>
