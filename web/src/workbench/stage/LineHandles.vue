<script setup lang="ts">
import { t } from '@/i18n'
import { computed, ref } from 'vue'
import { usePull } from '@/gesture/usePull'
import type { Line, LineLook } from '@/api/schema'
import { arrowOf } from '@/gesture/arrowKeys'
import { contains, onPage, type Point } from '@/page/geometry'
import { joined, ownPoints, pathThrough } from '@/page/lines'
import { itemName } from '@/page/names'
import type { Workbench } from '@/workbench/useWorkbench'

/** The points of a line, each to be pulled; an end let go over an item is joined to it. */
const props = defineProps<{ workbench: Workbench; item: Line; pointAt: (event: PointerEvent) => Point }>()
const { pull } = usePull()
const pulled = ref<{ index: number; at: Point } | null>(null)

const route = computed(() => joined(props.item, (id) => props.workbench.byId.value.get(id)?.frame))
/** Where its points lie on the page; of a connector the two ends, for the way between is computed. */
const points = computed(() => {
  const { from, to } = props.item.look
  if (route.value) return from && to ? [route.value[0]!, route.value.at(-1)!] : route.value
  return ownPoints(props.item).map((p) => onPage(props.item.frame, p))
})
const shown = computed(() => points.value.map((p, i) => (pulled.value?.index === i ? pulled.value.at : p)))
const last = computed(() => points.value.length - 1)
const target = computed(() => (pulled.value && isEnd(pulled.value.index) ? under(pulled.value.at) : null))
const isEnd = (index: number) => index === 0 || index === last.value

function under(at: Point) {
  const items = props.workbench.page.value.items
  return [...items]
    .reverse()
    .find((one) => one.kind !== 'line' && one.id !== props.item.id && contains(one.frame, at))
}

function grab(index: number, event: PointerEvent) {
  event.stopPropagation()
  pulled.value = { index, at: props.pointAt(event) }
  pull({ move, up: lift, cancel: quiet })
}
function move(event: PointerEvent) {
  if (!pulled.value) return
  let at = props.pointAt(event)
  if (event.shiftKey) at = stepped(shown.value[pulled.value.index === 0 ? 1 : pulled.value.index - 1]!, at)
  pulled.value = { ...pulled.value, at }
}
/** Shift keeps a line to steps of 15°. */
function stepped(from: Point, to: Point): Point {
  const length = Math.hypot(to.x - from.x, to.y - from.y)
  const angle = (Math.round(Math.atan2(to.y - from.y, to.x - from.x) / (Math.PI / 12)) * Math.PI) / 12
  return { x: from.x + Math.cos(angle) * length, y: from.y + Math.sin(angle) * length }
}
function lift() {
  const done = pulled.value
  const onto = target.value
  quiet()
  if (done) put(done.index, done.at, onto?.id)
}
/** @param onto what the end is joined to from now on; without, it is loose */
function put(index: number, at: Point, onto?: string) {
  const look = { ...props.item.look }
  if (index === 0) {
    delete look.from
    if (onto) look.from = onto
  } else if (index === last.value) {
    delete look.to
    if (onto) look.to = onto
  }
  set(
    points.value.map((p, i) => (i === index ? at : p)),
    look,
  )
}
/** Arrow keys move a point; Enter joins an end to what lies under it. */
function key(index: number, event: KeyboardEvent) {
  const by = arrowOf(event)
  const at = points.value[index]!
  if (by) put(index, { x: at.x + by.x, y: at.y + by.y })
  else if (event.key === 'Enter' && isEnd(index)) {
    const onto = under(at)
    put(index, at, onto?.id)
    props.workbench.editing.tell(
      onto
        ? t('workbench.joined-to-onto-it-stays-joined', { onto: itemName(onto) })
        : t('workbench.nothing-lies-under-this-end-move'),
    )
  } else return
  event.preventDefault()
  event.stopPropagation()
}
const nameOf = (index: number) =>
  index === 0
    ? t('workbench.where-the-line-begins')
    : index === last.value
      ? t('workbench.where-the-line-ends')
      : t('workbench.bend-index', { index })

/** A box is put around the points anew, upright. */
function set(all: Point[], look: LineLook) {
  const left = Math.min(...all.map((p) => p.x))
  const top = Math.min(...all.map((p) => p.y))
  const width = Math.max(4, Math.max(...all.map((p) => p.x)) - left)
  const height = Math.max(4, Math.max(...all.map((p) => p.y)) - top)
  const flat = Math.max(...all.map((p) => p.y)) - top < 4
  const thin = Math.max(...all.map((p) => p.x)) - left < 4
  const shares = all.map((p) => ({
    x: thin ? 0.5 : (p.x - left) / width,
    y: flat ? 0.5 : (p.y - top) / height,
  }))
  const pageId = props.workbench.page.value.id
  props.workbench.all([
    { kind: 'set-body', pageId, item: { ...props.item, look: { ...look, points: shares } } },
    {
      kind: 'set-frame',
      pageId,
      itemId: props.item.id,
      frame: { x: thin ? left - 2 : left, y: flat ? top - 2 : top, width, height, turn: 0 },
    },
  ])
}
function quiet() {
  pulled.value = null
}
</script>

<template>
  <g>
    <path v-if="pulled" class="ghost" :d="pathThrough(shown, item.look.curved)" />
    <path
      v-if="target"
      class="onto"
      :d="`M${target.frame.x - 6} ${target.frame.y - 6}h${target.frame.width + 12}v${target.frame.height + 12}h${-target.frame.width - 12}Z`"
    />
    <circle
      v-for="(p, i) in shown"
      :key="i"
      class="end"
      :cx="p.x"
      :cy="p.y"
      r="14"
      tabindex="0"
      role="button"
      :aria-label="
        t('workbench.line-end-keys', {
          end: nameOf(i),
          x: Math.round(p.x),
          y: Math.round(p.y),
          joins: isEnd(i) ? 'yes' : 'no',
        })
      "
      @pointerdown="grab(i, $event)"
      @keydown="key(i, $event)"
    >
      <title>
        {{ isEnd(i) ? t('workbench.pull-the-end-over-something-it') : t('workbench.pull-the-curve') }}
      </title>
    </circle>
  </g>
</template>

<style scoped>
.end {
  fill: #fff;
  stroke: var(--petrol);
  stroke-width: 4;
  cursor: crosshair;
  outline: none;
}
.end:focus-visible {
  stroke: var(--saffron);
  stroke-width: 8;
}
.ghost {
  fill: none;
  stroke: var(--petrol);
  stroke-width: 3;
  stroke-dasharray: 8 6;
  pointer-events: none;
}
.onto {
  fill: none;
  stroke: var(--saffron);
  stroke-width: 6;
  pointer-events: none;
}
</style>
