<script setup lang="ts">
import type { Frame } from '@/api/types'
import { placed, tilePath } from '@/page/geometry'

/**
 * What leads somewhere: the whole of a thing that stays, with an edge and an arrow that say so; of a piece, which a tap
 * picks up, the arrow alone.
 */
defineProps<{ frame: Frame; whole: boolean; name: string }>()
const emit = defineEmits<{ follow: [] }>()
const R = 27
</script>

<template>
  <g
    class="leads"
    role="link"
    tabindex="0"
    :aria-label="name"
    :transform="placed(frame)"
    @pointerdown.stop
    @click="emit('follow')"
    @keydown.enter.prevent.stop="emit('follow')"
    @keydown.space.prevent.stop="emit('follow')"
  >
    <path v-if="whole" class="edge" :d="tilePath(frame.width, frame.height, 20, 5)" />
    <g :transform="`translate(${frame.width} ${frame.height})`">
      <circle :r="R" />
      <path class="arrow" d="M-12 0H11M2 -9l9 9-9 9" />
    </g>
  </g>
</template>

<style scoped>
.leads {
  cursor: pointer;
  outline: none;
}
.edge {
  fill: transparent;
  stroke: var(--plum);
  stroke-width: 5;
}
circle {
  fill: var(--plum);
  stroke: #fff;
  stroke-width: 3;
}
.arrow {
  fill: none;
  stroke: #fff;
  stroke-width: 5;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.leads:focus-visible circle,
.leads:focus-visible .edge {
  stroke: var(--saffron);
  stroke-width: 9;
}
</style>
