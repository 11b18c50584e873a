<script setup lang="ts">
import { t } from '@/i18n'
import { PhMicrophone, PhStop } from '@phosphor-icons/vue'
import { ref } from 'vue'
import type { FileRef } from '@/api/schema'
import { useMicrophone } from '@/page/microphone'
import FilePick from './FilePick.vue'

/** A recording, spoken into the browser or chosen from a file. */
const emit = defineEmits<{ file: [file: FileRef] }>()
const LONGEST = 300
const pick = ref<InstanceType<typeof FilePick>>()
const { recorder, seconds, wrong, begin, end } = useMicrophone(LONGEST, (sound) =>
  pick.value?.take(
    new File([sound], `Recording.${sound.type.split('/')[1] ?? 'webm'}`, { type: sound.type }),
  ),
)
</script>

<template>
  <div class="voice">
    <button v-if="!recorder" class="btn" @click="begin">
      <PhMicrophone :size="17" aria-hidden="true" />{{ t('shared.record') }}
    </button>
    <button v-else class="btn pri" @click="end">
      <PhStop :size="17" weight="fill" aria-hidden="true" />{{ t('shared.stop-seconds-s', { seconds }) }}
    </button>
    <p v-if="wrong" class="note" role="alert">{{ t('shared.wrong-choose-a-file-instead', { wrong }) }}</p>
    <FilePick
      ref="pick"
      :label="t('shared.a-recording-from-a-file')"
      accept="audio/*"
      @file="emit('file', $event)"
    />
  </div>
</template>

<style scoped>
.voice {
  display: grid;
  gap: 6px;
}
</style>
