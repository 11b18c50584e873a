<script setup lang="ts">
import { t } from '@/i18n'
import { PhChatCircleText, PhX } from '@phosphor-icons/vue'

/** A line above the pages: what the teacher says, to be put away once it is read, or why nothing can be changed now. */
defineProps<{ quiet?: boolean }>()
const emit = defineEmits<{ close: [] }>()
</script>

<template>
  <p class="word" :class="{ rest: quiet }" role="status">
    <PhChatCircleText v-if="!quiet" :size="26" weight="fill" aria-hidden="true" />
    <span dir="auto"><slot /></span>
    <button v-if="!quiet" class="btn" @click="emit('close')">
      <PhX :size="18" aria-hidden="true" />{{ t('common.put-away') }}
    </button>
  </p>
</template>

<style scoped>
.word {
  display: flex;
  gap: 12px;
  align-items: center;
  padding: 8px 20px;
  border-bottom: 2px solid var(--petrol);
  background: var(--petrol-t);
  color: var(--petrol-d);
  font-size: 18px;
  overflow-wrap: anywhere;
}
.word .btn {
  margin-inline-start: auto;
}
.rest {
  border-color: #9a6a10;
  background: var(--saffron-t);
  color: #3f2a00;
  font-size: 16px;
}
</style>
