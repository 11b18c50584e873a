<script setup lang="ts">
import { PhMagnifyingGlassMinus, PhMagnifyingGlassPlus } from '@phosphor-icons/vue'
import { computed, nextTick, onBeforeUnmount, onMounted, ref, toRef, watch } from 'vue'
import { newId } from '@/api/id'
import { said } from '@/api/client'
import type { Item, LibraryPicture, Page, PictureRef, ShapeLook, StoredPicture } from '@/api/types'
import { PAGE, type Point } from '@/page/geometry'
import { ways } from '@/page/items'
import { makeBench } from './bench'
import type { Editing } from './editing'
import InkPanel from './InkPanel.vue'
import ItemPanel from './ItemPanel.vue'
import {
  freePlace,
  newCover,
  newLens,
  newLine,
  newNote,
  newShape,
  newTable,
  newWords,
  newZone,
  type LineSort,
  type TileKind,
} from './make'
import ManyPanel from './ManyPanel.vue'
import PagePanel from './PagePanel.vue'
import PageStage from './PageStage.vue'
import { loadTaste, taste } from './pens'
import PictureFinder from './PictureFinder.vue'
import { usePresence, type Elsewhere } from './presence'
import RackTiles from './RackTiles.vue'
import { uploadAll } from './upload'

const props = defineProps<{ editing: Editing; page: Page }>()
const bench = makeBench(props.editing, toRef(props, 'page'))
const { chosen, only, selected, tool } = bench
const stage = ref<InstanceType<typeof PageStage>>()
const middle = ref<HTMLElement>()
/** What a picture is wanted for: a place on the page, the other side of the selected item, or a cell of it. */
const finding = ref<Point | 'side' | [number, number] | null>(null)
const snapping = ref(true)

onMounted(loadTaste)
const pageId = computed(() => props.page.id)
const { others, hear } = usePresence(props.editing.id, pageId, chosen)
const unhear = props.editing.onWhere((where) => hear(where as Elsewhere))
onBeforeUnmount(unhear)

const CENTRE = { x: PAGE.width / 2, y: PAGE.height / 2 }
const MOST_ITEMS = 2000
const drawing = computed(() => !['hand', 'place'].includes(tool.value.is))
const nearlyFull = computed(() => props.page.items.length > MOST_ITEMS * 0.9)

function addTile(kind: TileKind, at: Point = CENTRE) {
  tool.value = { is: 'hand' }
  const { page } = props
  if (kind === 'picture') finding.value = at
  else if (kind === 'words') bench.add(newWords(page, at), true)
  else if (kind === 'shape') bench.add(newShape(page, at))
  else if (kind === 'line') bench.add(newLine(page, at, 'line'))
  else if (kind === 'ink') {
    chosen.value = []
    tool.value = { is: 'pen', name: 'pen1' }
  } else if (kind === 'note') bench.add(newNote(page, at))
  else if (kind === 'table') bench.add(newTable(page, at))
  else if (kind === 'cover') bench.add(newCover(page, at))
  else if (kind === 'lens') bench.add(newLens(page, at))
  else bench.add(newZone(page, at))
}
function addShape(form: ShapeLook['form'], several: boolean) {
  if (several) tool.value = { is: 'place', make: (at) => newShape(props.page, at, form) }
  else bench.add(newShape(props.page, CENTRE, form))
}
/** A connector joins the two things that are selected. */
function addLine(sort: LineSort) {
  const two = selected.value.filter((item) => item.kind !== 'line')
  const joins =
    sort === 'connector' && two.length === 2 ? ([two[0]!.id, two[1]!.id] as [string, string]) : null
  bench.add(newLine(props.page, CENTRE, sort, joins))
}

function pictureItem(
  at: Point,
  picture: PictureRef,
  size: [number, number],
  credit: string,
  description: string,
  free: boolean,
): Item {
  return {
    kind: 'picture',
    id: newId(),
    frame: freePlace(props.page, at, size[0], size[1]),
    movement: free ? { kind: 'free' } : { kind: 'fixed' },
    description,
    picture,
    credit,
  }
}

function addLibrary(picture: LibraryPicture) {
  const ref_ = { from: 'LIBRARY' as const, name: picture.code }
  const where = finding.value
  finding.value = null
  if (!usePicture(where, ref_, picture.credit)) {
    const at = where && typeof where === 'object' && 'x' in where ? where : CENTRE
    bench.add(pictureItem(at, ref_, [160, 160], picture.credit, picture.name, true))
  }
}
function addFile(picture: StoredPicture, credit: string) {
  const ref_ = { from: 'FILE' as const, name: picture.sha256 }
  const where = finding.value
  if (usePicture(where, ref_, credit)) {
    finding.value = null
    return
  }
  const at = where && typeof where === 'object' && 'x' in where ? where : CENTRE
  addStored(picture, credit, at)
}
function addStored(picture: StoredPicture, credit: string, at: Point) {
  const scale = Math.min(600 / picture.width, 450 / picture.height, 2)
  const size: [number, number] = [Math.max(8, picture.width * scale), Math.max(8, picture.height * scale)]
  bench.add(pictureItem(at, { from: 'FILE', name: picture.sha256 }, size, credit, '', false))
}
/** Puts a picture on the other side or in the cell it was wanted for. */
function usePicture(where: typeof finding.value, picture: PictureRef, credit: string): boolean {
  const item = only.value
  if (where === 'side' && item) {
    bench.setTraits((traits) => ({
      ...traits,
      otherSide: { ...(ways(item).otherSide ?? { colour: '#ffffff', byTap: true }), picture },
    }))
    return true
  }
  if (Array.isArray(where) && item?.kind === 'table') {
    const [r, c] = where
    bench.setCell(item, r, c, { ...item.cells[r]![c]!, picture, credit })
    return true
  }
  return false
}

async function bringFiles(files: File[], at: Point) {
  const pictures = files.filter((file) => file.type.startsWith('image/'))
  if (pictures.length === 0) {
    props.editing.tell('Only pictures can be dropped here. Nothing changed.')
    return
  }
  // A picture let go over a cell fits itself to it.
  const onto = [...props.page.items].reverse().find((item) => item.kind === 'table' && inTable(item, at))
  const rows = pictures.map((file) => ({ name: file.name, share: 0, wrong: '' }))
  props.editing.tell(`Bringing in ${pictures.length === 1 ? 'a picture' : `${pictures.length} pictures`}`)
  await uploadAll(pictures, '', rows, (picture) => {
    if (onto?.kind === 'table' && pictures.length === 1) {
      const [r, c] = inTable(onto, at)!
      const now = bench.byId.value.get(onto.id)
      if (now?.kind === 'table') {
        bench.setCell(now, r, c, {
          ...now.cells[r]![c]!,
          picture: { from: 'FILE', name: picture.sha256 },
          credit: '',
        })
      }
    } else addStored(picture, '', at)
  })
  const wrong = rows.find((row) => row.wrong)
  props.editing.tell(wrong ? wrong.wrong : 'Say whose the picture is: select it and fill in its credit.')
}
function inTable(item: Extract<Item, { kind: 'table' }>, at: Point): [number, number] | null {
  const share = { x: (at.x - item.frame.x) / item.frame.width, y: (at.y - item.frame.y) / item.frame.height }
  if (item.frame.turn !== 0 || share.x < 0 || share.x > 1 || share.y < 0 || share.y > 1) return null
  const find = (sizes: number[], part: number) => {
    let left = part * sizes.reduce((a, b) => a + b, 0)
    return Math.max(
      0,
      sizes.findIndex((size) => (left -= size) <= 0),
    )
  }
  return [find(item.rows, share.y), find(item.columns, share.x)]
}

// Zoom ---------------------------------------------------------------------------------------------------------------

const LEAST = 0.25
const MOST = 4
/** At 100 % the page is this many CSS pixels wide. */
const WHOLE = 1280
const zoom = ref<'fit' | 'width' | number>('fit')
const room = ref({ width: 800, height: 560 })
const shownWidth = computed(() => {
  if (zoom.value === 'fit') return Math.min(room.value.width, (room.value.height - 34) * 1.6)
  return zoom.value === 'width' ? room.value.width : zoom.value * WHOLE
})
const percent = computed(() => Math.round((shownWidth.value / WHOLE) * 100))
let watcher: ResizeObserver | null = null
onMounted(() => {
  watcher = new ResizeObserver(([entry]) => {
    room.value = { width: entry!.contentRect.width, height: entry!.contentRect.height }
  })
  watcher.observe(middle.value!)
})
onBeforeUnmount(() => watcher?.disconnect())

/** The point under the hand stays under it. */
async function zoomTo(to: number, at?: { x: number; y: number }) {
  const box = middle.value!
  const sheet = box.querySelector('.sheet')!.getBoundingClientRect()
  const where = at ?? {
    x: box.getBoundingClientRect().left + box.clientWidth / 2,
    y: box.getBoundingClientRect().top + box.clientHeight / 2,
  }
  const share = { x: (where.x - sheet.left) / sheet.width, y: (where.y - sheet.top) / sheet.height }
  zoom.value = Math.min(MOST, Math.max(LEAST, to))
  await nextTick()
  const now = box.querySelector('.sheet')!.getBoundingClientRect()
  box.scrollLeft += now.left + share.x * now.width - where.x
  box.scrollTop += now.top + share.y * now.height - where.y
}
const step = (by: number) => zoomTo((shownWidth.value / WHOLE) * by)
function wheel(event: WheelEvent) {
  if (!event.ctrlKey && !event.metaKey) return
  event.preventDefault()
  void zoomTo((shownWidth.value / WHOLE) * Math.exp(-event.deltaY / 400), {
    x: event.clientX,
    y: event.clientY,
  })
}

// Two fingers pinch; with Space held, or the middle button, the page is pulled about.
const touches = new Map<number, { x: number; y: number }>()
let pinch: { apart: number; zoom: number } | null = null
let pan: { x: number; y: number } | null = null
function panDown(event: PointerEvent) {
  if (event.pointerType === 'touch') {
    touches.set(event.pointerId, { x: event.clientX, y: event.clientY })
    if (touches.size === 2) {
      pinch = { apart: apart(), zoom: shownWidth.value / WHOLE }
      event.stopPropagation()
    }
  }
  if (stage.value?.spaceHeld || event.button === 1) {
    pan = { x: event.clientX, y: event.clientY }
    event.preventDefault()
    event.stopPropagation()
  }
}
const apart = () => {
  const [a, b] = [...touches.values()]
  return Math.hypot(a!.x - b!.x, a!.y - b!.y) || 1
}
function panMove(event: PointerEvent) {
  if (touches.has(event.pointerId)) touches.set(event.pointerId, { x: event.clientX, y: event.clientY })
  if (pinch && touches.size === 2) {
    const [a, b] = [...touches.values()]
    void zoomTo((pinch.zoom * apart()) / pinch.apart, { x: (a!.x + b!.x) / 2, y: (a!.y + b!.y) / 2 })
  } else if (pan) {
    middle.value!.scrollLeft -= event.clientX - pan.x
    middle.value!.scrollTop -= event.clientY - pan.y
    pan = { x: event.clientX, y: event.clientY }
  }
}
function panUp(event: PointerEvent) {
  touches.delete(event.pointerId)
  if (touches.size < 2) pinch = null
  pan = null
}

// Keys and the clipboard ---------------------------------------------------------------------------------------------

const elsewhere = (event: Event) =>
  Boolean(
    (event.target as HTMLElement | null)?.closest?.(
      'input, textarea, select, [contenteditable], .el-overlay, dialog',
    ),
  )

function key(event: KeyboardEvent) {
  if (elsewhere(event)) return
  const mod = event.ctrlKey || event.metaKey
  const letter = event.key.toLowerCase()
  if (mod && letter === 'a') {
    bench.selectAll()
    stage.value?.root?.focus({ preventScroll: true })
  } else if ((event.key === 'Delete' || event.key === 'Backspace') && chosen.value.length > 0) bench.remove()
  else if (mod && letter === 'd') bench.duplicate()
  else if (mod && letter === 'g') {
    if (event.shiftKey) bench.ungroup()
    else bench.group()
  } else if (mod && letter === 'v' && event.shiftKey) bench.paste(true)
  else if (event.key === 'Escape' && tool.value.is !== 'hand') tool.value = { is: 'hand' }
  else return
  event.preventDefault()
}
function copy(event: ClipboardEvent) {
  if (elsewhere(event) || chosen.value.length === 0) return
  bench.takeAlong()
  event.clipboardData?.setData(
    'text/plain',
    selected.value
      .map((item) => (item.kind === 'words' ? item.content.text : ''))
      .filter(Boolean)
      .join('\n') || MARK,
  )
  event.preventDefault()
  if (event.type === 'cut') bench.remove()
}
/** Stands in the system's clipboard for items that have no words. */
const MARK = 'Glad Tile items'
let copied = ''
function paste(event: ClipboardEvent) {
  if (elsewhere(event)) return
  const files = [...(event.clipboardData?.files ?? [])]
  const text = event.clipboardData?.getData('text/plain') ?? ''
  event.preventDefault()
  if (files.length > 0) {
    void bringFiles(files, CENTRE).catch((error) => props.editing.tell(said(error)))
  } else if (text && text !== MARK && text !== ownText()) {
    bench.add(newWords(props.page, CENTRE, text.slice(0, 20_000)))
  } else bench.paste(false)
}
/** The words of what was copied here: when the clipboard says just that, the items themselves are meant. */
function ownText() {
  try {
    const items =
      (JSON.parse(localStorage.getItem('glad-tile-taken') ?? '{}') as { items?: Item[] }).items ?? []
    copied = items
      .map((item) => (item.kind === 'words' ? item.content.text : ''))
      .filter(Boolean)
      .join('\n')
  } catch {
    copied = ''
  }
  return copied
}
onMounted(() => {
  window.addEventListener('keydown', key)
  document.addEventListener('copy', copy)
  document.addEventListener('cut', copy)
  document.addEventListener('paste', paste)
})
onBeforeUnmount(() => {
  window.removeEventListener('keydown', key)
  document.removeEventListener('copy', copy)
  document.removeEventListener('cut', copy)
  document.removeEventListener('paste', paste)
})
watch(pageId, () => (tool.value = { is: 'hand' }))
</script>

<template>
  <div class="lay-out" :class="[taste.side.toLowerCase(), taste.size.toLowerCase()]">
    <aside class="panel" aria-label="What is selected">
      <InkPanel v-if="drawing" :bench="bench" />
      <ManyPanel v-else-if="selected.length > 1" :bench="bench" />
      <ItemPanel v-else-if="only" :key="only.id" :bench="bench" :item="only" @picture="finding = $event" />
      <PagePanel v-else :page="page" :editing="editing" />
    </aside>
    <section class="centre" aria-label="Page">
      <div class="bar">
        <strong>{{ page.name }}</strong>
        <button class="link" :aria-pressed="snapping" @click="snapping = !snapping">
          Guides {{ snapping ? 'on' : 'off' }}
        </button>
        <span v-if="nearlyFull" class="chip w">{{ page.items.length }} of {{ MOST_ITEMS }} items</span>
        <span v-for="other in others" :key="other.bench" class="chip">{{ other.name }} is here too</span>
        <span class="zoom">
          <button aria-label="Smaller" title="Smaller" @click="step(0.8)">
            <PhMagnifyingGlassMinus :size="20" aria-hidden="true" />
          </button>
          <span class="soft">{{ percent }}%</span>
          <button aria-label="Larger" title="Larger (Ctrl+wheel)" @click="step(1.25)">
            <PhMagnifyingGlassPlus :size="20" aria-hidden="true" />
          </button>
          <button class="link" :aria-pressed="zoom === 'fit'" @click="zoom = 'fit'">Fit</button>
          <button class="link" :aria-pressed="zoom === 'width'" @click="zoom = 'width'">Width</button>
        </span>
      </div>
      <div
        ref="middle"
        class="middle"
        @wheel="wheel"
        @pointerdown.capture="panDown"
        @pointermove="panMove"
        @pointerup.capture="panUp"
        @pointercancel.capture="panUp"
      >
        <PageStage
          ref="stage"
          :style="{ width: `${shownWidth}px` }"
          :bench="bench"
          :others="others"
          :snapping="snapping"
          @drop-tile="(kind, at) => addTile(kind as TileKind, at)"
          @drop-files="bringFiles"
        />
      </div>
    </section>
    <RackTiles class="rack" :drawing="drawing" @add="addTile" @shape="addShape" @line="addLine" />
    <PictureFinder v-if="finding" @close="finding = null" @library="addLibrary" @file="addFile" />
  </div>
</template>

<style scoped>
.lay-out {
  display: grid;
  grid-template-areas: 'panel centre' 'rack rack';
  grid-template-columns: 248px minmax(0, 1fr);
  grid-template-rows: minmax(0, 1fr) auto;
  min-height: 0;
}
.lay-out.right {
  grid-template-areas: 'centre panel' 'rack rack';
  grid-template-columns: minmax(0, 1fr) 248px;
}
.large .panel {
  font-size: 18px;
}
.wall .panel {
  font-size: 20px;
}
.lay-out.wall {
  grid-template-columns: 320px minmax(0, 1fr);
}
.lay-out.wall.right {
  grid-template-columns: minmax(0, 1fr) 320px;
}
.panel {
  grid-area: panel;
  overflow-y: auto;
  padding: 14px;
  border-right: 1px solid var(--line);
  border-left: 1px solid var(--line);
  background: var(--paper);
}
.centre {
  grid-area: centre;
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  min-width: 0;
  min-height: 0;
}
.bar {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
  padding: 12px 18px 6px;
  font-size: 14px;
}
.bar strong {
  overflow-wrap: anywhere;
}
.zoom {
  display: flex;
  gap: 4px;
  align-items: center;
  margin-left: auto;
}
.zoom button,
.link {
  min-width: 30px;
  min-height: 28px;
  padding: 2px 6px;
  border: 0;
  border-radius: 5px;
  background: none;
  color: var(--soft);
  cursor: pointer;
}
.zoom button:hover,
.link:hover {
  color: var(--ink);
  background: #0000000d;
}
.link[aria-pressed='true'] {
  color: var(--petrol-d);
  font-weight: 700;
}
.middle {
  overflow: auto;
  padding: 4px 16px 8px;
}
.middle > * {
  margin: 0 auto;
}
.rack {
  grid-area: rack;
}
</style>
