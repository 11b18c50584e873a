<script setup lang="ts">
import { t } from '@/i18n'
import type { StarterKind } from '@/starters/kinds'
import { STARTERS } from './kinds'

/** All ways to start from a list. */
const emit = defineEmits<{ start: [kind: StarterKind] }>()
</script>

<template>
  <section class="strip" :aria-label="t('starters.start-from-a-list')">
    <h2>{{ t('starters.start-from-a-list-of-words') }}</h2>
    <div class="all">
      <button v-for="one in STARTERS" :key="one.kind" class="tile" @click="emit('start', one.kind)">
        <component :is="one.icon" :size="24" aria-hidden="true" />
        <span
          ><strong>{{ one.name }}</strong
          ><small>{{ one.short }}</small></span
        >
      </button>
    </div>
  </section>
</template>

<style scoped>
.strip {
  padding: 12px 14px;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: var(--paper);
  box-shadow: 0 2px 0 var(--line);
}
h2 {
  margin-bottom: 8px;
  font-size: 13px;
}
.all {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(max(150px, 15%), 1fr));
  gap: 10px;
}
.tile {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 50px;
  padding: 6px 10px;
  border: 1px solid var(--line);
  border-radius: var(--tile-s);
  background: #fff;
  cursor: pointer;
  text-align: start;
  box-shadow: 0 2px 0 var(--line);
}
.tile:hover {
  border-color: var(--petrol);
}
span {
  display: grid;
  line-height: 1.2;
}
small {
  color: var(--soft);
  font-size: 12px;
}
</style>
