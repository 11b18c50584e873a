<script setup lang="ts">
import { computed } from 'vue'
import type { PlacedItem } from '@/page/placedItems'
import { placed, tilePath } from '@/page/geometry'
import ItemBody from '@/page/ItemBody.vue'
import LensView from '@/page/LensView.vue'
import { itemName } from '@/page/names'
import { shapePath } from '@/page/shapes'
import PieceMark from './PieceMark.vue'
import PieceTools from './PieceTools.vue'
import type { Things } from '@/work/rules/things'
import TouchArea from './TouchArea.vue'
import { gripOf } from '@/work/rules/turning'

/** A piece where it lies, with what became of it and the buttons for what it can do. */
const props = defineProps<{
  one: PlacedItem
  things: Things
  /** What lies below it, for a lens. */
  below: PlacedItem[]
  held: boolean
  /** It is in the hand, on a layer of its own. */
  away: boolean
  /** It goes where it was put at once, rather than gliding. */
  quick: boolean
  resting: boolean
}>()
defineEmits<{
  press: [event: PointerEvent]
  key: [event: KeyboardEvent]
  turn: []
  grip: [event: PointerEvent]
  over: []
  open: []
}>()
/** At its left foot; of a line, as a hand that turns, at its tip. */
const markAt = computed(() =>
  props.one.item.kind === 'line' ? gripOf(props.one.item) : { x: 9, y: props.one.item.frame.height - 9 },
)
/** What frames it while it has the keys or is held: a round counter is round. */
const ring = computed(() => {
  const { item } = props.one
  const { width, height } = item.frame
  return item.kind === 'shape'
    ? shapePath(item.look.form, item.look.sides, width, height)
    : tilePath(width, height)
})
const { settled, rejected, find, movable, canTurn, canTurnOver, opens, spoken } = props.things
</script>

<template>
  <g
    class="place"
    :class="{ away, quick }"
    :style="{ transform: `translate(${one.item.frame.x}px, ${one.item.frame.y}px)` }"
  >
    <g
      class="piece"
      :class="{ movable: movable(find(one.lead)), held }"
      :data-piece="one.id"
      :data-settled="settled(one.id) || undefined"
      :tabindex="movable(one) || (opens(one) && one.lead === one.id) ? 0 : undefined"
      :role="movable(one) || opens(one) ? 'button' : 'img'"
      :aria-pressed="movable(one) ? held : undefined"
      :aria-label="spoken(one, held)"
      @pointerdown="$emit('press', $event)"
      @keydown="$emit('key', $event)"
    >
      <g :transform="placed({ ...one.item.frame, x: 0, y: 0 })">
        <TouchArea v-if="movable(one)" :item="one.item" />
        <ItemBody :item="one.item" :over="one.over" :written="one.written">
          <LensView
            v-if="one.item.kind === 'lens'"
            :frame="one.item.frame"
            :below="below.map((other) => other.item)"
          />
        </ItemBody>
        <path class="ring" :d="ring" />
      </g>
      <PieceMark v-if="settled(one.id) || rejected(one.id)" :good="settled(one.id)" :at="markAt" />
    </g>
    <PieceTools
      v-if="one.lead === one.id && !one.source && !resting"
      :frame="one.item.frame"
      :turns="canTurn(one)"
      :turns-at="gripOf(one.item)"
      :over="canTurnOver(one)"
      :opens="one.item.kind === 'note'"
      :name="itemName(one.item)"
      @turn="$emit('turn')"
      @grip="$emit('grip', $event)"
      @over="$emit('over')"
      @open="$emit('open')"
    />
  </g>
</template>

<style scoped>
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
.ring {
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
</style>
