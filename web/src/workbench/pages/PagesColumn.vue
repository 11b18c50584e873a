<script setup lang="ts">
import { t } from '@/i18n'
import { PhListBullets, PhPlus } from '@phosphor-icons/vue'
import { computed, defineAsyncComponent, ref, shallowRef, watch } from 'vue'
import { newId } from '@/api/id'
import type { AnswerKey, Page } from '@/api/schema'
import { keepPage, keptPage } from '@/workbench/edits/clipboard'
import { pageCopy, composite } from '@/workbench/edits/copies'
import type { Editing } from '@/workbench/edits/editing'
import { pageToKeep, type ToKeep } from '@/workbench/library/library'
import PageButtons from './PageButtons.vue'
import PageThumb from './PageThumb.vue'

/** Fetched when they are first needed. */
const StarterDialog = defineAsyncComponent(() => import('@/starters/StarterDialog.vue'))
const KeepDialog = defineAsyncComponent(() => import('@/workbench/library/KeepDialog.vue'))

/** The pages of the activity: choose, add, reorder by dragging or by buttons, delete with undo. */
const props = defineProps<{ editing: Editing }>()
const current = defineModel<string>({ required: true })

const pages = computed(() => props.editing.activity.value.pages)
const index = computed(() => pages.value.findIndex((page) => page.id === current.value))
const lifted = ref<number | null>(null)
const deleted = shallowRef<Page | null>(null)

/** The list that these pages were made from, where they were. */
const madeFrom = computed(() => props.editing.activity.value.madeFrom)
const relisting = ref(false)

const keeping = shallowRef<ToKeep | null>(null)
function kept(words: string) {
  keeping.value = null
  props.editing.note(words)
}

const MOST = 200
const full = computed(() => pages.value.length >= MOST)

function add(where: 'before' | 'after' = 'after') {
  const id = newId()
  const here = pages.value[index.value]!
  const page = {
    id,
    name: t('workbench.page-pages', { pages: pages.value.length + 1 }),
    paper: here.paper,
    items: [],
    ...(here.words ? { words: here.words } : {}),
  }
  const at = index.value + (where === 'after' ? 1 : 0)
  if (props.editing.edit({ kind: 'add-page', index: at, page })) current.value = id
}

function duplicate() {
  const here = pages.value[index.value]!
  put(here, props.editing.activity.value.key, `${here.name}, again`)
}
function put(page: Page, key: AnswerKey, name: string) {
  const copy = pageCopy(page, key, index.value + 1, name.slice(0, 300))
  if (props.editing.edit(composite(copy.edits))) current.value = copy.pageId
}
function copyPage() {
  const page = pages.value[index.value]!
  if (!keepPage({ page, key: props.editing.activity.value.key })) {
    props.editing.tell(t('workbench.this-page-is-too-large-to'))
    return
  }
  copied.value = page.name
  props.editing.note(t('workbench.page-is-copied-paste-it-here', { page: page.name }))
}
const copied = ref(keptPage()?.page.name ?? '')
function pastePage() {
  const kept = keptPage()
  if (kept) put(kept.page, kept.key, kept.page.name)
}
/** Alt with the arrow keys moves the page itself. */
function key(event: KeyboardEvent, i: number) {
  const by = { ArrowUp: -1, ArrowDown: 1 }[event.key]
  if (!by) return
  event.preventDefault()
  event.stopPropagation()
  if (event.altKey) move(pages.value[i]!.id, i + by)
  else {
    const next = (event.currentTarget as HTMLElement)
      .closest('ol')!
      .querySelectorAll<HTMLElement>('button.page')[i + by]
    next?.focus()
    if (pages.value[i + by]) current.value = pages.value[i + by]!.id
  }
}

function move(pageId: string, to: number) {
  if (to < 0 || to >= pages.value.length) return
  props.editing.edit({ kind: 'move-page', pageId, index: to })
}

function drop(to: number) {
  const page = lifted.value === null ? undefined : pages.value[lifted.value]
  if (page && lifted.value !== to) move(page.id, to)
  lifted.value = null
}

function remove() {
  const page = pages.value[index.value]!
  const next = pages.value[index.value + 1] ?? pages.value[index.value - 1]
  if (props.editing.edit({ kind: 'remove-page', pageId: page.id })) {
    deleted.value = page
    if (next) current.value = next.id
  }
}

async function undo() {
  await props.editing.undo()
}
// However it came back, it is not deleted any more.
watch(pages, (now) => {
  if (now.some((page) => page.id === deleted.value?.id)) deleted.value = null
})
</script>

<template>
  <aside class="pages" data-region :aria-label="t('shared.pages')">
    <div class="head">
      <h2 class="small-head">{{ t('shared.pages') }}</h2>
      <button
        class="btn"
        :disabled="full"
        :title="full ? t('workbench.an-activity-has-at-most-200-2') : ''"
        @click="add('after')"
      >
        <PhPlus :size="16" weight="bold" aria-hidden="true" />{{ t('shared.page') }}
      </button>
    </div>
    <button v-if="madeFrom && editing.mayEdit" class="btn list" @click="relisting = true">
      <PhListBullets :size="17" aria-hidden="true" />{{ t('workbench.change-the-list') }}
    </button>
    <StarterDialog
      v-if="relisting && madeFrom"
      :kind="madeFrom.starter.kind"
      :again="{ from: madeFrom, preview: editing.previewRemake, make: editing.remake }"
      @close="relisting = false"
    />
    <p v-if="deleted" class="gone" role="status">
      {{ t('workbench.deleted-is-deleted', { deleted: deleted.name }) }}
      <button class="btn" @click="undo">{{ t('shared.undo') }}</button>
    </p>
    <ol>
      <li
        v-for="(page, i) in pages"
        :key="page.id"
        :data-page="page.id"
        draggable="true"
        @dragstart="lifted = i"
        @dragover.prevent
        @drop.prevent="drop(i)"
      >
        <span class="number">{{ i + 1 }}</span>
        <button
          class="page"
          :class="{ here: page.id === current }"
          :aria-current="page.id === current ? 'page' : undefined"
          @click="current = page.id"
          @keydown="key($event, i)"
        >
          <PageThumb :page="page" class="thumb" />
          <span class="unseen">{{ t('workbench.page-number', { n: i + 1 }) }} </span><span class="name">{{
            page.name
          }}</span>
        </button>
        <PageButtons
          v-if="page.id === current"
          :first="i === 0"
          :last="i === pages.length - 1"
          :only="pages.length === 1"
          :full="full"
          :copied="copied"
          @move="move(page.id, i + $event)"
          @duplicate="duplicate"
          @remove="remove"
          @before="add('before')"
          @copy="copyPage"
          @keep="keeping = pageToKeep(page, editing.activity.value.key)"
          @paste="pastePage"
        />
      </li>
    </ol>
    <KeepDialog v-if="keeping" :what="keeping" @close="keeping = null" @kept="kept" />
  </aside>
</template>

<style scoped>
.pages {
  width: 176px;
  padding: 12px 10px;
  overflow-y: auto;
  border-inline-start: 1px solid var(--line);
  background: var(--paper);
}
.head {
  display: flex;
  align-items: center;
  justify-content: space-between;
  margin-bottom: 10px;
}
.head .btn {
  min-height: 28px;
  padding: 2px 10px;
}
.list {
  width: 100%;
  margin-bottom: 10px;
  justify-content: center;
}
.gone {
  display: grid;
  gap: 6px;
  margin-bottom: 10px;
  padding: 8px;
  border-radius: var(--tile-s);
  background: var(--saffron-t);
  font-size: 13px;
  overflow-wrap: anywhere;
}
ol {
  display: grid;
  gap: 8px;
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: 20px 1fr;
  gap: 4px;
  content-visibility: auto;
  contain-intrinsic-size: 150px 110px;
}
.aimed .thumb {
  border: 2.5px solid var(--plum);
}
.number {
  padding-top: 6px;
  color: var(--soft);
  font-size: 13px;
  text-align: end;
}
.page {
  padding: 0;
  border: 0;
  background: none;
  cursor: pointer;
  text-align: start;
}
.thumb {
  border: 1.5px solid var(--line);
  border-radius: 5px;
  overflow: hidden;
  pointer-events: none;
}
.here .thumb {
  border: 2.5px solid var(--petrol);
}
.here .name {
  font-weight: 700;
}
.name {
  font-size: 13px;
  overflow-wrap: anywhere;
}
</style>
