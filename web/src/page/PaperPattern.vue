<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Pattern } from '@/api/schema'
import { PAGE } from './geometry'

/** Lines and dots printed on paper. */
const props = defineProps<{ pattern: Pattern }>()
const id = useId()
const p = computed(() => props.pattern.pitch)
const c = computed(() => props.pattern.colour)

/** Numbers along an axis, from its middle outwards. */
function marks(length: number) {
  const count = Math.floor(length / 2 / p.value - 0.3)
  const every = p.value < 34 ? 5 : p.value < 60 ? 2 : 1
  return Array.from({ length: 2 * count + 1 }, (_, i) => i - count).filter((n) => n !== 0 && n % every === 0)
}
const STAVE_GAPS = 4
const staves = computed(() => {
  const each = p.value * (STAVE_GAPS + 4)
  return Array.from({ length: Math.max(1, Math.floor((PAGE.height - p.value * 2) / each)) }, (_, i) =>
    Array.from({ length: 5 }, (_, line) => p.value * 2.5 + i * each + line * p.value),
  ).flat()
})
const triangle = computed(() => ({ width: p.value, height: p.value * Math.sqrt(3) }))
</script>

<template>
  <g class="pattern" :stroke="c" aria-hidden="true">
    <template v-if="pattern.kind === 'STAVES'">
      <path v-for="y in staves" :key="y" :d="`M60 ${y}H${PAGE.width - 60}`" stroke-width="2" />
    </template>
    <template v-else-if="pattern.kind === 'AXES'">
      <pattern
        :id="`axes${id}`"
        :x="PAGE.width / 2"
        :y="PAGE.height / 2"
        :width="p"
        :height="p"
        patternUnits="userSpaceOnUse"
      >
        <path :d="`M0 0H${p}M0 0V${p}`" :stroke="c" stroke-width="1.5" opacity="0.45" />
      </pattern>
      <rect :width="PAGE.width" :height="PAGE.height" :fill="`url(#axes${id})`" stroke="none" />
      <path
        :d="`M0 ${PAGE.height / 2}H${PAGE.width - 12}l-14 -8m14 8l-14 8M${PAGE.width / 2} ${PAGE.height}V12l-8 14m8 -14l8 14`"
        fill="none"
        stroke-width="4"
      />
      <g class="numbers" :fill="c" stroke="none" font-size="22">
        <text
          v-for="n in marks(PAGE.width)"
          :key="`x${n}`"
          :x="PAGE.width / 2 + n * p"
          :y="PAGE.height / 2 + 26"
          text-anchor="middle"
          >{{ n }}</text
        >
        <text
          v-for="n in marks(PAGE.height)"
          :key="`y${n}`"
          :x="PAGE.width / 2 - 10"
          :y="PAGE.height / 2 - n * p + 8"
          text-anchor="end"
          >{{ n }}</text
        >
      </g>
    </template>
    <template v-else>
      <pattern
        v-if="pattern.kind === 'DOTS'"
        :id="`dots${id}`"
        :width="p"
        :height="p"
        patternUnits="userSpaceOnUse"
      >
        <circle :cx="p / 2" :cy="p / 2" :r="Math.max(2, p / 18)" :fill="c" stroke="none" />
      </pattern>
      <pattern
        v-else-if="pattern.kind === 'RULED'"
        :id="`dots${id}`"
        :width="PAGE.width"
        :height="p"
        patternUnits="userSpaceOnUse"
      >
        <path :d="`M0 ${p - 1}H${PAGE.width}`" :stroke="c" stroke-width="2" />
      </pattern>
      <pattern
        v-else-if="pattern.kind === 'SQUARES'"
        :id="`dots${id}`"
        :width="p"
        :height="p"
        patternUnits="userSpaceOnUse"
      >
        <path :d="`M0 0H${p}M0 0V${p}`" :stroke="c" stroke-width="2" />
      </pattern>
      <pattern
        v-else
        :id="`dots${id}`"
        :width="triangle.width"
        :height="triangle.height"
        patternUnits="userSpaceOnUse"
      >
        <path
          :d="`M0 0H${triangle.width}M0 ${triangle.height / 2}H${triangle.width}M0 0L${triangle.width} ${triangle.height}M${triangle.width} 0L0 ${triangle.height}`"
          :stroke="c"
          stroke-width="1.5"
        />
      </pattern>
      <rect :width="PAGE.width" :height="PAGE.height" :fill="`url(#dots${id})`" stroke="none" />
    </template>
  </g>
</template>

<style scoped>
.numbers {
  font-family: var(--page-type);
}
</style>
