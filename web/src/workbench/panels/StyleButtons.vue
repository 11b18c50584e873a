<script setup lang="ts">
import { t } from '@/i18n'
import { PhEyedropper, PhPaintBrush } from '@phosphor-icons/vue'
import { computed } from 'vue'
import type { Edit } from '@/api/schema'
import type { Workbench } from '@/workbench/useWorkbench'
import { copiedStyle, inStyle, restyles, styleOfItem } from '@/workbench/edits/styles'

/** How one item looks, given to others: colours, outline and letters. */
const props = defineProps<{ workbench: Workbench }>()
const from = computed(() => (props.workbench.only.value ? styleOfItem(props.workbench.only.value) : null))
const takes = computed(() =>
  props.workbench.selected.value.filter((item) => restyles(item, copiedStyle.value)),
)

function copy() {
  copiedStyle.value = from.value
  props.workbench.editing.note(t('workbench.the-style-is-copied-select-something'))
}
function paste() {
  const style = copiedStyle.value!
  const pageId = props.workbench.pageId.value
  const edits = takes.value.flatMap((item): Edit[] => {
    if (item.kind === 'words') {
      const edit = props.workbench.wordsEdit(item, { style: style.words!, spans: [] })
      return edit ? [edit] : []
    }
    const changed = inStyle(item, style)
    return changed ? [{ kind: 'set-body', pageId, item: changed }] : []
  })
  props.workbench.all(edits)
}
</script>

<template>
  <div v-if="from || takes.length" class="two">
    <button v-if="from" class="btn" @click="copy">
      <PhEyedropper :size="17" aria-hidden="true" />{{ t('workbench.copy-style') }}
    </button>
    <button v-if="copiedStyle" class="btn" :disabled="takes.length === 0" @click="paste">
      <PhPaintBrush :size="17" aria-hidden="true" />{{ t('workbench.paste-style') }}
    </button>
  </div>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
}
.btn {
  padding: 4px 6px;
  font-size: 13px;
}
</style>
