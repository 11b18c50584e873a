<script setup lang="ts">
import { computed, nextTick, onBeforeUnmount, ref, watch } from 'vue'
import { said } from '@/api/client'
import type { Frame, Item, StudentPage, Verdict, Zone } from '@/api/types'
import { frameQueue } from '@/gesture/frameQueue'
import { step, type Effect, type Event as ChartEvent, type State } from '@/gesture/pieceChart'
import { contains, middle, PAGE, placed, tilePath, type Point } from '@/page/geometry'
import ItemBody from '@/page/ItemBody.vue'
import { isPiece, itemName } from '@/page/names'
import { pictureUrl } from '@/page/pictures'
import type { Work } from './work'

/** One page to be done: by mouse, finger, pen, tap and tap, or keyboard. */
const props = defineProps<{ page: StudentPage; work: Work; resting: boolean }>()
const emit = defineEmits<{ say: [words: string] }>()

const root = ref<SVGSVGElement>()
/** A dragged piece lies on a layer of its own, so that the page beneath is not drawn anew each frame. */
const air = ref<SVGSVGElement>()
const chart = ref<State>({ is: 'idle' })
/** Where pieces were put, while the server has not said what becomes of them. */
const ahead = ref<Record<string, { x: number; y: number }>>({})
const dragged = ref<string | null>(null)
const queue = frameQueue()

const zones = computed(() => props.page.items.filter((item): item is Zone => item.kind === 'zone'))
const states = computed(() => props.work.state.value.pieces)
const held = computed(() => (chart.value.is === 'held' ? chart.value.piece : null))
const target = computed(() =>
  chart.value.is === 'held' && chart.value.zone !== null ? zones.value[chart.value.zone] : null,
)

const settled = (item: Item) => states.value[item.id]?.settled ?? false
const turnedAway = (item: Item) => Boolean(states.value[item.id]?.zoneId) && !settled(item)
const movable = (item: Item) => isPiece(item) && !settled(item) && !props.resting

function frameOf(item: Item): Frame {
  const now = ahead.value[item.id] ?? states.value[item.id]
  return now && isPiece(item) ? { ...item.frame, x: now.x, y: now.y } : item.frame
}

const find = (id: string) => props.page.items.find((item) => item.id === id)!

function pointAt(event: PointerEvent): Point {
  const box = root.value!.getBoundingClientRect()
  const scale = PAGE.width / box.width
  return { x: (event.clientX - box.left) * scale, y: (event.clientY - box.top) * scale }
}

function send(event: ChartEvent) {
  const result = step(chart.value, event)
  chart.value = result.state
  result.effects.forEach(run)
}

function run(effect: Effect) {
  const item = find(effect.piece)
  const frame = frameOf(item)
  switch (effect.do) {
    case 'drag':
      dragged.value = effect.piece
      queue('drag', () => {
        const scale = root.value!.getBoundingClientRect().width / PAGE.width
        if (air.value)
          air.value.style.transform = `translate(${effect.by.x * scale}px, ${effect.by.y * scale}px)`
      })
      return
    case 'drop':
      dragged.value = null
      void put(item, onPage({ ...frame, x: frame.x + effect.by.x, y: frame.y + effect.by.y }))
      return
    case 'putAt':
      void put(
        item,
        onPage({ ...frame, x: effect.at.x - frame.width / 2, y: effect.at.y - frame.height / 2 }),
      )
      return
    case 'putInZone': {
      const m = middle(zones.value[effect.zone]!.frame)
      void put(item, { ...frame, x: m.x - frame.width / 2, y: m.y - frame.height / 2 })
      return
    }
    case 'held':
      emit(
        'say',
        zones.value.length
          ? `${itemName(item)} picked up: tap a place, or use the arrow keys and Enter`
          : `${itemName(item)} picked up: tap a place`,
      )
      return
    case 'target':
      emit('say', `${itemName(item)} over ${itemName(zones.value[effect.zone]!)}: Enter puts it there`)
      return
    case 'returned':
      dragged.value = null
      emit('say', `${itemName(item)} is back`)
  }
}

/** Keeps the middle of a piece on the page, so that nothing is dropped out of reach. */
function onPage(frame: Frame): Frame {
  const x = Math.min(Math.max(frame.x, -frame.width / 2), PAGE.width - frame.width / 2)
  const y = Math.min(Math.max(frame.y, -frame.height / 2), PAGE.height - frame.height / 2)
  return { ...frame, x, y }
}

async function put(item: Item, to: Frame) {
  const focused = document.activeElement?.getAttribute('data-piece') === item.id
  ahead.value = { ...ahead.value, [item.id]: { x: to.x, y: to.y } }
  try {
    const verdict = await props.work.make({
      kind: 'put',
      pageId: props.page.id,
      pieceId: item.id,
      x: to.x,
      y: to.y,
    })
    if (verdict) tell(item, verdict)
  } catch (error) {
    emit('say', said(error))
  }
  const rest = { ...ahead.value }
  delete rest[item.id]
  ahead.value = rest
  if (focused) {
    await nextTick()
    focusNext(item.id)
  }
}

/** A piece that settled takes no more keys; the next one that does gets them. */
function focusNext(id: string) {
  const same = root.value?.querySelector<SVGElement>(`[data-piece="${id}"][tabindex="0"]`)
  const any = root.value?.querySelector<SVGElement>('[data-piece][tabindex="0"]')
  ;(same ?? any)?.focus()
}

function tell(item: Item, verdict: Verdict) {
  const zone = props.page.items.find((one) => one.id === verdict.zoneId)
  if (verdict.says === 'BELONGS') emit('say', `${itemName(item)} belongs in ${itemName(zone!)}`)
  if (verdict.says === 'TURNED_AWAY') {
    emit('say', `${itemName(item)} does not belong in ${itemName(zone!)}. Try another place`)
  }
}

function press(item: Item, event: PointerEvent) {
  if (!movable(item) || event.button !== 0) return
  // While something is picked up, a tap on a lying piece means the place, not the piece.
  if (chart.value.is === 'held' && chart.value.piece !== item.id && inZone(pointAt(event))) return
  event.stopPropagation()
  event.preventDefault()
  ;(event.currentTarget as SVGElement).focus({ preventScroll: true })
  send({ type: 'press', piece: item.id, at: pointAt(event) })
  if (chart.value.is === 'pressed') listen()
}

const inZone = (point: Point) => zones.value.some((zone) => contains(zone.frame, point))

function point(event: PointerEvent) {
  if (chart.value.is === 'held') send({ type: 'point', at: pointAt(event) })
}

const onMove = (event: PointerEvent) => send({ type: 'move', at: pointAt(event) })
const onLift = (event: PointerEvent) => {
  quiet()
  send({ type: 'lift', at: pointAt(event) })
}
const onCancel = () => {
  quiet()
  send({ type: 'cancel' })
}
function listen() {
  window.addEventListener('pointermove', onMove)
  window.addEventListener('pointerup', onLift)
  window.addEventListener('pointercancel', onCancel)
}
function quiet() {
  window.removeEventListener('pointermove', onMove)
  window.removeEventListener('pointerup', onLift)
  window.removeEventListener('pointercancel', onCancel)
}
onBeforeUnmount(quiet)
watch(
  () => props.page.id,
  () => {
    quiet()
    chart.value = { is: 'idle' }
    dragged.value = null
  },
)

function key(item: Item, event: KeyboardEvent) {
  if (!movable(item)) return
  const zoneCount = zones.value.length
  const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key] as 1 | -1 | undefined
  if (event.key === 'Enter' || event.key === ' ') send({ type: 'pick', piece: item.id })
  else if (event.key === 'Escape') send({ type: 'cancel' })
  else if (by && chart.value.is === 'held') send({ type: 'step', by, zones: zoneCount })
  else return
  event.preventDefault()
}

function spoken(item: Item) {
  const name = itemName(item)
  const zone = props.page.items.find((one) => one.id === states.value[item.id]?.zoneId)
  if (settled(item)) return `${name}, belongs in ${zone ? itemName(zone) : 'its place'}`
  if (held.value === item.id) return `${name}, picked up`
  return turnedAway(item) && zone ? `${name}, does not belong in ${itemName(zone)}` : name
}
</script>

<template>
  <div class="sheet">
    <svg
      ref="root"
      class="doing"
      :class="{ holding: held }"
      :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`"
      role="group"
      :aria-label="page.name"
      @pointerdown="point"
    >
      <rect :width="PAGE.width" :height="PAGE.height" :fill="page.paper.colour" />
      <image
        v-if="page.paper.picture"
        :href="pictureUrl(page.paper.picture)"
        :width="PAGE.width"
        :height="PAGE.height"
        preserveAspectRatio="xMidYMid slice"
      />
      <template v-for="item in page.items" :key="item.id">
        <g
          v-if="isPiece(item)"
          class="place"
          :class="{ away: dragged === item.id, quick: dragged === item.id || item.id in ahead }"
          :style="{ transform: `translate(${frameOf(item).x}px, ${frameOf(item).y}px)` }"
        >
          <g
            :id="`body-${item.id}`"
            class="piece"
            :class="{ movable: movable(item), held: held === item.id }"
            :data-piece="item.id"
            :data-settled="settled(item) || undefined"
            :tabindex="movable(item) ? 0 : undefined"
            :role="movable(item) ? 'button' : 'img'"
            :aria-pressed="movable(item) ? held === item.id : undefined"
            :aria-label="spoken(item)"
            @pointerdown="press(item, $event)"
            @keydown="key(item, $event)"
          >
            <g
              :transform="
                item.frame.turn
                  ? `rotate(${item.frame.turn} ${item.frame.width / 2} ${item.frame.height / 2})`
                  : undefined
              "
            >
              <ItemBody :item="item" />
              <path class="ring" :d="tilePath(item.frame.width, item.frame.height)" />
            </g>
            <g v-if="settled(item)" class="mark" :transform="`translate(-10 ${item.frame.height - 28})`">
              <path class="good" :d="tilePath(38, 38, 10, 3)" />
              <path class="tick" d="M10 20l6 6 13-14" />
            </g>
            <g
              v-else-if="turnedAway(item)"
              class="mark"
              :transform="`translate(-10 ${item.frame.height - 28})`"
            >
              <circle class="hollow" cx="19" cy="19" r="16" />
              <path class="back" d="M25 25c2-7-3-10-12-9m4-5l-5 5 5 5" />
            </g>
          </g>
        </g>
        <g
          v-else
          :transform="placed(item.frame)"
          :role="item.kind === 'words' ? undefined : 'img'"
          :aria-label="item.kind === 'words' ? undefined : itemName(item)"
          :class="{ target: target?.id === item.id }"
          :data-zone="item.kind === 'zone' ? item.id : undefined"
        >
          <ItemBody :item="item" />
          <path
            v-if="item.kind === 'zone'"
            class="aim"
            :d="tilePath(item.frame.width, item.frame.height, 26, 7)"
          />
        </g>
      </template>
    </svg>
    <svg
      v-if="dragged"
      ref="air"
      class="air"
      :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`"
      aria-hidden="true"
    >
      <g :transform="placed({ ...frameOf(find(dragged)), turn: 0 })"><use :href="`#body-${dragged}`" /></g>
    </svg>
  </div>
</template>

<style scoped>
.doing {
  display: block;
  width: 100%;
  aspect-ratio: 1600 / 1000;
  touch-action: none;
  user-select: none;
}
.holding {
  cursor: copy;
}
.place {
  transition: transform 0.28s ease-out;
}
.quick {
  transition: none;
}
.away {
  opacity: 0;
}
.piece {
  outline: none;
}
.movable {
  cursor: grab;
}
.ring,
.aim {
  fill: none;
  stroke: none;
}
.piece:focus-visible .ring {
  stroke: var(--saffron);
  stroke-width: 9;
}
.held .ring {
  stroke: var(--petrol);
  stroke-width: 7;
}
.target .aim {
  stroke: var(--petrol);
  stroke-width: 9;
}
.sheet {
  position: relative;
}
/* Moved by the compositor alone. */
.air {
  position: absolute;
  inset: 0;
  width: 100%;
  overflow: visible;
  filter: drop-shadow(0 8px 10px #0003);
  pointer-events: none;
  will-change: transform;
}
.good {
  fill: var(--petrol);
}
.tick {
  fill: none;
  stroke: #fff;
  stroke-width: 4;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.hollow {
  fill: #fff;
  stroke: var(--clay);
  stroke-width: 4;
  stroke-dasharray: 6 4;
}
.back {
  fill: none;
  stroke: var(--clay);
  stroke-width: 3.5;
  stroke-linecap: round;
}
</style>
