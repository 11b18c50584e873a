<script setup lang="ts">
import { t } from '@/i18n'
import { passOver } from '@/shared/passOver'
import { PhHeart, PhMagnifyingGlass } from '@phosphor-icons/vue'
import { computed, onMounted, ref, watch } from 'vue'
import { getAll, get, post, put, errorText } from '@/api/client'
import type { LibraryPicture, StoredPicture } from '@/api/schema'
import OwnPictures from './OwnPictures.vue'
import { usePictureRows, wordsIn } from './pictureRows'

/**
 * Pictures: from the library by word or topic, from files, from the camera. Words with commas between them are looked
 * for one by one, and one picture of each comes onto the page.
 */
const props = defineProps<{
  /** Several may be taken at once. */
  several: boolean
}>()
const emit = defineEmits<{
  close: []
  library: [picture: LibraryPicture]
  many: [pictures: LibraryPicture[]]
  file: [picture: StoredPicture, credit: string, last: boolean]
}>()
interface Own {
  favourites: LibraryPicture[]
  lately: LibraryPicture[]
  topics: string[]
}

const words = ref('')
const topic = ref('')
const found = ref<LibraryPicture[]>([])
const own = ref<Own>({ favourites: [], lately: [], topics: [] })
const wrong = ref('')
const field = ref<{ focus(): void }>()
let asked = 0

const asking = computed(() => words.value.trim() !== '' || topic.value !== '')
const favourite = computed(() => new Set(own.value.favourites.map((one) => one.code)))
const pictures = (words: string, topic: string) =>
  getAll(`/api/v1/pictures?${new URLSearchParams({ words, topic })}`)
const { rows, taken, ask, mean } = usePictureRows(pictures)

function putAll() {
  taken.value.forEach(
    (picture) =>
      void post(`/api/v1/pictures/${picture.code}/uses`).catch(passOver('it only counts what is used often')),
  )
  emit('many', taken.value)
}

async function find() {
  const mine = ++asked
  try {
    const list = props.several ? wordsIn(words.value) : []
    if (list.length > 0) {
      const each = await ask(list, topic.value)
      if (mine === asked) rows.value = each
      return
    }
    rows.value = []
    const now = await pictures(asking.value ? words.value.trim() : 'space', topic.value)
    if (mine === asked) found.value = now
  } catch (error) {
    wrong.value = errorText(error)
  }
}
onMounted(async () => {
  void find()
  try {
    own.value = await get('/api/v1/pictures/own')
  } catch (error) {
    wrong.value = errorText(error)
  }
})
watch([words, topic], () => void find())

function choose(picture: LibraryPicture, word: string) {
  if (rows.value.length > 0) {
    mean(word, picture.code)
    return
  }
  void post(`/api/v1/pictures/${picture.code}/uses`).catch(passOver('it only counts what is used often'))
  emit('library', picture)
}
async function keep(picture: LibraryPicture) {
  const kept = !favourite.value.has(picture.code)
  own.value.favourites = kept
    ? [...own.value.favourites, picture]
    : own.value.favourites.filter((one) => one.code !== picture.code)
  await put(`/api/v1/pictures/${picture.code}/kept`, { kept }).catch(
    (error) => (wrong.value = errorText(error)),
  )
}

const shelves = computed(() => {
  if (rows.value.length > 0) return rows.value.map(({ word, pictures }) => ({ name: word, pictures }))
  return asking.value
    ? [{ name: '', pictures: found.value }]
    : [
        { name: t('workbench.favourites'), pictures: own.value.favourites },
        { name: t('workbench.used-lately'), pictures: own.value.lately },
        { name: 'Space', pictures: found.value },
      ].filter((shelf) => shelf.pictures.length > 0)
})
</script>

<template>
  <el-dialog
    :model-value="true"
    :title="t('shared.picture')"
    width="780px"
    top="6vh"
    @opened="field?.focus()"
    @close="emit('close')"
  >
    <div class="ask">
      <el-input
        ref="field"
        v-model="words"
        size="large"
        :placeholder="t('workbench.moon-mond-lune-luna')"
        :aria-label="t('workbench.find-pictures-by-word')"
        maxlength="600"
        clearable
      >
        <template #prefix><PhMagnifyingGlass :size="18" aria-hidden="true" /></template>
      </el-input>
      <select v-model="topic" class="topic" :aria-label="t('workbench.topic')">
        <option value="">{{ t('workbench.all-topics') }}</option>
        <option v-for="one in own.topics" :key="one" :value="one">{{ one }}</option>
      </select>
    </div>
    <p class="soft" role="status">
      <template v-if="rows.length">
        {{ t('workbench.taken-of-rows-found-choose-another', { taken: taken.length, rows: rows.length }) }}
      </template>
      <template v-else-if="asking && found.length === 0">{{
        t('workbench.no-picture-for-words-try-a', { words })
      }}</template>
      <template v-else>{{
        t('workbench.found-pictures-found-by-english-german', {
          found: found.length,
          several: several ? 'yes' : 'no',
        })
      }}</template>
    </p>
    <div class="found">
      <template v-for="(shelf, i) in shelves" :key="`${i} ${shelf.name}`">
        <h3 v-if="shelf.name">
          {{ shelf.name
          }}<span v-if="shelf.pictures.length === 0" class="soft"> {{ t('workbench.no-picture') }}</span>
        </h3>
        <ul>
          <li v-for="picture in shelf.pictures" :key="picture.code">
            <button
              class="pick"
              :title="picture.name"
              :aria-label="picture.name"
              :aria-pressed="rows.length ? taken.includes(picture) : undefined"
              @click="choose(picture, shelf.name)"
            >
              <img :src="`/library/${picture.code}.svg`" alt="" loading="lazy" width="66" height="66" />
            </button>
            <button
              class="heart"
              :aria-label="t('workbench.keep-picture-as-a-favourite', { picture: picture.name })"
              :aria-pressed="favourite.has(picture.code)"
              @click="keep(picture)"
            >
              <PhHeart
                :size="16"
                :weight="favourite.has(picture.code) ? 'fill' : 'regular'"
                aria-hidden="true"
              />
            </button>
          </li>
        </ul>
      </template>
    </div>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <button v-if="rows.length" class="btn acc all" :disabled="taken.length === 0" @click="putAll">
      {{ t('workbench.put-count-on-the-page', { count: taken.length }) }}
    </button>
    <OwnPictures
      v-else
      @file="(picture, credit) => emit('file', picture, credit, false)"
      @close="emit('close')"
    />
    <p class="soft small">{{ t('workbench.png-jpeg-webp-gif-or-svg') }}</p>
  </el-dialog>
</template>

<style scoped>
.ask {
  display: grid;
  grid-template-columns: 1fr 190px;
  gap: 10px;
}
.topic {
  padding: 5px 8px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: #fff;
}
.found {
  height: 270px;
  margin: 8px 0;
  padding: 4px;
  overflow-y: auto;
}
.found ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(84px, 1fr));
  gap: 8px;
  margin: 4px 0 10px;
  padding: 0;
  list-style: none;
}
li {
  position: relative;
}
.pick {
  display: grid;
  place-items: center;
  width: 100%;
  padding: 6px;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: #fff;
  cursor: pointer;
}
.pick[aria-pressed='true'] {
  border-color: var(--petrol);
  box-shadow: inset 0 -5px var(--petrol);
}
.all {
  justify-content: center;
  width: 100%;
  min-height: 48px;
}
.pick:hover {
  border-color: var(--petrol);
}
.heart {
  position: absolute;
  top: 2px;
  inset-inline-end: 2px;
  display: grid;
  place-items: center;
  width: 26px;
  height: 26px;
  border: 0;
  border-radius: 50%;
  background: #ffffffd0;
  color: var(--clay);
  cursor: pointer;
}
.small {
  margin-top: 8px;
  font-size: 13px;
}
</style>
