<script setup lang="ts">
import { t } from '@/i18n'
import { onMounted, ref } from 'vue'
import type { PageNavigation } from './usePageNavigation'

/** Asks once more before work is handed in, and says what is still open. */
defineProps<{ open: PageNavigation['stillOpen']['value'] }>()
const emit = defineEmits<{ close: []; go: [pageId: string]; 'hand-in': [] }>()

const dialog = ref<HTMLDialogElement>()
onMounted(() => dialog.value?.showModal())
function handIn() {
  emit('hand-in')
  dialog.value?.close()
}
function goTo(pageId: string) {
  dialog.value?.close()
  emit('go', pageId)
}
</script>

<template>
  <dialog ref="dialog" class="asking" aria-labelledby="asking-head" @close="emit('close')">
    <h1 id="asking-head">{{ t('hand-in.ask') }}</h1>
    <p v-if="open.length === 0">{{ t('hand-in.all-done') }}</p>
    <template v-else>
      <p>{{ t('hand-in.still-open') }}</p>
      <ul class="open">
        <li v-for="one in open" :key="one.id">
          <button class="btn" @click="goTo(one.id)">
            <strong>{{ one.n }}</strong> {{ one.name }}
            <span class="soft">{{ t('hand-in.left', { count: one.left }) }}</span>
          </button>
        </li>
      </ul>
    </template>
    <p>{{ t('hand-in.final') }}</p>
    <div class="row">
      <button class="btn big" autofocus @click="dialog?.close()">{{ t('hand-in.go-on') }}</button>
      <button class="btn acc big" @click="handIn">{{ t('hand-in.do') }}</button>
    </div>
  </dialog>
</template>

<style scoped>
.asking {
  max-width: 480px;
  padding: 26px 30px;
  border: 1px solid var(--line);
  border-radius: 16px 16px 16px 4px;
  background: var(--paper);
  color: var(--ink);
}
.asking::backdrop {
  background: #1f2d3380;
}
.asking p {
  margin: 12px 0 20px;
  font-size: 17px;
}
.open {
  display: grid;
  gap: 8px;
  max-height: 240px;
  margin: 0;
  padding: 0;
  overflow-y: auto;
  list-style: none;
}
.open .btn {
  width: 100%;
  justify-content: flex-start;
  text-align: start;
}
.row {
  display: flex;
  flex-wrap: wrap;
  justify-content: flex-end;
  gap: 12px;
}
</style>
