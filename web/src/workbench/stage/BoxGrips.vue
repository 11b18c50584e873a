<script setup lang="ts">
import { t } from '@/i18n'
import type { Frame } from '@/api/schema'
import type { Grip } from '@/gesture/boxChart'
import { spot, type Handle } from '@/gesture/grips'
import { placed } from '@/page/geometry'

/** The box around what is selected, with what it is resized and turned by. */
const props = defineProps<{
  frame: Frame
  grips: Handle[]
  /** How far the box stands off, in page units. */
  margin: number
}>()
const emit = defineEmits<{ grab: [grip: Grip, event: PointerEvent] }>()

const SIZE = 22
function corner(grip: Handle) {
  const at = spot(grip, props.frame.width, props.frame.height)
  const off = (far: string, near: string) =>
    grip.includes(far) ? props.margin : grip.includes(near) ? -props.margin : 0
  return { x: at.x + off('e', 'w') - SIZE / 2, y: at.y + off('s', 'n') - SIZE / 2 }
}
</script>

<template>
  <g :transform="placed(frame)" class="grips">
    <path
      class="box"
      :d="`M${-margin} ${-margin}H${frame.width + margin}V${frame.height + margin}H${-margin}Z`"
    />
    <path class="stem" :d="`M${frame.width / 2} ${-margin}v-44`" />
    <circle
      class="turn"
      :cx="frame.width / 2"
      :cy="-52 - margin"
      r="17"
      @pointerdown="emit('grab', 'turn', $event)"
    >
      <title>{{ t('workbench.turn-2') }}</title>
    </circle>
    <rect
      v-for="grip in grips"
      :key="grip"
      class="grip"
      :class="grip"
      :x="corner(grip).x"
      :y="corner(grip).y"
      :width="SIZE"
      :height="SIZE"
      rx="5"
      @pointerdown="emit('grab', grip, $event)"
    >
      <title>{{ t('workbench.resize') }}</title>
    </rect>
  </g>
</template>

<style scoped>
.box,
.stem {
  fill: none;
  stroke: var(--petrol);
  stroke-width: 4;
  pointer-events: none;
}
.turn {
  fill: var(--petrol);
  cursor: grab;
}
.grip {
  fill: #fff;
  stroke: var(--petrol);
  stroke-width: 4;
}
.nw,
.se {
  cursor: nwse-resize;
}
.ne,
.sw {
  cursor: nesw-resize;
}
.n,
.s {
  cursor: ns-resize;
}
.e,
.w {
  cursor: ew-resize;
}
</style>
