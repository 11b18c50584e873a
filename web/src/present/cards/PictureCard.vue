<script setup lang="ts">
import { t } from '@/i18n'
import { onBeforeUnmount, ref } from 'vue'
import { errorText } from '@/api/client'
import PresentCard from './PresentCard.vue'
import { pictureItem, putOnPage } from '@/present/model/putOnPages'

/** What becomes of a picture of the page: it comes onto a page, is copied, or is kept as a file. */
const props = defineProps<{ picture: Blob; activityId: string; pageId: string; x: number; y: number }>()
const emit = defineEmits<{ put: [pageId: string]; close: [] }>()
const address = URL.createObjectURL(props.picture)
onBeforeUnmount(() => URL.revokeObjectURL(address))
const words = ref('')
const busy = ref(false)

async function put(fresh: boolean) {
  busy.value = true
  words.value = t('present.the-picture-is-on-its-way')
  try {
    const item = await pictureItem(props.picture, fresh, () => {})
    emit('put', await putOnPage(props.activityId, props.pageId, [item], fresh))
  } catch (error) {
    words.value = errorText(error)
  }
  busy.value = false
}
async function copy() {
  try {
    await navigator.clipboard.write([new ClipboardItem({ 'image/png': props.picture })])
    words.value = t('present.copied-paste-it-where-you-want')
  } catch {
    words.value = t('present.this-browser-does-not-let-a')
  }
}
</script>

<template>
  <PresentCard :title="t('shared.picture')" :x="x" :y="y" @close="emit('close')">
    <img :src="address" :alt="t('present.the-picture-that-was-made')" />
    <div class="ways">
      <button class="btn pri" :disabled="busy" @click="put(false)">
        {{ t('present.put-on-this-page') }}
      </button>
      <button class="btn" :disabled="busy" @click="put(true)">{{ t('present.put-on-a-new-page') }}</button>
      <button class="btn" @click="copy">{{ t('shared.copy') }}</button>
      <a class="btn" :href="address" download="page.png">{{ t('present.save-as-a-file') }}</a>
    </div>
    <p role="status">{{ words }}</p>
  </PresentCard>
</template>

<style scoped>
img {
  max-width: 320px;
  max-height: 220px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: #fff;
}
.ways {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
  width: 320px;
}
.btn {
  min-height: 44px;
}
p {
  max-width: 320px;
  margin: 0;
}
p:empty {
  display: none;
}
</style>
