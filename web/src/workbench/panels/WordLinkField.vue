<script setup lang="ts">
import { t } from '@/i18n'
import { computed, ref } from 'vue'
import type { Link } from '@/api/schema'
import { webRoute } from '@/page/links'
import type { Workbench } from '@/workbench/useWorkbench'
import type { Writer } from '@/workbench/words/writer'

/** Where the words that are selected while writing lead to. */
const props = defineProps<{ workbench: Workbench; writer: Writer }>()
const pages = computed(() => props.workbench.editing.activity.value.pages)
const link = computed(() => props.writer.marks.value.link as Link | undefined)
const typing = ref(false)
const wrong = ref('')
const chosen = computed(() => {
  if (typing.value) return 'web'
  if (!link.value) return ''
  return link.value.kind === 'page' ? `page ${link.value.pageId}` : link.value.kind
})

function choose(value: string) {
  wrong.value = ''
  typing.value = value === 'web'
  if (typing.value) return
  if (value.startsWith('page ')) props.writer.set('link', { kind: 'page', pageId: value.slice(5) })
  else props.writer.set('link', value ? ({ kind: value } as Link) : null)
}
function address(event: Event) {
  const made = webRoute((event.target as HTMLInputElement).value)
  wrong.value = made ? '' : t('workbench.a-web-address-begins-with-https')
  if (!made) return
  typing.value = false
  props.writer.set('link', made)
}
</script>

<template>
  <div class="lead">
    <label
      >{{ t('workbench.these-words-link-to') }}
      <select class="field" :value="chosen" @change="choose(($event.target as HTMLSelectElement).value)">
        <option value="">{{ t('workbench.nowhere') }}</option>
        <option value="next">{{ t('workbench.the-next-page') }}</option>
        <option value="back">{{ t('workbench.back-where-one-came-from') }}</option>
        <option value="start">{{ t('workbench.the-start') }}</option>
        <option v-for="(one, i) in pages" :key="one.id" :value="`page ${one.id}`">
          {{ i + 1 }} · {{ one.name }}
        </option>
        <option value="web">{{ t('workbench.a-web-address') }}</option>
      </select></label
    >
    <input
      v-if="chosen === 'web'"
      class="field"
      inputmode="url"
      placeholder="https://"
      maxlength="2000"
      :aria-label="t('workbench.web-address-of-these-words')"
      :value="link?.kind === 'web' ? link.address : ''"
      @change="address"
    />
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
  </div>
</template>

<style scoped>
.lead,
label {
  display: grid;
  gap: 4px;
  font-size: 14px;
}
</style>
