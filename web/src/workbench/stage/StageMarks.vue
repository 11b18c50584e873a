<script setup lang="ts">
import { computed } from 'vue'
import type { Frame, Item } from '@/api/schema'
import { placed } from '@/page/geometry'
import { linkOf } from '@/page/links'
import type { Elsewhere } from '@/workbench/presence'

/** What colleagues have selected just now, and a small tab on everything that leads somewhere. */
const props = defineProps<{
  pageId: string
  items: Item[]
  byId: ReadonlyMap<string, Item>
  others: Elsewhere[]
  lifted: ReadonlySet<string>
  frameOf: (item: Item) => Frame
}>()
const theirs = computed(() =>
  props.others
    .filter((other) => other.pageId === props.pageId)
    .flatMap((other) => other.itemIds.map((id) => ({ other, item: props.byId.get(id) })))
    .filter((one) => one.item !== undefined),
)
</script>

<template>
  <g v-for="({ other, item }, i) in theirs" :key="`o${i}`" :transform="placed(item!.frame)" class="other">
    <path :d="`M-6 -6H${item!.frame.width + 6}V${item!.frame.height + 6}H-6Z`" />
    <text x="-4" y="-14" font-size="24">{{ other.name }}</text>
  </g>

  <g
    v-for="item in items.filter((one) => linkOf(one) && !lifted.has(one.id))"
    :key="`to-${item.id}`"
    class="tab"
    :transform="placed(frameOf(item))"
    aria-hidden="true"
  >
    <path :d="`M${item.frame.width - 46} -30h36a10 10 0 0 1 10 10v20h-56v-20a10 10 0 0 1 10 -10z`" />
    <path class="arrow" :d="`M${item.frame.width - 40} -14h22m-9 -8l9 8 -9 8`" />
  </g>
</template>

<style scoped>
.tab {
  pointer-events: none;
}
.tab path {
  fill: var(--plum);
}
.tab .arrow {
  fill: none;
  stroke: #fff;
  stroke-width: 4;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.other {
  pointer-events: none;
}
.other path {
  fill: none;
  stroke: var(--moss);
  stroke-width: 4;
  stroke-dasharray: 14 6;
}
.other text {
  fill: #33541f;
  font-family: var(--type);
  font-weight: 700;
}
</style>
