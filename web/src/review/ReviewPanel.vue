<script setup lang="ts">
import { t } from '@/i18n'
import { looksOnly } from '@/accounts/me'
import { PhPaperPlaneRight, PhPlus, PhPushPin, PhTrash, PhX } from '@phosphor-icons/vue'
import { computed, onMounted, ref, watch } from 'vue'
import { get, put, errorText } from '@/api/client'
import { newId } from '@/api/id'
import type { StudentPage } from '@/api/schema'
import { itemName } from '@/page/names'
import { isPiece } from '@/page/items'
import PointsTable from './PointsTable.vue'
import VoiceRecorder from '@/shared/files/VoiceRecorder.vue'
import type { OpenReview } from './useReview'

/** What a teacher says of one student's work, and what it gives. */
const props = defineProps<{ desk: OpenReview; page: StudentPage; after: number; chosenItem: string }>()
const emit = defineEmits<{ send: [] }>()
const phrases = ref<string[]>([])
const phrasing = ref(false)
const fresh = ref('')
const pinned = ref('')
const pinTo = ref('')
const wrong = ref('')
const area = ref<HTMLTextAreaElement>()

const work = computed(() => props.desk.work.value!)
const review = computed(() => props.desk.review.value)
const parts = computed(() => work.value.parts.filter((one) => one.placement.pageId === props.page.id))
const things = computed(() =>
  props.page.items.filter((item) => isPiece(item) || item.kind === 'zone' || item.kind === 'gap'),
)
watch(
  () => props.chosenItem,
  (id) => id && (pinTo.value = id),
)
watch(
  () => props.page.id,
  () => (pinTo.value = things.value[0]?.id ?? ''),
  { immediate: true },
)

onMounted(async () => {
  phrases.value = (await get('/api/v1/phrases').catch(() => ({ phrases: [] }))).phrases
})
function phrase(text: string) {
  const now = review.value.words
  props.desk.say({ words: now ? `${now.trimEnd()} ${text}` : text })
  area.value?.focus()
}
async function keepPhrases(all: string[]) {
  try {
    phrases.value = (await put('/api/v1/phrases', { phrases: all })).phrases
  } catch (error) {
    wrong.value = errorText(error)
  }
}
function addPhrase() {
  if (fresh.value.trim()) void keepPhrases([...phrases.value, fresh.value.trim()])
  fresh.value = ''
}
function pin() {
  const words = pinned.value.trim()
  if (!words || !pinTo.value) return
  props.desk.pin({ id: newId(), pageId: props.page.id, itemId: pinTo.value, words })
  pinned.value = ''
}
const kept = computed(() => {
  const now = props.desk.kept.value
  if (now === 'keeping') return t('shared.saving')
  if (now !== 'kept') return now
  if (!props.desk.sent.value) return t('review.saved-nobody-sees-it-before-you')
  return work.value.kept.begun ? t('review.saved-what-you-changed-is-seen') : t('review.sent-back')
})
</script>

<template>
  <fieldset :disabled="looksOnly" class="say" :aria-label="t('review.say-to-work', { work: work.name })">
    <div class="left">
      <h2 class="small-head">{{ t('review.say-to-work', { work: work.name }) }}</h2>
      <textarea
        ref="area"
        class="field words"
        maxlength="10000"
        dir="auto"
        :value="review.words"
        :aria-label="t('review.words-to-work', { work: work.name })"
        @input="desk.say({ words: ($event.target as HTMLTextAreaElement).value })"
      ></textarea>
      <div class="phrases">
        <button v-for="one in phrases" :key="one" class="chip phrase" @click="phrase(one)">{{ one }}</button>
        <button class="btn quiet" :aria-expanded="phrasing" @click="phrasing = !phrasing">
          {{ phrasing ? t('shared.done') : t('review.my-phrases') }}
        </button>
      </div>
      <div v-if="phrasing" class="phrases">
        <button
          v-for="one in phrases"
          :key="one"
          class="btn quiet"
          :aria-label="t('review.take-away-phrase', { phrase: one })"
          @click="keepPhrases(phrases.filter((other) => other !== one))"
        >
          <PhTrash :size="16" aria-hidden="true" />{{ one }}
        </button>
        <input
          v-model="fresh"
          class="field"
          maxlength="300"
          :aria-label="t('review.new-phrase')"
          :placeholder="t('review.new-phrase')"
          @keydown.enter="addPhrase"
        />
        <button class="btn" @click="addPhrase">
          <PhPlus :size="16" aria-hidden="true" />{{ t('review.add-phrase') }}
        </button>
      </div>
      <div class="pin-row">
        <label>
          {{ t('review.pin-words-to') }}
          <select v-model="pinTo" class="field" :aria-label="t('review.pin-words-to')">
            <option v-for="item in things" :key="item.id" :value="item.id">{{ itemName(item) }}</option>
          </select>
        </label>
        <input
          v-model="pinned"
          class="field grow"
          maxlength="1000"
          :aria-label="t('review.pinned-words')"
          :placeholder="t('review.what-hangs-there')"
          @keydown.enter="pin"
        />
        <button class="btn" :disabled="!pinned.trim() || !pinTo" @click="pin">
          <PhPushPin :size="16" aria-hidden="true" />{{ t('review.pin') }}
        </button>
      </div>
      <details>
        <summary>{{ t('review.say-it-with-your-voice') }}</summary>
        <p v-if="review.voice">
          <audio controls :src="`/api/v1/files/${review.voice.sha256}`"><track kind="captions" /></audio>
          <button class="btn quiet" @click="desk.say({ voice: undefined })">
            <PhX :size="16" aria-hidden="true" />{{ t('review.take-away') }}
          </button>
        </p>
        <VoiceRecorder v-else @file="desk.say({ voice: $event })" />
      </details>
    </div>
    <div class="right">
      <p class="score">
        {{ t('review.score') }} <strong>{{ work.score.got }} / {{ work.score.most }}</strong>
      </p>
      <p v-if="work.score.got !== work.byRules.got" class="soft">
        {{ t('review.by-the-rules-got', { got: work.byRules.got }) }}
      </p>
      <PointsTable :desk="desk" :parts="parts" />
      <label class="line">
        {{ t('review.may-improve-it') }}
        <input
          type="checkbox"
          role="switch"
          :checked="review.mayImprove"
          @change="desk.say({ mayImprove: ($event.target as HTMLInputElement).checked })"
        />
      </label>
      <p class="soft kept" role="status">{{ kept }}</p>
      <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
      <button class="btn acc big" @click="emit('send')">
        <PhPaperPlaneRight :size="20" aria-hidden="true" />{{
          after ? t('review.send-back-open-next') : t('review.send-back')
        }}
      </button>
      <p class="soft keys">{{ t('review.keys-and-rest', { after }) }}</p>
    </div>
  </fieldset>
</template>

<style scoped>
.say {
  display: grid;
  min-width: 0;
  margin: 0;
  border: 0;
  grid-template-columns: minmax(0, 1fr) 250px;
  gap: 16px;
  padding: 14px 16px;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: var(--paper);
}
.left,
.right {
  display: grid;
  gap: 8px;
  align-content: start;
  min-width: 0;
}
.words {
  width: 100%;
  min-height: 96px;
  resize: vertical;
  font:
    17px/1.45 Andika,
    var(--type);
}
.phrases {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.phrase {
  max-width: 260px;
  border: 1px solid var(--line);
  cursor: pointer;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.pin-row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.pin-row label {
  white-space: nowrap;
  display: flex;
  gap: 6px;
  align-items: center;
}
.pin-row select {
  max-width: 160px;
}
.grow {
  flex: 1;
  min-width: 120px;
}
.score {
  display: flex;
  justify-content: space-between;
  font-size: 17px;
}
.line {
  display: flex;
  justify-content: space-between;
  align-items: center;
  min-height: 36px;
}
.line input {
  width: 22px;
  height: 22px;
  accent-color: var(--petrol);
}
.keys {
  font-size: 13px;
  text-align: center;
}
.kept {
  overflow-wrap: anywhere;
}
</style>
