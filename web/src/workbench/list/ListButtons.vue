<script setup lang="ts">
import { t } from '@/i18n'
import { PhRows, PhSwap } from '@phosphor-icons/vue'
import { computed, ref } from 'vue'
import type { Workbench } from '@/workbench/useWorkbench'
import { slotsOf } from './fromList'
import ListDialog from './ListDialog.vue'

/** Copies of what is selected, or other words and pictures in it, from a list. */
const props = defineProps<{ workbench: Workbench }>()
const open = ref<'repeat' | 'exchange' | null>(null)
const several = computed(() => slotsOf(props.workbench.selected.value).length > 1)
</script>

<template>
  <div class="from-list">
    <button class="btn" @click="open = 'repeat'">
      <PhRows :size="17" aria-hidden="true" />{{ t('workbench.repeat-from-a-list') }}
    </button>
    <button v-if="several" class="btn" @click="open = 'exchange'">
      <PhSwap :size="17" aria-hidden="true" />{{ t('workbench.exchange-from-a-list') }}
    </button>
    <ListDialog v-if="open" :workbench="workbench" :does="open" @close="open = null" />
  </div>
</template>

<style scoped>
.from-list {
  display: grid;
  gap: 6px;
}
.btn {
  width: 100%;
  padding: 4px 6px;
}
</style>
