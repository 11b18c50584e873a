<script setup lang="ts">
import { t } from '@/i18n'
import { PhTrash } from '@phosphor-icons/vue'
import { ref } from 'vue'
import type { FileRef, Item } from '@/api/schema'
import { pictureUrl } from '@/page/pictures'
import type { Workbench } from '@/workbench/useWorkbench'
import FilePick from '@/shared/files/FilePick.vue'

/** How a video plays, its first picture and its captions. */
type OnPage = Extract<Item, { kind: 'video' }>
const props = defineProps<{ workbench: Workbench; item: OnPage }>()
const emit = defineEmits<{ picture: [] }>()
const wrong = ref('')

function set(change: Partial<Pick<OnPage, 'loops' | 'muted' | 'captions' | 'poster' | 'video'>>) {
  const next = { ...props.item, ...change } as OnPage
  for (const name of ['captions', 'poster'] as const) if (next[name] === undefined) delete next[name]
  props.workbench.setBody(next)
}
function captions(file: FileRef) {
  wrong.value = file.mediaType === 'text/vtt' ? '' : t('workbench.captions-are-a-webvtt-file-nothing')
  if (!wrong.value) set({ captions: file })
}
const checked = (event: Event) => (event.target as HTMLInputElement).checked
</script>

<template>
  <section class="video">
    <label class="line"
      >{{ t('workbench.loop') }}
      <input type="checkbox" :checked="item.loops" @change="set({ loops: checked($event) })"
    /></label>
    <label class="line"
      >{{ t('workbench.muted-at-first') }}
      <input type="checkbox" :checked="item.muted" @change="set({ muted: checked($event) })"
    /></label>
    <p class="line">
      <img
        v-if="item.poster"
        :src="pictureUrl(item.poster)"
        :alt="t('workbench.the-first-picture')"
        width="64"
        height="40"
      />
      <button class="btn" @click="emit('picture')">{{ t('workbench.cover-picture') }}</button>
      <button
        v-if="item.poster"
        class="btn"
        :aria-label="t('workbench.take-the-first-picture-away')"
        @click="set({ poster: undefined })"
      >
        <PhTrash :size="16" aria-hidden="true" />
      </button>
    </p>
    <p v-if="item.captions" class="line">
      <span class="name">{{ t('workbench.captions-captions', { captions: item.captions.name }) }}</span>
      <button
        class="btn"
        :aria-label="t('workbench.take-the-captions-away')"
        @click="set({ captions: undefined })"
      >
        <PhTrash :size="16" aria-hidden="true" />
      </button>
    </p>
    <FilePick v-else :label="t('workbench.captions-webvtt')" accept=".vtt,text/vtt" @file="captions" />
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
  </section>
</template>

<style scoped>
.video {
  display: grid;
  gap: 8px;
}
.line {
  display: flex;
  gap: 8px;
  align-items: center;
  justify-content: space-between;
  font-size: 14px;
}
.line input {
  width: 18px;
  height: 18px;
  accent-color: var(--petrol);
}
img {
  object-fit: cover;
}
.name {
  overflow-wrap: anywhere;
}
</style>
