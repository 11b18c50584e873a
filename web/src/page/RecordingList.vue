<script setup lang="ts">
import { t } from '@/i18n'
import { PhTrash } from '@phosphor-icons/vue'
import type { Recording } from '@/api/schema'

/** What a student said to a page, to be heard. */
const props = defineProps<{
  said: Recording[]
  /** Where a recording is heard from while it is on this device only. */
  here?: Record<string, string>
  /** Whether they can be taken away. */
  own?: boolean
}>()
const emit = defineEmits<{ remove: [id: string] }>()
const source = (one: Recording) => props.here?.[one.id] ?? `/api/v1/files/${one.file.sha256}`
</script>

<template>
  <ul v-if="said.length" class="recordings" :aria-label="t('recordings.label')">
    <li v-for="(one, i) in said" :key="one.id">
      <audio
        controls
        preload="none"
        :src="source(one)"
        :aria-label="t('recordings.one', { n: i + 1, seconds: one.seconds })"
      ></audio>
      <button
        v-if="own"
        class="btn"
        :aria-label="t('recordings.remove-n', { n: i + 1 })"
        :title="t('recordings.remove')"
        @click="emit('remove', one.id)"
      >
        <PhTrash :size="20" aria-hidden="true" />
      </button>
    </li>
  </ul>
</template>

<style scoped>
.recordings {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  gap: 6px;
  align-items: center;
}
audio {
  width: 260px;
  height: 40px;
}
</style>
