<script setup lang="ts">
import type { Item } from '@/api/schema'
import { railPath } from '@/work/rules/rules'

/** Where pieces slide that slide on a rail. */
defineProps<{ items: Item[] }>()
</script>

<template>
  <template v-for="item in items" :key="item.id">
    <path v-if="item.movement.kind === 'rail'" class="rail" :d="railPath(item)" />
  </template>
</template>

<style scoped>
.rail {
  fill: none;
  stroke: #68406b66;
  stroke-width: 8;
  stroke-linecap: round;
  stroke-dasharray: 2 18;
}
</style>
