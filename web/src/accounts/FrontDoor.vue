<script setup lang="ts">
import BrandMark from '@/shared/BrandMark.vue'

/** A card in the middle of the page: where one comes in. */
defineProps<{ title: string }>()
defineEmits<{ submit: [] }>()
</script>

<template>
  <main class="door">
    <form class="card" @submit.prevent="$emit('submit')">
      <p class="brand"><BrandMark /> Glad Tile</p>
      <h1>{{ title }}</h1>
      <slot />
    </form>
  </main>
</template>

<style scoped>
.door {
  display: grid;
  place-items: center;
  min-height: 100%;
  padding: 24px;
}
.card {
  display: grid;
  gap: 16px;
  width: min(440px, 100%);
  padding: 30px 32px;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: var(--paper);
  box-shadow: var(--ledge);
}
.brand {
  display: flex;
  align-items: center;
  gap: 12px;
  color: var(--petrol-d);
  font-weight: 700;
  font-size: 17px;
}
.card :deep(label) {
  display: grid;
  gap: 4px;
}
</style>
