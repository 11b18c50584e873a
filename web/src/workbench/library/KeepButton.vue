<script setup lang="ts">
import { t } from '@/i18n'
import { PhBooks } from '@phosphor-icons/vue'
import { shallowRef } from 'vue'
import type { Workbench } from '@/workbench/useWorkbench'
import KeepDialog from './KeepDialog.vue'
import { selectedToKeep, type ToKeep } from './library'

/** Keeps what is selected by a name, to put it on other pages. */
const props = defineProps<{ workbench: Workbench }>()
const keeping = shallowRef<ToKeep | null>(null)
function kept(words: string) {
  keeping.value = null
  props.workbench.editing.note(words)
}
</script>

<template>
  <div>
    <button class="btn keep" @click="keeping = selectedToKeep(workbench)">
      <PhBooks :size="17" aria-hidden="true" />{{ t('workbench.save-in-my-library') }}
    </button>
    <KeepDialog v-if="keeping" :what="keeping" @close="keeping = null" @kept="kept" />
  </div>
</template>

<style scoped>
.keep {
  width: 100%;
  padding: 4px 6px;
}
</style>
