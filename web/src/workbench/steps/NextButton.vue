<script setup lang="ts">
import { t } from '@/i18n'
import { PhPlus } from '@phosphor-icons/vue'
import { computed } from 'vue'
import { newId } from '@/api/id'
import type { Item } from '@/api/schema'
import { PAGE } from '@/page/geometry'
import { relaid } from '@/page/wordFit'
import type { Workbench } from '@/workbench/useWorkbench'
import { nextOf } from './nextOf'

/** The next letter or number, like the one before: a row of them is made by pressing again and again. */
const props = defineProps<{ workbench: Workbench; item: Extract<Item, { kind: 'words' }> }>()
const GAP = 20
const next = computed(() => nextOf(props.item.content.text))

function add() {
  const { item, workbench } = props
  const fit = relaid(
    item.content,
    { text: next.value!, spans: [] },
    item.content.wraps ? item.frame.width : null,
  )
  const { width } = fit
  const beyond = item.frame.x + item.frame.width + GAP + width > PAGE.width
  const row = beyond ? leftmost() : item.frame.x + item.frame.width + GAP
  workbench.add({
    ...item,
    id: newId(),
    content: fit.content,
    frame: {
      ...item.frame,
      x: row,
      y: beyond ? Math.min(PAGE.height - fit.height, item.frame.y + item.frame.height + GAP) : item.frame.y,
      width,
      height: fit.height,
    },
  })
}
/** Where the row began: the leftmost of what stands at its height. */
function leftmost() {
  const { frame } = props.item
  const row = props.workbench.page.value.items.filter(
    (one) => one.kind === 'words' && Math.abs(one.frame.y - frame.y) < 1,
  )
  return Math.max(0, Math.min(...row.map((one) => one.frame.x)))
}
</script>

<template>
  <button v-if="next" class="btn" @click="add">
    <PhPlus :size="17" aria-hidden="true" />{{ t('workbench.add-next-beside-it', { next }) }}
  </button>
</template>

<style scoped>
.btn {
  padding: 4px 6px;
}
</style>
