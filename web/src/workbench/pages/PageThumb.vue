<script setup lang="ts">
import { onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue'
import type { Page } from '@/api/schema'
import PageView from '@/page/PageView.vue'
import { whenIdle } from '@/workbench/idle'

/** A page in small. It is drawn when there is time for it and only once it is in sight, so that nothing waits for it. */
const props = defineProps<{ page: Page }>()
const shown = shallowRef<Page | null>(null)
const place = ref<HTMLElement>()
let near = false
let stop: (() => void) | null = null
let watcher: IntersectionObserver | null = null

function refresh() {
  if (!near) return
  stop?.()
  stop = whenIdle(() => (shown.value = props.page))
}
watch(() => props.page, refresh)
onMounted(() => {
  watcher = new IntersectionObserver(
    (entries) => {
      near = entries.some((entry) => entry.isIntersecting)
      if (near && shown.value !== props.page) refresh()
    },
    { rootMargin: '300px' },
  )
  watcher.observe(place.value!)
})
onBeforeUnmount(() => {
  watcher?.disconnect()
  stop?.()
})
</script>

<template>
  <div ref="place" class="thumb" aria-hidden="true" :style="{ background: page.paper.colour }">
    <PageView v-if="shown" :page="shown" />
  </div>
</template>

<style scoped>
.thumb {
  aspect-ratio: 1600 / 1000;
}
</style>
