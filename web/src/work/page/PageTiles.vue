<script setup lang="ts">
import { t } from '@/i18n'
import type { PageNavigation } from './usePageNavigation'

/** The pages of the path as small tiles, which fill as more of a page is done. */
defineProps<{ at: PageNavigation }>()
const emit = defineEmits<{ go: [pageId: string] }>()
</script>

<template>
  <ol class="tiles" :aria-label="t('common.pages')">
    <li v-for="(one, i) in at.pages.value" :key="one.id">
      <button
        class="tile"
        :class="{ here: i === at.index.value, full: at.share(i) >= 1 }"
        :style="{ '--share': `${at.share(i) * 100}%` }"
        :aria-current="i === at.index.value ? 'page' : undefined"
        :aria-label="
          one.placements
            ? t('pages.tile-placed', {
                n: one.number,
                name: one.name,
                done: at.placedOn(i),
                of: one.placements,
              })
            : t('pages.tile', { n: one.number, name: one.name })
        "
        @click="emit('go', one.id)"
      >
        <span>{{ one.number }}</span>
      </button>
    </li>
  </ol>
</template>

<style scoped>
.tiles {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin: 0;
  padding: 0;
  list-style: none;
}
.tile {
  min-width: 44px;
  height: 44px;
  border: 1.5px solid var(--line);
  border-radius: var(--tile-s);
  background: linear-gradient(to right, var(--petrol) var(--share), #fff var(--share));
  cursor: pointer;
  font-weight: 700;
  font-size: 13px;
}
.tile span {
  padding: 0 5px;
  border-radius: 5px;
  background: #ffffffd9;
}
.tile.here {
  border-color: var(--saffron);
  box-shadow: 0 0 0 2px var(--saffron);
}
@media (forced-colors: active) {
  .tile {
    forced-color-adjust: none;
  }
  .tile.here {
    outline: 4px solid Highlight;
  }
  .tile.full {
    border: 4px double CanvasText;
  }
}
</style>
