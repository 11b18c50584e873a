<script setup lang="ts">
import { t } from '@/i18n'
import { computed, defineAsyncComponent, onMounted, ref } from 'vue'
import type { OpenDocument } from '@/present/model/presentation'

/** A document or recording that was opened from the page: it lies over it and is written on and recorded alike. */
const props = defineProps<{ open: OpenDocument }>()
const emit = defineEmits<{ pages: [count: number] }>()
const PdfSheet = defineAsyncComponent(() => import('./PdfSheet.vue'))
const file = computed(() => props.open.file)
const name = computed(() => file.value.name || t('present.a-document'))
const address = computed(() => `/api/v1/files/${file.value.sha256}`)
const words = ref('')
const wrong = ref('')
const is = (kind: string) => file.value.mediaType.startsWith(kind)
onMounted(async () => {
  if (!is('text/')) return
  try {
    const answer = await fetch(address.value)
    if (!answer.ok) throw new Error(answer.statusText)
    words.value = await answer.text()
  } catch {
    wrong.value = t('present.this-could-not-be-opened-nothing')
  }
})
</script>

<template>
  <section class="document" :aria-label="name">
    <p v-if="wrong" role="alert">{{ wrong }}</p>
    <audio v-if="is('audio/')" controls autoplay :src="address" />
    <video v-else-if="is('video/')" controls playsinline :src="address" />
    <img v-else-if="is('image/')" :src="address" :alt="name" />
    <PdfSheet
      v-else-if="file.mediaType === 'application/pdf'"
      :address="address"
      :page="open.page"
      @pages="emit('pages', $event)"
      @wrong="wrong = $event"
    />
    <pre v-else data-scrolls tabindex="0">{{ words }}</pre>
  </section>
</template>

<style scoped>
.document {
  position: absolute;
  inset: 0;
  display: grid;
  place-items: center;
  overflow: hidden;
  background: #fffdf8;
  color: var(--ink);
}
audio {
  width: 60%;
}
video,
img {
  max-width: 100%;
  max-height: 100%;
}
pre {
  width: 100%;
  height: 100%;
  margin: 0;
  padding: 20px 6%;
  overflow: auto;
  font: 24px/1.5 var(--page-type);
  white-space: pre-wrap;
  overflow-wrap: anywhere;
}
</style>
