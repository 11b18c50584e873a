<script setup lang="ts">
import { t } from '@/i18n'
import { passOver } from '@/shared/passOver'
import { onBeforeUnmount, onMounted, ref } from 'vue'
import { practiceStream } from './practiceCamera'

/** Takes a picture with the camera; where there is none, or it may not be used, a practice one stands in for it. */
const emit = defineEmits<{ close: []; taken: [file: File] }>()
const dialog = ref<HTMLDialogElement>()
const video = ref<HTMLVideoElement>()
const which = ref<'real' | 'practice'>('practice')
const told = ref('')
let stream: MediaStream | null = null
let stopPractice: (() => void) | null = null

async function show(stand: 'real' | 'practice') {
  halt()
  told.value = ''
  if (stand === 'real') {
    try {
      stream = await navigator.mediaDevices.getUserMedia({ video: { width: 1280, height: 800 } })
    } catch {
      told.value = t('workbench.the-camera-of-this-device-cannot')
      stand = 'practice'
    }
  }
  if (stand === 'practice') {
    const practice = practiceStream()
    stream = practice.stream
    stopPractice = practice.stop
  }
  which.value = stand
  if (video.value) {
    video.value.srcObject = stream
    await video.value.play().catch(passOver('it plays by itself once pictures come'))
  }
}
function halt() {
  stream?.getTracks().forEach((track) => track.stop())
  stopPractice?.()
  stream = null
  stopPractice = null
}
onMounted(() => {
  dialog.value?.showModal()
  void show('real')
})
onBeforeUnmount(halt)

function take() {
  const from = video.value!
  const canvas = document.createElement('canvas')
  canvas.width = from.videoWidth || 640
  canvas.height = from.videoHeight || 400
  canvas.getContext('2d')!.drawImage(from, 0, 0)
  canvas.toBlob(
    (blob) => {
      if (blob) emit('taken', new File([blob], 'camera.jpg', { type: 'image/jpeg' }))
      emit('close')
    },
    'image/jpeg',
    0.92,
  )
}
</script>

<template>
  <dialog ref="dialog" class="camera" :aria-label="t('shared.camera')" @close="emit('close')">
    <h2>{{ t('shared.camera') }}</h2>
    <p v-if="told" class="soft" role="status">{{ told }}</p>
    <video ref="video" muted playsinline></video>
    <div class="row">
      <button class="btn" :aria-pressed="which === 'real'" @click="show('real')">
        {{ t('workbench.this-devices-camera') }}
      </button>
      <button class="btn" :aria-pressed="which === 'practice'" @click="show('practice')">
        {{ t('workbench.practice-camera') }}
      </button>
      <button class="btn" @click="emit('close')">{{ t('shared.cancel') }}</button>
      <button class="btn pri" @click="take">{{ t('workbench.take-the-picture') }}</button>
    </div>
  </dialog>
</template>

<style scoped>
.camera {
  padding: 20px 24px;
  border: 1px solid var(--line);
  border-radius: 16px 16px 16px 4px;
  background: var(--paper);
  color: var(--ink);
}
.camera::backdrop {
  background: #1f2d3380;
}
video {
  display: block;
  width: 560px;
  max-width: 80vw;
  margin: 10px 0;
  border-radius: 8px;
  background: #1f2d33;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  justify-content: flex-end;
}
</style>
