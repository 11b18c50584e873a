<script setup lang="ts">
import { t } from '@/i18n'
import { computed } from 'vue'
import type { Replies } from '@/api/schema'
import { play, SOUNDS } from '@/work/media/sounds'
import DraftField from '@/workbench/panels/DraftField.vue'
import { trimmed } from './deciding'

/** What a zone or a gap says and sounds, and when it helps. */
const props = defineProps<{ replies: Replies | undefined; of: string }>()
const emit = defineEmits<{ set: [replies: Replies | undefined] }>()
const now = computed(() => props.replies ?? {})

type Side = 'accepted' | 'rejected'
type Sound = NonNullable<NonNullable<Replies['accepted']>['sound']>

function setReply(side: Side, change: { message?: string; sound?: Sound }) {
  const { message, sound } = { message: '', ...now.value[side], ...change }
  const reply = message || sound ? { message, ...(sound ? { sound } : {}) } : undefined
  emit('set', trimmed({ ...now.value, [side]: reply }))
}
function setSound(side: Side, name: string) {
  const sound = (name || undefined) as Sound | undefined
  play(sound)
  setReply(side, { sound })
}
function setHint(change: { words?: string; after?: number }) {
  const hint = { words: '', after: 2, ...now.value.hint, ...change }
  emit('set', trimmed({ ...now.value, hint: hint.words.trim() ? hint : undefined }))
}
const SIDES: { side: Side; name: string }[] = [
  { side: 'accepted', name: t('workbench.when-right') },
  { side: 'rejected', name: t('workbench.when-not') },
]
</script>

<template>
  <template v-for="{ side, name } in SIDES" :key="side">
    <label
      >{{ t('workbench.name-it-says', { name }) }}
      <DraftField
        :key="`${side}${of}`"
        maxlength="300"
        :placeholder="t('workbench.the-usual-words')"
        :value="now[side]?.message ?? ''"
        @commit="setReply(side, { message: $event.trim() })"
    /></label>
    <label
      >{{ t('workbench.name-it-sounds', { name }) }}
      <select
        :value="now[side]?.sound ?? ''"
        @change="setSound(side, ($event.target as HTMLSelectElement).value)"
      >
        <option value="">{{ t('workbench.silent') }}</option>
        <option v-for="[sound, called] in SOUNDS" :key="sound" :value="sound">{{ called }}</option>
      </select></label
    >
  </template>
  <label
    >{{ t('workbench.hint') }}
    <DraftField
      :key="`h${of}`"
      maxlength="1000"
      :placeholder="t('workbench.none')"
      :value="now.hint?.words ?? ''"
      @commit="setHint({ words: $event })"
  /></label>
  <label
    >{{ t('workbench.after-so-many-refusals') }}
    <DraftField
      :key="`a${of}`"
      type="number"
      min="1"
      max="100"
      :value="now.hint?.after ?? 2"
      @commit="setHint({ after: Math.max(1, Math.min(100, Math.round(Number($event)) || 2)) })"
  /></label>
</template>

<style scoped src="./panel.css"></style>
