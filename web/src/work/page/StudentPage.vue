<script setup lang="ts">
import { computed, provide, ref, watch, type ComputedRef } from 'vue'
import type { Act, DrawnStroke, Gap, Item, Link, Stroke, StudentPage } from '@/api/schema'
import type { PlacedItem } from '@/page/placedItems'
import { canErase, provideErased } from '@/page/erased'
import { PAGE, placed, tilePath } from '@/page/geometry'
import ItemBody from '@/page/ItemBody.vue'
import { isPiece, originalOf } from '@/page/items'
import { LEADING } from '@/page/leading'
import { itemName } from '@/page/names'
import { wholeOf } from '@/page/sized'
import { isHidden, zonePath } from '@/page/zones'
import PaperBody from '@/page/PaperBody.vue'
import { leadsTo, linkOf } from '@/page/links'
import { noSwipe } from '@/page/touch'
import VideoPlayer from '@/work/media/VideoPlayer.vue'
import CoverHandle from './CoverHandle.vue'
import { useStudentActions } from '@/work/rules/studentActions'
import GapField from './GapField.vue'
import NoteDialog from './NoteDialog.vue'
import FixedThing from './FixedThing.vue'
import { usePickUp } from '@/work/rules/pickUp'
import ScaleReadout from './ScaleReadout.vue'
import PieceOnPage from './PieceOnPage.vue'
import { targetsOf, type Target } from '@/work/rules/places'
import { useBare } from '@/work/rules/bare'
import { provideReach } from '@/work/rules/reach'
import { railPath } from '@/work/rules/rules'
import { useThings, type Ahead } from '@/work/rules/things'
import { useTurning } from '@/work/rules/turning'
import type { Work } from '@/work/attempt/work'
import { useInHand } from '@/work/rules/inHand'
import { usePageKeys } from '@/work/rules/pageKeys'
import ThingMarks from './ThingMarks.vue'
import ZoneCheck from './ZoneCheck.vue'
import ZoneTells from './ZoneTells.vue'

/** One page to be done: by mouse, finger, pen, tap and tap, or keyboard. */
const props = defineProps<{
  page: StudentPage
  work: Work
  resting: boolean
  /** Where an eraser went, among all that was drawn. */
  erased: Stroke[]
}>()
const emit = defineEmits<{
  say: [words: string]
  hint: [words: string]
  follow: [link: Link, itemId: string]
  erase: [strokes: DrawnStroke[]]
  /** What undoes something that was done. */
  remember: [act: Act]
}>()
provideErased(() => props.erased)

provide(LEADING, {
  follow: (link) => emit('follow', link, ''),
  name: (text, link) => `${text}, ${leadsTo(link, props.work.view.pages, 'links to another page')}`,
})

const root = ref<SVGSVGElement>()
/** A dragged piece lies on a layer of its own, so that the page beneath is not drawn anew each frame. */
const air = ref<SVGSVGElement>()
const ahead = ref<Ahead>({})
const reading = ref<string | null>(null)
const NOTHING: PlacedItem[] = []

const things = useThings(
  () => props.page,
  () => props.work,
  ahead,
  () => props.resting,
)
const { state, states, zones, carriers, along, drawn, byId, shown, disappeared, find, original } = things
const { movable } = things
const actions = useStudentActions(
  () => props.page.id,
  () => props.work,
  things,
  ahead,
  {
    say: (words) => emit('say', words),
    hint: (words) => emit('hint', words),
    goOnFrom: focusNext,
    remember: (act) => emit('remember', act),
  },
)
const { put, type, check, turnOver, turnBy, write, slide } = actions

/** The zones that want their pieces in order. */
const rows = computed(() => new Map((props.page.rows ?? []).map((row) => [row.zoneId, row])))
/** What is held goes into none of the zones that go with it. */
const targets: ComputedRef<Target[]> = computed(() => {
  const with_ = along(held.value ?? '')
  const others = zones.value.filter((zone) => !with_.has(zone.id))
  return targetsOf(others, rows.value, props.page.regions)
})
/** Zones that cross with others, so that a piece may lie in several. */
const crossing = computed(() => new Set(props.page.regions?.flatMap((one) => one.zoneIds)))
const picking = usePickUp({
  root,
  air,
  ahead,
  targets,
  crossing,
  things,
  put,
  tap: lead,
  say: (words) => emit('say', words),
})
const { held, target, dragged, over, pointAt, press, point, drop } = picking
/** Handed on as it is, so that this page is not drawn anew for each value. */
const now = { reading: picking.reading }
const { cellsUnder, aimed, lit, inHand, away, going } = useInHand(
  things,
  { over, target, dragged },
  rows,
  ahead,
)
const grip = useTurning({
  ahead,
  pointAt,
  put,
  tap: (one) => void turnBy(one, 1),
  whole: (one) => wholeOf(one.item.frame, original(one.id).frame),
})
const reach = provideReach(root)
const { meant } = useBare(
  () => drawn.value,
  () => reach.value,
)

/** A press beside what is seen of a picture means the piece that lies below it there, if any. */
function pressed(one: PlacedItem, event: PointerEvent) {
  const at = pointAt(event)
  if (meant(one, at)) return press(one, event)
  for (const there of document.elementsFromPoint(event.clientX, event.clientY)) {
    const id = there.closest('[data-piece]')?.getAttribute('data-piece')
    const below = id && id !== one.id ? drawn.value.find((other) => other.id === id) : undefined
    if (below && meant(below, at)) return press(below, event)
  }
}

/** A piece that leads somewhere leads there at a tap; it is moved by dragging, or by the keys. */
function lead(one: PlacedItem): boolean {
  const link = linkOf(one.item)
  if (!link || one.source) return false
  emit('follow', link, one.id)
  return true
}
const isHeld = (one: PlacedItem) =>
  held.value !== null && (held.value === one.id || (one.source && originalOf(held.value) === one.id))

/** A piece that settled takes no more keys; the next one that does gets them. */
function focusNext(id: string) {
  const same = root.value?.querySelector<SVGElement>(`[data-piece="${id}"][tabindex="0"]`)
  const any = root.value?.querySelector<SVGElement>('[data-piece][tabindex="0"]')
  ;(same ?? any)?.focus()
}

const gaps = computed(() => props.page.items.filter((item): item is Gap => item.kind === 'gap'))
/** With several zones to check on a page each that something waits in has a button of its own. */
const toCheck = computed(() => {
  const asked = zones.value.filter((zone) => props.page.onCheck?.includes(zone.id))
  if (asked.length < 2 || props.resting) return []
  const waiting = new Set(Object.values(states.value).flatMap((one) => (one.waits ? [one.zoneId] : [])))
  return asked.filter((zone) => waiting.has(zone.id))
})
watch(
  () => props.page.id,
  () => {
    drop()
    reading.value = null
  },
)

const { key, tapped } = usePageKeys(things, picking, actions, targets, reading, {
  say: (words) => emit('say', words),
  erase: (strokes) => emit('erase', strokes),
})
</script>

<template>
  <div class="sheet" @touchmove="noSwipe">
    <svg
      ref="root"
      class="doing"
      :class="{ holding: held }"
      :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`"
      role="group"
      :aria-label="page.name"
      @pointerdown="point"
    >
      <PaperBody :paper="page.paper" />
      <template v-for="item in page.items" :key="`rail-${item.id}`">
        <path v-if="item.movement.kind === 'rail'" class="rail" :d="railPath(item)" />
      </template>
      <template v-for="(one, depth) in drawn" :key="one.id">
        <PieceOnPage
          v-if="isPiece(one.item) && !disappeared(one.lead)"
          :one="one"
          :things="things"
          :below="one.item.kind === 'lens' ? drawn.slice(0, depth) : NOTHING"
          :held="isHeld(one)"
          :away="away.has(one.id)"
          :quick="away.has(one.id) || going.has(one.id)"
          :resting="resting"
          @press="pressed(one, $event)"
          @key="key(one, $event)"
          @click="!movable(one) && !one.source && !resting && lead(one)"
          @turn="turnBy(one, 1)"
          @grip="grip(one, $event)"
          @over="turnOver(one)"
          @open="reading = one.id"
        />
        <template v-else-if="isPiece(one.item) || one.item.kind === 'area'" />
        <g v-else-if="one.item.kind === 'video'" :transform="placed(one.item.frame)">
          <VideoPlayer :item="one.item" />
        </g>
        <CoverHandle
          v-else-if="one.item.kind === 'cover'"
          :item="one.item"
          :home="original(one.id) as Extract<Item, { kind: 'cover' }>"
          :share="state.slid?.[one.id] ?? 0"
          :resting="resting"
          :point-at="pointAt"
          @slide="slide(one.id, $event)"
        />
        <FixedThing
          v-else-if="one.item.kind !== 'gap'"
          :one="one"
          :things="things"
          :below="one.item.kind === 'lens' ? drawn.slice(0, depth) : NOTHING"
          :row="rows.get(one.id)"
          :aimed="aimed(one.id)"
          :away="away.has(one.id)"
          :quick="away.has(one.id) || going.has(one.id)"
          :resting="resting"
          @pointerdown="carriers.has(one.id) && press(find(carriers.get(one.id)!), $event)"
          @click="!resting && !canErase(one.item) && tapped(one)"
          @keydown="key(one, $event)"
        />
      </template>
      <ThingMarks
        :work="work"
        :things="things"
        :dragged="dragged"
        @follow="(link, itemId) => emit('follow', link, itemId)"
      />
      <ZoneTells :page="page" :things="things" :away="away" />
      <g v-for="cell in cellsUnder" :key="`over-${cell.id}`" class="target" :transform="placed(cell.frame)">
        <path class="aim" :d="tilePath(cell.frame.width, cell.frame.height, 16, 5)" />
      </g>
      <g
        v-if="target && (!byId.has(target.zone.id) || rows.has(target.zone.id) || target.zone.scale)"
        class="target"
        :transform="placed(target.frame)"
      >
        <path class="aim" :d="tilePath(target.frame.width, target.frame.height, 16, 5)" />
      </g>
      <ScaleReadout :now="now" />
    </svg>
    <svg class="lights" :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`" aria-hidden="true">
      <path v-for="zone in lit" :key="zone.id" :transform="placed(zone.frame)" :d="zonePath(zone)" />
    </svg>
    <svg
      v-if="dragged"
      ref="air"
      class="air"
      :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`"
      aria-hidden="true"
    >
      <g v-for="one in inHand" :key="one.id" :transform="placed(one.item.frame)">
        <ItemBody
          v-if="!(one.item.kind === 'zone' && isHidden(one.item))"
          :item="one.item"
          :over="one.over"
          :written="one.written"
        />
      </g>
    </svg>
    <GapField
      v-for="gap in gaps"
      :key="gap.id"
      :gap="gap"
      :typed="state.typed?.[gap.id]"
      :shown="shown.has(gap.id)"
      :number="page.numbers?.includes(gap.id) ?? false"
      :resting="resting"
      @type="type(gap, $event)"
    />
    <ZoneCheck
      v-for="zone in toCheck"
      :key="zone.id"
      :frame="zone.frame"
      :name="itemName(zone)"
      @check="check(zone)"
    />
    <NoteDialog
      v-if="reading && byId.get(reading)"
      :note="byId.get(reading)!.item as Extract<Item, { kind: 'note' }>"
      :written="byId.get(reading)!.written"
      :resting="resting || byId.get(reading)!.source"
      @write="write(reading!, $event)"
      @close="reading = null"
    />
  </div>
</template>

<style scoped>
.doing {
  display: block;
  width: 100%;
  aspect-ratio: 1600 / 1000;
  isolation: isolate;
  touch-action: none;
  user-select: none;
}
.holding {
  cursor: copy;
}
.rail {
  fill: none;
  stroke: #68406b66;
  stroke-width: 8;
  stroke-linecap: round;
  stroke-dasharray: 2 18;
}
.aim {
  fill: none;
  stroke: none;
}
.target .aim {
  stroke: var(--petrol);
  stroke-width: 9;
}
.sheet {
  position: relative;
  container-type: inline-size;
}
/* Moved by the compositor alone. */
.lights {
  position: absolute;
  inset: 0;
  width: 100%;
  aspect-ratio: 1600 / 1000;
  pointer-events: none;
  will-change: transform;
}
.lights path {
  fill: none;
  stroke: var(--petrol);
  stroke-width: 9;
}
.air {
  position: absolute;
  inset: 0;
  width: 100%;
  overflow: visible;
  filter: drop-shadow(0 8px 10px #0003);
  pointer-events: none;
  will-change: transform;
}
</style>
