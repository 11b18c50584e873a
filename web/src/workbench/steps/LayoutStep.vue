<script setup lang="ts">
import { t } from '@/i18n'
import { PhMagnifyingGlassMinus, PhMagnifyingGlassPlus } from '@phosphor-icons/vue'
import { computed, defineAsyncComponent, onBeforeUnmount, onMounted, ref, toRef, watch } from 'vue'
import { errorText } from '@/api/client'
import type { Page } from '@/api/schema'
import type { Point } from '@/page/geometry'
import { useAdding } from '@/workbench/edits/adding'
import { makeBench } from '@/workbench/useWorkbench'
import type { Editing } from '@/workbench/edits/editing'
import ItemPanel from '@/workbench/panels/ItemPanel.vue'
import type { TileKind } from '@/workbench/edits/make'
import ManyPanel from '@/workbench/panels/ManyPanel.vue'
import PagePanel from '@/workbench/panels/PagePanel.vue'
import PageStage from '@/workbench/stage/PageStage.vue'
import { elsewhere } from '@/workbench/edits/linkTargets'
import { usePasteboard } from '@/workbench/edits/pasteboard'
import { put } from '@/workbench/library/library'
import type { DraggedPart } from '@/workbench/dragged'
import { loadTaste, preferences } from '@/workbench/edits/pens'
import { usePresence, type Elsewhere } from '@/workbench/presence'
import RackTiles from '@/workbench/stage/RackTiles.vue'
import { useZoom } from '@/workbench/stage/zoom'

/** Fetched when they are first needed. */
const VideoDialog = defineAsyncComponent(() => import('@/workbench/pictures/VideoDialog.vue'))
const InkPanel = defineAsyncComponent(() => import('@/workbench/panels/InkPanel.vue'))
const LibraryPanel = defineAsyncComponent(() => import('@/workbench/library/LibraryPanel.vue'))
const PictureFinder = defineAsyncComponent(() => import('@/workbench/pictures/PictureFinder.vue'))

/** Lay out: the page, what is selected on it, and the rack. */
const props = defineProps<{ editing: Editing; page: Page }>()
const emit = defineEmits<{ page: [id: string] }>()
const page = toRef(props, 'page')
const workbench = makeBench(props.editing, page)
const { chosen, only, selected, tool } = workbench
const stage = ref<InstanceType<typeof PageStage>>()
const middle = ref<HTMLElement>()
const snapping = ref(true)
const adding = useAdding(workbench, page)
const { wanted, bringing } = adding
const view = useZoom(
  middle,
  () => Boolean(stage.value?.spaceHeld),
  () => stage.value?.letGo(),
)
const { zoom, percent, shownWidth, step } = view

/** My library stands where the settings stand, so that the page is seen whole. */
const shelf = ref(false)
async function putPart(part: DraggedPart, at: Point) {
  try {
    const made = await put(workbench, part, at)
    if (made) emit('page', made)
  } catch (error) {
    props.editing.tell(errorText(error))
  }
}

onMounted(loadTaste)
const pageId = computed(() => props.page.id)
const { others, hear } = usePresence(props.editing.id, pageId, chosen)
const unhear = props.editing.onWhere((where) => hear(where as Elsewhere))
onBeforeUnmount(unhear)

const MOST_ITEMS = 2000
const drawing = computed(() => !['hand', 'place', 'area', 'targets'].includes(tool.value.is))
const nearlyFull = computed(() => props.page.items.length > MOST_ITEMS * 0.9)

function pictureFor(what: 'side' | 'poster' | 'replace' | 'fill' | [number, number]) {
  const id = only.value?.id
  if (id && what === 'replace') wanted.value = { replace: id }
  else if (id && what === 'fill') wanted.value = { fill: id }
  else if (id && what === 'poster') wanted.value = { poster: id }
  else if (id && typeof what !== 'string') wanted.value = { table: id, cell: what }
  else if (id) wanted.value = { side: id }
}

function key(event: KeyboardEvent) {
  if (elsewhere(event)) return
  const mod = event.ctrlKey || event.metaKey
  const letter = event.key.toLowerCase()
  if (mod && letter === 'a') {
    workbench.selectAll()
    stage.value?.root?.focus({ preventScroll: true })
  } else if ((event.key === 'Delete' || event.key === 'Backspace') && chosen.value.length > 0)
    workbench.remove()
  else if (mod && letter === 'd') workbench.duplicate()
  else if (mod && letter === 'g') {
    if (event.shiftKey) workbench.ungroup()
    else workbench.group()
  } else if (mod && letter === 'v' && event.shiftKey) workbench.paste(true)
  else if (event.key === 'Escape' && tool.value.is !== 'hand') tool.value = { is: 'hand' }
  else return
  event.preventDefault()
}
onMounted(() => window.addEventListener('keydown', key))
onBeforeUnmount(() => window.removeEventListener('keydown', key))
usePasteboard(workbench, () => props.page, adding.files)
watch(pageId, () => (tool.value = { is: 'hand' }))
</script>

<template>
  <div class="lay-out" :class="[preferences.side.toLowerCase(), preferences.size.toLowerCase()]">
    <aside class="panel" data-region :aria-label="t('workbench.what-is-selected')">
      <LibraryPanel v-if="shelf" :workbench="workbench" @page="emit('page', $event)" @close="shelf = false" />
      <InkPanel v-else-if="drawing" :workbench="workbench" />
      <ManyPanel v-else-if="selected.length > 1" :workbench="workbench" />
      <ItemPanel v-else-if="only" :key="only.id" :workbench="workbench" :item="only" @picture="pictureFor" />
      <PagePanel v-else :page="page" :editing="editing" />
    </aside>
    <section class="centre" :aria-label="t('shared.page')">
      <div class="bar">
        <strong>{{ page.name }}</strong>
        <button class="link" :aria-pressed="snapping" @click="snapping = !snapping">
          {{ t('workbench.guides-snapping', { snapping: snapping ? 'yes' : 'no' }) }}
        </button>
        <span v-if="nearlyFull" class="chip w">{{
          t('workbench.items-of-most', { items: page.items.length, most: MOST_ITEMS })
        }}</span>
        <span v-for="other in others" :key="other.workbench" class="chip">{{
          t('workbench.other-is-here-too', { other: other.name })
        }}</span>
        <span class="zoom">
          <button :aria-label="t('workbench.smaller')" :title="t('workbench.smaller')" @click="step(0.8)">
            <PhMagnifyingGlassMinus :size="20" aria-hidden="true" />
          </button>
          <span class="soft">{{ percent }}%</span>
          <button
            :aria-label="t('workbench.larger')"
            :title="t('workbench.larger-ctrl-wheel')"
            @click="step(1.25)"
          >
            <PhMagnifyingGlassPlus :size="20" aria-hidden="true" />
          </button>
          <button class="link" :aria-pressed="zoom === 'fit'" @click="zoom = 'fit'">
            {{ t('workbench.fit') }}
          </button>
          <button class="link" :aria-pressed="zoom === 'width'" @click="zoom = 'width'">
            {{ t('shared.width') }}
          </button>
        </span>
      </div>
      <div
        ref="middle"
        class="middle"
        data-region
        @wheel="view.wheel"
        @pointerdown.capture="view.down"
        @pointermove.capture="view.move"
        @pointerup.capture="view.up"
        @pointercancel.capture="view.up"
      >
        <PageStage
          ref="stage"
          :style="{ width: `${shownWidth}px` }"
          :workbench="workbench"
          :others="others"
          :snapping="snapping"
          @drop-tile="(kind, at) => adding.tile(kind as TileKind, at)"
          @drop-files="adding.files"
          @drop-part="putPart"
        />
      </div>
    </section>
    <RackTiles
      class="rack"
      data-region
      :drawing="drawing"
      :library="shelf"
      @library="shelf = !shelf"
      @add="adding.tileClicked"
      @shape="adding.shape"
      @line="adding.line"
    />
    <VideoDialog
      v-if="bringing"
      :file="bringing.file ?? null"
      @video="adding.video"
      @close="bringing = null"
    />
    <PictureFinder
      v-if="wanted"
      :several="'at' in wanted"
      @close="wanted = null"
      @library="adding.library"
      @many="adding.severalFromLibrary"
      @file="adding.file"
    />
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
  border-inline-end: 1px solid var(--line);
  border-inline-start: 1px solid var(--line);
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
  margin-inline-start: auto;
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
