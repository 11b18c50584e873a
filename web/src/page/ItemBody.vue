<script setup lang="ts">
import { computed } from 'vue'
import type { Item } from '@/api/schema'
import VideoBody from './VideoBody.vue'
import { areaPath, tilePath } from './geometry'
import { canErase, fromPage, useErased } from './erased'
import InkBody from './InkBody.vue'
import { isPiece, traitsOf } from './items'
import LineBody from './LineBody.vue'
import NoteBody from './NoteBody.vue'
import PictureBody from './PictureBody.vue'
import { pathThrough, useReshaped } from './reshaped'
import { dashArray, shapePath } from './shapes'
import SideBody from './SideBody.vue'
import TableBody from './TableBody.vue'
import type { Point } from './geometry'
import WordLines from './WordLines.vue'
import ZoneBody from './ZoneBody.vue'
import { inShape } from './wordFit'

/**
 * Draws one item at its own origin, unturned. Used wherever a page is shown.
 *
 * over: its other side is up. route: where a connector runs, in its own coordinates. written: a student's words. lit: a piece is over it.
 */
const props = defineProps<{
  item: Item
  letter?: string
  over?: boolean
  route?: Point[] | null
  written?: string
  lit?: boolean
}>()

const erased = useErased()
const reshaped = useReshaped()
const pulled = computed(() => reshaped.value[props.item.id])
const width = computed(() => props.item.frame.width)
const height = computed(() => props.item.frame.height)
const bare = computed(() => props.item.kind === 'picture' && Boolean(props.item.bare))
/** Words and pictures that students move lie on a tile, unless they are bare; other things are their own handle. */
const onTile = computed(
  () => isPiece(props.item) && !bare.value && (props.item.kind === 'words' || props.item.kind === 'picture'),
)
const opacity = computed(() => 1 - traitsOf(props.item).transparency / 100)
const side = computed(() => (props.over ? traitsOf(props.item).otherSide : undefined))
const supply = computed(() => traitsOf(props.item).supply)
const words = computed(() => {
  const { item } = props
  return item.kind === 'shape' && item.words ? inShape(item.look.form, item.words, item.frame) : null
})
</script>

<template>
  <g :opacity="opacity === 1 ? undefined : opacity">
    <g v-if="supply && bare && item.kind === 'picture'" aria-hidden="true" opacity="0.55">
      <g transform="translate(18 10)"><PictureBody :item="item" :inset="0" /></g>
      <g transform="translate(9 5)"><PictureBody :item="item" :inset="0" /></g>
    </g>
    <g v-else-if="supply" class="stack" aria-hidden="true">
      <path class="ledge" :d="tilePath(width, height)" transform="translate(14 16)" />
      <path class="tile" :d="tilePath(width, height)" transform="translate(12 12)" />
      <path class="tile" :d="tilePath(width, height)" transform="translate(6 6)" />
    </g>
    <template v-if="onTile || (side && item.kind !== 'note')">
      <path class="ledge" :d="tilePath(width, height)" transform="translate(0 5)" />
      <path class="tile" :d="tilePath(width, height)" />
    </template>

    <SideBody v-if="side" :side="side" :width="width" :height="height" />

    <template v-else-if="item.kind === 'words'">
      <path v-if="!onTile" class="grip" :d="`M0 0H${width}V${height}H0Z`" />
      <WordLines :content="item.content" :width="width" />
    </template>

    <PictureBody
      v-else-if="item.kind === 'picture'"
      :item="item"
      :inset="onTile ? Math.min(width, height) * 0.09 : 0"
    />

    <template v-else-if="item.kind === 'shape'">
      <path
        :d="pulled ? pathThrough(item, pulled) : shapePath(item.look.form, item.look.sides, width, height)"
        :fill="item.look.fill ?? 'none'"
        :stroke="item.look.outline ?? 'none'"
        :stroke-width="item.look.thickness"
        :stroke-dasharray="dashArray(item.look.dash, item.look.thickness)"
        stroke-linejoin="round"
        stroke-linecap="round"
      />
      <g v-if="words" :transform="`translate(${words.x} ${words.y})`">
        <WordLines :content="words.content" :width="words.width" />
      </g>
    </template>

    <LineBody v-else-if="item.kind === 'line'" :line="item" :route="route ?? null" />
    <InkBody
      v-else-if="item.kind === 'ink'"
      :ink="item.ink"
      :width="width"
      :height="height"
      :erased="canErase(item) ? { strokes: erased, transform: fromPage(item.frame) } : undefined"
    />
    <NoteBody v-else-if="item.kind === 'note'" :note="item" :written="written" />
    <TableBody v-else-if="item.kind === 'table'" :table="item" />

    <template v-else-if="item.kind === 'cover'">
      <path :d="tilePath(width, height, 26, 7)" :fill="item.colour" />
      <path class="stripes" :d="tilePath(width, height, 26, 7)" />
      <text
        v-if="item.label"
        class="said"
        :x="width / 2"
        :y="height / 2 + 12"
        text-anchor="middle"
        font-size="34"
        font-weight="700"
        fill="#fff"
        >{{ item.label }}</text
      >
    </template>

    <template v-else-if="item.kind === 'lens'">
      <rect class="glass" :width="width" :height="height" rx="30" :stroke="item.colour" />
      <slot />
      <rect class="rim" :width="width" :height="height" rx="30" :stroke="item.colour" />
    </template>

    <template v-else-if="item.kind === 'gap'">
      <path class="gap" :d="tilePath(width, height, 12, 3)" />
      <path class="writes" :d="`M14 ${height - 12}H${width - 14}`" />
    </template>

    <template v-else-if="item.kind === 'area'">
      <path class="area" :d="areaPath(item)" />
    </template>

    <VideoBody v-else-if="item.kind === 'video'" :item="item" />

    <ZoneBody v-else :zone="item" :letter="letter" :lit="lit" />
  </g>
</template>

<style scoped>
.tile {
  fill: #fff;
  stroke: #cfc6b4;
  stroke-width: 2;
}
.ledge {
  fill: #cfc6b4;
}
.grip {
  fill: transparent;
}
.gap {
  fill: #fff;
  stroke: var(--plum);
  stroke-width: 3;
}
.writes {
  stroke: #68406b66;
  stroke-width: 3;
  stroke-dasharray: 3 7;
}
.area {
  fill: #68406b1f;
  stroke: var(--plum);
  stroke-width: 4;
  stroke-dasharray: 3 9;
  stroke-linecap: round;
}
.said {
  font-family: var(--page-type);
  white-space: pre;
}
.stripes {
  fill: url(#glad-stripes);
}
.glass {
  fill: #ffffff26;
  stroke: none;
}
.rim {
  fill: none;
  stroke-width: 12;
}
</style>
