<script setup lang="ts">
import { t } from '@/i18n'
import { PhArrowsClockwise } from '@phosphor-icons/vue'
import { computed } from 'vue'
import type { Item } from '@/api/schema'
import { madeAlike } from '@/workbench/edits/alike'
import type { Workbench } from '@/workbench/useWorkbench'

/** What was made just before lends its size, movement and look to what is new. */
const props = defineProps<{ workbench: Workbench; item: Item }>()
const edits = computed(() => {
  const { offered, byId, pageId, wordsEdit } = props.workbench
  const model = offered.value?.id === props.item.id ? byId.value.get(offered.value.like) : undefined
  if (!model) return []
  const restyled =
    props.item.kind === 'words' && model.kind === 'words'
      ? wordsEdit(props.item, { style: model.content.style, spans: [] })
      : null
  return madeAlike(pageId.value, props.item, model, restyled)
})
</script>

<template>
  <button v-if="edits.length" class="btn" @click="workbench.all(edits)">
    <PhArrowsClockwise :size="17" aria-hidden="true" />{{ t('workbench.like-the-one-before') }}
  </button>
</template>

<style scoped>
.btn {
  padding: 4px 6px;
}
</style>
