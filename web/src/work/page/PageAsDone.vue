<script setup lang="ts">
import { t } from '@/i18n'
import { computed } from 'vue'
import type { AttemptState, StudentPage } from '@/api/schema'
import PageView from '@/page/PageView.vue'
import { asDone } from '@/page/placedItems'
import PlacedMarks from './PlacedMarks.vue'

/** A page as somebody left it, with their ink and whether their pieces lie right. */
const props = defineProps<{
  page: StudentPage
  state: AttemptState
  /** What is on the other side of pieces that have turned over. */
  sides: Parameters<typeof asDone>[2]
  /** Whose it is. */
  name: string
}>()
const drawn = computed(() => asDone(props.page.items, props.state, props.sides))
defineExpose({ drawn })
</script>

<template>
  <PageView
    :page="page"
    :drawn="drawn"
    :ink="state.own?.[page.id]?.ink"
    :described="t('page.as-left', { page: page.name, name })"
  >
    <PlacedMarks :drawn="drawn" :state="state" :page="page" />
  </PageView>
</template>
