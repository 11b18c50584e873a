<script setup lang="ts">
import { t } from '@/i18n'
import PageView from '@/page/PageView.vue'
import { viewOf, type PartHead } from './library'

/** What a part looks like, as large as its tile; a page is seen whole. */
defineProps<{ part: PartHead }>()
</script>

<template>
  <span class="picture" aria-hidden="true"
    ><PageView v-if="part.page" :page="part.page" :view="viewOf(part)" /><span v-else class="large">{{
      t('workbench.too-large-to-be-shown-here')
    }}</span></span
  >
</template>

<style scoped>
.picture {
  display: block;
  overflow: hidden;
  border-radius: 5px;
  background: #fff;
  pointer-events: none;
}
.large {
  display: grid;
  place-items: center;
  aspect-ratio: 1600 / 1000;
  padding: 6px;
  color: var(--soft);
  font-size: 12px;
  text-align: center;
}
</style>
