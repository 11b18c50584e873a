<script setup lang="ts">
import { PhArrowDown, PhArrowLineDown, PhArrowLineUp, PhArrowUp } from '@phosphor-icons/vue'
import type { Bench } from './bench'

defineProps<{ bench: Bench }>()
const WAYS = [
  { how: 'top', name: 'Top', icon: PhArrowLineUp },
  { how: 'up', name: 'Up', icon: PhArrowUp },
  { how: 'down', name: 'Down', icon: PhArrowDown },
  { how: 'bottom', name: 'Bottom', icon: PhArrowLineDown },
] as const
</script>

<template>
  <h3>Depth</h3>
  <div class="four" role="group" aria-label="Depth">
    <button v-for="one in WAYS" :key="one.how" @click="bench.depth(one.how)">
      <component :is="one.icon" :size="18" aria-hidden="true" />{{ one.name }}
    </button>
  </div>
</template>

<style scoped>
.four {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  overflow: hidden;
  border: 1px solid var(--line);
  border-radius: var(--tile-s);
  background: #fff;
}
button {
  display: grid;
  justify-items: center;
  gap: 2px;
  padding: 6px 2px;
  border: 0;
  border-right: 1px solid var(--line);
  background: none;
  cursor: pointer;
  font-size: 13px;
}
button:last-child {
  border: 0;
}
</style>
