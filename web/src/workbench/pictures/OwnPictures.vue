<script setup lang="ts">
import { t } from '@/i18n'
import { PhCamera, PhImageSquare } from '@phosphor-icons/vue'
import { computed, onBeforeUnmount, reactive, ref } from 'vue'
import type { StoredPicture } from '@/api/schema'
import CameraDialog from './CameraDialog.vue'
import { ACCEPTED, creditOf, uploadAll, type Coming } from './upload'

/** Pictures from files and the camera, each with who made it; the dialog closes once all of them are here. */
const emit = defineEmits<{ file: [picture: StoredPicture, credit: string]; close: [] }>()
const who = ref('')
const licence = ref(t('workbench.my-own-picture'))
const source = ref('')
const coming = ref<Coming[]>([])
const camera = ref(false)
let stop: AbortController | null = null

const LICENCES = [
  t('workbench.my-own-picture'),
  t('workbench.public-domain'),
  'CC BY',
  'CC BY-SA',
  'CC0',
  t('workbench.with-permission'),
  t('workbench.not-known'),
]
const busy = computed(() => coming.value.some((one) => one.share < 1 && !one.wrong))

onBeforeUnmount(() => stop?.abort())

async function bring(files: File[]) {
  if (files.length === 0) return
  const credit = creditOf(who.value, licence.value, source.value)
  const rows = reactive(files.map((file) => ({ name: file.name, share: 0, wrong: '' })))
  coming.value = rows
  stop = new AbortController()
  await uploadAll(files, credit, rows, (picture) => emit('file', picture, credit), stop.signal)
  if (rows.every((row) => !row.wrong)) emit('close')
}
function chosen(event: Event) {
  const input = event.target as HTMLInputElement
  const files = [...(input.files ?? [])]
  input.value = ''
  void bring(files)
}
</script>

<template>
  <fieldset class="own">
    <legend>{{ t('workbench.your-own-pictures') }}</legend>
    <div class="credit">
      <el-input
        v-model="who"
        maxlength="100"
        :placeholder="t('workbench.who-made-it')"
        :aria-label="t('workbench.who-made-it')"
      />
      <select v-model="licence" class="topic" :aria-label="t('workbench.licence')">
        <option v-for="one in LICENCES" :key="one" :value="one">{{ one }}</option>
      </select>
      <el-input
        v-model="source"
        maxlength="150"
        :placeholder="t('workbench.where-it-is-from')"
        :aria-label="t('workbench.where-it-is-from')"
      />
    </div>
    <div class="ways">
      <label class="btn">
        <PhImageSquare :size="18" aria-hidden="true" />{{
          busy ? t('workbench.bringing-them-in') : t('workbench.a-picture-of-your-own')
        }}
        <input class="unseen" type="file" multiple :accept="ACCEPTED" :disabled="busy" @change="chosen" />
      </label>
      <button class="btn" @click="camera = true">
        <PhCamera :size="18" aria-hidden="true" />{{ t('shared.camera') }}
      </button>
      <button v-if="busy" class="btn" @click="stop?.abort()">{{ t('shared.stop') }}</button>
    </div>
    <ul v-if="coming.length" class="coming" :aria-label="t('workbench.on-their-way')">
      <li v-for="(one, i) in coming" :key="i">
        <span>{{ one.name }}</span>
        <progress v-if="!one.wrong" :value="one.share" max="1">{{ Math.round(one.share * 100) }} %</progress>
        <span v-else class="bad">{{ one.wrong }}</span>
      </li>
    </ul>
  </fieldset>
  <CameraDialog v-if="camera" @close="camera = false" @taken="(file) => bring([file])" />
</template>

<style scoped>
.own {
  display: grid;
  gap: 8px;
  margin: 0;
  padding: 8px 12px 12px;
  border: 1px solid var(--line);
  border-radius: var(--tile);
}
.credit {
  display: grid;
  grid-template-columns: 1fr 150px 1fr;
  gap: 8px;
}
.ways {
  display: flex;
  gap: 10px;
}
.ways .btn:focus-within {
  outline: 3px solid var(--saffron);
}
.coming {
  max-height: 90px;
  margin: 0;
  padding: 0;
  overflow-y: auto;
  list-style: none;
}
.coming li {
  display: flex;
  gap: 10px;
  justify-content: space-between;
}
.bad {
  color: #7c2c19;
}
.topic {
  padding: 5px 8px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: #fff;
}
</style>
