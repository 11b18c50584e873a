<script setup lang="ts">
import { pointNear, unitsPerPixel } from '@/page/pointer'
import { computed, onBeforeUnmount, ref, shallowRef, watch } from 'vue'
import { post } from '@/api/client'
import { newId } from '@/api/id'
import type { DrawnStroke, Stroke } from '@/api/schema'
import { drawnBy, growing } from '@/gesture/growing'
import { along, keptPoints, looped, rubbed } from '@/gesture/ink'
import { strokeBuilder, type StrokeBuilder } from '@/gesture/strokeBuilder'
import { PAGE, type Point } from '@/page/geometry'
import { linePath, pointsOf, strokeDrawing, type StrokeStyle, type Drawn, type PageStroke } from '@/page/ink'
import OwnInk from '@/page/OwnInk.vue'
import { isNearlyStraight, seenOnce } from '@/present/model/hands'
import { closest, followed, type Instrument } from '@/present/model/instruments'
import {
  brushed,
  brushStyle,
  drawnOf,
  isStamp,
  neatPoints,
  stampsAlong,
  stampStyle,
  strokesOf,
  withTip,
  type Manner,
  type NeatOffer,
  type NeatShape,
} from '@/present/model/strokes'
import { tail } from '@/present/recording/tail'
import type { Tool } from '@/present/model/tools'

/**
 * Lies over the page: the ink of the lesson, and every hand that draws on it. Several may draw at once, each with a
 * finger or a pen of their own. While nothing is drawn it lets everything through.
 */
const props = defineProps<{
  ink: DrawnStroke[]
  tool: Tool
  style: StrokeStyle
  /** How far an eraser reaches, in page units. */
  eraser: number
  /** Whether an eraser takes whole strokes. */
  wholeStrokes: boolean
  /** Whether an eraser takes what is encircled. */
  encircles: boolean
  /** How a pen draws, tools its colour and width. */
  manner: Manner
  /** Whether a neat shape is looked for in what was drawn. */
  neat: boolean
  /** What lies there to draw along: a stroke that begins beside an edge follows it. */
  instruments: Instrument[]
}>()
const emit = defineEmits<{
  change: [drawn: DrawnStroke[], gone: string[]]
  /** A stroke looks like a shape that could stand in its place. */
  offer: [offer: NeatOffer]
}>()

const root = ref<SVGSVGElement>()
const live = ref<SVGGElement>()
const trail = ref<SVGPathElement>()
/** Beyond the page nothing is kept that could not be seen. */
const EDGE = 40
/** A hand's palm touches a wider place than a finger, in CSS pixels. */
const PALM = 70
/** Who holds still so long, in this many page units, means a straight line. */
const HOLD = 600
const STILL = 8
/** Fading ink is gone after so long. */
const FADES = 4000

interface Hand {
  builder: StrokeBuilder
  path: SVGPathElement
  line: ReturnType<typeof growing>
  from: Point
  at: Point
  /** Set once somebody held still: a straight line from where it began. */
  straight: boolean
  /** Set once somebody held still in a shape: it stands in the place of what was drawn. */
  shaped: boolean
  /** The instrument that it follows. */
  along: Instrument | null
  hold: ReturnType<typeof setTimeout> | undefined
}
const hands = new Map<number, Hand>()
const cursor = ref<Point | null>(null)
const loop = ref<Point[]>([])
const worn = shallowRef<(PageStroke & { id?: string })[] | null>(null)
let erasedTo: Point | null = null
let erasing: number | null = null
const fading = shallowRef<{ id: string; stroke: Stroke }[]>([])
let pointing: number | null = null
const comet = tail((d) => trail.value?.setAttribute('d', d))

const draws = computed(() => props.tool !== 'move' && props.tool !== 'lasso')
const inks = computed(() => ['pen', 'highlighter', 'fading'].includes(props.tool))

const pointAt = (event: PointerEvent) => pointNear(root.value!, event, EDGE)
const kept = (style: StrokeStyle, drawn: Drawn[]): Stroke => {
  const { tool, colour, width, dash } = style
  return { tool, colour, width, dash, points: keptPoints(drawn, { x: 0, y: 0 }) }
}

/** A palm that rests on the screen, or a finger beside a pen, draws nothing. */
function isHand(event: PointerEvent) {
  if (event.pointerType === 'pen') seenOnce.pen = true
  if (event.pointerType !== 'touch') return event.button === 0
  return !seenOnce.pen && Math.max(event.width, event.height) < PALM
}

function down(event: PointerEvent) {
  if (!draws.value || !isHand(event)) return
  event.preventDefault()
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  if (props.tool === 'pointer') {
    pointing = event.pointerId
    comet.to(pointAt(event))
  } else if (props.tool === 'eraser' && props.encircles) {
    if (erasing !== null) return
    erasing = event.pointerId
    loop.value = [pointAt(event)]
  } else if (props.tool === 'eraser') {
    if (erasing !== null) return
    erasing = event.pointerId
    erasedTo = null
    erase(event)
  } else begin(event)
}

function begin(event: PointerEvent) {
  const path = document.createElementNS('http://www.w3.org/2000/svg', 'path')
  path.setAttribute('stroke-linecap', 'round')
  path.setAttribute('stroke-linejoin', 'round')
  if (props.style.tool === 'HIGHLIGHTER') path.setAttribute('class', 'highlighter')
  live.value!.append(path)
  const along = followed(props.instruments, pointAt(event))
  const at = along ? closest(along, pointAt(event)) : pointAt(event)
  const hand: Hand = {
    builder: strokeBuilder(unitsPerPixel(root.value!)),
    path,
    line: growing(() => path),
    from: at,
    at,
    straight: false,
    shaped: false,
    along,
    hold: undefined,
  }
  hands.set(event.pointerId, hand)
  follow(hand, drawnBy(event, pointAt).slice(-1))
}

const mannered = computed(() => props.tool === 'pen')
/** What is seen of a way while it grows. */
function show(hand: Hand) {
  const points = hand.builder.points()
  if (!mannered.value || hand.straight || hand.shaped) hand.line.draw(props.style, points, 0)
  else if (props.manner === 'BRUSH') hand.line.draw(brushStyle(props.style), brushed(points), 0)
  else if (isStamp(props.manner)) {
    const style = stampStyle(props.style)
    hand.path.setAttribute('fill', 'none')
    hand.path.setAttribute('stroke', style.colour)
    hand.path.setAttribute('stroke-width', String(style.width))
    const stamps = stampsAlong(points, props.manner, props.style.width)
    hand.path.setAttribute(
      'd',
      stamps.map((one) => linePath(one.map((p) => [p.x, p.y, p.pressure]))).join(''),
    )
  } else hand.line.draw(props.style, points, hand.builder.decided())
}
/** What is kept of a way once the hand is lifted. */
function made(hand: Hand): DrawnStroke[] {
  const points = hand.builder.points()
  if (!mannered.value || hand.shaped) return strokesOf(props.style, points)
  if (props.manner === 'ARROW') return strokesOf(props.style, withTip(points, props.style.width))
  if (hand.straight) return strokesOf(props.style, points)
  if (props.manner === 'BRUSH') return strokesOf(brushStyle(props.style), brushed(points))
  if (isStamp(props.manner))
    return stampsAlong(points, props.manner, props.style.width).flatMap((one) =>
      strokesOf(stampStyle(props.style), one),
    )
  return strokesOf(props.style, points)
}

async function shapeIn(points: Point[]): Promise<NeatShape | null> {
  try {
    const rough = points.slice(0, 5000).map(({ x, y }) => ({ x, y }))
    return (await post('/api/v1/neat-shapes', { points: rough })).shape ?? null
  } catch {
    // Without an offer the stroke is as good as it was.
    return null
  }
}

function follow(hand: Hand, drawn: Drawn[]) {
  if (hand.shaped) return
  for (const there of drawn) {
    const point = hand.along ? { ...there, ...closest(hand.along, there) } : there
    if (Math.hypot(point.x - hand.at.x, point.y - hand.at.y) > STILL) {
      hand.at = point
      wait(hand)
    }
    if (hand.straight) straighten(hand, point)
    else hand.builder.add(point)
  }
  show(hand)
}
function wait(hand: Hand) {
  clearTimeout(hand.hold)
  if (hand.straight || hand.along || props.tool === 'fading') return
  hand.hold = setTimeout(() => {
    // Whoever pauses in the middle of a curve goes on with it.
    if (!isNearlyStraight(hand.builder.points())) return void shape(hand)
    hand.straight = true
    hand.line.wipe()
    straighten(hand, { ...hand.at, pressure: 0.5 })
    hand.line.draw(props.style, hand.builder.points(), 0)
  }, HOLD)
}
/** Held still at the end of a shape it becomes neat at once. */
async function shape(hand: Hand) {
  const at = hand.at
  const count = hand.builder.points().length
  const found = await shapeIn(hand.builder.points())
  if (!found || found.kind === 'LINE' || ![...hands.values()].includes(hand) || hand.at !== at) return
  if (count < 5) return
  hand.shaped = true
  hand.line.wipe()
  hand.builder = strokeBuilder()
  for (const point of neatPoints(found, props.style.width)) hand.builder.add(point)
  show(hand)
}
function straighten(hand: Hand, to: Drawn) {
  hand.builder = strokeBuilder()
  hand.builder.add({ ...hand.from, pressure: 0.5 })
  hand.builder.add({ x: to.x, y: to.y, pressure: 0.5 })
}

function move(event: PointerEvent) {
  cursor.value = props.tool === 'eraser' ? pointAt(event) : null
  const hand = hands.get(event.pointerId)
  if (hand) follow(hand, drawnBy(event, pointAt))
  else if (event.pointerId === erasing && loop.value.length) loop.value = [...loop.value, pointAt(event)]
  else if (event.pointerId === erasing) erase(event)
  else if (event.pointerId === pointing) comet.to(pointAt(event))
}

function up(event: PointerEvent) {
  if (event.pointerId === erasing && loop.value.length) return commitEncircled()
  if (event.pointerId === erasing) return commitErased()
  if (event.pointerId === pointing) {
    pointing = null
    comet.end()
    return
  }
  const hand = hands.get(event.pointerId)
  if (!hand) return
  hands.delete(event.pointerId)
  clearTimeout(hand.hold)
  const strokes = made(hand)
  hand.line.wipe()
  hand.path.remove()
  if (props.tool === 'fading') fade(strokes)
  else {
    emit('change', strokes, [])
    if (props.neat && props.tool === 'pen' && props.manner === 'PEN' && !hand.shaped && !hand.straight)
      void offer(strokes, hand.builder.points())
  }
}
/** A neat shape is offered, never forced: the stroke stays until somebody says yes. */
async function offer(strokes: DrawnStroke[], points: Drawn[]) {
  if (points.length < 6) return
  const { style } = props
  const found = await shapeIn(points)
  if (found)
    emit('offer', {
      kind: found.kind,
      gone: strokes.map((one) => one.id),
      drawn: strokesOf(style, neatPoints(found, style.width)),
      at: {
        x: Math.min(PAGE.width - 300, found.frame.x + found.frame.width + 16),
        y: Math.min(PAGE.height - 70, Math.max(10, found.frame.y)),
      },
    })
}

function fade(strokes: DrawnStroke[]) {
  fading.value = [...fading.value, ...strokes]
}
const faded = (id: string) => (fading.value = fading.value.filter((one) => one.id !== id))

const onPage = () =>
  props.ink.map(({ id, stroke }) => {
    const points = pointsOf(stroke).map(([x, y, pressure]) => ({ x, y, pressure }))
    return { id, stroke, points, own: points }
  })
function erase(event: PointerEvent) {
  for (const point of drawnBy(event, pointAt)) {
    for (const at of along(erasedTo, point, props.eraser / 2)) {
      const left = rubbed(worn.value ?? onPage(), at, props.eraser, props.wholeStrokes)
      if (left) worn.value = left
    }
    erasedTo = point
  }
}
/** What lies within a line that was drawn around it is gone. */
function commitEncircled() {
  erasing = null
  const gone = props.ink.filter((one) => looped(loop.value, drawnOf(one.stroke))).map((one) => one.id)
  loop.value = []
  if (gone.length) emit('change', [], gone)
}
function commitErased() {
  erasing = null
  const now = worn.value
  worn.value = null
  if (!now) return
  const there = new Set(now.flatMap((one) => one.id ?? []))
  const gone = props.ink.flatMap((one) => (there.has(one.id) ? [] : one.id))
  const parts = now.filter((one) => !one.id)
  emit(
    'change',
    parts.map((one) => ({ id: newId(), stroke: kept(one.stroke, one.points) })),
    gone,
  )
}
/** The ink that is seen: while it is erased, what is left of it. */
const seen = computed<DrawnStroke[]>(() =>
  worn.value
    ? worn.value.map((one, i) => ({
        id: one.id ?? `part-${i}`,
        stroke: one.id ? one.stroke : kept(one.stroke, one.points),
      }))
    : props.ink,
)

/** Whatever is in a hand is let go of, and not kept. */
function drop() {
  for (const hand of hands.values()) {
    clearTimeout(hand.hold)
    hand.path.remove()
  }
  hands.clear()
  worn.value = null
  erasing = null
  loop.value = []
  pointing = null
  cursor.value = null
  comet.end()
}
watch(() => props.tool, drop)
onBeforeUnmount(() => {
  drop()
  comet.stop()
})
</script>

<template>
  <svg
    ref="root"
    class="ink-board"
    :class="{ draws, inks }"
    :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`"
    @pointerdown="down"
    @pointermove="move"
    @pointerup="up"
    @pointercancel="up"
    @pointerleave="cursor = null"
  >
    <OwnInk v-if="seen.length" :ink="seen" />
    <path
      v-for="one in fading"
      :key="one.id"
      class="fading"
      v-bind="strokeDrawing(one.stroke)"
      :style="{ animationDuration: `${FADES}ms` }"
      stroke-linejoin="round"
      stroke-linecap="round"
      @animationend="faded(one.id)"
    />
    <g ref="live" class="apart" :class="{ blends: style.tool === 'HIGHLIGHTER' }" />
    <path ref="trail" class="trail" aria-hidden="true" />
    <polyline
      v-if="loop.length"
      class="eraser loop"
      :points="loop.map((one) => `${one.x},${one.y}`).join(' ')"
    />
    <circle v-else-if="cursor && !encircles" class="eraser" :cx="cursor.x" :cy="cursor.y" :r="eraser" />
  </svg>
</template>

<style scoped>
.ink-board {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  overflow: visible;
  pointer-events: none;
  touch-action: none;
}
.draws {
  pointer-events: auto;
}
.inks {
  cursor: crosshair;
}
.ink-board :deep(.highlighter) {
  mix-blend-mode: darken;
}
/* A layer of its own, so that the ink beneath is not painted anew at each point. */
.apart {
  will-change: transform;
}
/* A layer blends as a whole. */
.blends {
  mix-blend-mode: darken;
}
.fading {
  animation-name: fade-away;
  animation-timing-function: ease-in;
  animation-fill-mode: forwards;
}
@keyframes fade-away {
  60% {
    opacity: 1;
  }
  100% {
    opacity: 0;
  }
}
.trail {
  fill: #e0592a;
  pointer-events: none;
}
.loop {
  stroke-dasharray: 10 8;
}
.eraser {
  fill: #ffffff80;
  stroke: #1f2d33;
  stroke-width: 3;
}
</style>
