<script setup lang="ts">
import { t } from '@/i18n'
/** The pages of an activity by their numbers, to go from one to another. */
defineProps<{ pages: { id: string; number: number; name: string }[]; now: string }>()
const emit = defineEmits<{ turn: [pageId: string] }>()
</script>

<template>
  <nav :aria-label="t('common.pages')">
    <button
      v-for="one in pages"
      :key="one.id"
      class="btn"
      :class="{ pri: one.id === now }"
      :aria-current="one.id === now ? 'page' : undefined"
      :aria-label="t('pages.tile', { n: one.number, name: one.name })"
      @click="emit('turn', one.id)"
    >
      {{ one.number }}
    </button>
  </nav>
</template>

<style scoped>
nav {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
</style>
