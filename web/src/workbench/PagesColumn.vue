<script setup lang="ts">
import { PhArrowDown, PhArrowUp, PhPlus, PhTrash } from '@phosphor-icons/vue'
import { computed, ref } from 'vue'
import { newId } from '@/api/id'
import PageView from '@/page/PageView.vue'
import type { Editing } from './editing'

/** The pages of the activity: choose, add, reorder by dragging or by buttons, delete with undo. */
const props = defineProps<{ editing: Editing }>()
const current = defineModel<string>({ required: true })

const pages = computed(() => props.editing.activity.value.pages)
const index = computed(() => pages.value.findIndex((page) => page.id === current.value))
const lifted = ref<number | null>(null)
const deleted = ref('')

function add() {
  const id = newId()
  const page = {
    id,
    name: `Page ${pages.value.length + 1}`,
    paper: pages.value[index.value]!.paper,
    items: [],
  }
  if (props.editing.edit({ kind: 'add-page', index: index.value + 1, page })) current.value = id
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
    deleted.value = page.name
    if (next) current.value = next.id
  }
}

async function undo() {
  deleted.value = ''
  await props.editing.undo()
}
</script>

<template>
  <aside class="pages" aria-label="Pages">
    <div class="head">
      <h2 class="small-head">Pages</h2>
      <button class="btn" @click="add"><PhPlus :size="16" weight="bold" aria-hidden="true" />Page</button>
    </div>
    <p v-if="deleted" class="gone" role="status">
      “{{ deleted }}” is deleted. <button class="btn" @click="undo">Undo</button>
    </p>
    <ol>
      <li
        v-for="(page, i) in pages"
        :key="page.id"
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
          :aria-label="`Page ${i + 1}, ${page.name}`"
          @click="current = page.id"
        >
          <PageView :page="page" class="thumb" />
          <span class="name">{{ page.name }}</span>
        </button>
        <span v-if="page.id === current" class="own">
          <button aria-label="Earlier" title="Earlier" :disabled="i === 0" @click="move(page.id, i - 1)">
            <PhArrowUp :size="16" aria-hidden="true" />
          </button>
          <button
            aria-label="Later"
            title="Later"
            :disabled="i === pages.length - 1"
            @click="move(page.id, i + 1)"
          >
            <PhArrowDown :size="16" aria-hidden="true" />
          </button>
          <button
            aria-label="Delete this page"
            title="Delete this page"
            :disabled="pages.length === 1"
            @click="remove"
          >
            <PhTrash :size="16" aria-hidden="true" />
          </button>
        </span>
      </li>
    </ol>
  </aside>
</template>

<style scoped>
.pages {
  width: 172px;
  padding: 12px 10px;
  overflow-y: auto;
  border-left: 1px solid var(--line);
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
.number {
  padding-top: 6px;
  color: var(--soft);
  font-size: 13px;
  text-align: right;
}
.page {
  padding: 0;
  border: 0;
  background: none;
  cursor: pointer;
  text-align: left;
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
.own {
  display: flex;
  grid-column: 2;
  gap: 4px;
}
.own button {
  display: grid;
  place-items: center;
  min-width: 30px;
  min-height: 26px;
  border: 1px solid var(--line);
  border-radius: var(--tile-s);
  background: #fff;
  cursor: pointer;
}
.own button:disabled {
  color: #6d7b81;
  background: var(--table);
  cursor: default;
}
</style>
