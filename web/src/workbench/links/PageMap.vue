<script setup lang="ts">
import { t } from '@/i18n'
import { PhArrowsInLineHorizontal, PhLinkSimple } from '@phosphor-icons/vue'
import { onMounted, ref, useTemplateRef } from 'vue'
import { usePull } from '@/gesture/usePull'
import type { Activity, MapSpot, PagesMap } from '@/api/schema'
import { CARD } from './arrows'
import MapCard from './MapCard.vue'
import { useMapCards } from './useMapCards'

/** The pages and what leads from one to another. Pages are dragged about; from the round grip an arrow is dragged. */
const props = defineProps<{ activity: Activity; map: PagesMap; chosen: string | null; mayEdit: boolean }>()
const emit = defineEmits<{
  choose: [pageId: string]
  move: [pageId: string, spot: MapSpot]
  link: [from: string, to: string]
  open: [pageId: string]
}>()

const STEP = 20
const field = useTemplateRef<HTMLElement>('field')
const scale = ref(1)
/** A page while it is dragged, or an arrow that is being drawn. */
const dragging = ref<{ id: string; spot: MapSpot } | null>(null)
const drawing = ref<{ from: string; x: number; y: number; over: string | null } | null>(null)

const { spots, origin, size, arrows, cards } = useMapCards(props, () => dragging.value)

function pointAt(event: PointerEvent): MapSpot {
  const box = field.value!.getBoundingClientRect()
  return {
    x: (event.clientX - box.left) / scale.value + origin.value.x,
    y: (event.clientY - box.top) / scale.value + origin.value.y,
  }
}

const { pull } = usePull()
const follow = (move: (event: PointerEvent) => void, up: (event: PointerEvent) => void) =>
  pull({
    move,
    up,
    cancel() {
      dragging.value = null
      drawing.value = null
    },
  })

function lift(id: string, event: PointerEvent) {
  emit('choose', id)
  if (event.button !== 0 || !props.mayEdit) return
  const from = pointAt(event)
  const was = spots.value.get(id)!
  follow(
    (now) => {
      const to = pointAt(now)
      if (dragging.value || Math.hypot(to.x - from.x, to.y - from.y) > 6)
        dragging.value = { id, spot: { x: was.x + to.x - from.x, y: was.y + to.y - from.y } }
    },
    () => {
      const put = dragging.value
      dragging.value = null
      if (put) emit('move', put.id, put.spot)
    },
  )
}

const pageUnder = (event: PointerEvent) =>
  document.elementFromPoint(event.clientX, event.clientY)?.closest<HTMLElement>('[data-map-page]')?.dataset
    .mapPage ?? null

function draw(from: string, event: PointerEvent) {
  if (event.button !== 0) return
  drawing.value = { from, ...pointAt(event), over: null }
  follow(
    (now) => (drawing.value = { from, ...pointAt(now), over: pageUnder(now) }),
    (now) => {
      const to = pageUnder(now)
      drawing.value = null
      if (to && to !== from) emit('link', from, to)
    },
  )
}

const BY: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}
/** The arrow keys go to the nearest page that way; with Shift they move the page itself. */
function key(id: string, event: KeyboardEvent) {
  const by = BY[event.key]
  if (!by) return
  event.preventDefault()
  const here = spots.value.get(id)!
  if (event.shiftKey) {
    if (props.mayEdit) emit('move', id, { x: here.x + by[0] * STEP, y: here.y + by[1] * STEP })
    return
  }
  let best: string | null = null
  let least = Infinity
  for (const [other, spot] of spots.value) {
    const along = (spot.x - here.x) * by[0] + (spot.y - here.y) * by[1]
    const aside = Math.abs((spot.x - here.x) * by[1] + (spot.y - here.y) * by[0])
    if (other !== id && along > 0 && along + 2 * aside < least) {
      least = along + 2 * aside
      best = other
    }
  }
  if (best) field.value?.querySelector<HTMLElement>(`[data-map-page="${best}"] .card`)?.focus()
}

/** At first as much of it as can be read is seen. */
const READABLE = 0.7
const LEAST = 0.15
function whole(): number {
  const room = field.value?.parentElement
  if (!room) return 1
  return Math.min(1, room.clientWidth / size.value.width, room.clientHeight / size.value.height)
}
onMounted(() => (scale.value = Math.max(READABLE, whole())))
/** As large as it can be seen whole, or as large as it is. */
const fit = () => (scale.value = scale.value < 1 ? 1 : Math.max(LEAST, whole()))
</script>

<template>
  <div class="room">
    <div
      ref="field"
      class="terrain"
      :style="{
        width: `${size.width}px`,
        height: `${size.height}px`,
        transform: `scale(${scale})`,
        marginRight: `${size.width * (scale - 1)}px`,
        marginBottom: `${size.height * (scale - 1)}px`,
      }"
    >
      <svg
        class="arrows"
        :viewBox="`${origin.x} ${origin.y} ${size.width} ${size.height}`"
        :width="size.width"
        :height="size.height"
        aria-hidden="true"
      >
        <defs>
          <marker
            id="map-tip"
            viewBox="0 0 16 16"
            refX="4"
            refY="8"
            markerUnits="userSpaceOnUse"
            markerWidth="17"
            markerHeight="17"
            orient="auto"
          >
            <path d="M0 0L16 8L0 16Z" fill="#68406b" />
          </marker>
        </defs>
        <path
          v-for="arrow in arrows"
          :key="arrow.key"
          class="arrow"
          :class="{ waits: arrow.waits, lit: chosen === arrow.from || chosen === arrow.to }"
          :d="arrow.path"
          marker-end="url(#map-tip)"
        />
        <path
          v-if="drawing"
          class="arrow drawn"
          :d="`M${spots.get(drawing.from)!.x + CARD.width} ${spots.get(drawing.from)!.y + CARD.height / 2}L${drawing.x} ${drawing.y}`"
        />
      </svg>
      <span
        v-for="arrow in arrows"
        :key="`name ${arrow.key}`"
        class="named"
        aria-hidden="true"
        :style="{ left: `${arrow.middle.x - origin.x}px`, top: `${arrow.middle.y - origin.y}px` }"
        :title="arrow.label"
        >{{ arrow.label }}</span
      >
      <div
        v-for="{ page, number, style, sign, goesHome } in cards"
        :key="page.id"
        class="at"
        :style="style"
        :data-map-page="page.id"
        :data-sign="sign"
      >
        <MapCard
          :page="page"
          :number="number"
          :sign="sign"
          :goes-home="goesHome"
          :chosen="chosen === page.id"
          :aimed="drawing?.over === page.id && drawing.from !== page.id"
          @pointerdown="lift(page.id, $event)"
          @click="emit('choose', page.id)"
          @dblclick="emit('open', page.id)"
          @keydown="key(page.id, $event)"
        />
        <span
          v-if="mayEdit"
          class="grip"
          :title="t('workbench.drag-to-the-page-that-this')"
          aria-hidden="true"
          @pointerdown.stop.prevent="draw(page.id, $event)"
          ><PhLinkSimple :size="15"
        /></span>
      </div>
    </div>
    <button class="btn fit" :aria-pressed="scale < 1" @click="fit">
      <PhArrowsInLineHorizontal :size="18" aria-hidden="true" />{{ t('workbench.whole-map') }}
    </button>
  </div>
</template>

<style scoped>
.room {
  position: absolute;
  inset: 0;
  overflow: auto;
  background: radial-gradient(#cbbfa6 1.1px, transparent 1.3px) 0 0 / 18px 18px;
}
.terrain {
  position: relative;
  transform-origin: 0 0;
}
.arrows {
  position: absolute;
  inset: 0;
  pointer-events: none;
}
.arrow {
  fill: none;
  stroke: var(--plum);
  stroke-width: 2;
}
.waits {
  stroke-dasharray: 7 5;
}
.lit {
  stroke-width: 3.5;
}
.drawn {
  stroke-width: 3;
  stroke-dasharray: 2 5;
  stroke-linecap: round;
}
.named {
  position: absolute;
  z-index: 1;
  max-width: 128px;
  padding: 1px 7px;
  overflow: hidden;
  border: 1px solid #cdb9a0;
  border-radius: var(--tile-s);
  background: var(--paper);
  color: #4c2a4f;
  font-size: 12px;
  text-overflow: ellipsis;
  white-space: nowrap;
  transform: translate(-50%, -50%);
  pointer-events: none;
}
.at {
  position: absolute;
  width: 170px;
}
.grip {
  position: absolute;
  top: 54px;
  right: -13px;
  display: grid;
  place-items: center;
  width: 26px;
  height: 26px;
  border: 2px solid #fff;
  border-radius: 50%;
  background: var(--plum);
  color: #fff;
  cursor: crosshair;
  touch-action: none;
}
.fit {
  position: fixed;
  inset-inline-end: 16px;
  bottom: 58px;
}
</style>
