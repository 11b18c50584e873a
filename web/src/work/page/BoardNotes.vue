<script setup lang="ts">
import { t } from '@/i18n'
import { PhLightbulb, PhSpeakerHigh, PhX } from '@phosphor-icons/vue'
import { hush, speaking } from '@/work/media/speak'

/** What is told over the page: a hint, and the words of what is being said. */
defineProps<{ hint: string }>()
const emit = defineEmits<{ close: [] }>()
</script>

<template>
  <p v-if="hint" class="hint" role="status">
    <PhLightbulb :size="26" weight="fill" aria-hidden="true" /><span
      ><strong>{{ t('hint.label') }}</strong> {{ hint }}</span
    >
    <button class="btn quiet" :aria-label="t('hint.close')" :title="t('common.close')" @click="emit('close')">
      <PhX :size="20" aria-hidden="true" />
    </button>
  </p>
  <p v-if="speaking?.text" class="hint heard" role="status">
    <PhSpeakerHigh :size="26" weight="fill" aria-hidden="true" /><span>{{ speaking.text }}</span>
    <button class="btn quiet" :aria-label="t('common.stop')" :title="t('common.stop')" @click="hush">
      <PhX :size="20" aria-hidden="true" />
    </button>
  </p>
</template>

<style scoped>
.hint {
  position: absolute;
  inset: auto 16px 16px;
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 10px 14px;
  border: 2px solid #9a6a10;
  border-radius: var(--tile);
  background: var(--saffron-t);
  color: #3f2a00;
  font-size: 18px;
  overflow-wrap: anywhere;
}
.heard {
  border-color: var(--petrol);
  background: var(--petrol-t);
  color: var(--petrol-d);
}
.hint .btn {
  margin-inline-start: auto;
}
@media (max-width: 640px) and (orientation: portrait) {
  .hint {
    position: static;
    margin-top: 8px;
  }
}
</style>
