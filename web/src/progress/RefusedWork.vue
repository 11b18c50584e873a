<script setup lang="ts">
import { t } from '@/i18n'
import { dateTime } from '@/i18n/format'
import type { RefusedMove } from '@/api/schema'

/** What a student did and the server could not take: it counts for nothing, and is not lost. */
const props = defineProps<{ refused: RefusedMove[]; nameOf: (itemId: string) => string }>()

function words({ act }: RefusedMove): string {
  switch (act.kind) {
    case 'put':
      return t('progress.moved-pieceid', { pieceId: props.nameOf(act.pieceId) })
    case 'type':
      return t('progress.typed-text-in-gapid', { text: act.text, gapId: props.nameOf(act.gapId) })
    case 'write':
      return t('progress.wrote-text', { text: act.text })
    case 'draw':
      return t('progress.drew-on-the-page')
    case 'say':
      return t('progress.recorded-something')
    default:
      return t('progress.did-something-else')
  }
}
const time = (at: string) => dateTime(new Date(at))
</script>

<template>
  <section v-if="refused.length" class="refused" aria-labelledby="refused-head">
    <h2 id="refused-head">{{ t('progress.could-not-be-taken') }}</h2>
    <p class="soft">{{ t('progress.this-was-done-too-late-or') }}</p>
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
