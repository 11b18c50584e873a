<script setup lang="ts">
import { t } from '@/i18n'
import { onMounted, ref } from 'vue'

/** Before all that was done on a page goes. */
const emit = defineEmits<{ keep: []; reset: [] }>()
const dialog = ref<HTMLDialogElement>()
onMounted(() => dialog.value?.showModal())
</script>

<template>
  <dialog ref="dialog" class="asking" aria-labelledby="reset-head" @close="emit('keep')">
    <h1 id="reset-head">{{ t('reset.ask') }}</h1>
    <p>{{ t('reset.what') }}</p>
    <div class="row">
      <button class="btn big" autofocus @click="emit('keep')">{{ t('reset.keep') }}</button>
      <button class="btn acc big" @click="emit('reset')">{{ t('reset.do') }}</button>
    </div>
  </dialog>
</template>

<style scoped>
.asking {
  max-width: min(480px, calc(100vw - 24px));
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
.row {
  display: flex;
  flex-wrap: wrap;
  justify-content: flex-end;
  gap: 12px;
}
</style>
