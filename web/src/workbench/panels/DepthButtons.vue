<script setup lang="ts">
import { PhArrowDown, PhArrowLineDown, PhArrowLineUp, PhArrowUp } from '@phosphor-icons/vue'
import type { Workbench } from '@/workbench/useWorkbench'

defineProps<{ workbench: Workbench }>()
const WAYS = [
  { how: 'top', name: 'Top', icon: PhArrowLineUp },
  { how: 'up', name: 'Up', icon: PhArrowUp },
  { how: 'down', name: 'Down', icon: PhArrowDown },
  { how: 'bottom', name: 'Bottom', icon: PhArrowLineDown },
] as const
</script>

<template>
  <h3>Depth</h3>
  <div class="seg" role="group" aria-label="Depth">
    <button v-for="one in WAYS" :key="one.how" @click="workbench.depth(one.how)">
      <component :is="one.icon" :size="18" aria-hidden="true" />{{ one.name }}
    </button>
  </div>
</template>
