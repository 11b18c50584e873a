<script setup lang="ts">
import { useTemplateRef } from 'vue'
import type { Zone } from '@/api/schema'
import { PAGE, placed } from '@/page/geometry'
import ItemBody from '@/page/ItemBody.vue'
import type { PlacedItem } from '@/page/placedItems'
import { isHidden, zonePath } from '@/page/zones'

/**
 * What is dragged, and the zones that light up for it. A dragged piece lies on a layer of its own, so that the page
 * beneath is not drawn anew each frame.
 */
defineProps<{ lit: Zone[]; inHand: PlacedItem[]; dragged: boolean }>()
const air = useTemplateRef<SVGSVGElement>('air')
defineExpose({ air })
</script>

<template>
  <svg class="lights" :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`" aria-hidden="true">
    <path v-for="zone in lit" :key="zone.id" :transform="placed(zone.frame)" :d="zonePath(zone)" />
  </svg>
  <svg v-if="dragged" ref="air" class="air" :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`" aria-hidden="true">
    <g v-for="one in inHand" :key="one.id" :transform="placed(one.item.frame)">
      <ItemBody
        v-if="!(one.item.kind === 'zone' && isHidden(one.item))"
        :item="one.item"
        :over="one.over"
        :written="one.written"
      />
    </g>
  </svg>
</template>

<style scoped>
/* Moved by the compositor alone. */
.lights {
  position: absolute;
  inset: 0;
  width: 100%;
  aspect-ratio: 1600 / 1000;
  pointer-events: none;
  will-change: transform;
}
.lights path {
  fill: none;
  stroke: var(--petrol);
  stroke-width: 9;
}
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
