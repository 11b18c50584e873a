<script setup lang="ts">
import { t } from '@/i18n'
import { PhHandPalm } from '@phosphor-icons/vue'

/** Lies over everything while the teacher paused everyone, with what the teacher says. */
defineProps<{ words: string | undefined }>()
</script>

<template>
  <div class="held" role="alertdialog" :aria-label="t('paused.label')">
    <PhHandPalm :size="80" weight="fill" aria-hidden="true" />
    <h2>{{ t('paused.head') }}</h2>
    <p v-if="words" dir="auto">{{ words }}</p>
    <p class="soft">{{ t('paused.safe') }}</p>
  </div>
</template>

<style scoped>
.held {
  position: fixed;
  z-index: 30;
  inset: 0;
  display: grid;
  gap: 12px;
  align-content: center;
  justify-items: center;
  background: var(--petrol-d);
  color: #fff;
  font-size: 22px;
  text-align: center;
}
.held h2 {
  font-size: 36px;
}
.held .soft {
  color: #cfe3e2;
}
</style>
