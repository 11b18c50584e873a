<script setup lang="ts">
import { computed } from 'vue'
import type { StudentPage } from '@/api/schema'
import { countTab } from '@/work/rules/feedback'
import type { useThings } from '@/work/rules/things'
import ZoneRoom from './ZoneRoom.vue'

/** What zones tell of themselves: how many more pieces they take, and what the last check found. */
const props = defineProps<{
  page: StudentPage
  things: ReturnType<typeof useThings>
  /** Things that are drawn elsewhere just now, in the hand. */
  away: Set<string>
}>()
const { state, states, zones } = props.things
/** What the last check told of a zone, where it tells only how many. */
const counts = computed(() =>
  zones.value.flatMap((zone) => {
    const last = state.value.zones?.[zone.id]?.last
    return last ? [{ zone, last }] : []
  }),
)

/** Zones that show how many more pieces they take. */
const rooms = computed(() =>
  (props.page.rooms ?? []).flatMap(({ zoneId, most }) => {
    const zone = zones.value.find((one) => one.id === zoneId)
    const taken = Object.values(states.value).filter((one) => one.zoneId === zoneId).length
    return zone ? [{ zone, most, taken }] : []
  }),
)
</script>

<template>
  <ZoneRoom
    v-for="{ zone, most, taken } in rooms.filter((one) => !away.has(one.zone.id))"
    :key="`room-${zone.id}`"
    :zone="zone"
    :most="most"
    :taken="taken"
  />
  <g v-for="{ zone, last } in counts" :key="zone.id" class="told" aria-hidden="true">
    <rect :x="zone.frame.x + zone.frame.width - 190" :y="zone.frame.y - 22" width="176" height="44" rx="12" />
    <text :x="zone.frame.x + zone.frame.width - 102" :y="zone.frame.y + 10" text-anchor="middle">
      {{ countTab(last) }}
    </text>
  </g>
</template>

<style scoped>
.told rect {
  fill: var(--saffron-t);
  stroke: #9a6a10;
  stroke-width: 2;
}
.told text {
  fill: #5b3c00;
  font: 700 26px var(--type);
}
</style>
