<script setup lang="ts">
import { t } from '@/i18n'
import { pointOn, unitsPerPixel } from '@/page/pointer'
import { PAGE } from '@/page/geometry'
import { drag } from '@/present/model/drag'
import InstrumentBody from './InstrumentBody.vue'
import { isRound, LENGTH_LEAST, LENGTH_MOST, within, type Instrument } from '@/present/model/instruments'

/** What lies on the page to measure with. With the empty hand it is moved; its grips can always be taken hold of. */
const props = defineProps<{ all: Instrument[]; perUnit: number; unit: string; holds: boolean }>()
const emit = defineEmits<{ change: [index: number, to: Instrument]; remove: [index: number] }>()
const NAMES = {
  RULER: t('present.ruler'),
  SET_SQUARE_45: t('present.set-square-45'),
  SET_SQUARE_30_60: t('present.set-square-30-and-60'),
  PROTRACTOR: t('present.protractor'),
  FULL_PROTRACTOR: t('present.full-protractor'),
  COMPASSES: t('present.compasses'),
}
const STEP = 10

/** 0 when it lies straight, counter-clockwise as angles are measured, below 360. */
/** What is read beside the grip: of compasses, how far they are open. */
const read = (one: Instrument) =>
  one.kind === 'COMPASSES'
    ? `${Math.round((one.length / props.perUnit) * 10) / 10} ${props.unit}`
    : `${turnRead(one)}°`
const turnRead = (one: Instrument) => Math.round(((360 - (one.turn % 360)) % 360) * 10) / 10
const round = (degrees: number) => ((degrees % 360) + 360) % 360

const scaleOf = (element: Element) => unitsPerPixel(element.closest('svg')!)
const pageAt = (element: Element, event: PointerEvent) => pointOn(element.closest('svg')!, event)
function put(index: number, one: Instrument, x: number, y: number) {
  emit('change', index, {
    ...one,
    x: Math.max(-200, Math.min(PAGE.width + 200, x)),
    y: Math.max(-200, Math.min(PAGE.height + 200, y)),
  })
}
function move(index: number, event: PointerEvent) {
  const was = props.all[index]!
  const scale = scaleOf(event.currentTarget as Element)
  drag(event, (at) =>
    put(
      index,
      was,
      was.x + (at.clientX - event.clientX) * scale,
      was.y + (at.clientY - event.clientY) * scale,
    ),
  )
}
/** About its beginning; whole degrees unless Alt is held. */
function turn(index: number, event: PointerEvent) {
  const was = props.all[index]!
  const element = event.currentTarget as Element
  const seen = (at: PointerEvent) => {
    const p = pageAt(element, at)
    return (Math.atan2(p.y - was.y, p.x - was.x) * 180) / Math.PI
  }
  const from = seen(event)
  drag(event, (at) => {
    const to = was.turn + seen(at) - from
    emit('change', index, { ...was, turn: round(at.altKey ? to : Math.round(to)) })
  })
}
function lengthen(index: number, event: PointerEvent) {
  const was = props.all[index]!
  const element = event.currentTarget as Element
  const from = within(was, pageAt(element, event)).x - was.length
  drag(event, (at) => {
    const length = within(was, pageAt(element, at)).x - from
    emit('change', index, { ...was, length: Math.max(LENGTH_LEAST, Math.min(LENGTH_MOST, length)) })
  })
}
function key(index: number, event: KeyboardEvent) {
  const one = props.all[index]!
  const by: Record<string, [number, number]> = {
    ArrowLeft: [-STEP, 0],
    ArrowRight: [STEP, 0],
    ArrowUp: [0, -STEP],
    ArrowDown: [0, STEP],
  }
  const to = by[event.key]
  if (to) put(index, one, one.x + to[0], one.y + to[1])
  else if (event.key === ',' || event.key === '.')
    emit('change', index, { ...one, turn: round(one.turn + (event.key === '.' ? 1 : -1)) })
  else if (event.key === 'R' || event.key === 'r')
    emit('change', index, { ...one, turn: round(one.turn + (event.key === 'r' ? 15 : -15)) })
  else if (event.key === '+' || event.key === '-')
    emit('change', index, {
      ...one,
      length: Math.max(LENGTH_LEAST, Math.min(LENGTH_MOST, one.length + (event.key === '+' ? 20 : -20))),
    })
  else if (event.key === 'Delete') emit('remove', index)
  else return
  event.preventDefault()
  event.stopPropagation()
}
/** Where the grips are, before it is turned. */
const gripAt = (one: Instrument, grip: 'move' | 'turn' | 'length') => {
  const { length } = one
  if (one.kind === 'COMPASSES')
    return {
      move: { x: -36, y: 30 },
      turn: { x: length / 2, y: -196 },
      length: { x: length + 34, y: 30 },
    }[grip]
  if (isRound(one))
    return {
      move: { x: 0, y: one.kind === 'PROTRACTOR' ? -length * 0.35 : length * 0.35 },
      turn: { x: length * 0.62, y: -length * 0.2 },
      length: { x: length * 0.84, y: -length * 0.07 },
    }[grip]
  const low = one.kind === 'RULER' ? 82 : 34
  return {
    move: { x: length * (one.kind === 'RULER' ? 0.5 : 0.1), y: one.kind === 'RULER' ? 82 : length * 0.1 },
    turn: { x: length * (one.kind === 'RULER' ? 0.84 : 0.66), y: low },
    length: { x: length - (one.kind === 'RULER' ? 24 : 70), y: one.kind === 'RULER' ? 82 : 16 },
  }[grip]
}
</script>

<template>
  <svg class="instrument-board" :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`">
    <g
      v-for="(one, i) in all"
      :key="`${one.kind}-${i}`"
      :transform="`translate(${one.x} ${one.y}) rotate(${one.turn})`"
      class="instrument"
      :class="{ holds }"
      tabindex="0"
      role="group"
      :aria-label="t('present.instrument-keys', { kind: NAMES[one.kind], turn: turnRead(one) })"
      @keydown="key(i, $event)"
    >
      <g class="body" @pointerdown="move(i, $event)">
        <InstrumentBody :of="one" :per-unit="perUnit" :unit="unit" />
      </g>
      <circle
        class="grip"
        :cx="gripAt(one, 'move').x"
        :cy="gripAt(one, 'move').y"
        r="22"
        @pointerdown="move(i, $event)"
      />
      <path
        class="sign"
        d="M-11 0H11M0 -11V11"
        :transform="`translate(${gripAt(one, 'move').x} ${gripAt(one, 'move').y})`"
      />
      <circle
        class="grip turns"
        :cx="gripAt(one, 'turn').x"
        :cy="gripAt(one, 'turn').y"
        r="22"
        @pointerdown="turn(i, $event)"
      />
      <path
        class="sign"
        d="M8 -7A10 10 0 1 0 10 3M10 -11L9 -5L3 -7"
        :transform="`translate(${gripAt(one, 'turn').x} ${gripAt(one, 'turn').y})`"
      />
      <circle
        class="grip"
        :cx="gripAt(one, 'length').x"
        :cy="gripAt(one, 'length').y"
        r="16"
        @pointerdown="lengthen(i, $event)"
      />
      <g
        :transform="`translate(${gripAt(one, 'turn').x} ${gripAt(one, 'turn').y}) rotate(${-one.turn}) translate(0 -44)`"
        class="read"
        aria-hidden="true"
      >
        <rect x="-46" y="-22" width="92" height="38" rx="10" />
        <text text-anchor="middle" y="7">{{ read(one) }}</text>
      </g>
    </g>
  </svg>
</template>

<style scoped>
.instrument-board {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  overflow: visible;
  pointer-events: none;
}
.instrument {
  outline: none;
  will-change: transform;
}
.body {
  touch-action: none;
}
.holds .body {
  pointer-events: auto;
  cursor: move;
}
/* A shadow around it would fill what is to be seen through. */
.instrument:focus-visible .body :deep(rect),
.instrument:focus-visible .body :deep(path:first-child) {
  stroke: #e5a02f;
  stroke-width: 8;
}
.grip {
  fill: #fff;
  stroke: #0b5d66;
  stroke-width: 4;
  pointer-events: auto;
  cursor: grab;
  touch-action: none;
}
.sign {
  fill: none;
  stroke: #0b5d66;
  stroke-width: 3;
  pointer-events: none;
}
.read rect {
  fill: #0c343b;
}
.read text {
  fill: #fff;
  font: 700 24px var(--type);
}
</style>
