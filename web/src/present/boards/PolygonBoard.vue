<script setup lang="ts">
import { t } from '@/i18n'
import { pointOn } from '@/page/pointer'
import { computed, ref } from 'vue'
import { PAGE, type Point } from '@/page/geometry'
import { drag } from '@/present/model/drag'
import { angleMark, besideSide, CORNERS_MOST, measured, placed, read } from '@/present/model/polygon'

/** Lines and polygons whose corners are pulled, with what is read of them. */
const props = defineProps<{
  all: Point[][]
  /** Page units of one unit that is read. */
  perUnit: number
  unit: string
  /** Whether the hand is free to pull them. */
  holds: boolean
  /** They lie on the page itself: it draws them, and only their corners are moved. */
  ofPage?: boolean
  /** Lengths and angles are not written, so that a class can find them first. */
  quiet?: boolean
}>()
/** began: something is about to be changed, which one may want to undo. */
const emit = defineEmits<{ change: [all: Point[][]]; began: [] }>()
const root = ref<SVGSVGElement>()
const STEP = 10

const shown = computed(() =>
  props.all.map((corners) => {
    const now = measured(corners)
    const centre = {
      x: corners.reduce((sum, one) => sum + one.x, 0) / corners.length,
      y: corners.reduce((sum, one) => sum + one.y, 0) / corners.length,
    }
    const marks = now.angles.map((angle, i) => angleMark(corners, i, angle))
    const area = areaWords(corners.length, now.area)
    const lowest = Math.max(...corners.map((one) => one.y))
    const labels = placed([
      ...now.sides.map((side, i) => ({
        words: `${read(side / props.perUnit)} ${props.unit}`,
        places: [besideSide(corners, i)],
      })),
      ...now.angles.map((angle, i) => ({
        words: `${read(angle)}°`,
        places: [marks[i]!.at, marks[i]!.beyond],
      })),
      ...(area ? [{ words: area, places: [centre, { x: centre.x, y: lowest + 92 }] }] : []),
    ])
    const sides = now.sides.length
    return {
      corners,
      marks,
      sides: labels.slice(0, sides),
      angles: labels.slice(sides, sides + marks.length),
      area: labels.slice(sides + marks.length),
      middles: now.sides.map((_, i) => ({
        x: (corners[i]!.x + corners[(i + 1) % corners.length]!.x) / 2,
        y: (corners[i]!.y + corners[(i + 1) % corners.length]!.y) / 2,
      })),
    }
  }),
)
function cornerWords(i: number, angle?: string) {
  const name = angle
    ? t('present.corner-number-angle', { n: i + 1, angle })
    : t('present.corner-number', { n: i + 1 })
  return props.ofPage
    ? t('present.name-arrow-keys-move-it', { name })
    : t('present.name-arrow-keys-move-it-delete', { name })
}
function areaWords(count: number, area: number | null) {
  if (count === 2) return ''
  if (area === null) return t('present.it-crosses-itself')
  return `${read(area / props.perUnit ** 2)} ${props.unit}²`
}
function put(index: number, corners: Point[]) {
  emit(
    'change',
    props.all.map((one, i) => (i === index ? corners : one)),
  )
}
const within = (point: Point): Point => ({
  x: Math.round(Math.max(0, Math.min(PAGE.width, point.x))),
  y: Math.round(Math.max(0, Math.min(PAGE.height, point.y))),
})
const pointAt = (event: PointerEvent) => pointOn(root.value!, event)
function pull(index: number, corner: number, event: PointerEvent) {
  if (event.button === 0) emit('began')
  drag(event, (at) => set(index, corner, pointAt(at)))
}
function set(index: number, corner: number, to: Point) {
  put(
    index,
    props.all[index]!.map((one, i) => (i === corner ? within(to) : one)),
  )
}
/** All of it, as far as it stays on the page. */
function move(index: number, event: PointerEvent) {
  const was = props.all[index]!
  const from = pointAt(event)
  drag(event, (at) => {
    const to = pointAt(at)
    const by = (axis: 'x' | 'y', most: number) => {
      const all = was.map((one) => one[axis])
      return Math.max(-Math.min(...all), Math.min(most - Math.max(...all), to[axis] - from[axis]))
    }
    const [dx, dy] = [by('x', PAGE.width), by('y', PAGE.height)]
    put(
      index,
      was.map(({ x, y }) => within({ x: x + dx, y: y + dy })),
    )
  })
}
function add(index: number, after: number) {
  const corners = props.all[index]!
  const middle = shown.value[index]!.middles[after]!
  put(index, [...corners.slice(0, after + 1), within(middle), ...corners.slice(after + 1)])
}
function remove(index: number) {
  emit(
    'change',
    props.all.filter((_, i) => i !== index),
  )
}
function key(index: number, corner: number, event: KeyboardEvent) {
  const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key]
  const corners = props.all[index]!
  if (by) {
    const step = event.shiftKey ? 1 : STEP
    const { x, y } = corners[corner]!
    if (!event.repeat) emit('began')
    set(index, corner, { x: x + by[0]! * step, y: y + by[1]! * step })
  } else if (event.key === 'Delete' && !props.ofPage) {
    if (corners.length > 2)
      put(
        index,
        corners.filter((_, i) => i !== corner),
      )
    else remove(index)
  } else return
  event.preventDefault()
  event.stopPropagation()
}
</script>

<template>
  <svg
    ref="root"
    class="polygon-board"
    :class="{ holds, 'of-page': ofPage }"
    :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`"
    role="group"
    :aria-label="ofPage ? t('present.shapes-of-the-page-with-corners') : t('present.measured-shapes')"
  >
    <g v-for="(one, index) in shown" :key="index" class="one">
      <polygon
        class="body"
        :class="{ line: one.corners.length === 2 }"
        :points="one.corners.map(({ x, y }) => `${x},${y}`).join(' ')"
        @pointerdown="move(index, $event)"
      />
      <template v-if="!quiet">
        <path v-for="(mark, i) in one.marks" :key="`m${i}`" class="angle" :d="mark.d" />
        <text v-for="(angle, i) in one.angles" :key="`a${i}`" class="degrees" :x="angle.at.x" :y="angle.at.y">
          {{ angle.words }}
        </text>
        <text v-for="(side, i) in one.sides" :key="`s${i}`" :x="side.at.x" :y="side.at.y">
          {{ side.words }}
        </text>
        <text v-for="area in one.area" :key="area.words" class="area" :x="area.at.x" :y="area.at.y">
          {{ area.words }}
        </text>
      </template>
      <template v-if="holds && !ofPage">
        <g v-for="(middle, i) in one.middles" :key="`m${i}`" class="control">
          <circle
            v-if="one.corners.length < CORNERS_MOST"
            class="more"
            :cx="middle.x"
            :cy="middle.y"
            r="11"
            role="button"
            tabindex="0"
            :aria-label="t('present.one-more-corner', { n: i + 1 })"
            @click="add(index, i)"
            @keydown.enter="add(index, i)"
          />
        </g>
      </template>
      <circle
        v-for="(corner, i) in one.corners"
        :key="`c${i}`"
        class="corner"
        :cx="corner.x"
        :cy="corner.y"
        r="17"
        tabindex="0"
        role="group"
        :aria-label="cornerWords(i, quiet ? undefined : one.angles[i]?.words)"
        @pointerdown="pull(index, i, $event)"
        @keydown="key(index, i, $event)"
      />
      <g
        v-if="holds && !ofPage"
        class="x control"
        role="button"
        tabindex="0"
        :aria-label="t('present.take-this-shape-away')"
        :transform="`translate(${Math.min(PAGE.width - 30, Math.max(...one.corners.map((c) => c.x)) + 46)} ${Math.max(30, Math.min(...one.corners.map((c) => c.y)) - 20)})`"
        @click="remove(index)"
        @keydown.enter="remove(index)"
      >
        <circle r="22" />
        <path d="M-8 -8L8 8M8 -8L-8 8" />
      </g>
    </g>
  </svg>
</template>

<style scoped>
.polygon-board {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  overflow: visible;
  pointer-events: none;
}
.one {
  will-change: transform;
}
.body {
  fill: #0b5d6622;
  stroke: #0b5d66;
  stroke-width: 6;
  stroke-linejoin: round;
}
.of-page .body {
  fill: none;
  stroke: none;
}
.of-page:not(.holds) .corner {
  display: none;
}
.holds:not(.of-page) .body,
.holds .corner,
.holds .more,
.x {
  pointer-events: auto;
  touch-action: none;
}
.holds .body {
  cursor: move;
}
.holds .line {
  pointer-events: stroke;
}
.corner {
  fill: #fff;
  stroke: #0b5d66;
  stroke-width: 6;
  cursor: grab;
}
.more {
  fill: #fff;
  stroke: #0b5d66;
  stroke-width: 3;
  stroke-dasharray: 4 4;
  cursor: copy;
}
.angle {
  fill: none;
  stroke: #68406b;
  stroke-width: 5;
}
text {
  fill: #1f2d33;
  stroke: #fff;
  stroke-width: 6;
  paint-order: stroke;
  font: 700 34px var(--type);
  text-anchor: middle;
  dominant-baseline: middle;
}
.degrees {
  fill: #68406b;
}
.area {
  fill: #0b5d66;
}
.x {
  cursor: pointer;
}
.x circle {
  fill: #0c343b;
}
.x path {
  stroke: #fff;
  stroke-width: 4;
}
</style>
