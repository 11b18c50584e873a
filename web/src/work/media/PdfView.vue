<script setup lang="ts">
import { t } from '@/i18n'
import { onBeforeUnmount, onMounted, ref, useTemplateRef } from 'vue'
import { getDocument, GlobalWorkerOptions, type PDFDocumentProxy } from 'pdfjs-dist/legacy/build/pdf.mjs'
import worker from 'pdfjs-dist/legacy/build/pdf.worker.min.mjs?url'

/** The pages of a document, each drawn once it comes into sight. */
const props = defineProps<{ address: string }>()
const emit = defineEmits<{ wrong: [words: string] }>()
GlobalWorkerOptions.workerSrc = worker
const sheets = useTemplateRef<HTMLElement>('sheets')
const count = ref(0)
const ratio = ref(1.414)
/** What can be read on each page, for those who do not see it. */
const texts = ref<string[]>([])
/** Of longer documents the rest is not read. */
const MOST_READ = 300
let open: PDFDocumentProxy | null = null
let watcher: IntersectionObserver | null = null

onMounted(async () => {
  try {
    // Nothing in a document is run, and only the parts that are looked at are fetched.
    open = await getDocument({
      url: props.address,
      isEvalSupported: false,
      enableXfa: false,
      disableAutoFetch: true,
    }).promise
    const first = (await open.getPage(1)).getViewport({ scale: 1 })
    ratio.value = first.height / first.width
    count.value = open.numPages
  } catch {
    emit('wrong', t('file.failed'))
    return
  }
  watcher = new IntersectionObserver(
    (entries) => {
      for (const entry of entries) {
        if (!entry.isIntersecting) continue
        watcher?.unobserve(entry.target)
        void draw(entry.target as HTMLCanvasElement)
      }
    },
    { rootMargin: '600px' },
  )
  requestAnimationFrame(() =>
    sheets.value?.querySelectorAll('canvas').forEach((one) => watcher?.observe(one)),
  )
  await read(open)
})
async function read(document: PDFDocumentProxy) {
  for (let n = 1; n <= Math.min(MOST_READ, document.numPages); n++) {
    if (document !== open) return
    const content = await (await document.getPage(n)).getTextContent().catch(() => null)
    const words = content?.items.map((one) => ('str' in one ? one.str + (one.hasEOL ? '\n' : '') : '')) ?? []
    texts.value[n - 1] = words.join('')
  }
}
onBeforeUnmount(() => {
  watcher?.disconnect()
  void open?.loadingTask.destroy()
  open = null
})

async function draw(canvas: HTMLCanvasElement) {
  const page = await open!.getPage(Number(canvas.dataset.number))
  const plain = page.getViewport({ scale: 1 })
  const viewport = page.getViewport({
    scale: (canvas.clientWidth * Math.min(2, devicePixelRatio)) / plain.width,
  })
  canvas.width = viewport.width
  canvas.height = viewport.height
  await page.render({ canvasContext: canvas.getContext('2d')!, viewport }).promise
  canvas.dataset.drawn = 'yes'
}
</script>

<template>
  <div ref="sheets" class="sheets" role="group" :aria-label="t('file.document', { count })">
    <div v-for="n in count" :key="n">
      <canvas
        :data-number="n"
        role="img"
        :aria-label="t('file.page-of', { n, count })"
        :style="{ aspectRatio: `${1 / ratio}` }"
      />
      <p v-if="texts[n - 1]" class="unseen">{{ texts[n - 1] }}</p>
    </div>
  </div>
</template>

<style scoped>
.sheets {
  display: grid;
  gap: 14px;
  width: min(100%, 900px);
}
canvas {
  width: 100%;
  background: #fff;
  box-shadow: 0 2px 10px #0002;
}
</style>
