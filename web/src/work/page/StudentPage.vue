<script setup lang="ts">
import { t } from '@/i18n'
import { computed, type ComputedRef, defineAsyncComponent, provide, ref, useTemplateRef, watch } from 'vue'
import type { Act, DrawnStroke, Gap, Item, Link, Stroke, StudentPage } from '@/api/schema'
import type { PlacedItem } from '@/page/placedItems'
import { canErase, provideErased } from '@/page/erased'
import { PAGE, placed, tilePath } from '@/page/geometry'
import { isPiece, originalOf } from '@/page/items'
import { LEADING } from '@/page/leading'
import { itemName } from '@/page/names'
import { wholeOf } from '@/page/sized'
import PaperBody from '@/page/PaperBody.vue'
import { leadsTo, linkOf } from '@/page/links'
import { noSwipe } from '@/page/touch'
import { useStudentActions } from '@/work/rules/studentActions'
import GapField from './GapField.vue'
import HeldLayer from './HeldLayer.vue'
import FixedThing from './FixedThing.vue'
import { usePickUp } from '@/work/rules/pickUp'
import RailPaths from './RailPaths.vue'
import ScaleReadout from './ScaleReadout.vue'
import PieceOnPage from './PieceOnPage.vue'
import { targetsOf, type Target } from '@/work/rules/places'
import { usePressed } from '@/work/rules/pressed'
import { useZonesToCheck } from '@/work/rules/zonesToCheck'
import { useThings, type Ahead } from '@/work/rules/things'
import { useTurning } from '@/work/rules/turning'
import type { Work } from '@/work/attempt/work'
import { useInHand } from '@/work/rules/inHand'
import { usePageKeys } from '@/work/rules/pageKeys'
import ThingMarks from './ThingMarks.vue'
import ZoneCheck from './ZoneCheck.vue'
import ZoneTells from './ZoneTells.vue'

/** Fetched when they are first needed. */
const VideoPlayer = defineAsyncComponent(() => import('@/work/media/VideoPlayer.vue'))
const NoteDialog = defineAsyncComponent(() => import('./NoteDialog.vue'))
const CoverHandle = defineAsyncComponent(() => import('./CoverHandle.vue'))

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
  name: (text, link) =>
    t('thing.leads', {
      name: text,
      where: leadsTo(link, props.work.view.pages, t('link.another')),
    }),
})

const root = ref<SVGSVGElement>()
const layer = useTemplateRef('layer')
const air = computed(() => layer.value?.air ?? undefined)
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
const pressed = usePressed(root, drawn, pointAt, press)

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
const toCheck = useZonesToCheck(props, zones, states)
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
      <RailPaths :items="page.items" />
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
    <HeldLayer ref="layer" :lit="lit" :in-hand="inHand" :dragged="Boolean(dragged)" />
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
.target .aim {
  fill: none;
  stroke: var(--petrol);
  stroke-width: 9;
}
.sheet {
  position: relative;
  container-type: inline-size;
}
</style>
