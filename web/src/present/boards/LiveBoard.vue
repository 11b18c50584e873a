<script setup lang="ts">
import { t } from '@/i18n'
import { passOver } from '@/shared/passOver'
import { PhX } from '@phosphor-icons/vue'
import { onMounted, ref } from 'vue'
import { drag } from '@/present/model/drag'
import type { LiveSource } from '@/present/model/liveSource'

/** A moving picture on the page, from the camera or another window; ink goes over it. */
const props = defineProps<{ source: LiveSource }>()
const emit = defineEmits<{ close: [] }>()
const video = ref<HTMLVideoElement>()
/** Shares of the page. */
const box = ref({ left: 0.2, top: 0.12, width: 0.6 })
const STEP = 0.02
const LEAST = 0.12

onMounted(() => {
  video.value!.srcObject = props.source.stream
  // Another window may stop being shared by the browser's own button.
  props.source.stream.getVideoTracks()[0]?.addEventListener('ended', () => emit('close'))
  void video.value!.play().catch(passOver('one presses play'))
})
const within = (value: number, most: number) => Math.max(0, Math.min(most, value))
function move(left: number, top: number) {
  box.value = { ...box.value, left: within(left, 0.95), top: within(top, 0.92) }
}
function size(width: number) {
  box.value = { ...box.value, width: Math.max(LEAST, Math.min(1, width)) }
}
const page = () => video.value!.closest('.sheet')!.getBoundingClientRect()
function pull(event: PointerEvent) {
  const was = box.value
  const { width, height } = page()
  drag(event, (at) =>
    move(was.left + (at.clientX - event.clientX) / width, was.top + (at.clientY - event.clientY) / height),
  )
}
function stretch(event: PointerEvent) {
  const was = box.value.width
  const { width } = page()
  drag(event, (at) => size(was + (at.clientX - event.clientX) / width))
}
function key(event: KeyboardEvent) {
  const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key]
  if (!by) return
  event.preventDefault()
  event.stopPropagation()
  if (event.shiftKey) size(box.value.width + (by[0]! - by[1]!) * STEP)
  else move(box.value.left + by[0]! * STEP, box.value.top + by[1]! * STEP)
}
</script>

<template>
  <div
    class="live"
    tabindex="0"
    role="group"
    :aria-label="
      t('present.camera-arrow-keys-move-it-with', { camera: source.kind === 'camera' ? 'yes' : 'no' })
    "
    :style="{ left: `${box.left * 100}%`, top: `${box.top * 100}%`, width: `${box.width * 100}%` }"
    @pointerdown="pull"
    @keydown.self="key"
  >
    <video ref="video" muted playsinline></video>
    <span v-if="source.practice" class="practice">{{ t('present.practice-picture') }}</span>
    <button
      class="x control"
      :aria-label="t('present.close-the-moving-picture')"
      :title="t('shared.close')"
      @click="emit('close')"
    >
      <PhX :size="20" aria-hidden="true" />
    </button>
    <span class="corner control" aria-hidden="true" @pointerdown="stretch" />
  </div>
</template>

<style scoped>
.live {
  position: absolute;
  cursor: grab;
  touch-action: none;
}
video {
  display: block;
  width: 100%;
  border-radius: 6px;
  background: #1f2d33;
}
.practice {
  position: absolute;
  bottom: 8px;
  left: 8px;
  padding: 2px 10px;
  border-radius: 8px;
  background: #fffdf8;
  color: var(--ink);
}
.x {
  position: absolute;
  top: 6px;
  right: 6px;
  display: grid;
  place-items: center;
  width: 44px;
  height: 44px;
  border: 0;
  border-radius: 12px 12px 12px 4px;
  background: #0c343b;
  color: #fff;
  cursor: pointer;
}
.corner {
  position: absolute;
  right: -14px;
  bottom: -14px;
  width: 44px;
  height: 44px;
  border: 4px solid #fff;
  border-radius: 50% 50% 50% 8px;
  background: #0b5d66;
  cursor: nwse-resize;
  touch-action: none;
}
</style>
