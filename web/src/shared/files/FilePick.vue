<script setup lang="ts">
import { t } from '@/i18n'
import { decimal } from '@/i18n/format'
import { PhPause, PhPlay, PhUploadSimple, PhX } from '@phosphor-icons/vue'
import { onBeforeUnmount, onMounted, ref, shallowRef, useTemplateRef } from 'vue'
import { get } from '@/api/client'
import type { FileRef } from '@/api/schema'
import { bring, type Bringing } from './bringing'

/** Brings a file in: how far it is, pausing, going on, stopping, and how much room the school has. */
const props = defineProps<{ label: string; accept: string; file?: File | null }>()
const emit = defineEmits<{ file: [file: FileRef] }>()
const input = useTemplateRef<HTMLInputElement>('input')
const way = shallowRef<Bringing | null>(null)
const name = ref('')
const room = ref('')

onMounted(async () => {
  try {
    const { used, most } = await get('/api/v1/uploads/storage')
    const giga = (bytes: number) => decimal(bytes / 1024 ** 3)
    room.value = t('shared.files-of-this-school-used-of', { used: giga(used), most: giga(most) })
  } catch {
    // Only told for information; bringing in says itself when there is no room.
    room.value = ''
  }
  if (props.file) take(props.file)
})
onBeforeUnmount(() => way.value?.stop())

function take(file: File) {
  name.value = file.name
  way.value = bring(file, (kept) => emit('file', kept))
}
function chosen(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (file) take(file)
  if (input.value) input.value.value = ''
}
defineExpose({ take })
</script>

<template>
  <div class="pick">
    <button class="btn" :disabled="way?.state.value === 'coming'" @click="input?.click()">
      <PhUploadSimple :size="17" aria-hidden="true" />{{ label }}
    </button>
    <input ref="input" type="file" :accept="accept" :aria-label="label" hidden @change="chosen" />
    <div v-if="way && ['coming', 'paused', 'waiting'].includes(way.state.value)" class="way" role="status">
      <progress :value="way.share.value" max="1" :aria-label="t('shared.name-on-its-way', { name })" />
      <span>{{ Math.round(way.share.value * 100) }} %</span>
      <button
        class="btn"
        :aria-label="way.state.value === 'paused' ? t('shared.go-on') : t('shared.pause')"
        :title="way.state.value === 'paused' ? t('shared.go-on') : t('shared.pause')"
        @click="way.state.value === 'paused' ? way.goOn() : way.pause()"
      >
        <component :is="way.state.value === 'paused' ? PhPlay : PhPause" :size="16" aria-hidden="true" />
      </button>
      <button class="btn" :aria-label="t('shared.stop')" :title="t('shared.stop')" @click="way.stop()">
        <PhX :size="16" aria-hidden="true" />
      </button>
    </div>
    <p v-if="way && ['waiting', 'refused'].includes(way.state.value)" class="note" role="alert">
      {{ way.words.value }}
    </p>
    <p v-if="way?.state.value === 'stopped'" class="soft">
      {{ t('shared.stopped-nothing-on-the-page-changed') }}
    </p>
    <p v-if="room" class="soft small">{{ room }}</p>
  </div>
</template>

<style scoped>
.pick {
  display: grid;
  gap: 6px;
}
.way {
  display: flex;
  gap: 6px;
  align-items: center;
}
progress {
  flex: 1;
  min-width: 0;
  accent-color: var(--petrol);
}
.way .btn {
  min-height: 28px;
  padding: 2px 8px;
}
.small {
  font-size: 12px;
}
</style>
