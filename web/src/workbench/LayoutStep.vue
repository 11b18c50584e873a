<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { newId } from '@/api/id'
import type { Frame, Item, LibraryPicture, Page, StoredPicture, WordContent, WordStyle } from '@/api/types'
import { PAGE, type Point } from '@/page/geometry'
import { fitWords } from '@/page/wordFit'
import type { Editing } from './editing'
import ItemPanel from './ItemPanel.vue'
import PagePanel from './PagePanel.vue'
import PictureFinder from './PictureFinder.vue'
import RackTiles, { type TileKind } from './RackTiles.vue'
import PageStage from './PageStage.vue'

const props = defineProps<{ editing: Editing; page: Page }>()
const selected = ref<string | null>(null)
const writing = ref<string | null>(null)
const finding = ref<Point | null>(null)

const item = computed(() => props.page.items.find((one) => one.id === selected.value) ?? null)
watch(
  () => props.page.id,
  () => (selected.value = writing.value = null),
)

const CENTRE = { x: PAGE.width / 2, y: PAGE.height / 2 }
/** Every new box of words starts like this, never in the leftovers of the last one. */
const STYLE: WordStyle = { size: 44, bold: false, colour: '#1f2d33', align: 'LEFT' }

function add(one: Item) {
  const pageId = props.page.id
  if (props.editing.edit({ kind: 'add-item', pageId, index: props.page.items.length, item: one })) {
    selected.value = one.id
  }
}

/** Beside what lies there already, so that a second new thing does not hide the first. */
function free(at: Point, width: number, height: number): Frame {
  let x = at.x - width / 2
  let y = at.y - height / 2
  while (props.page.items.some((one) => Math.hypot(one.frame.x - x, one.frame.y - y) < 20)) {
    x += 40
    y += 40
  }
  return { x: Math.round(x), y: Math.round(y), width, height, turn: 0 }
}

function addTile(kind: TileKind, at: Point = CENTRE) {
  const id = newId()
  if (kind === 'picture') finding.value = at
  if (kind === 'zone') {
    add({
      kind: 'zone',
      id,
      frame: free(at, 480, 360),
      description: '',
      label: '',
      movement: { kind: 'fixed' },
    })
  }
  if (kind === 'words') {
    const fit = fitWords('Words', STYLE, null)
    const frame = free(at, fit.width, fit.height)
    add({ kind: 'words', id, frame, movement: { kind: 'fixed' }, description: '', content: fit.content })
    writing.value = id
  }
}

function addLibrary(picture: LibraryPicture) {
  add({
    kind: 'picture',
    id: newId(),
    frame: free(finding.value ?? CENTRE, 160, 160),
    movement: { kind: 'free' },
    description: picture.name,
    picture: { from: 'LIBRARY', name: picture.code },
    credit: picture.credit,
  })
  finding.value = null
}

function addFile(picture: StoredPicture, credit: string) {
  const scale = Math.min(600 / picture.width, 450 / picture.height)
  add({
    kind: 'picture',
    id: newId(),
    frame: free(finding.value ?? CENTRE, picture.width * scale, picture.height * scale),
    movement: { kind: 'fixed' },
    description: '',
    picture: { from: 'FILE', name: picture.sha256 },
    credit,
  })
  finding.value = null
}

const pageId = computed(() => props.page.id)
const setFrame = (itemId: string, frame: Frame) =>
  props.editing.edit({ kind: 'set-frame', pageId: pageId.value, itemId, frame })
const setWords = (itemId: string, content: WordContent, frame: Frame) =>
  props.editing.edit({ kind: 'set-words', pageId: pageId.value, itemId, content, frame })
const moveDepth = (itemId: string, index: number) =>
  props.editing.edit({ kind: 'move-depth', pageId: pageId.value, itemId, index })
function remove(itemId: string) {
  if (props.editing.edit({ kind: 'remove-item', pageId: pageId.value, itemId })) selected.value = null
}
</script>

<template>
  <div class="lay-out">
    <aside class="panel" aria-label="What is selected">
      <ItemPanel
        v-if="item"
        :item="item"
        :page="page"
        :editing="editing"
        @remove="remove(item.id)"
        @write="writing = item.id"
      />
      <PagePanel v-else :page="page" :editing="editing" />
    </aside>
    <section class="middle" aria-label="Page">
      <PageStage
        :page="page"
        :selected="selected"
        :writing="writing"
        @select="selected = $event"
        @write="writing = $event"
        @frame="setFrame"
        @words="setWords"
        @remove="remove"
        @depth="moveDepth"
        @drop-tile="(kind, at) => addTile(kind as TileKind, at)"
      />
    </section>
    <RackTiles class="rack" @add="addTile" />
    <PictureFinder v-if="finding" @close="finding = null" @library="addLibrary" @file="addFile" />
  </div>
</template>

<style scoped>
.lay-out {
  display: grid;
  grid-template-columns: 248px minmax(0, 1fr);
  grid-template-rows: minmax(0, 1fr) auto;
  min-height: 0;
}
.panel {
  overflow-y: auto;
  padding: 14px;
  border-right: 1px solid var(--line);
  background: var(--paper);
}
.middle {
  overflow: auto;
  padding: 22px 16px 8px;
}
.middle > * {
  max-width: calc((100vh - 230px) * 1.6);
  margin: 0 auto;
}
.rack {
  grid-column: 1 / -1;
}
</style>
