<script setup lang="ts">
import { t } from '@/i18n'
/** Light tones on which words read well: each is above 12 : 1 against the ink of words. */
const TONES = [
  ['#ffffff', t('workbench.white')],
  ['#fbf8f2', t('workbench.paper')],
  ['#fbefd8', t('shared.tone-sand')],
  ['#f7e4dd', t('shared.tone-clay')],
  ['#efe4ef', t('shared.tone-plum')],
  ['#dcebea', t('shared.tone-sea')],
  ['#e4eef7', t('shared.tone-sky')],
  ['#e6efdd', t('shared.tone-meadow')],
] as const
defineProps<{ of: string; colour?: string | null; small?: boolean }>()
const emit = defineEmits<{ take: [colour: string] }>()
</script>

<template>
  <div class="tones" :class="{ small }" role="group" :aria-label="of">
    <button
      v-for="[tone, name] in TONES"
      :key="tone"
      :style="{ background: tone }"
      :aria-label="name"
      :title="name"
      :aria-pressed="colour === tone"
      @click="emit('take', tone)"
    ></button>
  </div>
</template>

<style scoped>
.tones {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 8px;
}
button {
  height: 34px;
  border: 1.5px solid var(--line);
  border-radius: var(--tile-s);
  cursor: pointer;
}
.small {
  grid-template-columns: repeat(8, 1fr);
  gap: 3px;
}
.small button {
  height: 26px;
  padding: 0;
}
button[aria-pressed='true'] {
  border-color: var(--petrol);
  box-shadow: inset 0 -4px var(--petrol);
}
</style>
