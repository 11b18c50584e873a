<script setup lang="ts">
import { t } from '@/i18n'
import { decimal } from '@/i18n/format'
import { computed } from 'vue'

/** How many students had up to a tenth of the points, up to two tenths, and so on; the numbers stand on the bars. */
const props = defineProps<{ bars: number[]; most: number }>()
const HIGH = 70
const WIDE = 30
const highest = computed(() => Math.max(1, ...props.bars))
const upTo = (i: number) => decimal((props.most * (i + 1)) / props.bars.length)
const said = computed(() =>
  props.bars
    .map((n, i) => (n ? t('progress.so-many-up-to', { count: n, points: upTo(i) }) : ''))
    .filter(Boolean)
    .join(', '),
)
</script>

<template>
  <svg
    :viewBox="`0 0 ${WIDE * bars.length} ${HIGH + 34}`"
    role="img"
    :aria-label="said ? t('progress.points-bars', { bars: said }) : t('progress.nobody-handed-in-yet')"
  >
    <g v-for="(n, i) in bars" :key="i" :transform="`translate(${i * WIDE} 0)`">
      <rect
        :x="3"
        :y="14 + HIGH - (HIGH * n) / highest"
        :width="WIDE - 6"
        :height="(HIGH * n) / highest"
        rx="3"
      />
      <text v-if="n" :x="WIDE / 2" :y="10 + HIGH - (HIGH * n) / highest" text-anchor="middle">{{ n }}</text>
      <text class="up" :x="WIDE / 2" :y="HIGH + 29" text-anchor="middle">{{ upTo(i) }}</text>
    </g>
    <path :d="`M0 ${HIGH + 14}H${WIDE * bars.length}`" />
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-height: 120px;
}
rect {
  fill: var(--petrol);
}
text {
  fill: var(--ink);
  font: 12px var(--type);
}
.up {
  fill: #4c5a60;
  font-size: 10px;
}
path {
  stroke: var(--soft);
}
</style>
