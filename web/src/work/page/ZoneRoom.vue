<script setup lang="ts">
import { t } from '@/i18n'
import { computed } from 'vue'
import type { Zone } from '@/api/schema'
import { placed } from '@/page/geometry'
import { itemName } from '@/page/names'

/** How much room a zone has left: a dot for each piece that it holds, filled once one lies there. */
const props = defineProps<{ zone: Zone; most: number; taken: number }>()
/** More are said as a number. */
const DOTS = 12
const STEP = 26
const taken = computed(() => Math.min(props.taken, props.most))
const wide = computed(() => (props.most > DOTS ? 118 : props.most * STEP + 18))
const at = computed(() => ({ x: props.zone.frame.width - wide.value - 8, y: props.zone.frame.height - 44 }))
const said = computed(() => {
  const left = props.most - taken.value
  return left === 0
    ? t('room.full', { zone: itemName(props.zone) })
    : t('room.takes', { zone: itemName(props.zone), count: left })
})
</script>

<template>
  <g class="room" role="img" :aria-label="said" :transform="placed(zone.frame)">
    <g :transform="`translate(${at.x} ${at.y})`">
      <rect :width="wide" height="36" rx="18" />
      <template v-if="most <= DOTS">
        <circle
          v-for="n in most"
          :key="n"
          :cx="9 + STEP * (n - 0.5)"
          cy="18"
          r="8"
          :class="{ taken: n <= taken }"
        />
      </template>
      <text v-else :x="wide / 2" y="27" text-anchor="middle">{{ `${taken} / ${most}` }}</text>
    </g>
  </g>
</template>

<style scoped>
.room {
  pointer-events: none;
}
rect {
  fill: #fffdf8e6;
  stroke: #cbbca0;
  stroke-width: 2;
}
circle {
  fill: none;
  stroke: var(--plum);
  stroke-width: 3;
}
.taken {
  fill: var(--plum);
}
text {
  font: 700 26px var(--page-type);
  fill: var(--ink);
}
</style>
