<script setup lang="ts">
import { t } from '@/i18n'
import type { wordsOf } from './list'

/** The words of a text, to choose those that are to be missing. */
defineProps<{ words: ReturnType<typeof wordsOf> }>()
const emit = defineEmits<{ tick: [index: number] }>()
</script>

<template>
  <div class="ticks" role="group" :aria-label="t('starters.words-to-be-missing')">
    <template v-for="(one, i) in words" :key="i">
      <button v-if="one.word" type="button" :aria-pressed="one.missing" @click="emit('tick', i)">
        {{ one.text }}
      </button>
      <span v-else>{{ one.text }}</span>
    </template>
  </div>
</template>

<style scoped>
.ticks {
  flex: none;
  max-height: 150px;
  padding: 8px;
  overflow-y: auto;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: #fff;
  line-height: 2;
  white-space: pre-wrap;
}
.ticks button {
  padding: 2px 5px;
  border: 1px solid transparent;
  border-radius: 6px;
  background: none;
  cursor: pointer;
}
.ticks button:hover {
  border-color: var(--plum);
}
.ticks button[aria-pressed='true'] {
  border: 2px dashed var(--plum);
  background: var(--plum-t);
  font-weight: 700;
}
</style>
