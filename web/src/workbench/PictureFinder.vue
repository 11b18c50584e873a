<script setup lang="ts">
import { PhImageSquare, PhMagnifyingGlass } from '@phosphor-icons/vue'
import { onMounted, ref, watch } from 'vue'
import { get, said } from '@/api/client'
import type { LibraryPicture, StoredPicture } from '@/api/types'
import { ACCEPTED, upload } from './upload'

const emit = defineEmits<{
  close: []
  library: [picture: LibraryPicture]
  file: [picture: StoredPicture, credit: string]
}>()

const words = ref('')
const found = ref<LibraryPicture[]>([])
const wrong = ref('')
const credit = ref('')
const busy = ref(false)
const field = ref<{ focus(): void }>()
let asked = 0

async function find() {
  const mine = ++asked
  try {
    const pictures = await get<LibraryPicture[]>(
      `/api/pictures?words=${encodeURIComponent(words.value.trim() || 'space')}`,
    )
    if (mine === asked) found.value = pictures
  } catch (error) {
    wrong.value = said(error)
  }
}
onMounted(find)
watch(words, () => void find())

async function bring(event: Event) {
  const field = event.target as HTMLInputElement
  const file = field.files?.[0]
  field.value = ''
  if (!file) return
  busy.value = true
  wrong.value = ''
  try {
    emit('file', await upload(file, credit.value), credit.value)
  } catch (error) {
    wrong.value = said(error)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <el-dialog
    :model-value="true"
    title="Picture"
    width="720px"
    @opened="field?.focus()"
    @close="emit('close')"
  >
    <el-input
      ref="field"
      v-model="words"
      size="large"
      placeholder="moon, Mond, lune, luna"
      aria-label="Find pictures by word"
      maxlength="100"
      clearable
    >
      <template #prefix><PhMagnifyingGlass :size="18" aria-hidden="true" /></template>
    </el-input>
    <p class="soft" role="status">
      {{ found.length ? `${found.length} pictures` : `No picture for “${words}”. Try a shorter word.` }} ·
      found by English, German, French and Spanish words
    </p>
    <ul class="found">
      <li v-for="picture in found" :key="picture.code">
        <button :title="picture.name" :aria-label="picture.name" @click="emit('library', picture)">
          <img :src="`/library/${picture.code}.svg`" alt="" loading="lazy" width="72" height="72" />
        </button>
      </li>
    </ul>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <div class="own">
      <label class="btn">
        <PhImageSquare :size="18" aria-hidden="true" />{{ busy ? 'Bringing it in' : 'A picture of your own' }}
        <input class="unseen" type="file" :accept="ACCEPTED" :disabled="busy" @change="bring" />
      </label>
      <el-input
        v-model="credit"
        maxlength="300"
        placeholder="Who made it, and may it be used?"
        aria-label="Credit"
      />
    </div>
    <p class="soft small">PNG, JPEG, WebP or SVG, up to 20 MB. Library pictures: OpenMoji, CC BY-SA 4.0.</p>
  </el-dialog>
</template>

<style scoped>
.found {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(88px, 1fr));
  gap: 8px;
  height: 300px;
  margin: 10px 0;
  padding: 4px;
  overflow-y: auto;
  list-style: none;
  align-content: start;
}
.found button {
  display: grid;
  place-items: center;
  width: 100%;
  padding: 6px;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: #fff;
  cursor: pointer;
}
.found button:hover {
  border-color: var(--petrol);
}
.own {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 12px;
}
.own .btn:focus-within {
  outline: 3px solid var(--saffron);
}
.small {
  margin-top: 8px;
  font-size: 13px;
}
</style>
