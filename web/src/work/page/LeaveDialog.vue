<script setup lang="ts">
import { t } from '@/i18n'
import { onMounted, ref } from 'vue'

/** A web address in full, before anyone leaves. */
defineProps<{ address: string }>()
const emit = defineEmits<{ close: [] }>()
const dialog = ref<HTMLDialogElement>()
onMounted(() => dialog.value?.showModal())
</script>

<template>
  <dialog ref="dialog" class="leaving" aria-labelledby="leaving-head" @close="emit('close')">
    <h1 id="leaving-head">{{ t('leave.head') }}</h1>
    <p class="address">{{ address }}</p>
    <div class="row">
      <button class="btn big" autofocus @click="dialog?.close()">{{ t('leave.stay') }}</button>
      <a
        class="btn pri big"
        :href="address"
        target="_blank"
        rel="noopener noreferrer"
        @click="dialog?.close()"
        >{{ t('leave.open') }}</a
      >
    </div>
  </dialog>
</template>

<style scoped>
.leaving {
  max-width: 560px;
  padding: 26px 30px;
  border: 1px solid var(--line);
  border-radius: 16px 16px 16px 4px;
  background: var(--paper);
  color: var(--ink);
}
.leaving::backdrop {
  background: #1f2d3380;
}
.address {
  margin: 12px 0 20px;
  font-size: 17px;
  overflow-wrap: anywhere;
}
.row {
  display: flex;
  flex-wrap: wrap;
  justify-content: flex-end;
  gap: 12px;
}
a {
  text-decoration: none;
}
</style>
