<script setup lang="ts">
import { t } from '@/i18n'
import { nextTick, onMounted, ref } from 'vue'
import type { Note } from '@/api/schema'
import { itemName } from '@/page/names'

/** A note opened large: to be read, and written on where that is wanted. */
const props = defineProps<{ note: Note; written: string; resting: boolean }>()
const emit = defineEmits<{ write: [text: string]; close: [] }>()
const dialog = ref<HTMLDialogElement>()
const text = ref(props.written)

onMounted(async () => {
  await nextTick()
  dialog.value?.showModal()
})
function close() {
  if (props.note.writable && !props.resting && text.value !== props.written) emit('write', text.value)
  emit('close')
}
</script>

<template>
  <dialog
    ref="dialog"
    class="note-large"
    :style="{ background: note.colour }"
    :aria-label="itemName(note)"
    @close="close"
  >
    <p class="text" dir="auto">{{ note.words.text }}</p>
    <textarea
      v-if="note.writable && !resting"
      v-model="text"
      class="own"
      :aria-label="t('note.write')"
      :placeholder="t('note.write')"
      maxlength="2000"
      dir="auto"
      autofocus
    ></textarea>
    <p v-else-if="written" class="text" dir="auto">{{ written }}</p>
    <form method="dialog">
      <button class="btn big pri">{{ t(note.writable && !resting ? 'note.keep' : 'common.close') }}</button>
    </form>
  </dialog>
</template>

<style scoped>
.note-large {
  width: min(720px, 90vw);
  padding: 30px 34px;
  border: 0;
  border-radius: 4px;
  box-shadow: 0 12px 40px #0004;
  color: var(--ink);
}
.note-large::backdrop {
  background: #1f2d3380;
}
.text {
  max-height: 40vh;
  overflow-y: auto;
  font-family: var(--page-type);
  font-size: 30px;
  line-height: 1.4;
  white-space: pre-wrap;
  overflow-wrap: anywhere;
}
.own {
  width: 100%;
  min-height: 180px;
  margin: 14px 0;
  padding: 10px;
  border: 2px solid #0003;
  border-radius: 8px;
  background: #ffffffb0;
  font-family: var(--page-type);
  font-size: 28px;
}
form {
  display: flex;
  justify-content: flex-end;
  margin-top: 12px;
}
</style>
