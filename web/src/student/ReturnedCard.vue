<script setup lang="ts">
import { t } from '@/i18n'
import { PhArrowBendUpLeft, PhPencilSimple } from '@phosphor-icons/vue'
import type { Returned } from '@/api/schema'
import { timeWords } from '@/shared/times'

/** What a teacher says of handed-in work, and the way to go on with it. */
defineProps<{ returned: Returned; now: string; busy: boolean }>()
defineEmits<{ improve: [] }>()
</script>

<template>
  <aside class="came" :aria-label="t('returned.label')">
    <h2 v-if="returned.sent">
      <PhArrowBendUpLeft class="mirrors" :size="22" weight="bold" aria-hidden="true" />{{
        t('returned.says')
      }}
    </h2>
    <p v-if="returned.sent && returned.sentAt" class="soft">{{ timeWords(returned.sentAt, now) }}</p>
    <p v-if="returned.score" class="score">
      <strong>{{ t('returned.points', { got: returned.score.got, most: returned.score.most }) }}</strong>
    </p>
    <p v-if="returned.words" class="words" dir="auto">{{ returned.words }}</p>
    <audio v-if="returned.voice" controls :src="`/api/v1/files/${returned.voice.sha256}`">
      <track kind="captions" />
    </audio>
    <p v-if="returned.pins.length" class="soft">{{ t('returned.notes', { count: returned.pins.length }) }}</p>
    <button v-if="returned.mayImprove" class="btn acc big" :disabled="busy" @click="$emit('improve')">
      <PhPencilSimple :size="22" aria-hidden="true" />{{
        t(returned.sent ? 'returned.improve' : 'returned.again')
      }}
    </button>
    <p v-if="returned.mayImprove" class="soft">{{ t('returned.still-there') }}</p>
  </aside>
</template>

<style scoped>
.came {
  display: grid;
  gap: 10px;
  align-content: start;
  padding: 16px 18px;
  border: 2px solid #9a6a10;
  border-radius: var(--tile);
  background: var(--saffron-t);
  color: #3f2a00;
  overflow-y: auto;
}
h2 {
  display: flex;
  gap: 8px;
  align-items: center;
}
.came .soft {
  color: #5b3c00;
}
.score {
  font-size: 18px;
}
.score strong {
  font-size: 30px;
}
.words {
  font: 18px/1.45 var(--page-type, Andika, var(--type));
  overflow-wrap: anywhere;
  white-space: pre-wrap;
}
audio {
  width: 100%;
}
</style>
