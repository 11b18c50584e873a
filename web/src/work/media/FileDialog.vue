<script setup lang="ts">
import { t } from '@/i18n'
import { PhArrowLeft } from '@phosphor-icons/vue'
import { defineAsyncComponent, onMounted, ref } from 'vue'
import type { FileRef } from '@/api/schema'

/** A document or recording over the page; closing it goes back to the page. */
const props = defineProps<{ file: FileRef }>()
const emit = defineEmits<{ close: [] }>()
const PdfView = defineAsyncComponent(() => import('./PdfView.vue'))
const dialog = ref<HTMLDialogElement>()
const words = ref('')
const wrong = ref('')
const address = `/api/v1/files/${props.file.sha256}`
const type = props.file.mediaType
const isWords = type.startsWith('text/')

onMounted(async () => {
  dialog.value?.showModal()
  if (!isWords) return
  try {
    const answer = await fetch(address)
    if (!answer.ok) throw new Error(answer.statusText)
    words.value = await answer.text()
  } catch {
    wrong.value = t('file.failed')
  }
})
</script>

<template>
  <dialog ref="dialog" class="file" aria-labelledby="file-head" @close="emit('close')">
    <div class="head">
      <h1 id="file-head">{{ file.name || t('file.unnamed') }}</h1>
      <button class="btn pri big" autofocus @click="dialog?.close()">
        <PhArrowLeft class="mirrors" :size="22" aria-hidden="true" />{{ t('file.to-page') }}
      </button>
    </div>
    <div class="body" role="group" tabindex="0" :aria-label="file.name || t('file.unnamed')">
      <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
      <audio v-if="type.startsWith('audio/')" controls autoplay :src="address" />
      <video v-else-if="type.startsWith('video/')" controls playsinline :src="address" />
      <PdfView v-else-if="type === 'application/pdf'" :address="address" @wrong="wrong = $event" />
      <pre v-else>{{ words }}</pre>
    </div>
  </dialog>
</template>

<style scoped>
.file {
  grid-template-rows: auto minmax(0, 1fr);
  width: min(1100px, 96vw);
  height: 94vh;
  max-height: 94vh;
  padding: 0;
  border: 1px solid var(--line);
  border-radius: 16px 16px 16px 4px;
  background: var(--paper);
  color: var(--ink);
}
.file[open] {
  display: grid;
}
.file::backdrop {
  background: #1f2d3380;
}
.head {
  display: flex;
  gap: 14px;
  align-items: center;
  justify-content: space-between;
  padding: 14px 20px;
  border-bottom: 1px solid var(--line);
}
h1 {
  overflow-wrap: anywhere;
}
.body {
  display: grid;
  justify-items: center;
  align-content: start;
  padding: 16px;
  overflow: auto;
}
audio {
  width: min(100%, 620px);
  margin-top: 60px;
}
video {
  max-width: 100%;
  max-height: 78vh;
}
pre {
  width: 100%;
  margin: 0;
  font: 18px/1.5 var(--page-type);
  white-space: pre-wrap;
  overflow-wrap: anywhere;
}
</style>
