<script setup lang="ts">
import { computed } from 'vue'
import type { Frame } from '@/api/schema'
import { placed, tilePath } from '@/page/geometry'
import { useReach } from '@/work/rules/reach'

/**
 * What leads somewhere: the whole of a thing that stays, with an edge and an arrow that say so; of a piece, which a tap
 * picks up, the arrow alone. What does not lead on yet has a lock in place of the arrow, and says what it waits for.
 */
defineProps<{
  frame: Frame
  whole: boolean
  name: string
  /** The outline of a hot area; absent for a tile. */
  area?: string
  /** Students are not shown that it leads somewhere; the keyboard and screen readers still come to it. */
  unmarked?: boolean
  closed?: boolean
}>()
const emit = defineEmits<{ follow: [] }>()
const reach = useReach()
const R = computed(() => Math.min(40, reach.value))
</script>

<template>
  <g
    class="leads"
    :class="{ unmarked, closed }"
    role="link"
    tabindex="0"
    :aria-label="name"
    :transform="placed(frame)"
    @pointerdown.stop
    @click="emit('follow')"
    @keydown.enter.prevent.stop="emit('follow')"
    @keydown.space.prevent.stop="emit('follow')"
  >
    <path v-if="whole" class="edge" :d="area ?? tilePath(frame.width, frame.height, 20, 5)" />
    <g class="sign" :transform="`translate(${frame.width} ${frame.height})`">
      <circle class="reach" :r="reach" />
      <circle :r="R" />
      <template v-if="closed">
        <path class="arrow" d="M-7 -3V-8a7 7 0 0 1 14 0V-3" />
        <path class="body" d="M-11 -3H11V12H-11Z" />
      </template>
      <path v-else class="arrow" d="M-12 0H11M2 -9l9 9-9 9" />
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
.closed .edge {
  stroke-dasharray: 14 10;
}
.unmarked .edge {
  stroke: none;
}
.unmarked .sign {
  display: none;
}
.reach {
  fill: transparent;
}
.sign circle:last-of-type {
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
.body {
  fill: #fff;
}
.leads:focus-visible circle:last-of-type,
.leads:focus-visible .edge {
  stroke: var(--saffron);
  stroke-width: 9;
}
</style>
