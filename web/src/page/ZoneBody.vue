<script setup lang="ts">
import { computed, onMounted, ref, useId } from 'vue'
import type { Zone } from '@/api/schema'
import AxesBody from './AxesBody.vue'
import { tilePath } from './geometry'
import ScaleBody from './ScaleBody.vue'
import { calm, pictureUrl } from './pictures'
import { fontsReady, inBrowser } from './wordFit'
import { lookOf, zonePath } from './zones'

/** A drop zone at its own origin, unturned: what it is made of, and its label. lit: a piece is over it. */
const props = defineProps<{ zone: Zone; letter?: string; lit?: boolean }>()

const PLUM = '#68406b'
const SIZE = 32
const LEAST = 20
const TAB = 48
const PAD = 22
/** Widths of the strokes that together make the soft shadow under the upper rim. */
const SHADES = [6, 12, 18, 24, 30, 36, 42, 48, 54]

const clip = useId()
const look = computed(() => lookOf(props.zone))
/** A line with its numbers needs no tray around it. */
const bare = computed(
  () => Boolean(props.zone.scale) && look.value.kind === 'TRAY' && !look.value.fill && !look.value.picture,
)
const filled = computed(() => (look.value.picture ? pictureUrl(look.value.picture, calm()) : null))
const path = computed(() => zonePath(props.zone))
const width = computed(() => props.zone.frame.width)
const height = computed(() => props.zone.frame.height)
/** A picture fills the zone; of its longer side the ends are cut off. */
const whole = computed(() => ({
  width: width.value,
  height: height.value,
  preserveAspectRatio: 'xMidYMid slice',
}))
const colour = computed(() => look.value.colour ?? PLUM)

const style = (size: number) => ({ size, bold: true, italic: false, font: 'ANDIKA' as const })
/** Before its letters are there they are measured as others. */
const loaded = ref(false)
onMounted(async () => {
  await fontsReady([undefined])
  loaded.value = true
})

/** A label is as large as there is room for; what is still too long ends in dots, and is read out whole. */
const label = computed(() => {
  void loaded.value
  const text = props.zone.label.trim()
  const at = look.value.label ?? 'TAB'
  if (!text || at === 'NONE' || look.value.kind === 'HIDDEN') return null
  const most = Math.max(60, width.value - (at === 'TAB' ? 2 * PAD : 40))
  const wide = (words: string, size: number) => inBrowser(words, style(size))
  let size = SIZE
  while (size > LEAST && wide(text, size) > most) size -= 2
  let shown = text
  if (wide(text, size) > most) {
    let signs = [...text]
    while (signs.length > 1 && wide(`${signs.join('')}…`, size) > most)
      signs = signs.slice(0, Math.floor(signs.length * 0.9))
    shown = `${signs.join('').trimEnd()}…`
  }
  return { text: shown, at, size, wide: wide(shown, size) }
})
const tab = computed(() => {
  const w = (label.value?.wide ?? 0) + 2 * PAD
  return { x: (width.value - w) / 2, w }
})
/** White or ink on the tab, whichever reads better: the brightness that the eye sees, from WCAG's luminance. */
const onTab = computed(() => {
  const part = (i: number) => {
    const v = parseInt(colour.value.slice(i, i + 2), 16) / 255
    return v <= 0.03928 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4
  }
  return 0.2126 * part(1) + 0.7152 * part(3) + 0.0722 * part(5) > 0.18 ? '#1c2b33' : '#ffffff'
})
</script>

<template>
  <g class="zone-body" :class="look.kind.toLowerCase()">
    <template v-if="filled && look.kind !== 'HIDDEN'">
      <clipPath :id="`${clip}-filled`"><path :d="path" /></clipPath>
    </template>
    <template v-if="bare"></template>
    <template v-else-if="look.kind === 'TRAY'">
      <clipPath :id="clip"><path :d="path" /></clipPath>
      <linearGradient :id="`${clip}-floor`" x1="0" y1="0" x2="0" y2="1">
        <stop offset="0" stop-color="#e7ddcc" />
        <stop offset="1" stop-color="#f2ece1" />
      </linearGradient>
      <path class="rim" :d="path" transform="translate(0 3)" />
      <path class="floor" :d="path" :style="{ fill: look.fill ?? `url(#${clip}-floor)` }" />
      <g :clip-path="`url(#${clip})`" aria-hidden="true">
        <image v-if="filled" :href="filled" v-bind="whole" />
        <path
          v-for="wide in SHADES"
          :key="wide"
          class="shade"
          :d="path"
          :stroke-width="wide"
          :transform="`translate(${wide * 0.12} ${wide * 0.42})`"
        />
        <path class="light" :d="path" transform="translate(0 -3)" />
      </g>
      <path class="edge" :d="path" :style="{ stroke: look.colour ?? '#cbbca0' }" />
    </template>
    <template v-else-if="look.kind === 'GLASS'">
      <g v-if="filled" :clip-path="`url(#${clip}-filled)`"><image :href="filled" v-bind="whole" /></g>
      <path v-else :d="path" :fill="look.fill ?? colour" fill-opacity="0.13" />
      <path :d="path" fill="none" :stroke="colour" stroke-width="6" />
    </template>
    <path v-else-if="look.kind === 'HIDDEN'" class="veiled" :d="path" />
    <template v-else>
      <path :d="path" :fill="look.fill ?? 'transparent'" />
      <g v-if="filled" :clip-path="`url(#${clip}-filled)`"><image :href="filled" v-bind="whole" /></g>
      <path
        :d="path"
        fill="none"
        :stroke="colour"
        stroke-width="4"
        :stroke-dasharray="look.kind === 'DASHED' ? '14 10' : undefined"
        stroke-linejoin="round"
      />
    </template>
    <template v-if="zone.scale && look.kind !== 'HIDDEN'">
      <AxesBody v-if="zone.up" :zone="zone" :colour="look.colour ?? '#1c2b33'" />
      <ScaleBody v-else :zone="zone" :colour="look.colour ?? '#1c2b33'" />
    </template>
    <path v-if="lit" class="lit" :d="path" />
    <template v-if="label">
      <g v-if="label.at === 'TAB'" :transform="`translate(${tab.x} ${-TAB / 2})`">
        <path :d="tilePath(tab.w, TAB, 13, 4)" :fill="colour" />
        <text
          class="said"
          :x="tab.w / 2"
          :y="TAB / 2 + label.size * 0.34"
          text-anchor="middle"
          :font-size="label.size"
          font-weight="700"
          :fill="onTab"
          >{{ label.text }}</text
        >
      </g>
      <text
        v-else
        class="said ink"
        :x="label.at === 'INSIDE' ? 20 : width / 2"
        :y="label.at === 'ABOVE' ? -14 : label.at === 'BELOW' ? height + label.size + 6 : 42"
        :text-anchor="label.at === 'INSIDE' ? 'start' : 'middle'"
        :font-size="label.size"
        font-weight="700"
        >{{ label.text }}</text
      >
    </template>
    <g v-if="letter" :transform="`translate(${width - 52} ${zone.scale ? 12 : height - 52})`">
      <path class="letter-tile" :d="tilePath(40, 40, 11, 4)" />
      <text class="letter-sign" x="20" y="29" text-anchor="middle" font-size="25" font-weight="700">{{
        letter
      }}</text>
    </g>
  </g>
</template>

<style scoped>
.rim {
  fill: #fffdf8;
}
.shade,
.light,
.edge {
  fill: none;
  /* Else the corners count as far beyond the zone as a sharp one would reach. */
  stroke-linejoin: round;
}
.shade {
  stroke: #6b4f2409;
}
.light {
  stroke: #fffdf8b0;
  stroke-width: 4;
}
.edge {
  stroke-width: 3;
}
.veiled {
  fill: #68406b0d;
  stroke: var(--plum);
  stroke-width: 3;
  stroke-dasharray: 2 9;
  stroke-linecap: round;
}
.lit {
  fill: none;
  stroke: var(--petrol);
  stroke-width: 9;
}
.said {
  font-family: var(--page-type);
  white-space: pre;
}
.ink {
  fill: var(--ink);
}
.letter-tile {
  fill: var(--plum);
}
.letter-sign {
  fill: #fff;
  font-family: var(--type);
}
@media (forced-colors: active) {
  .edge,
  .veiled {
    stroke: CanvasText !important;
  }
}
</style>
