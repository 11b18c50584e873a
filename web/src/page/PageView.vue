<script setup lang="ts">
import { computed } from 'vue'
import type { DrawnStroke, Item, Paper } from '@/api/schema'
import { shownOf, type PlacedItem } from './placedItems'
import { provideErased } from './erased'
import ItemBody from './ItemBody.vue'
import { PAGE, placed } from './geometry'
import LensView from './LensView.vue'
import OwnInk from './OwnInk.vue'
import PaperBody from './PaperBody.vue'
import { framesOf, routeOf } from './connectors'
import { isHidden } from './zones'

/** A page as everybody sees it: paper, then items from the lowest to the topmost. Shown only, nothing moves. */
const props = defineProps<{
  page: { name: string; paper: Paper; items: Item[] }
  described?: string
  /** How things lie in somebody's attempt; absent for how the teacher laid them out. */
  drawn?: PlacedItem[]
  /** What was drawn and rubbed away on it by hand. */
  ink?: DrawnStroke[]
  /** The part of it that is seen, as a view box; absent for all of it. */
  view?: string
}>()
provideErased(() => (props.ink ?? []).map((one) => one.stroke))
const label = computed(() => props.described ?? props.page.name)
const all = computed<(Partial<PlacedItem> & { item: Item; id: string })[]>(() =>
  (props.drawn ?? shownOf(props.page.items).map((item) => ({ item, id: item.id }))).filter(
    ({ item }) => item.kind !== 'area' && !(item.kind === 'zone' && isHidden(item)),
  ),
)
const items = computed(() => all.value.map((one) => one.item))
const frameOf = computed(() => framesOf(items.value))
const shown = computed(() =>
  all.value.map((one, depth) => {
    const route = routeOf(one.item, frameOf.value)
    return { ...one, route, transform: route ? undefined : placed(one.item.frame), depth }
  }),
)
</script>

<template>
  <svg class="page" :viewBox="view ?? `0 0 ${PAGE.width} ${PAGE.height}`" role="img" :aria-label="label">
    <PaperBody :paper="page.paper" />
    <g v-for="{ item, id, route, transform, depth, over, written } in shown" :key="id" :transform="transform">
      <ItemBody :item="item" :route="route" :over="over" :written="written">
        <LensView v-if="item.kind === 'lens'" :frame="item.frame" :below="items.slice(0, depth)" />
      </ItemBody>
    </g>
    <slot />
    <OwnInk v-if="ink" :ink="ink" />
  </svg>
</template>

<style scoped>
.page {
  display: block;
  width: 100%;
  aspect-ratio: 1600 / 1000;
  isolation: isolate;
}
</style>
