<script setup lang="ts">
import { computed, nextTick, onBeforeUnmount, provide, ref, watch } from 'vue'
import { said } from '@/api/client'
import type { Act, Frame, Gap, Item, Route, StudentPage, Verdict, Zone } from '@/api/types'
import { frameQueue } from '@/gesture/frameQueue'
import { step, type Effect, type Event as ChartEvent, type State } from '@/gesture/pieceChart'
import { asDone, type Done } from '@/page/done'
import { areaPath, contains, PAGE, placed, tilePath, type Point } from '@/page/geometry'
import ItemBody from '@/page/ItemBody.vue'
import { isCopy, isPiece, originalOf, ways, zonesOf } from '@/page/items'
import { LEADING } from '@/page/leading'
import LensView from '@/page/LensView.vue'
import { itemName } from '@/page/names'
import PaperBody from '@/page/PaperBody.vue'
import { routeOf } from '@/page/route'
import { leadsTo, routeTo } from '@/page/routes'
import VideoPlayer from './VideoPlayer.vue'
import CoverHandle from './CoverHandle.vue'
import { toldOf, toldOfCheck, toldOfTyped } from './feedback'
import GapField from './GapField.vue'
import NoteDialog from './NoteDialog.vue'
import PieceMark from './PieceMark.vue'
import { placesOf, targetsOf } from './places'
import PieceTools from './PieceTools.vue'
import SpeakMark from './SpeakMark.vue'
import RouteMark from './RouteMark.vue'
import { alongRail, nextCopy, railPath } from './rules'
import { play } from './sounds'
import { speak } from './speak'
import type { Work } from './work'
import ZoneCheck from './ZoneCheck.vue'
import ZoneRow from './ZoneRow.vue'

/** One page to be done: by mouse, finger, pen, tap and tap, or keyboard. */
const props = defineProps<{ page: StudentPage; work: Work; resting: boolean }>()
const emit = defineEmits<{
  say: [words: string]
  hint: [words: string]
  follow: [route: Route, itemId: string]
}>()

provide(LEADING, {
  follow: (route) => emit('follow', route, ''),
  name: (text, route) => `${text}, ${leadsTo(route, props.work.view.pages, 'leads to another page')}`,
})

const root = ref<SVGSVGElement>()
/** A dragged piece lies on a layer of its own, so that the page beneath is not drawn anew each frame. */
const air = ref<SVGSVGElement>()
const chart = ref<State>({ is: 'idle' })
/** Where pieces were put, while the server has not said what becomes of them. */
const ahead = ref<Record<string, { x: number; y: number; turn?: number }>>({})
const dragged = ref<string | null>(null)
const reading = ref<string | null>(null)
const queue = frameQueue()

const zones = computed(() => zonesOf(props.page.items))
/** The zones that want their pieces in order. */
const rows = computed(() => new Map((props.page.rows ?? []).map((row) => [row.zoneId, row])))
const targets = computed(() => targetsOf(zones.value, rows.value))
const state = computed(() => props.work.state.value)
const states = computed(() => state.value.pieces)
const held = computed(() => (chart.value.is === 'held' ? chart.value.piece : null))
const target = computed(() =>
  chart.value.is === 'held' && chart.value.zone !== null ? targets.value[chart.value.zone] : null,
)

/** The work as it will be once the server has answered, if it agrees. */
const hoped = computed(() => {
  const pieces = { ...states.value }
  for (const [id, at] of Object.entries(ahead.value)) {
    const was = pieces[id] ?? { settled: false, tries: 0, solvedAt: 0, putAt: state.value.seq + 1 }
    pieces[id] = { ...was, ...at }
  }
  return { ...state.value, pieces }
})
const drawn = computed(() => asDone(props.page.items, hoped.value, props.work.sides?.value))
const byId = computed(() => new Map(drawn.value.map((one) => [one.id, one])))

const settled = (id: string) => (states.value[id]?.settled && !byId.value.get(id)?.source) ?? false
const turnedAway = (id: string) =>
  Boolean(states.value[id]?.zoneId) && !settled(id) && !states.value[id]?.waits
const melted = (id: string) => Boolean(states.value[id]?.melted)
const shown = computed(() => new Set(state.value.shown))
const movable = (one: Done) => isPiece(one.item) && one.lead === one.id && !settled(one.id) && !props.resting
const leftOver = (one: Done) => {
  const supply = ways(one.item).supply
  if (!supply?.copies) return Infinity
  return (
    supply.copies - drawn.value.filter((other) => isCopy(other.id) && originalOf(other.id) === one.id).length
  )
}

/** A thing of the page, or a copy that is just coming off its supply. */
function find(id: string): Done {
  const there = byId.value.get(id)
  if (there) return there
  const source = byId.value.get(originalOf(id))!
  return { ...source, id, lead: id, source: false }
}
const frameOf = (id: string): Frame => find(id).item.frame
const carried = (id: string) => drawn.value.filter((one) => one.lead === id && one.id !== id)
const framesNow = computed(() => (id: string) => byId.value.get(id)?.item.frame)

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
  const one = find(effect.piece)
  const { item } = one
  const frame = item.frame
  switch (effect.do) {
    case 'drag': {
      dragged.value = effect.piece
      const to = alongRail(original(one.id), { ...frame, x: frame.x + effect.by.x, y: frame.y + effect.by.y })
      queue('drag', () => {
        const scale = root.value!.getBoundingClientRect().width / PAGE.width
        if (air.value)
          air.value.style.transform = `translate(${(to.x - frame.x) * scale}px, ${(to.y - frame.y) * scale}px)`
      })
      return
    }
    case 'drop':
      dragged.value = null
      void put(one, onPage({ ...frame, x: frame.x + effect.by.x, y: frame.y + effect.by.y }))
      return
    case 'putAt':
      void put(one, onPage({ ...frame, x: effect.at.x - frame.width / 2, y: effect.at.y - frame.height / 2 }))
      return
    case 'putInZone': {
      const m = targets.value[effect.zone]!.at
      void put(one, { ...frame, x: m.x - frame.width / 2, y: m.y - frame.height / 2 })
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
      emit('say', `${itemName(item)} over ${targets.value[effect.zone]!.name}: Enter puts it there`)
      return
    case 'returned':
      dragged.value = null
      emit('say', `${itemName(item)} is back`)
  }
}

const original = (id: string): Item => props.page.items.find((item) => item.id === originalOf(id))!

/** Keeps the middle of a piece on the page, so that nothing is dropped out of reach. */
function onPage(frame: Frame): Frame {
  const x = Math.min(Math.max(frame.x, -frame.width / 2), PAGE.width - frame.width / 2)
  const y = Math.min(Math.max(frame.y, -frame.height / 2), PAGE.height - frame.height / 2)
  return { ...frame, x, y }
}

async function put(one: Done, wanted: Frame, turn?: number) {
  const { id, item } = one
  const to = alongRail(original(id), wanted)
  const focused = document.activeElement?.getAttribute('data-piece') === originalOf(id)
  ahead.value = { ...ahead.value, [id]: { x: to.x, y: to.y, ...(turn === undefined ? {} : { turn }) } }
  const verdict = await make({
    kind: 'put',
    pageId: props.page.id,
    pieceId: id,
    x: to.x,
    y: to.y,
    ...(turn === undefined ? {} : { turn }),
  })
  if (verdict) tell(id, item, verdict)
  const rest = { ...ahead.value }
  delete rest[id]
  ahead.value = rest
  if (focused) {
    await nextTick()
    // Who has gone on to another piece while the server answered is left there.
    const at = document.activeElement
    if (!at || at === document.body || at.getAttribute('data-piece') === originalOf(id))
      focusNext(originalOf(id))
  }
}

async function make(act: Act): Promise<Verdict | null> {
  try {
    return await props.work.make(act)
  } catch (error) {
    emit('say', said(error))
    return null
  }
}

/** A piece that settled takes no more keys; the next one that does gets them. */
function focusNext(id: string) {
  const same = root.value?.querySelector<SVGElement>(`[data-piece="${id}"][tabindex="0"]`)
  const any = root.value?.querySelector<SVGElement>('[data-piece][tabindex="0"]')
  ;(same ?? any)?.focus()
}

function tell(id: string, item: Item, verdict: Verdict) {
  const zone = zones.value.find((one) => one.id === verdict.zoneId)
  heard(toldOf(itemName(item), zone ? itemName(zone) : '', verdict), verdict)
  const speech = props.work.said.value[id]
  if (speech && verdict.says === 'BELONGS') speak(speech)
}

function heard(words: string, verdict: Verdict) {
  if (words) emit('say', words)
  if (verdict.hint) emit('hint', verdict.hint)
  play(verdict.reply?.sound)
}

async function type(gap: Gap, text: string) {
  const verdict = await make({ kind: 'type', pageId: props.page.id, gapId: gap.id, text })
  if (verdict) heard(toldOfTyped(itemName(gap), verdict), verdict)
}
const gaps = computed(() => props.page.items.filter((item): item is Gap => item.kind === 'gap'))
/** With several zones to check on a page each that something waits in has a button of its own. */
const toCheck = computed(() => {
  const asked = zones.value.filter((zone) => props.page.onCheck?.includes(zone.id))
  if (asked.length < 2 || props.resting) return []
  const waiting = new Set(Object.values(states.value).flatMap((one) => (one.waits ? [one.zoneId] : [])))
  return asked.filter((zone) => waiting.has(zone.id))
})
async function check(zone: Zone) {
  const verdict = await make({ kind: 'check', pageId: props.page.id, zoneId: zone.id })
  if (verdict) heard(`${itemName(zone)}: ${toldOfCheck(verdict)}`, verdict)
}
/** What the last check told of a zone, where it tells only how many. */
const counts = computed(() =>
  zones.value.flatMap((zone) => {
    const last = state.value.zones?.[zone.id]?.last
    return last ? [{ zone, last }] : []
  }),
)

/** The id that is picked up: of the piece, or of a new copy that comes off it; null when none is left. */
function picked(one: Done): string | null {
  if (!one.source) return one.id
  if (held.value && originalOf(held.value) === one.id) return held.value
  if (leftOver(one) <= 0) {
    emit('say', `No more ${itemName(one.item)}. Drop one back on it to use it again`)
    return null
  }
  return nextCopy(one.id, [...Object.keys(states.value), ...Object.keys(ahead.value)])
}

function press(one: Done, event: PointerEvent) {
  if (event.button !== 0) return
  const leader = find(one.lead)
  if (!movable(leader)) return
  // While something is picked up, a tap on a lying piece means the place, not the piece.
  if (chart.value.is === 'held' && chart.value.piece !== leader.id && inZone(pointAt(event))) return
  const id = picked(leader)
  if (!id) return
  event.stopPropagation()
  event.preventDefault()
  root.value?.querySelector<SVGElement>(`[data-piece="${leader.id}"]`)?.focus({ preventScroll: true })
  send({ type: 'press', piece: id, at: pointAt(event) })
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
    reading.value = null
  },
)

function key(one: Done, event: KeyboardEvent) {
  if (event.key === 't' && canTurnOver(one)) turnOver(one)
  else if ((event.key === 'r' || event.key === 'R') && canTurn(one)) turnBy(one, event.shiftKey ? -1 : 1)
  else if (event.key === 'o' && one.item.kind === 'note') reading.value = one.id
  else if (!movable(one)) {
    if (event.key !== 'Enter' && event.key !== ' ') return
    if (!tapped(one)) return
  } else if (event.key === 'Enter' || event.key === ' ') {
    const id = picked(one)
    if (id) send({ type: 'pick', piece: id })
  } else if (event.key === 'Escape') send({ type: 'cancel' })
  else {
    const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key] as 1 | -1 | undefined
    if (!by || chart.value.is !== 'held') return
    send({ type: 'step', by, zones: targets.value.length })
  }
  event.preventDefault()
}

const canTurn = (one: Done) => movable(one) && one.item.movement.kind === 'turns' && !one.source
const canTurnOver = (one: Done) => Boolean(ways(one.item).otherSide?.byTap) && !one.source && !props.resting
const turnOver = (one: Done) => void make({ kind: 'turn-over', pageId: props.page.id, itemId: one.id })
const QUARTER_HOUR = 15
function turnBy(one: Done, way: number) {
  const movement = one.item.movement
  const by = (movement.kind === 'turns' && movement.step) || QUARTER_HOUR
  const frame = one.item.frame
  void put(one, frame, (frame.turn + way * by + 360) % 360)
}

/** What a tap does on something that cannot be moved: it is turned over, or read. */
function tapped(one: Done): boolean {
  if (canTurnOver(one)) turnOver(one)
  else if (one.item.kind === 'note') reading.value = one.id
  else return false
  return true
}

/** Whether words within it lead somewhere; what is drawn as one picture would hide them from a screen reader. */
const hasLinks = (item: Item) =>
  ['shape', 'note', 'table'].includes(item.kind) && JSON.stringify(item).includes('"route":{')
const open = (one: Done) => one.item.kind === 'note' || canTurnOver(one)

function spoken(one: Done) {
  const name = itemName(one.item)
  const zone = zones.value.find((other) => other.id === states.value[one.id]?.zoneId)
  const side = one.over ? ', other side' : ''
  if (one.source) {
    const left = leftOver(one)
    return left === Infinity ? `${name}, take as many as you want` : `${name}, ${left} left`
  }
  if (settled(one.id)) {
    const how = shown.value.has(one.id) ? 'the solution: it belongs in' : 'belongs in'
    return `${name}${side}, ${how} ${zone ? itemName(zone) : 'its place'}`
  }
  if (states.value[one.id]?.waits && zone) return `${name}${side}, in ${itemName(zone)}`
  if (held.value === one.id) return `${name}${side}, picked up`
  return turnedAway(one.id) && zone
    ? `${name}${side}, does not belong in ${itemName(zone)}`
    : `${name}${side}${one.written ? `: ${one.written}` : ''}`
}
const isHeld = (one: Done) =>
  held.value !== null && (held.value === one.id || (one.source && originalOf(held.value) === one.id))
const write = (id: string, text: string) =>
  void make({ kind: 'write', pageId: props.page.id, noteId: id, text })
const slide = (id: string, share: number) =>
  void make({ kind: 'slide', pageId: props.page.id, coverId: id, share })
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
      <PaperBody :paper="page.paper" />
      <template v-for="item in page.items" :key="`rail-${item.id}`">
        <path v-if="item.movement.kind === 'rail'" class="rail" :d="railPath(item)" />
      </template>
      <template v-for="(one, depth) in drawn" :key="one.id">
        <g
          v-if="isPiece(one.item) && !melted(one.lead)"
          class="place"
          :class="{ away: dragged === one.lead, quick: dragged === one.lead || one.lead in ahead }"
          :style="{ transform: `translate(${one.item.frame.x}px, ${one.item.frame.y}px)` }"
        >
          <g
            class="piece"
            :class="{ movable: movable(find(one.lead)), held: isHeld(one) }"
            :data-piece="one.id"
            :data-settled="settled(one.id) || undefined"
            :tabindex="movable(one) || (open(one) && one.lead === one.id) ? 0 : undefined"
            :role="movable(one) || open(one) ? 'button' : 'img'"
            :aria-pressed="movable(one) ? isHeld(one) : undefined"
            :aria-label="spoken(one)"
            @pointerdown="press(one, $event)"
            @keydown="key(one, $event)"
          >
            <g :transform="placed({ ...one.item.frame, x: 0, y: 0 })">
              <ItemBody :item="one.item" :over="one.over" :written="one.written">
                <LensView
                  v-if="one.item.kind === 'lens'"
                  :frame="one.item.frame"
                  :below="drawn.slice(0, depth).map((other) => other.item)"
                />
              </ItemBody>
              <path class="ring" :d="tilePath(one.item.frame.width, one.item.frame.height)" />
            </g>
            <PieceMark
              v-if="settled(one.id) || turnedAway(one.id)"
              :good="settled(one.id)"
              :height="one.item.frame.height"
            />
          </g>
          <PieceTools
            v-if="one.lead === one.id && !one.source && !resting"
            :frame="one.item.frame"
            :turns="canTurn(one)"
            :over="canTurnOver(one)"
            :opens="one.item.kind === 'note'"
            :name="itemName(one.item)"
            @turn="turnBy(one, 1)"
            @over="turnOver(one)"
            @open="reading = one.id"
          />
        </g>
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
        <g
          v-else-if="one.item.kind !== 'gap'"
          :transform="routeOf(one.item, framesNow) ? undefined : placed(one.item.frame)"
          :role="
            open(one) && !resting
              ? 'button'
              : one.item.kind === 'words'
                ? undefined
                : hasLinks(one.item)
                  ? 'group'
                  : 'img'
          "
          :tabindex="open(one) && !resting ? 0 : undefined"
          :aria-label="one.item.kind === 'words' && !open(one) ? undefined : spoken(one)"
          :class="{ target: target?.zone.id === one.id && !rows.has(one.id), opens: open(one) }"
          :data-zone="one.item.kind === 'zone' ? one.id : undefined"
          @click="!resting && tapped(one)"
          @keydown="key(one, $event)"
        >
          <ItemBody
            :item="one.item"
            :over="one.over"
            :written="one.written"
            :route="routeOf(one.item, framesNow)"
          >
            <LensView
              v-if="one.item.kind === 'lens'"
              :frame="one.item.frame"
              :below="drawn.slice(0, depth).map((other) => other.item)"
            />
          </ItemBody>
          <ZoneRow
            v-if="one.item.kind === 'zone' && rows.has(one.id)"
            :places="
              placesOf({ ...one.item, frame: { ...one.item.frame, x: 0, y: 0, turn: 0 } }, rows.get(one.id)!)
            "
          />
          <path
            v-if="one.item.kind === 'zone'"
            class="aim"
            :d="tilePath(one.item.frame.width, one.item.frame.height, 26, 7)"
          />
        </g>
      </template>
      <template v-for="one in drawn" :key="`to-${one.id}`">
        <RouteMark
          v-if="routeTo(one.item) && !one.source && !melted(one.lead) && dragged !== one.lead"
          :frame="one.item.frame"
          :whole="!isPiece(one.item) && !open(one) && one.item.kind !== 'video'"
          :area="one.item.kind === 'area' ? areaPath(one.item) : undefined"
          :unmarked="ways(one.item).unmarked && !isPiece(one.item)"
          :closed="Boolean(work.course.value.closed?.[one.id])"
          :name="`${itemName(one.item)}, ${leadsTo(routeTo(one.item)!, work.view.pages, 'leads to another page')}${
            work.course.value.closed?.[one.id] ? ', not open yet' : ''
          }`"
          @follow="emit('follow', routeTo(one.item)!, one.id)"
        />
        <SpeakMark
          v-if="ways(one.item).speech && !one.source && !melted(one.lead) && dragged !== one.lead"
          :frame="one.item.frame"
          :area="one.item.kind === 'area' && !routeTo(one.item) ? areaPath(one.item) : undefined"
          :name="`Listen: ${itemName(one.item)}`"
          @speak="speak(ways(one.item).speech!)"
        />
      </template>
      <g v-for="{ zone, last } in counts" :key="zone.id" class="told" aria-hidden="true">
        <rect
          :x="zone.frame.x + zone.frame.width - 190"
          :y="zone.frame.y - 22"
          width="176"
          height="44"
          rx="12"
        />
        <text :x="zone.frame.x + zone.frame.width - 102" :y="zone.frame.y + 10" text-anchor="middle">
          {{ last.right }} of {{ last.of }} right
        </text>
      </g>
      <g
        v-if="target && (!byId.has(target.zone.id) || rows.has(target.zone.id))"
        class="target"
        :transform="placed(target.frame)"
      >
        <path class="aim" :d="tilePath(target.frame.width, target.frame.height, 16, 5)" />
      </g>
    </svg>
    <svg
      v-if="dragged"
      ref="air"
      class="air"
      :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`"
      aria-hidden="true"
    >
      <g
        v-for="one in [find(dragged), ...carried(dragged)]"
        :key="one.id"
        :transform="placed(one.id === dragged ? frameOf(dragged) : one.item.frame)"
      >
        <ItemBody :item="one.item" :over="one.over" :written="one.written" />
      </g>
    </svg>
    <GapField
      v-for="gap in gaps"
      :key="gap.id"
      :gap="gap"
      :typed="state.typed?.[gap.id]"
      :shown="shown.has(gap.id)"
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
.place {
  transition: transform 0.28s ease-out;
}
.quick {
  transition: none;
}
.away {
  opacity: 0;
}
.piece,
.opens {
  outline: none;
}
.movable {
  cursor: grab;
}
.opens {
  cursor: pointer;
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
.opens:focus-visible {
  outline: 3px solid var(--saffron);
}
.held .ring {
  stroke: var(--petrol);
  stroke-width: 7;
}
.target .aim {
  stroke: var(--petrol);
  stroke-width: 9;
}
.told rect {
  fill: var(--saffron-t);
  stroke: #9a6a10;
  stroke-width: 2;
}
.told text {
  fill: #5b3c00;
  font: 700 26px var(--type);
}
.sheet {
  position: relative;
  container-type: inline-size;
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
</style>
