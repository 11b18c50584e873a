<script setup lang="ts">
import { t } from '@/i18n'
import { computed, onMounted, ref, watch } from 'vue'
import { getAll, errorText } from '@/api/client'
import type { Workbench } from '@/workbench/useWorkbench'
import { taken, composite } from '@/workbench/edits/copies'
import { exchanged, linesOf, placesFor, repeated, slotsOf, type Placing } from './fromList'
import { usePictureRows } from '@/workbench/pictures/pictureRows'

/** A list that is typed or pasted: copies of what is selected, or other words and pictures in it. */
const props = defineProps<{ workbench: Workbench; does: 'repeat' | 'exchange' }>()
const emit = defineEmits<{ close: [] }>()
const text = ref('')
const way = ref<Placing>('FITS')
const wrong = ref('')
const field = ref<{ focus(): void }>()
const WAYS: [Placing, string][] = [
  ['FITS', t('workbench.as-they-fit')],
  ['ROW', t('workbench.in-a-row')],
  ['COLUMN', t('workbench.in-a-column')],
  ['GRID', t('workbench.in-a-grid')],
]

const items = computed(() => props.workbench.selected.value)
const slots = computed(() => slotsOf(items.value))
const pictures = computed(() => slots.value.filter((item) => item.kind === 'picture').length)
const lines = computed(() => linesOf(text.value))
const words = computed(() => lines.value.flat())
const {
  rows,
  ask,
  mean,
  taken: found,
} = usePictureRows((word) => getAll(`/api/v1/pictures?${new URLSearchParams({ words: word, topic: '' })}`))
/** How many of the pictures found for each word were passed over. */
const passed = ref<Record<string, number>>({})
const pictureOf = (word: string) => {
  const row = rows.value.find((one) => one.word === word)
  return row?.pictures[(passed.value[word] ?? 0) % Math.max(1, row.pictures.length)]
}
function another(word: string) {
  passed.value = { ...passed.value, [word]: (passed.value[word] ?? 0) + 1 }
  const picture = pictureOf(word)
  if (picture) mean(word, picture.code)
}

/** Words that become pictures: all of them, or those that stand in the place of one. */
const pictured = computed(() => {
  if (pictures.value === 0) return []
  const all =
    props.does === 'exchange'
      ? slots.value.flatMap((item, i) => (item.kind === 'picture' && words.value[i] ? [words.value[i]] : []))
      : lines.value.flatMap((line) =>
          line.length === 1 ? line : line.filter((_, i) => slots.value[i]?.kind === 'picture'),
        )
  return [...new Set(all)]
})
let asked = 0
watch(pictured, async (now) => {
  const mine = ++asked
  try {
    const each = await ask(now, '')
    if (mine === asked) rows.value = each
  } catch (error) {
    if (mine === asked) wrong.value = errorText(error)
  }
})
onMounted(() => field.value?.focus())

const room = computed(
  () =>
    props.does === 'exchange' ||
    placesFor(
      items.value.map((item) => item.frame),
      Math.max(1, lines.value.length),
      way.value,
    ) !== null,
)
const tells = computed(() => {
  const n = lines.value.length
  if (n === 0) return ''
  if (!room.value) return t('workbench.there-is-no-room-for-count', { count: n })
  if (props.does === 'exchange') {
    const places = slots.value.length
    if (words.value.length > places)
      return t('workbench.there-are-words-words-for-places', { words: words.value.length, places })
    return words.value.length === places ? '' : t('workbench.what-has-no-word-in-the')
  }
  return n === 1
    ? t('workbench.that-is-one-so-nothing-is')
    : t('workbench.there-will-be-count-of-them', { count: n })
})

function make() {
  const { workbench } = props
  const page = workbench.page.value
  if (props.does === 'exchange') {
    if (workbench.all(exchanged(page, items.value, words.value, pictureOf))) emit('close')
    return
  }
  const what = taken(page, workbench.chosen.value, workbench.editing.activity.value.key)
  const made = repeated(what, page, lines.value, way.value, pictureOf)
  if (!made) return
  if (workbench.edit(composite(made.edits))) {
    workbench.chosen.value = made.ids
    emit('close')
  } else wrong.value = t('workbench.that-did-not-fit-on-the')
}
</script>

<template>
  <el-dialog
    :model-value="true"
    :title="does === 'repeat' ? t('workbench.repeat-from-a-list') : t('workbench.exchange-from-a-list')"
    width="620px"
    top="8vh"
    @opened="field?.focus()"
    @close="emit('close')"
  >
    <form class="list" @submit.prevent="make">
      <p class="soft">
        {{
          does === 'repeat'
            ? t('workbench.one-word-one-copy-hat-cat')
            : t('workbench.words-in-the-order-in-which')
        }}
      </p>
      <el-input
        ref="field"
        v-model="text"
        type="textarea"
        :rows="4"
        :aria-label="t('shared.list')"
        maxlength="10000"
        :placeholder="t('workbench.hat-cat-bat')"
      />
      <label v-if="does === 'repeat'" class="way"
        >{{ t('workbench.the-copies-lie') }}
        <el-select v-model="way" :aria-label="t('workbench.the-copies-lie')">
          <el-option v-for="[value, name] in WAYS" :key="value" :value="value" :label="name" />
        </el-select>
      </label>
      <p v-if="slots.length === 0" class="note">
        {{
          does === 'repeat'
            ? t('workbench.there-are-no-words-and-no')
            : t('workbench.there-are-no-words-and-no-2')
        }}
      </p>
      <ul v-if="rows.length" class="pictures" :aria-label="t('shared.pictures')">
        <li v-for="row in rows" :key="row.word">
          <button
            v-if="pictureOf(row.word)"
            type="button"
            class="pick"
            :title="row.pictures.length > 1 ? t('workbench.another-picture') : ''"
            :disabled="row.pictures.length < 2"
            @click="another(row.word)"
          >
            <img :src="`/library/${pictureOf(row.word)!.code}.svg`" alt="" width="48" height="48" />
            {{ row.word }}<span class="unseen">{{ t('workbench.another-picture-2') }}</span>
          </button>
          <span v-else class="pick none"
            >{{ row.word }}<br /><span class="soft">{{ t('workbench.no-picture-3') }}</span></span
          >
        </li>
      </ul>
      <p v-if="rows.length && found.length < rows.length" class="soft">
        {{ t('workbench.where-no-picture-was-found-the') }}
      </p>
      <p v-if="tells" :class="room ? 'soft' : 'note'" role="status">{{ tells }}</p>
      <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
      <div class="foot">
        <button type="button" class="btn" @click="emit('close')">{{ t('shared.cancel') }}</button>
        <button class="btn pri" :disabled="lines.length < (does === 'repeat' ? 2 : 1) || !room">
          {{ does === 'repeat' ? t('workbench.make-copies') : t('workbench.exchange') }}
        </button>
      </div>
    </form>
  </el-dialog>
</template>

<style scoped>
.list {
  display: grid;
  gap: 10px;
}
.way {
  display: grid;
  grid-template-columns: auto 180px;
  gap: 8px;
  align-items: center;
  justify-content: start;
}
.pictures {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  max-height: 220px;
  margin: 0;
  padding: 2px;
  overflow-y: auto;
  list-style: none;
}
.pick {
  display: grid;
  justify-items: center;
  align-content: center;
  width: 92px;
  min-height: 84px;
  padding: 6px;
  border: 1px solid var(--line);
  border-radius: var(--tile-s);
  background: #fff;
  cursor: pointer;
  font-size: 13px;
  overflow-wrap: anywhere;
  text-align: center;
}
.pick:disabled,
.none {
  cursor: default;
  color: inherit;
}
.foot {
  display: flex;
  justify-content: flex-end;
  gap: 8px;
}
</style>
