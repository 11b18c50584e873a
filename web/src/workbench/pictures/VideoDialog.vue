<script setup lang="ts">
import { t } from '@/i18n'
import { onMounted, ref } from 'vue'
import type { FileRef } from '@/api/schema'
import FilePick from '@/shared/files/FilePick.vue'

/** Brings a video in for the page. */
defineProps<{ file?: File | null }>()
const emit = defineEmits<{ video: [file: FileRef]; close: [] }>()
const dialog = ref<HTMLDialogElement>()
const wrong = ref('')
onMounted(() => dialog.value?.showModal())
function take(file: FileRef) {
  if (file.mediaType.startsWith('video/')) emit('video', file)
  else wrong.value = t('workbench.that-is-not-a-video-nothing')
}
</script>

<template>
  <dialog ref="dialog" class="video" aria-labelledby="video-head" @close="emit('close')">
    <h1 id="video-head">{{ t('workbench.a-video-for-this-page') }}</h1>
    <p>{{ t('workbench.mp4-webm-or-ogg-up-to') }}</p>
    <FilePick :label="t('workbench.choose-a-video')" accept="video/*" :file="file" @file="take" />
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <div class="row">
      <button class="btn" @click="dialog?.close()">{{ t('shared.close') }}</button>
    </div>
  </dialog>
</template>

<style scoped>
.video {
  width: 460px;
  padding: 22px 26px;
  border: 1px solid var(--line);
  border-radius: 16px 16px 16px 4px;
  background: var(--paper);
  color: var(--ink);
}
.video::backdrop {
  background: #1f2d3380;
}
p {
  margin: 8px 0 12px;
}
.row {
  display: flex;
  justify-content: flex-end;
  margin-top: 12px;
}
</style>
