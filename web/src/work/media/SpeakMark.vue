<script setup lang="ts">
import { computed } from 'vue'
import type { Frame } from '@/api/schema'
import { placed } from '@/page/geometry'
import { useReach } from '@/work/rules/reach'

/** What says something: a sign at its upper left corner that is tapped; of a hot area, all of it. */
defineProps<{ frame: Frame; name: string; area?: string }>()
const emit = defineEmits<{ speak: [] }>()
const reach = useReach()
const R = computed(() => Math.min(40, reach.value))
</script>

<template>
  <g
    class="says"
    role="button"
    tabindex="0"
    :aria-label="name"
    :transform="placed(frame)"
    @pointerdown.stop
    @click="emit('speak')"
    @keydown.enter.prevent.stop="emit('speak')"
    @keydown.space.prevent.stop="emit('speak')"
  >
    <path v-if="area" class="area" :d="area" />
    <circle class="reach" :r="reach" />
    <circle :r="R" />
    <path class="horn" d="M-14 -5H-7L2 -12V12L-7 5H-14Z" />
    <path class="wave" d="M8 -7a10 10 0 0 1 0 14M13 -12a17 17 0 0 1 0 24" />
  </g>
</template>

<style scoped>
.says {
  cursor: pointer;
  outline: none;
}
.area {
  fill: transparent;
}
.reach {
  fill: transparent;
}
circle:last-of-type {
  fill: var(--petrol);
  stroke: #fff;
  stroke-width: 3;
}
.horn {
  fill: #fff;
}
.wave {
  fill: none;
  stroke: #fff;
  stroke-width: 4;
  stroke-linecap: round;
}
.says:focus-visible circle {
  stroke: var(--saffron);
  stroke-width: 9;
}
</style>
