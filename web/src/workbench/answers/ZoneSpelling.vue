<script setup lang="ts">
import { t } from '@/i18n'
import { computed, ref } from 'vue'
import { errorText, post } from '@/api/client'
import type { Zone } from '@/api/schema'
import { ruleOf } from '@/workbench/edits/answerKey'
import DraftField from '@/workbench/panels/DraftField.vue'
import type { Deciding } from './deciding'
import { wordOf } from './spelling'

/** The word that a drop zone wants to be spelled with the letters on the page. */
const props = defineProps<{ deciding: Deciding; zone: Zone }>()
const { key, pieces } = props.deciding
const wants = computed(() => ruleOf(key.value, props.zone.id).wants ?? {})
const lacking = ref('')
/** Letters as a reader counts them: an accent belongs to its letter. */
async function spell(word: string) {
  lacking.value = ''
  if (word.trim() === '') return
  try {
    const { letters } = await post('/api/v1/word-cuts', { text: word.trim() })
    const missing = props.deciding.spell(props.zone, letters)
    if (missing.length > 0)
      lacking.value = t('workbench.too-few-letters', { letter: missing.map((one) => `“${one}”`).join(', ') })
  } catch (error) {
    lacking.value = errorText(error)
  }
}
</script>

<template>
  <label class="wide"
    >{{ t('workbench.spells-the-word') }}
    <DraftField
      :key="`w${zone.id}`"
      :value="wordOf(wants.sequence, pieces)"
      maxlength="60"
      :placeholder="t('workbench.with-the-letters-on-this-page')"
      @commit="spell"
    />
    <span v-if="lacking" class="note" role="alert">{{ lacking }}</span>
  </label>
</template>

<style scoped src="./panel.css"></style>
