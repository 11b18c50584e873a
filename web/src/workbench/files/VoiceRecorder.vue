<script setup lang="ts">
import { PhMicrophone, PhStop } from '@phosphor-icons/vue'
import { onBeforeUnmount, ref, shallowRef } from 'vue'
import type { FileRef } from '@/api/types'
import FilePick from './FilePick.vue'

/** A recording, spoken into the browser or chosen from a file. */
const emit = defineEmits<{ file: [file: FileRef] }>()
const LONGEST = 300
const recorder = shallowRef<MediaRecorder | null>(null)
const seconds = ref(0)
const wrong = ref('')
const pick = ref<InstanceType<typeof FilePick>>()
let clock: ReturnType<typeof setInterval> | undefined

async function begin() {
  wrong.value = ''
  try {
    const stream = await navigator.mediaDevices.getUserMedia({ audio: true })
    const made = new MediaRecorder(stream)
    const parts: Blob[] = []
    made.addEventListener('dataavailable', (event) => parts.push(event.data))
    made.addEventListener('stop', () => {
      clearInterval(clock)
      stream.getTracks().forEach((track) => track.stop())
      recorder.value = null
      const type = made.mimeType.split(';')[0]!
      pick.value?.take(new File(parts, `Recording.${type.split('/')[1] ?? 'webm'}`, { type }))
    })
    made.start()
    recorder.value = made
    seconds.value = 0
    clock = setInterval(() => {
      seconds.value += 1
      if (seconds.value >= LONGEST) end()
    }, 1000)
  } catch {
    wrong.value = 'There is no microphone, or it may not be used. Choose a file instead.'
  }
}
const end = () => recorder.value?.stop()
onBeforeUnmount(() => {
  clearInterval(clock)
  recorder.value?.stream.getTracks().forEach((track) => track.stop())
})
</script>

<template>
  <div class="voice">
    <button v-if="!recorder" class="btn" @click="begin">
      <PhMicrophone :size="17" aria-hidden="true" />Record
    </button>
    <button v-else class="btn pri" @click="end">
      <PhStop :size="17" weight="fill" aria-hidden="true" />Stop, {{ seconds }} s
    </button>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <FilePick ref="pick" label="A recording from a file" accept="audio/*" @file="emit('file', $event)" />
  </div>
</template>

<style scoped>
.voice {
  display: grid;
  gap: 6px;
}
</style>
