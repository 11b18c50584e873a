<script setup lang="ts">
import { t } from '@/i18n'
import type { Caption } from '@/api/schema'
import { timeOf, timeWords } from '@/present/recording/screencastTimes'

/** The captions of a recording: from when to when each is shown, and its words. */
const captions = defineModel<Caption[]>({ required: true })
const emit = defineEmits<{ add: [] }>()
function setTime(caption: Caption, which: 'from' | 'to', typed: string) {
  const time = timeOf(typed)
  if (time !== null) caption[which] = time
}
</script>

<template>
  <h3>{{ t('present.words-for-those-who-cannot-hear') }}</h3>
  <div v-for="(caption, i) in captions" :key="i" class="line">
    <input
      class="time"
      :value="timeWords(caption.from)"
      :aria-label="t('present.words-begin-at', { n: i + 1 })"
      @change="setTime(caption, 'from', ($event.target as HTMLInputElement).value)"
    />
    <input
      class="time"
      :value="timeWords(caption.to)"
      :aria-label="t('present.words-end-at', { n: i + 1 })"
      @change="setTime(caption, 'to', ($event.target as HTMLInputElement).value)"
    />
    <input
      v-model="caption.words"
      class="words"
      maxlength="1000"
      :aria-label="t('present.words', { n: i + 1 })"
    />
    <button
      class="btn"
      :aria-label="t('present.take-words-away', { n: i + 1 })"
      @click="captions = captions.filter((_, n) => n !== i)"
    >
      ×
    </button>
  </div>
  <div class="line">
    <button class="btn" @click="emit('add')">{{ t('present.add-words-here') }}</button>
  </div>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
}
h3 {
  margin: 0;
}
.btn {
  min-height: 44px;
}
input {
  min-height: 40px;
}
.time {
  width: 86px;
}
.words {
  flex: 1;
  min-width: 120px;
}
</style>
