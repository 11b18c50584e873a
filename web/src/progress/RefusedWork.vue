<script setup lang="ts">
import type { RefusedMove } from '@/api/schema'

/** What a student did and the server could not take: it counts for nothing, and is not lost. */
const props = defineProps<{ refused: RefusedMove[]; nameOf: (itemId: string) => string }>()

function words({ act }: RefusedMove): string {
  switch (act.kind) {
    case 'put':
      return `Moved ${props.nameOf(act.pieceId)}`
    case 'type':
      return `Typed “${act.text}” in ${props.nameOf(act.gapId)}`
    case 'write':
      return `Wrote “${act.text}”`
    case 'draw':
      return 'Drew on the page'
    case 'say':
      return 'Recorded something'
    default:
      return 'Did something else'
  }
}
const time = (at: string) =>
  new Date(at).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' })
</script>

<template>
  <section v-if="refused.length" class="refused" aria-labelledby="refused-head">
    <h2 id="refused-head">Could not be taken</h2>
    <p class="soft">This was done too late, or when the page was different. It does not count.</p>
    <ul>
      <li v-for="(one, i) in refused" :key="i">
        <span dir="auto">{{ words(one) }}</span>
        <span class="soft">{{ time(one.deviceTime) }} · {{ one.reason }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.refused {
  max-width: 1000px;
  padding: 12px 16px;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: var(--paper);
}
ul {
  display: grid;
  gap: 6px;
  overflow: auto;
  max-height: 260px;
  margin: 8px 0 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  overflow-wrap: anywhere;
}
</style>
