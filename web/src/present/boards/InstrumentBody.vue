<script setup lang="ts">
import { computed } from 'vue'
import { edgesOf, RULER_WIDTH, rulerTicks, type Instrument } from '@/present/model/instruments'

/** An instrument at its own beginning, unturned. */
const props = defineProps<{
  of: Instrument
  /** Page units of one unit that is read. */
  perUnit: number
  unit: string
}>()
const ticks = computed(() => rulerTicks(props.of.length, props.perUnit, props.unit))
const corners = computed(() =>
  edgesOf(props.of)
    .map(([from]) => `${from.x} ${from.y}`)
    .join('L'),
)
/** A hole in a set square, of its own form. */
const hole = computed(() => {
  const { kind, length } = props.of
  const b = kind === 'SET_SQUARE_45' ? length : length / Math.sqrt(3)
  const at = (x: number, y: number) => `${x * length} ${y * b}`
  return `M${at(0.18, 0.18)}L${at(0.54, 0.18)}L${at(0.18, 0.54)}Z`
})
const degrees = computed(() => {
  const most = props.of.kind === 'PROTRACTOR' ? 180 : 359
  const every = props.of.length < 200 ? 5 : 1
  return Array.from({ length: Math.floor(most / every) + 1 }, (_, i) => {
    const d = i * every
    const r = (-d * Math.PI) / 180
    const long = d % 10 === 0 ? 30 : d % 5 === 0 ? 20 : 11
    const at = (out: number) => ({ x: Math.cos(r) * out, y: Math.sin(r) * out })
    return { d, from: at(props.of.length), to: at(props.of.length - long), words: at(props.of.length - 52) }
  })
})
/** On a small one there is no room for the number of every tenth degree. */
const numbered = computed(() => (props.of.length < 230 ? 30 : 10))
const disc = computed(() => {
  const l = props.of.length
  return props.of.kind === 'PROTRACTOR'
    ? `M${-l} 0A${l} ${l} 0 0 1 ${l} 0Z`
    : `M${-l} 0A${l} ${l} 0 1 1 ${l} 0A${l} ${l} 0 1 1 ${-l} 0Z`
})
</script>

<template>
  <g v-if="of.kind === 'RULER'" class="wood">
    <rect :width="of.length" :height="RULER_WIDTH" rx="8" />
    <line v-for="tick in ticks" :key="tick.at" :x1="tick.at" y1="0" :x2="tick.at" :y2="tick.long" />
    <template v-for="tick in ticks" :key="`n${tick.at}`">
      <text v-if="tick.number !== undefined" :x="tick.at" y="56" text-anchor="middle">{{ tick.number }}</text>
    </template>
    <text class="unit" x="16" :y="RULER_WIDTH - 12">{{ unit }}</text>
  </g>
  <g v-else-if="of.kind.startsWith('SET')" class="glass">
    <path :d="`M${corners}Z${hole}`" fill-rule="evenodd" />
  </g>
  <g v-else-if="of.kind === 'COMPASSES'" class="legs">
    <circle class="way" :r="of.length" />
    <path :d="`M0 0L${of.length / 2} -150L${of.length} 0`" />
    <circle class="head" :cx="of.length / 2" cy="-150" r="16" />
    <circle class="point" r="5" />
    <path class="pencil" :d="`M${of.length} 0l-9 -30h18z`" />
  </g>
  <g v-else class="glass">
    <path :d="disc" />
    <line
      v-for="one in degrees"
      :key="one.d"
      :x1="one.from.x"
      :y1="one.from.y"
      :x2="one.to.x"
      :y2="one.to.y"
    />
    <template v-for="one in degrees" :key="`n${one.d}`">
      <text
        v-if="one.d % numbered === 0"
        :transform="`translate(${one.words.x} ${one.words.y}) rotate(${90 - one.d})`"
        text-anchor="middle"
        dominant-baseline="middle"
        >{{ one.d }}</text
      >
    </template>
    <path class="cross" d="M-16 0H16M0 -16V16" />
  </g>
</template>

<style scoped>
.wood rect {
  fill: #fbecc9e6;
  stroke: #b8892f;
  stroke-width: 3;
}
.wood line {
  stroke: #5b3c00;
  stroke-width: 1.6;
}
text {
  fill: #3d2a00;
  font: 600 24px var(--type);
}
.unit {
  font-size: 20px;
}
.glass path {
  fill: #efe4efb8;
  stroke: #68406b;
  stroke-width: 3;
}
.glass line {
  stroke: #4a2c4d;
  stroke-width: 1.5;
}
.glass text {
  fill: #4a2c4d;
  font-size: 21px;
}
.legs path {
  fill: none;
  stroke: #55656b;
  stroke-width: 9;
  stroke-linejoin: round;
}
.legs .way {
  fill: none;
  stroke: #0b5d66;
  stroke-width: 3;
  stroke-dasharray: 4 12;
}
.legs .head {
  fill: #55656b;
}
.legs .point {
  fill: #1c2b33;
}
.legs .pencil {
  fill: #a8432b;
  stroke: none;
}
.glass .cross {
  fill: none;
  stroke: #68406b;
  stroke-width: 2;
}
</style>
