<script setup lang="ts">
import { t } from '@/i18n'
import { PhArrowDown, PhArrowLineDown, PhArrowLineUp, PhArrowUp } from '@phosphor-icons/vue'
import type { Workbench } from '@/workbench/useWorkbench'

defineProps<{ workbench: Workbench }>()
const WAYS = [
  { how: 'top', name: t('workbench.top'), icon: PhArrowLineUp },
  { how: 'up', name: t('workbench.up'), icon: PhArrowUp },
  { how: 'down', name: t('workbench.down'), icon: PhArrowDown },
  { how: 'bottom', name: t('workbench.bottom'), icon: PhArrowLineDown },
] as const
</script>

<template>
  <h3>{{ t('workbench.depth') }}</h3>
  <div class="seg" role="group" :aria-label="t('workbench.depth')">
    <button v-for="one in WAYS" :key="one.how" @click="workbench.depth(one.how)">
      <component :is="one.icon" :size="18" aria-hidden="true" />{{ one.name }}
    </button>
  </div>
</template>
