<script setup lang="ts">
import { t } from '@/i18n'
import type { Frame, Item, Page } from '@/api/schema'
import { placed, tilePath } from '@/page/geometry'
import ItemBody from '@/page/ItemBody.vue'
import LensView from '@/page/LensView.vue'
import { wirePath } from '@/page/lines'
import { leadsTo, linkOf } from '@/page/links'
import { itemName } from '@/page/names'
import type { Workbench } from '@/workbench/useWorkbench'
import type { useDrag } from './useDrag'

/** The items of the page, each a button of its own. One is drawn anew only when something of it has changed. */
const props = defineProps<{
  workbench: Workbench
  page: Page
  letters: Record<string, string>
  live: ReturnType<typeof useDrag>['live']['value']
  lifted: ReadonlySet<string>
  routeFor: (item: Item) => ReturnType<typeof import('@/page/connectors').routeOf>
}>()
const { chosen, veiled, writing } = props.workbench
const shown = (item: Item) => (props.live?.id === item.id ? { ...item, frame: props.live.frame } : item)
const frameOf = (item: Item): Frame => (props.live?.id === item.id ? props.live.frame : item.frame)
const MOVES = {
  fixed: t('workbench.moves-fixed'),
  free: t('workbench.moves-free'),
  rail: t('workbench.moves-rail'),
  turns: t('workbench.moves-turns'),
}
const said = (item: Item) => {
  const kind =
    item.kind === 'zone'
      ? t('workbench.drop-zone-letter', { letter: props.letters[item.id] ?? '' })
      : MOVES[item.movement.kind]
  const link = linkOf(item)
  return `${itemName(item)}, ${kind}${link ? `, ${leadsTo(link, props.workbench.editing.activity.value.pages)}` : ''}`
}
</script>

<template>
  <g
    v-for="(item, depth) in page.items"
    :key="item.id"
    v-memo="[
      shown(item),
      letters[item.id],
      chosen.includes(item.id),
      lifted.has(item.id) || veiled.has(item.id),
      writing?.id === item.id,
      item.kind === 'line' || item.kind === 'lens' ? page : 0,
      item.kind === 'line' ? live : 0,
    ]"
    :transform="routeFor(item) ? undefined : placed(frameOf(item))"
    class="item"
    :class="{
      'begins-hidden': item.traits?.hidden,
      hidden:
        lifted.has(item.id) || veiled.has(item.id) || (writing?.id === item.id && item.kind === 'words'),
    }"
    :data-item="item.id"
    tabindex="0"
    role="button"
    :aria-pressed="chosen.includes(item.id)"
    :aria-label="said(item)"
  >
    <ItemBody :item="shown(item)" :letter="letters[item.id]" :route="routeFor(item)">
      <LensView v-if="item.kind === 'lens'" :frame="frameOf(item)" :below="page.items.slice(0, depth)" />
    </ItemBody>
    <!-- A line is taken where it runs: what lies beside it stays within reach. -->
    <path v-if="item.kind === 'line'" class="hit wire" :d="wirePath(item, routeFor(item))" />
    <path v-else class="hit" :d="tilePath(frameOf(item).width, frameOf(item).height)" />
  </g>
</template>

<style scoped>
.begins-hidden {
  opacity: 0.45;
}
.item {
  cursor: move;
  outline: none;
}
.item:focus-visible .hit {
  stroke: var(--saffron);
  stroke-width: 7;
}
.hidden {
  visibility: hidden;
}
/* A hollow shape is picked up by its inside. */
.hit {
  fill: transparent;
}
.hit.wire {
  fill: none;
  stroke: transparent;
  stroke-width: 30;
}
.item:focus-visible .hit.wire {
  stroke: #e3a02f66;
  stroke-width: 20;
}
</style>
