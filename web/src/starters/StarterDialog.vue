<script setup lang="ts">
import { t } from '@/i18n'
import { PhArrowsClockwise, PhCheckFat, PhX } from '@phosphor-icons/vue'
import { computed, nextTick, onMounted, ref, watch } from 'vue'
import { post, errorText } from '@/api/client'
import type { MadeFrom, RemakePreview, StarterRequest } from '@/api/schema'
import type { StarterKind } from '@/starters/kinds'
import GapTicks from './GapTicks.vue'
import { STARTERS } from './kinds'
import StarterPages, { type StarterPreview } from './StarterPages.vue'
import { widthsOf } from './widths'
import { fromFile, MOST_ROWS, rowsOf, textOf, wordsOf, writtenOf } from './list'

/**
 * A list on the left, the pages that it makes on the right, made anew as it is written. With `again`, the list that the
 * pages of an activity were made from: then what was changed on them by hand stays.
 */
const props = defineProps<{
  kind: StarterKind
  again?: {
    from: MadeFrom
    preview: (list: StarterRequest) => Promise<RemakePreview>
    make: (list: StarterRequest) => Promise<void>
  }
}>()
const emit = defineEmits<{ close: []; made: [id: string] }>()

const about = computed(() => STARTERS.find((one) => one.kind === props.kind)!)
const dialog = ref<HTMLDialogElement>()
const field = ref<HTMLTextAreaElement>()
const was = props.again?.from
const title = ref(was?.starter.title ?? '')
const written = ref(was ? writtenOf(was.starter) : '')
const pictured = ref(was ? was.pictured === true : props.kind === 'LABEL')
const typed = ref(was?.starter.typed === true)
const seed = ref(was?.starter.seed ?? 1 + Math.floor(Math.random() * 1e9))
const preview = ref<StarterPreview | null>(null)
const change = ref<RemakePreview | null>(null)
const wrong = ref('')
const busy = ref(false)
const gaps = computed(() => props.kind === 'FILL_GAPS')
const rows = computed(() => (gaps.value ? [] : rowsOf(props.kind, written.value)))
const words = computed(() => (gaps.value ? wordsOf(written.value) : []))
const tooMany = computed(() =>
  rows.value.length > MOST_ROWS
    ? t('starters.too-many-lines', { rows: rows.value.length, most: MOST_ROWS })
    : '',
)

const request = computed<StarterRequest>(() => ({
  starter: {
    kind: props.kind,
    title: title.value.trim(),
    rows: rows.value,
    seed: seed.value,
    ...(gaps.value ? { text: written.value, typed: typed.value } : {}),
  },
  pictured: pictured.value && !gaps.value,
}))

/** With the widths of words in other scripts, which only a browser that draws them can tell. */
async function measured(): Promise<StarterRequest> {
  const { starter, pictured } = request.value
  const widths = await widthsOf(starter.title, starter.rows, starter.text ?? '')
  return { starter: { ...starter, ...(widths ? { widths } : {}) }, pictured }
}

let asked = 0
let timer: ReturnType<typeof setTimeout> | undefined
const QUIET = 200
watch(request, () => {
  clearTimeout(timer)
  timer = setTimeout(look, QUIET)
})
async function look() {
  const mine = ++asked
  if (tooMany.value || !written.value.trim()) {
    preview.value = null
    return
  }
  try {
    const list = await measured()
    if (mine !== asked) return
    const made = props.again ? await props.again.preview(list) : await post('/api/v1/starter-previews', list)
    if (mine !== asked) return
    preview.value = made
    change.value = 'kept' in made ? (made as RemakePreview) : null
    wrong.value = ''
  } catch (error) {
    if (mine === asked) wrong.value = errorText(error)
  }
}

function tick(index: number) {
  const next = words.value.map((one, i) => (i === index ? { ...one, missing: !one.missing } : one))
  written.value = textOf(next)
}
async function example() {
  written.value = about.value.example
  await nextTick()
  field.value?.focus()
}
async function make() {
  if (busy.value) return
  busy.value = true
  try {
    if (props.again) {
      await props.again.make(await measured())
      emit('close')
      return
    }
    const { id } = await post('/api/v1/starters', await measured())
    emit('made', id)
  } catch (error) {
    wrong.value = errorText(error)
    busy.value = false
  }
}
const ready = computed(() => Boolean(preview.value && !preview.value.missing && !tooMany.value))
const picker = ref<HTMLInputElement>()
async function open(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  const read = fromFile(new Uint8Array(await file.arrayBuffer()))
  wrong.value = 'wrong' in read ? t('starters.wrong-the-list-is-as-it', { wrong: read.wrong }) : ''
  if ('written' in read) written.value = read.written
}

onMounted(() => {
  dialog.value?.showModal()
  field.value?.focus()
  if (written.value) void look()
})
</script>

<template>
  <dialog ref="dialog" class="starter" aria-labelledby="starter-head" @close="emit('close')">
    <header>
      <component :is="about.icon" :size="26" aria-hidden="true" />
      <h1 id="starter-head">{{ about.name }} {{ about.short }}</h1>
      <button
        class="btn quiet"
        :aria-label="t('shared.close')"
        :title="t('shared.close')"
        @click="dialog?.close()"
      >
        <PhX :size="20" aria-hidden="true" />
      </button>
    </header>
    <form class="list" @submit.prevent="ready && make()">
      <label
        >{{ t('starters.title') }}
        <input
          v-model="title"
          class="field"
          maxlength="300"
          :placeholder="t('starters.stands-at-the-top-of-the')"
        />
      </label>
      <label class="grow"
        >{{ gaps ? t('shared.text') : t('shared.list') }}
        <textarea
          ref="field"
          v-model="written"
          class="field"
          :placeholder="about.example"
          spellcheck="true"
        />
      </label>
      <p class="soft how">
        {{ about.how }}
        <button v-if="!written" type="button" class="btn try" @click="example">
          {{ t('starters.show-an-example') }}
        </button>
        <button v-if="!gaps" type="button" class="btn try" @click="picker?.click()">
          {{ t('starters.open-a-csv-file') }}
        </button>
        <input
          ref="picker"
          hidden
          type="file"
          accept=".csv,.tsv,.txt,text/csv,text/plain"
          :aria-label="t('starters.csv-file')"
          @change="open"
        />
      </p>
      <GapTicks v-if="gaps && words.length" :words="words" @tick="tick" />
      <label v-if="gaps" class="line"
        ><input v-model="typed" type="checkbox" />{{ t('starters.students-type-the-words') }}</label
      >
      <label v-else class="line"
        ><input v-model="pictured" type="checkbox" />{{
          kind === 'LABEL'
            ? t('starters.show-a-picture-for-the-title')
            : t('starters.show-pictures-for-the-words')
        }}</label
      >
      <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
      <div class="row">
        <button
          type="button"
          class="btn"
          :disabled="!ready"
          @click="seed = 1 + Math.floor(Math.random() * 1e9)"
        >
          <PhArrowsClockwise :size="18" aria-hidden="true" />{{ t('starters.mix-again') }}
        </button>
        <button class="btn acc" :disabled="!ready || busy">
          <PhCheckFat :size="18" aria-hidden="true" />{{
            again
              ? t('starters.change-pages', { pages: preview?.count ?? 1 })
              : t('starters.make-pages', { pages: preview?.count ?? 1 })
          }}
        </button>
      </div>
    </form>
    <StarterPages :preview="preview" :change="change" :too-many="tooMany" />
  </dialog>
</template>

<style scoped>
.starter {
  grid-template-columns: 390px minmax(0, 1fr);
  grid-template-rows: auto minmax(0, 1fr);
  width: min(1180px, calc(100vw - 48px));
  height: min(720px, calc(100vh - 48px));
  padding: 0;
  border: 1px solid var(--line);
  border-radius: 16px 16px 16px 4px;
  background: var(--paper);
  color: var(--ink);
}
.starter[open] {
  display: grid;
}
.starter::backdrop {
  background: #1f2d3380;
}
header {
  grid-column: 1 / -1;
  display: flex;
  gap: 12px;
  align-items: center;
  padding: 12px 18px;
  border-bottom: 1px solid var(--line);
}
header h1 {
  font-size: 20px;
}
header .btn {
  margin-inline-start: auto;
}
.list {
  display: flex;
  flex-direction: column;
  gap: 10px;
  padding: 14px 18px;
  overflow-y: auto;
  border-inline-end: 1px solid var(--line);
}
label {
  display: grid;
  gap: 3px;
}
.grow {
  flex: 1 0 180px;
  grid-template-rows: auto 1fr;
}
textarea {
  min-height: 120px;
  resize: none;
}
.line {
  display: flex;
  gap: 8px;
  align-items: center;
}
.line input {
  width: 18px;
  height: 18px;
}
.how {
  font-size: 14px;
}
.try {
  min-height: 28px;
  padding: 2px 9px;
}
.row {
  display: flex;
  flex: none;
  justify-content: space-between;
  gap: 10px;
}
</style>
