<script setup lang="ts">
import { t } from '@/i18n'
import { PhScissors } from '@phosphor-icons/vue'
import { computed } from 'vue'
import { post, errorText } from '@/api/client'
import type { Edit, Item, Page } from '@/api/schema'
import type { CutParts } from '@/api/schema'
import type { Workbench } from '@/workbench/useWorkbench'
import { cutInto } from '@/workbench/edits/cutting'
import { composite } from '@/workbench/edits/copies'

/** Boxes of words that are selected become pieces, one for each word or letter. */
const props = defineProps<{ workbench: Workbench }>()
type Words = Extract<Item, { kind: 'words' }>
const words = computed(() =>
  props.workbench.selected.value.filter((item): item is Words => item.kind === 'words'),
)
const all = computed(
  () => words.value.length > 0 && words.value.length === props.workbench.selected.value.length,
)

async function cut(into: keyof CutParts) {
  const { workbench } = props
  try {
    const parts = await Promise.all(
      words.value.map((item) => post('/api/v1/word-cuts', { text: item.content.text })),
    )
    let page: Page = workbench.page.value
    const edits: Edit[] = []
    words.value.forEach((item, i) => {
      const edit = cutInto(page, item, parts[i]![into].slice(0, 200))
      if (!edit) return
      edits.push(edit)
      const inner = edit.kind === 'composite' ? (edit.edits as Edit[]) : [edit]
      const added = inner.flatMap((one) => (one.kind === 'add-item' ? [one.item as Item] : []))
      const at = page.items.findIndex((one) => one.id === item.id)
      page = { ...page, items: [...page.items.slice(0, at), ...added, ...page.items.slice(at + 1)] }
    })
    if (edits.length === 0) {
      workbench.editing.tell(t('workbench.there-is-only-one-part-so'))
      return
    }
    const before = new Set(workbench.page.value.items.map((item) => item.id))
    const flat = edits.flatMap((edit) => (edit.kind === 'composite' ? (edit.edits as Edit[]) : [edit]))
    // The pieces are what one goes on with.
    if (workbench.edit(composite(flat)))
      workbench.chosen.value = page.items.filter((item) => !before.has(item.id)).map((item) => item.id)
  } catch (error) {
    workbench.editing.tell(errorText(error))
  }
}
</script>

<template>
  <div v-if="all" class="cuts">
    <button class="btn" @click="cut('words')">
      <PhScissors :size="17" aria-hidden="true" />{{ t('workbench.cut-into-words') }}
    </button>
    <button class="btn" @click="cut('letters')">
      <PhScissors :size="17" aria-hidden="true" />{{ t('workbench.cut-into-letters') }}
    </button>
  </div>
</template>

<style scoped>
.cuts {
  display: grid;
  gap: 6px;
}
</style>
