<script setup lang="ts">
import { t } from '@/i18n'
import { onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue'
import { getDocument, GlobalWorkerOptions, type PDFDocumentProxy } from 'pdfjs-dist/legacy/build/pdf.mjs'
import worker from 'pdfjs-dist/legacy/build/pdf.worker.min.mjs?url'
import { PAGE } from '@/page/geometry'

/** One page of a document, as large as it fits on ours. */
const props = defineProps<{ address: string; page: number }>()
const emit = defineEmits<{ pages: [count: number]; wrong: [words: string] }>()
GlobalWorkerOptions.workerSrc = worker
/** Pixels for each page unit: sharp on the largest wall. */
const SHARP = 2
const canvas = ref<HTMLCanvasElement>()
const open = shallowRef<PDFDocumentProxy | null>(null)
/** What can be read on it, for those who do not see it. */
const words = ref('')
let turn = 0
let gone = false

onMounted(async () => {
  try {
    // Nothing in a document is run, and only the parts that are looked at are fetched.
    const made = await getDocument({
      url: props.address,
      isEvalSupported: false,
      enableXfa: false,
      disableAutoFetch: true,
    }).promise
    if (gone) return void made.loadingTask.destroy()
    open.value = made
    emit('pages', made.numPages)
    await draw()
  } catch {
    emit('wrong', 'This document could not be opened. Nothing is lost; close it and try again.')
  }
})
onBeforeUnmount(() => {
  gone = true
  void open.value?.loadingTask.destroy()
})
async function draw() {
  const mine = ++turn
  const page = await open.value!.getPage(props.page + 1)
  const plain = page.getViewport({ scale: 1 })
  const fits = Math.min(PAGE.width / plain.width, PAGE.height / plain.height)
  const viewport = page.getViewport({ scale: fits * SHARP })
  // Drawn aside, so that who turns pages quickly never sees one over another.
  const aside = document.createElement('canvas')
  aside.width = Math.round(viewport.width)
  aside.height = Math.round(viewport.height)
  await page.render({ canvasContext: aside.getContext('2d')!, viewport }).promise
  const text = await page.getTextContent()
  if (mine !== turn || !canvas.value) return
  canvas.value.width = aside.width
  canvas.value.height = aside.height
  canvas.value.getContext('2d')!.drawImage(aside, 0, 0)
  words.value = text.items.map((one) => ('str' in one ? one.str + (one.hasEOL ? '\n' : '') : '')).join('')
  // What records the page sees by this that there is something new on it.
  canvas.value.dataset.drawn = String(props.page)
}
watch(
  () => props.page,
  () => {
    if (!open.value) return
    draw().catch(() => emit('wrong', 'This page of the document could not be shown. Turn on, and back.'))
  },
)
</script>

<template>
  <div class="pdf">
    <canvas
      ref="canvas"
      role="img"
      :aria-label="t('present.page-page-of-the-document', { page: page + 1 })"
    />
    <p class="unseen">{{ words }}</p>
  </div>
</template>

<style scoped>
.pdf {
  position: absolute;
  inset: 0;
}
canvas {
  position: absolute;
  inset: 0;
  margin: auto;
  max-width: 100%;
  max-height: 100%;
  background: #fff;
  box-shadow: 0 2px 10px #0002;
}
.unseen {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}
</style>
