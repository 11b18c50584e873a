<script setup lang="ts">
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
  else wrong.value = 'That is not a video. Nothing on the page changed. Choose an MP4, WebM or Ogg file.'
}
</script>

<template>
  <dialog ref="dialog" class="video" aria-labelledby="video-head" @close="emit('close')">
    <h1 id="video-head">A video for this page</h1>
    <p>MP4, WebM or Ogg, up to 200 MB. Only bring in what you may show.</p>
    <FilePick label="Choose a video" accept="video/*" :file="file" @file="take" />
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <div class="row"><button class="btn" @click="dialog?.close()">Close</button></div>
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
