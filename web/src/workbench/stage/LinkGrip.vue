<script setup lang="ts">
import { t } from '@/i18n'
import { onBeforeUnmount, ref } from 'vue'
import { usePull } from '@/gesture/usePull'
import type { Frame } from '@/api/schema'
import { placed } from '@/page/geometry'

/** A grip beside what is selected, from which an arrow is dragged to a page in the column on the right. */
defineProps<{ frame: Frame }>()
const emit = defineEmits<{ lead: [pageId: string] }>()
const line = ref<{ x1: number; y1: number; x2: number; y2: number } | null>(null)
let aimed: HTMLElement | null = null
const { pull } = usePull()
onBeforeUnmount(() => aim(null))

const pageUnder = (event: PointerEvent) =>
  document.elementFromPoint(event.clientX, event.clientY)?.closest<HTMLElement>('[data-page]') ?? null
function aim(to: HTMLElement | null) {
  aimed?.classList.remove('aimed')
  aimed = to
  aimed?.classList.add('aimed')
}

function press(event: PointerEvent) {
  if (event.button !== 0) return
  line.value = { x1: event.clientX, y1: event.clientY, x2: event.clientX, y2: event.clientY }
  const quiet = () => {
    aim(null)
    line.value = null
  }
  pull({
    move(now) {
      line.value = { ...line.value!, x2: now.clientX, y2: now.clientY }
      aim(pageUnder(now))
    },
    up(now) {
      const to = pageUnder(now)?.dataset.page
      quiet()
      if (to) emit('lead', to)
    },
    cancel: quiet,
  })
}
</script>

<template>
  <g class="lead" :transform="placed(frame)" aria-hidden="true">
    <title>{{ t('workbench.drag-to-the-page-that-it') }}</title>
    <g :transform="`translate(${frame.width + 40} ${frame.height / 2})`" @pointerdown.stop.prevent="press">
      <circle r="20" />
      <path d="M-9 0H8M1 -7l7 7-7 7" />
    </g>
  </g>
  <Teleport to="body">
    <svg v-if="line" class="lead-line" aria-hidden="true">
      <line v-bind="line" />
      <circle :cx="line.x2" :cy="line.y2" r="6" />
    </svg>
  </Teleport>
</template>

<style scoped>
.lead {
  cursor: crosshair;
}
circle {
  fill: var(--plum);
  stroke: #fff;
  stroke-width: 3;
}
path {
  fill: none;
  stroke: #fff;
  stroke-width: 4;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.lead-line {
  position: fixed;
  inset: 0;
  z-index: 50;
  width: 100%;
  height: 100%;
  pointer-events: none;
}
.lead-line line {
  stroke: var(--plum);
  stroke-width: 3;
  stroke-dasharray: 2 6;
  stroke-linecap: round;
}
</style>
