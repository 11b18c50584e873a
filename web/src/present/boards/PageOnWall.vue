<script setup lang="ts">
import { t } from '@/i18n'
import { computed } from 'vue'
import type { Left } from '@/api/schema'
import { asDone } from '@/page/placedItems'
import PageView from '@/page/PageView.vue'
import PlacedMarks from '@/work/page/PlacedMarks.vue'

/** One page as a student left it, in the place of the teacher's own. */
const props = defineProps<{ pageId: string; shown: Left }>()
const page = computed(() => props.shown.view.pages.find((one) => one.id === props.pageId))
const drawn = computed(() => asDone(page.value!.items, props.shown.state, props.shown.sides))
</script>

<template>
  <PageView
    v-if="page"
    class="doing"
    :page="page"
    :drawn="drawn"
    :ink="shown.state.own?.[page.id]?.ink"
    :described="t('present.page-as-a-student-left-it', { page: page.name })"
  >
    <PlacedMarks :drawn="drawn" :state="shown.state" :page="page" />
  </PageView>
  <p v-else class="none">{{ t('present.this-student-has-not-come-to') }}</p>
</template>

<style scoped>
.none {
  display: grid;
  place-items: center;
  aspect-ratio: 1600 / 1000;
  margin: 0;
  color: var(--ink);
  font-size: 26px;
}
</style>
