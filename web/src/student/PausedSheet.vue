<script setup lang="ts">
import { PhHandPalm } from '@phosphor-icons/vue'

/** Lies over everything while the teacher paused everyone, with what the teacher says. */
defineProps<{ words: string | undefined }>()
</script>

<template>
  <div class="held" role="alertdialog" aria-label="Your teacher paused everyone">
    <PhHandPalm :size="80" weight="fill" aria-hidden="true" />
    <h2>Look up for a moment</h2>
    <p v-if="words" dir="auto">{{ words }}</p>
    <p class="soft">Everything stays as it is. Your page goes on by itself.</p>
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
