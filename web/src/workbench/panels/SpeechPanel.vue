<script setup lang="ts">
import { t } from '@/i18n'
import { PhPlay, PhTrash } from '@phosphor-icons/vue'
import { computed, ref } from 'vue'
import type { FileRef, Item, Speech } from '@/api/schema'
import { isPiece, traitsOf } from '@/page/items'
import { speak } from '@/work/media/speak'
import type { Workbench } from '@/workbench/useWorkbench'
import DraftField from './DraftField.vue'
import VoiceRecorder from '@/shared/files/VoiceRecorder.vue'

/** What an item says aloud: a recording, or a text that the browser's voice reads. */
const props = defineProps<{ workbench: Workbench; item: Item }>()
const speech = computed(() => traitsOf(props.item).speech)
const open = ref(false)

function set(change: Partial<Speech> | null) {
  props.workbench.setTraits(({ speech: was, ...rest }) => {
    if (change === null) return rest
    const next: Speech = { ...(was ?? { text: '', onSettle: false }), ...change }
    if (next.file === undefined) delete next.file
    return next.file || next.text.trim() ? { ...rest, speech: next } : rest
  })
}
const recorded = (file: FileRef) => {
  open.value = false
  set({ file })
}
</script>

<template>
  <section class="speech">
    <label
      >{{ t('workbench.spoken-text') }}
      <DraftField
        :key="item.id"
        :value="speech?.text ?? ''"
        maxlength="2000"
        :placeholder="t('workbench.the-words-that-are-heard')"
        @commit="set({ text: $event })"
    /></label>
    <p v-if="speech?.file" class="line">
      <span class="name">{{ speech.file.name || t('workbench.a-recording') }}</span>
      <button
        class="btn"
        :aria-label="t('workbench.take-the-recording-away')"
        @click="set({ file: undefined })"
      >
        <PhTrash :size="16" aria-hidden="true" />
      </button>
    </p>
    <p v-else-if="speech" class="soft small">{{ t('workbench.the-browsers-own-voice-reads-it') }}</p>
    <label v-if="speech && isPiece(item)" class="line"
      >{{ t('workbench.when-it-settles-not-when-tapped') }}
      <input
        type="checkbox"
        :checked="speech.onSettle"
        @change="set({ onSettle: ($event.target as HTMLInputElement).checked })"
    /></label>
    <div class="line">
      <button v-if="speech" class="btn" @click="speak(speech)">
        <PhPlay :size="16" aria-hidden="true" />{{ t('workbench.hear-it') }}
      </button>
      <button class="btn" :aria-expanded="open" @click="open = !open">{{ t('shared.recording') }}</button>
    </div>
    <VoiceRecorder v-if="open" @file="recorded" />
  </section>
</template>

<style scoped>
.speech {
  display: grid;
  gap: 8px;
}
label {
  display: grid;
  gap: 3px;
  font-size: 14px;
}
.line {
  display: flex;
  gap: 8px;
  align-items: center;
  justify-content: space-between;
}
.line input {
  width: 18px;
  height: 18px;
  accent-color: var(--petrol);
}
.name {
  overflow-wrap: anywhere;
}
.small {
  font-size: 13px;
}
</style>
