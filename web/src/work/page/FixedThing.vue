<script setup lang="ts">
import { t } from '@/i18n'
import { computed } from 'vue'
import type { Item, Places, Zone } from '@/api/schema'
import type { PlacedItem } from '@/page/placedItems'
import { canErase } from '@/page/erased'
import { placed } from '@/page/geometry'
import ItemBody from '@/page/ItemBody.vue'
import LensView from '@/page/LensView.vue'
import { routeOf } from '@/page/connectors'
import { isHidden, zonePath } from '@/page/zones'
import { placesOf } from '@/work/rules/places'
import type { Things } from '@/work/rules/things'
import ScaleThreads from './ScaleThreads.vue'
import ZoneRow from './ZoneRow.vue'

/** What stays where it is: it may be read, turned over, or take pieces. */
const props = defineProps<{
  one: PlacedItem
  things: Things
  /** What lies below it, for a lens. */
  below: PlacedItem[]
  /** The places of a zone that wants its pieces in order. */
  row?: Places
  /** Whether what is in the hand goes there. */
  aimed: boolean
  /** It moves with a piece that is in the hand, on a layer of its own. */
  away?: boolean
  /** It goes where it was put at once, rather than gliding. */
  quick?: boolean
  resting: boolean
}>()
const { framesNow, opens, spoken } = props.things
/** A zone that moves with a piece glides as that piece does. */
const carried = computed(() => props.things.carriers.value.has(props.one.id))
const at = computed(() => {
  const { frame } = props.one.item
  return carried.value ? placed({ ...frame, x: 0, y: 0 }) : placed(frame)
})
const place = computed(() => {
  const { x, y } = props.one.item.frame
  return carried.value ? { transform: `translate(${x}px, ${y}px)` } : undefined
})
/** Only what lies beneath it tells that something goes there. */
const hidden = computed(() => props.one.item.kind === 'zone' && isHidden(props.one.item))
/** What lies on a scale, each held to its value by a thread. */
const onScale = computed(() => {
  const { id } = props.one
  const states = props.things.states.value
  return props.things.drawn.value
    .filter((other) => states[other.id]?.zoneId === id)
    .map((other) => other.item.frame)
})
const route = computed(() => routeOf(props.one.item, framesNow.value))
const erases = computed(() => canErase(props.one.item))
const tappable = computed(() => (opens(props.one) || erases.value) && !props.resting)

/** Whether words within it lead somewhere; what is drawn as one picture would hide them from a screen reader. */
const hasLinks = (item: Item) =>
  ['shape', 'note', 'table'].includes(item.kind) && JSON.stringify(item).includes('"link":{')
const label = computed(() => {
  if (erases.value && tappable.value) return t('thing.erase', { name: spoken(props.one, false) })
  return props.one.item.kind === 'words' && !opens(props.one) ? undefined : spoken(props.one, false)
})
const role = computed(() => {
  if (tappable.value) return 'button'
  if (props.one.item.kind === 'words') return undefined
  return hasLinks(props.one.item) ? 'group' : 'img'
})
</script>

<template>
  <g
    class="fixed"
    :style="place"
    :role="role"
    :tabindex="tappable ? 0 : undefined"
    :aria-label="label"
    :class="{ aimed, opens: opens(one), carried, away, quick }"
    :data-zone="one.item.kind === 'zone' ? one.id : undefined"
  >
    <g :transform="route ? undefined : at">
      <ItemBody v-if="!hidden" :item="one.item" :over="one.over" :written="one.written" :route="route">
        <LensView
          v-if="one.item.kind === 'lens'"
          :frame="one.item.frame"
          :below="below.map((other) => other.item)"
        />
      </ItemBody>
      <ZoneRow
        v-if="one.item.kind === 'zone' && row"
        :places="placesOf({ ...one.item, frame: { ...one.item.frame, x: 0, y: 0, turn: 0 } }, row)"
      />
      <ScaleThreads v-if="one.item.kind === 'zone' && one.item.scale" :zone="one.item" :frames="onScale" />
      <path v-if="hidden" class="aim" :d="zonePath(one.item as Zone)" />
    </g>
  </g>
</template>

<style scoped>
.carried {
  cursor: grab;
  transition: transform 0.28s ease-out;
}
.quick {
  transition: none;
}
.away {
  opacity: 0;
}
@media (prefers-reduced-motion: reduce) {
  .carried {
    transition: none;
  }
}
.opens {
  outline: none;
  cursor: pointer;
}
.opens:focus-visible {
  outline: 3px solid var(--saffron);
}
.aim {
  fill: none;
  stroke: none;
}
.aimed .aim {
  stroke: var(--petrol);
  stroke-width: 9;
}
</style>
