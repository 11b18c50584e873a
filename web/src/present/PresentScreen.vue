<script setup lang="ts">
import { t } from '@/i18n'
import { PhCaretLeft, PhCaretRight } from '@phosphor-icons/vue'
import { computed, nextTick, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { needTeacher } from '@/accounts/me'
import { noSwipe } from '@/page/touch'
import { loadTaste } from '@/workbench/edits/pens'
import { useAwake } from './awake'
import PresentCards from './screen/PresentCards.vue'
import PresentFoot from './screen/PresentFoot.vue'
import PresentSheet from './screen/PresentSheet.vue'
import PresentTabs from './screen/PresentTabs.vue'
import { createPresent } from './screen/createPresent'
import { providePresent } from './screen/present'
import { useShortcuts } from './screen/shortcuts'

/** An activity in front of the class: the page as large as the screen allows, and the tools of whoever stands there. */
const props = defineProps<{ id: string }>()
const route = useRoute()
const router = useRouter()
useAwake()
const frame = ref<HTMLElement>()
const sheet = ref<HTMLElement>()
const place = ref<HTMLElement>()
const present = createPresent(sheet, place, () => void router.push('/activities'))
providePresent(present)
useShortcuts(present)
const { tools, told, tabs, pages, wall, dock, zooming } = present
const { show, at } = tabs
const { canTurn } = pages

const room = ref({ width: 1280, height: 700 })
const zoomStyle = computed(() => {
  const { scale, x, y } = zooming.zoom.value
  return scale === 1 ? undefined : { transform: `translate(${x}px, ${y}px) scale(${scale})` }
})
watch([at, () => show.value?.surface.value], zooming.whole)
const width = computed(() => {
  const { width, height } = room.value
  const fit = tools.settings.value.fit
  if (fit === 'width') return width
  return fit === 'height' ? height * 1.6 : Math.min(width, height * 1.6)
})
let watched: ResizeObserver | null = null
function measure() {
  const { clientWidth, clientHeight } = frame.value!
  room.value = { width: clientWidth, height: clientHeight }
  watched = new ResizeObserver(([entry]) => {
    if (entry) room.value = { width: entry.contentRect.width, height: entry.contentRect.height }
  })
  watched.observe(frame.value!)
}

/** What the address asks for: a class, a page, a student's page. */
async function openAddress() {
  if (!(await needTeacher())) return
  void loadTaste()
  const { class: classId, page, assignment, student } = route.query
  await tabs.open(props.id, typeof classId === 'string' ? classId : undefined)
  if (typeof page === 'string' && show.value?.pages.value.some((one) => one.id === page))
    await show.value.open(page)
  if (typeof assignment === 'string' && typeof student === 'string') await wall.put(assignment, student)
}
onMounted(async () => {
  measure()
  await told.run(openAddress)
})
onBeforeUnmount(() => {
  watched?.disconnect()
  if (document.fullscreenElement) void document.exitFullscreen()
})
watch(
  () => [show.value?.work.view.title, show.value?.page.value.name],
  ([title, page]) => {
    if (title) document.title = `${page} · ${title}`
  },
)
/** The drawings of the page have names, so that the magnifier can show them again. */
const SEEN = ['presented-page', 'presented-ink']
watch(
  [sheet, () => show.value?.page.value.id],
  async () => {
    await nextTick()
    sheet.value?.querySelector('svg.doing')?.setAttribute('id', SEEN[0]!)
    sheet.value?.querySelector('svg.ink-board')?.setAttribute('id', SEEN[1]!)
  },
  { flush: 'post' },
)
</script>

<template>
  <main class="present" :class="tools.settings.value.side">
    <h1 class="unseen">{{ show?.work.view.title ?? t('shared.present') }}</h1>
    <PresentTabs />
    <div
      ref="frame"
      class="frame"
      :class="tools.settings.value.fit"
      @pointerdown.capture="zooming.down"
      @wheel="zooming.wheel"
      @pointerdown="dock.pressed"
      @pointermove="dock.long.move"
      @pointerup="dock.long.end"
      @pointercancel="dock.long.end"
    >
      <div v-if="show" :key="at" ref="place" class="place" :style="{ width: `${width}px` }">
        <div ref="sheet" class="sheet" :style="zoomStyle" @touchmove="noSwipe">
          <PresentSheet :show="show" :seen="SEEN" />
        </div>
      </div>
    </div>
    <button
      class="turn back"
      :aria-label="t('present.page-before')"
      :disabled="!canTurn.back"
      @click="pages.turn(-1)"
    >
      <PhCaretLeft :size="30" aria-hidden="true" />
    </button>
    <button
      class="turn on"
      :aria-label="t('present.next-page')"
      :disabled="!canTurn.on"
      @click="pages.turn(1)"
    >
      <PhCaretRight :size="30" aria-hidden="true" />
    </button>
    <PresentFoot v-if="show" :show="show" />
    <PresentCards v-if="show" :show="show" :room="room" />
  </main>
</template>

<style scoped>
.present {
  position: fixed;
  inset: 0;
  display: grid;
  grid-template-areas: 'tabs' 'frame' 'foot';
  grid-template-rows: auto minmax(0, 1fr) auto;
  overflow: hidden;
  background: #14282e;
  color: #e8f1f1;
}
.present.left {
  grid-template-areas: 'tabs tabs' 'foot frame';
  grid-template-columns: auto minmax(0, 1fr);
  grid-template-rows: auto minmax(0, 1fr);
}
.present.right {
  grid-template-areas: 'tabs tabs' 'frame foot';
  grid-template-columns: minmax(0, 1fr) auto;
  grid-template-rows: auto minmax(0, 1fr);
}
.frame {
  position: relative;
  display: grid;
  grid-area: frame;
  place-items: center;
  margin: 0 70px;
  overflow: hidden;
}
.frame.width,
.frame.height {
  place-items: start center;
  overflow: auto;
}
.place {
  position: relative;
  flex: none;
  overflow: hidden;
}
.sheet {
  position: relative;
  transform-origin: 0 0;
  background: #fff;
}
.turn {
  position: absolute;
  top: calc(50% - 60px);
  display: grid;
  place-items: center;
  width: 52px;
  height: 92px;
  border: 0;
  border-radius: 14px 14px 14px 4px;
  background: #ffffff26;
  color: #fff;
  cursor: pointer;
}
.turn:disabled {
  opacity: 0.25;
  cursor: default;
}
.back {
  left: 9px;
}
.on {
  right: 9px;
}
.left .back {
  left: auto;
  right: 9px;
  top: calc(50% - 160px);
}
.right .on {
  right: auto;
  left: 9px;
}
.right .back {
  top: calc(50% - 160px);
}
.unseen {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}
</style>
