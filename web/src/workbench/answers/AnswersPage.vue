<script setup lang="ts">
import { t } from '@/i18n'
import { pointOn } from '@/page/pointer'
import { computed, ref } from 'vue'
import type { Frame, Item } from '@/api/schema'
import { contains, letter, middle, PAGE, placed, tilePath, type Point } from '@/page/geometry'
import { itemName } from '@/page/names'
import PageView from '@/page/PageView.vue'
import { factsOf } from '@/workbench/edits/answerKey'
import { isUndecided } from '@/workbench/edits/key'
import type { Deciding } from './deciding'

/** The page with what was decided on it; a piece dropped on a zone belongs there. */
const props = defineProps<{ deciding: Deciding }>()
const emit = defineEmits<{ choose: [id: string] }>()
const { key, page, zones, pieces, chosen, gaps } = props.deciding

const root = ref<SVGSVGElement>()
const held = ref<{ piece: Item; from: Point; by: Point } | null>(null)

const pointAt = (event: PointerEvent) => pointOn(root.value!, event)
function press(piece: Item, event: PointerEvent) {
  if (event.button !== 0) return
  emit('choose', piece.id)
  held.value = { piece, from: pointAt(event), by: { x: 0, y: 0 } }
  ;(event.target as Element).setPointerCapture(event.pointerId)
}
function move(event: PointerEvent) {
  if (!held.value) return
  const at = pointAt(event)
  held.value = { ...held.value, by: { x: at.x - held.value.from.x, y: at.y - held.value.from.y } }
}
function lift(event: PointerEvent) {
  const now = held.value
  held.value = null
  if (!now) return
  const at = pointAt(event)
  const zone = [...zones.value].reverse().find((one) => contains(one.frame, at))
  if (zone && Math.hypot(now.by.x, now.by.y) > 8) props.deciding.decide(now.piece, zone, 'BELONGS')
}
const target = computed(() => {
  const now = held.value
  if (!now) return null
  const at = { x: now.from.x + now.by.x, y: now.from.y + now.by.y }
  return [...zones.value].reverse().find((one) => contains(one.frame, at)) ?? null
})

/** The letters of the zones a piece belongs in; a dash for nowhere, a question mark while it is open. */
function badge(piece: Item): string {
  if (isUndecided(key.value, page.value, piece)) return '?'
  const letters = zones.value.flatMap((zone, z) =>
    props.deciding.said(piece, zone) === 'BELONGS' ? [letter(z)] : [],
  )
  if (letters.length === 0) return factsOf(key.value, piece.id).nowhere || zones.value.length ? '–' : ''
  return letters.length > 3 ? `${letters.slice(0, 2).join('')}…` : letters.join('')
}
const badges = computed(() =>
  pieces.value.map((piece) => ({ piece, sign: badge(piece) })).filter((one) => one.sign),
)
const corner = (frame: Frame) => ({ x: frame.x + frame.width - 24, y: frame.y - 18 })
const shift = (piece: Item) =>
  held.value?.piece.id === piece.id ? `translate(${held.value.by.x} ${held.value.by.y})` : undefined
const looked = computed(
  () =>
    page.value.items.find((item) => item.id === chosen.value)?.frame ??
    zones.value.find((zone) => zone.id === chosen.value)?.frame,
)
</script>

<template>
  <div class="sheet">
    <PageView :page="page" />
    <svg
      ref="root"
      class="over"
      :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`"
      @pointermove="move"
      @pointerup="lift"
      @pointercancel="held = null"
    >
      <g v-for="(zone, z) in zones" :key="zone.id" @click="emit('choose', zone.id)">
        <title>{{ t('workbench.zone-letter', { letter: letter(z), zone: itemName(zone) }) }}</title>
        <path
          class="zone"
          :class="{ aim: target?.id === zone.id }"
          :transform="placed(zone.frame)"
          :d="tilePath(zone.frame.width, zone.frame.height, 26, 7)"
        />
        <g :transform="`translate(${middle(zone.frame).x + zone.frame.width / 2 - 56} ${zone.frame.y + 12})`">
          <path class="plum" :d="tilePath(44, 44, 12, 4)" />
          <text x="22" y="32" text-anchor="middle">{{ letter(z) }}</text>
        </g>
      </g>
      <rect
        v-for="gap in gaps"
        :key="gap.id"
        class="grip"
        :x="gap.frame.x"
        :y="gap.frame.y"
        :width="gap.frame.width"
        :height="gap.frame.height"
        @click="emit('choose', gap.id)"
      />
      <path
        v-if="looked"
        class="looked"
        :transform="placed(looked)"
        :d="tilePath(looked.width, looked.height)"
      />
      <g v-for="piece in pieces" :key="piece.id" :transform="shift(piece)">
        <path
          class="grip"
          :class="{ up: held?.piece.id === piece.id }"
          :data-decides="piece.id"
          :transform="placed(piece.frame)"
          :d="tilePath(piece.frame.width, piece.frame.height)"
          @pointerdown="press(piece, $event)"
        />
      </g>
      <g
        v-for="{ piece, sign } in badges"
        :key="`b${piece.id}`"
        class="badge"
        :class="{ open: sign === '?', none: sign === '–' }"
        :transform="`translate(${corner(piece.frame).x} ${corner(piece.frame).y})`"
      >
        <path :d="tilePath(26 + 18 * sign.length, 42, 11, 4)" />
        <text :x="13 + 9 * sign.length" y="31" text-anchor="middle">{{ sign }}</text>
      </g>
    </svg>
  </div>
</template>

<style scoped>
.sheet {
  position: relative;
  border-radius: 4px;
  box-shadow:
    0 1px 0 #0001,
    0 6px 24px #0000001f;
  /* A layer of its own: scrolling the table beside it does not paint the page anew. */
  will-change: transform;
}
.over {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  touch-action: none;
}
.grip,
.zone {
  fill: transparent;
  cursor: pointer;
}
.grip {
  cursor: grab;
}
.grip.up {
  fill: #0b5d6633;
  stroke: var(--petrol);
  stroke-width: 6;
}
.zone.aim {
  stroke: var(--petrol);
  stroke-width: 9;
}
.looked {
  fill: none;
  stroke: var(--plum);
  stroke-width: 6;
  pointer-events: none;
}
.plum,
.badge path {
  fill: var(--plum);
}
.badge {
  pointer-events: none;
}
.badge.open path {
  fill: var(--saffron);
}
.badge.none path {
  fill: #55656b;
}
text {
  fill: #fff;
  font: 700 27px var(--type);
  pointer-events: none;
}
.badge.open text {
  fill: #2b1e02;
}
</style>
