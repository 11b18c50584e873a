<script setup lang="ts">
import {
  PhCaretLeft,
  PhCaretRight,
  PhChecks,
  PhDeviceTablet,
  PhPlus,
  PhRecord,
  PhX,
} from '@phosphor-icons/vue'
import { computed, nextTick, onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { get, Refusal, said } from '@/api/client'
import type { ActivityHead, ClassHead, DrawnStroke, LessonHead, Link } from '@/api/schema'
import { needTeacher } from '@/accounts/me'
import { PAGE, type Point } from '@/page/geometry'
import type { StrokeStyle } from '@/page/ink'
import { cornersOf, isReshapable, provideReshaped } from '@/page/reshaped'
import { pageOf } from '@/page/links'
import { noSwipe } from '@/page/touch'
import { toldOfCheck } from '@/work/rules/feedback'
import LeaveDialog from '@/work/page/LeaveDialog.vue'
import StudentPage from '@/work/page/StudentPage.vue'
import { newWords } from '@/workbench/edits/make'
import { loadTaste, pens } from '@/workbench/edits/pens'
import { upload } from '@/workbench/pictures/upload'
import { useAwake } from './awake'
import CalculatorCard from './CalculatorCard.vue'
import CoverBoard from './CoverBoard.vue'
import DocumentBoard from './DocumentBoard.vue'
import InkBoard from './InkBoard.vue'
import GroupsCard from './GroupsCard.vue'
import { keyOf } from './keys'
import { useLeading } from './leading'
import InstrumentBoard from './InstrumentBoard.vue'
import type { Instrument, InstrumentKind } from './instruments'
import { useLongPress } from './longPress'
import LassoBoard from './LassoBoard.vue'
import LiveBoard from './LiveBoard.vue'
import { openLive, type LiveKind, type LiveSource } from './liveSource'
import MagnifierBoard from './MagnifierBoard.vue'
import OtherDays from './OtherDays.vue'
import PageOnWall from './PageOnWall.vue'
import PageStrip from './PageStrip.vue'
import PictureBoard from './PictureBoard.vue'
import PictureCard from './PictureCard.vue'
import PresentDock, { type Panel } from './PresentDock.vue'
import { openPresentation, UNCOVERED, type Presentation } from './presentation'
import { freshPolygon } from './polygon'
import PolygonBoard from './PolygonBoard.vue'
import { putOnPage } from './putOnPages'
import RecordCard from './RecordCard.vue'
import { useRecorder } from './recorder'
import RecordingsDialog from './RecordingsDialog.vue'
import ScaleBoard from './ScaleBoard.vue'
import ScreenKeyboard from './ScreenKeyboard.vue'
import SpotlightBoard from './SpotlightBoard.vue'
import { studentOnWall, type StudentOnWall } from './studentOnWall'
import { asPng, partOf, pictureOf } from './stagePicture'
import { inkItems, NEAT_WORDS, type NeatOffer } from './strokes'
import StudentPicker from './StudentPicker.vue'
import TimerCard from './TimerCard.vue'
import ToolOptions from './ToolOptions.vue'
import { useTimers } from './timers'
import { useTools } from './tools'
import TurnCard from './TurnCard.vue'
import { STEP, useZoom } from './zoom'

/** An activity in front of the class: the page as large as the screen allows, and the tools of whoever stands there. */
const props = defineProps<{ id: string }>()
const route = useRoute()
const router = useRouter()
const tools = useTools()
const timers = useTimers()
useAwake()
const tabs = shallowRef<Presentation[]>([])
const at = ref(0)
const show = computed(() => tabs.value[at.value])
const leading = useLeading(() => show.value, timers)
const wrong = ref('')
const words = ref('')
/** A student's page that stands in the place of ours. */
const onWall = shallowRef<StudentOnWall | null>(null)
const choosingStudent = ref(false)
const panel = ref<Panel | null>(null)
const strip = ref(false)
const turns = ref(false)
const calculating = ref(false)
/** The tools are put away; a long press calls them to where one stands. */
const away = ref(false)
const called = ref<{ x: number; y: number } | null>(null)
const long = useLongPress((at) => {
  if (tools.tool.value !== 'move') return
  called.value = {
    x: Math.min(at.x, Math.max(0, window.innerWidth - 500)),
    y: Math.min(at.y, Math.max(0, window.innerHeight - 220)),
  }
})
function pressed(event: PointerEvent) {
  // What a tool can be set to is out of the way once it is used.
  if (tools.tool.value !== 'move' && (event.target as Element).closest('.ink-board, .lasso > svg'))
    panel.value = null
  long.down(event)
}
watch([tools.tool, tools.overlays, panel], () => (called.value = null))
const adding = ref<ActivityHead[] | null>(null)
const days = ref<LessonHead[] | null>(null)
const classes = shallowRef<ClassHead[]>([])
const leaving = ref('')
const frame = ref<HTMLElement>()
const sheet = ref<HTMLElement>()
const room = ref({ width: 1280, height: 700 })
/** Where the page lies while it is not zoomed. */
const place = ref<HTMLElement>()
const zooming = useZoom(place, () => tools.tool.value === 'move')
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
/** At the right edge, where the least of a page is hidden. */
const timersAt = computed(() => Math.max(0, room.value.width + 70 - 262))
const look = computed<StrokeStyle>(() => {
  const { settings, tool } = tools
  const pen = pens[tool.value === 'highlighter' ? settings.value.highlighter : settings.value.pen]!
  return { tool: pen.tool, colour: pen.colour, width: pen.width, dash: pen.dash }
})

async function openTab(activityId: string, classId?: string) {
  const there = tabs.value.findIndex((one) => one.activityId === activityId && one.classId === classId)
  if (there >= 0) at.value = there
  else {
    const made = await openPresentation(activityId, classId)
    tabs.value = [...tabs.value, made]
    at.value = tabs.value.length - 1
  }
}
onMounted(async () => {
  window.addEventListener('keydown', key)
  measure()
  try {
    if (!(await needTeacher())) return
    void loadTaste()
    const classId = typeof route.query.class === 'string' ? route.query.class : undefined
    await openTab(props.id, classId)
    const page = route.query.page
    if (typeof page === 'string' && show.value?.pages.value.some((one) => one.id === page))
      await show.value.open(page)
    const { assignment, student } = route.query
    if (typeof assignment === 'string' && typeof student === 'string') await putOnWall(assignment, student)
  } catch (error) {
    wrong.value = said(error)
  }
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
onBeforeUnmount(() => {
  window.removeEventListener('keydown', key)
  watched?.disconnect()
  if (document.fullscreenElement) void document.exitFullscreen()
})
watch(
  () => [show.value?.work.view.title, show.value?.page.value.name],
  ([title, page]) => {
    if (title) document.title = `${page} · ${title}`
  },
)

async function go(to: number) {
  const page = show.value?.pages.value[to]
  if (!page) return
  await run(() => show.value!.open(page.id))
  words.value = `Page ${to + 1}: ${page.name}`
}
/** Where pages are on their way to: who presses twice goes two pages on, however long one takes. */
let aim: number | null = null
async function turn(by: 1 | -1) {
  const one = show.value!
  if (one.document.value) return turnDocument(by)
  const to = Math.max(0, Math.min(one.pages.value.length - 1, (aim ?? one.index.value) + by))
  aim = to
  await go(to)
  if (aim === to) aim = null
}
function turnDocument(by: 1 | -1) {
  const { document } = show.value!
  const { file, page, pages } = document.value!
  const to = Math.max(0, Math.min(pages - 1, page + by))
  document.value = { file, page: to, pages }
  words.value = `Page ${to + 1} of ${pages} of the document`
}
function closeDocument() {
  show.value!.document.value = null
  words.value = ''
}
/** What lies on top is turned: the document, else the page. */
const canTurn = computed(() => {
  const one = show.value
  if (!one) return { back: false, on: false }
  const [at, of] = one.document.value
    ? [one.document.value.page, one.document.value.pages]
    : [one.index.value, one.pages.value.length]
  return { back: at > 0, on: at < of - 1 }
})
async function run(what: () => unknown) {
  try {
    await what()
    wrong.value = ''
  } catch (error) {
    wrong.value = said(error)
  }
}
function follow(to: Link) {
  const { work, page } = show.value!
  if (to.kind === 'file') show.value!.document.value = { file: to.file, page: 0, pages: 1 }
  else if (to.kind === 'web') leaving.value = to.address
  else if (to.kind === 'spots')
    void run(() => work.make({ kind: 'reveal', pageId: page.value.id, itemIds: to.itemIds }))
  else {
    const came = work.state.value.came ?? []
    const course = work.course.value
    const target = pageOf(to, course, page.value.id, course.pages[0]!, came)
    if (target) void run(() => show.value!.open(target, to.kind === 'back'))
    else words.value = 'There is no page there'
  }
}
/** What is judged only when it is asked for. */
async function check() {
  const { work, page } = show.value!
  await run(async () => {
    const verdict = await work.make({ kind: 'check', pageId: page.value.id })
    if (verdict) words.value = toldOfCheck(verdict)
  })
}
async function putOnWall(assignmentId: string, studentId: string) {
  choosingStudent.value = false
  onWall.value?.close()
  onWall.value = null
  await run(async () => {
    const one = await studentOnWall(assignmentId, studentId)
    onWall.value = one
    // Where they are is what is talked about.
    if (show.value!.pages.value.some((page) => page.id === one.shown.value.state.pageId))
      await show.value!.open(one.shown.value.state.pageId)
  })
}
function takeDown() {
  onWall.value?.close()
  onWall.value = null
}
watch(at, takeDown)
onBeforeUnmount(takeDown)
/** Part of the page is being chosen for a picture; then the picture itself. */
const picturing = ref(false)
const picture = shallowRef<Blob | null>(null)
/** Sharp enough to be printed, and on the largest wall. */
const PICTURE_WIDTH = 2400
async function takePicture(around: Point[]) {
  const element = sheet.value!
  lassoed.value = []
  await nextTick()
  words.value = 'The picture is being made'
  await run(async () => {
    const whole = await pictureOf(element, PICTURE_WIDTH, '.eraser, .picture-board, .control')
    picture.value = await asPng(partOf(whole, around))
  })
  words.value = ''
  picturing.value = false
}
/** Something was put on a page: it is shown there at once. */
async function wasPut(pageId: string) {
  picture.value = null
  await run(async () => {
    await show.value!.work.refresh()
    await show.value!.open(pageId)
  })
  words.value = 'It is on the page'
}
const recorder = useRecorder({
  sheet: () => sheet.value,
  activityId: () => show.value!.activityId,
  title: () => show.value!.work.view.title,
  pageName: () => show.value?.document.value?.file.name || (show.value?.page.value.name ?? ''),
})
const recordCard = ref(false)
const recordings = ref(false)
/** The recording that was just made. */
const recorded = ref<string | null>(null)
async function endRecording() {
  const made = await recorder.end()
  if (!made) return
  recordCard.value = false
  recorded.value = made.id
  recordings.value = true
}
const live = shallowRef<LiveSource | null>(null)
async function showLive(kind: LiveKind) {
  panel.value = null
  closeLive()
  live.value = await openLive(kind)
  if (live.value.practice)
    words.value =
      kind === 'camera'
        ? 'The camera cannot be used here. A practice picture stands in for it.'
        : 'No window was chosen. A practice picture stands in for it.'
}
function closeLive() {
  live.value?.stop()
  live.value = null
}
onBeforeUnmount(closeLive)
function toPanel(one: Panel) {
  panel.value = panel.value === one ? null : one
  if (panel.value === 'class' && !classes.value.length)
    void run(async () => {
      classes.value = (await get('/api/v1/classes')).filter((each) => !each.archived)
    })
}
watch(tools.tool, (tool) => {
  // A tool shows what it can be set to before the first stroke.
  panel.value = tool === 'move' || tool === 'pointer' ? null : tool
})
watch(tools.overlays, (now, was) => {
  const fresh = now.find((one) => !was.includes(one))
  if (fresh === 'spotlight' || fresh === 'magnifier') panel.value = fresh
  else if (!now.includes(panel.value as never) && was.includes(panel.value as never)) panel.value = null
})
provideReshaped(() => show.value?.reshaped.value ?? {})
/** Shapes of the page that the teacher lets be pulled, where they are now. */
const reshapable = computed(() => show.value?.page.value.items.filter(isReshapable) ?? [])
const reshapableCorners = computed(() =>
  reshapable.value.map((item) => show.value!.reshaped.value[item.id] ?? cornersOf(item)!),
)
function reshape(all: Point[][]) {
  const { reshaped } = show.value!
  const changed = reshapable.value.flatMap((item, i) =>
    all[i] === reshapableCorners.value[i] ? [] : [[item.id, all[i]!] as const],
  )
  reshaped.value = { ...reshaped.value, ...Object.fromEntries(changed) }
}
const covered = computed(() => show.value?.covers.value[show.value.surface.value])
function addShape(corners: number) {
  const { polygons, surface } = show.value!
  const there = polygons.value[surface.value] ?? []
  polygons.value = { ...polygons.value, [surface.value]: [...there, freshPolygon(corners)] }
  tools.tool.value = 'move'
}
const scaling = ref(false)
const grouping = ref(false)
const typing = ref(false)
/** What was worked out stands on the page as words. */
async function putLines(lines: string[]) {
  const one = show.value!
  await run(async () => {
    const { activity } = await get(`/api/v1/activities/${one.activityId}`)
    const page = activity.pages.find((each) => each.id === one.page.value.id)
    if (!page) throw new Refusal(404, 'This page is not in the activity any more. Nothing was changed.')
    const item = newWords(page, { x: PAGE.width / 2, y: PAGE.height / 2 }, lines.join('\n'))
    await wasPut(await putOnPage(one.activityId, page.id, [item], false))
  })
}
/** A colour, or a picture of one's own. */
async function coverWith(what: string | File) {
  await run(async () => {
    const cover = typeof what === 'string' ? what : `/api/v1/files/${(await upload(what, '')).sha256}`
    tools.set({ cover })
  })
}
/** Each page is covered for itself. */
function toggleCover() {
  const one = show.value!
  const { [one.surface.value]: there, ...others } = one.covers.value
  one.covers.value = there ? others : { ...others, [one.surface.value]: UNCOVERED }
  panel.value = there ? null : 'cover'
}

const LENGTHS: Record<InstrumentKind, number> = {
  RULER: 620,
  SET_SQUARE_45: 380,
  SET_SQUARE_30_60: 460,
  PROTRACTOR: 280,
  FULL_PROTRACTOR: 240,
  COMPASSES: 200,
}
/** Apart from each other, and most of them from the title. */
const PLACES: Record<InstrumentKind, { x: number; y: number }> = {
  RULER: { x: 500, y: 780 },
  SET_SQUARE_45: { x: 1120, y: 260 },
  SET_SQUARE_30_60: { x: 180, y: 260 },
  PROTRACTOR: { x: 800, y: 620 },
  FULL_PROTRACTOR: { x: 1250, y: 560 },
  COMPASSES: { x: 420, y: 480 },
}
/** One of each kind lies there at most. */
function toggleInstrument(kind: InstrumentKind) {
  const { instruments } = show.value!
  const there = instruments.value.some((one) => one.kind === kind)
  const fresh = { kind, ...PLACES[kind], turn: 0, length: LENGTHS[kind] }
  instruments.value = there
    ? instruments.value.filter((one) => one.kind !== kind)
    : [...instruments.value, fresh]
}
function setInstrument(index: number, to: Instrument) {
  const { instruments } = show.value!
  instruments.value = instruments.value.map((one, i) => (i === index ? to : one))
}

/** Ink in the lasso lies on a layer of its own. */
const lassoed = ref<string[]>([])
const inkBelow = computed(() => {
  const there = new Set(lassoed.value)
  const all = show.value?.strokes.value ?? []
  return there.size ? all.filter((one) => !there.has(one.id)) : all
})
const offered = shallowRef<NeatOffer | null>(null)
const offerAt = computed(() => ({
  left: `${(offered.value!.at.x / PAGE.width) * 100}%`,
  top: `${(offered.value!.at.y / PAGE.height) * 100}%`,
}))
watch([tools.tool, at, () => show.value?.surface.value], () => {
  lassoed.value = []
  offered.value = null
})
function draw(drawn: DrawnStroke[], gone: string[]) {
  offered.value = null
  show.value!.draw(drawn, gone)
}
function takeOffer() {
  const { drawn, gone } = offered.value!
  draw(drawn, gone)
}
/** Ink becomes things on the page, and is ink no longer. */
async function keepInk(strokes: DrawnStroke[]) {
  const one = show.value!
  const pageId = one.page.value.id
  await run(async () => {
    await putOnPage(one.activityId, pageId, inkItems(strokes), false)
    lassoed.value = []
    one.ink.change({ pageId: one.surface.value, drawn: [], gone: strokes.map((each) => each.id) })
    await one.work.refresh()
    words.value = 'The ink stays on the page. Take it away again in the workbench'
  })
}

async function everything() {
  const { strokes, moved, wipe, startAgain } = show.value!
  if (strokes.value.length) wipe()
  if (moved.value) await startAgain()
}
async function clear(what: 'ink' | 'moved' | 'everything') {
  panel.value = null
  await run(async () => {
    if (what === 'ink') show.value!.wipe()
    else if (what === 'moved') await show.value!.startAgain()
    else await everything()
  })
  words.value = 'Cleared. Undo brings it back'
}
/** Another class is another lesson, with ink of its own. */
async function toClass(id: string) {
  panel.value = null
  const { activityId, work } = show.value!
  await run(async () => {
    const made = await openPresentation(activityId, id || undefined, work)
    tabs.value = tabs.value.map((one, i) => (i === at.value ? made : one))
  })
}
async function otherDays() {
  panel.value = null
  await run(async () => {
    days.value = await get(`/api/v1/activities/${show.value!.activityId}/lessons`)
  })
}
/** Ink of another day is put on today's, as if it were written again. */
function takeInk(ink: Record<string, DrawnStroke[]>) {
  days.value = null
  const one = show.value!
  for (const [pageId, drawn] of Object.entries(ink)) {
    const fresh = drawn.map((stroke) => ({ ...stroke, id: crypto.randomUUID() }))
    one.ink.change({ pageId, drawn: fresh, gone: [] })
  }
  words.value = 'The ink is on the pages'
}
async function chooseActivity() {
  await run(async () => {
    adding.value = await get('/api/v1/activities')
  })
}
async function add(activity: ActivityHead) {
  adding.value = null
  await run(() => openTab(activity.id, show.value?.classId))
}
function closeTab(index: number) {
  if (tabs.value.length === 1) return leave()
  tabs.value = tabs.value.filter((_, i) => i !== index)
  at.value = Math.min(at.value, tabs.value.length - 1)
}
const leave = () => void router.push('/activities')
function fullScreen() {
  panel.value = null
  if (document.fullscreenElement) void document.exitFullscreen()
  else
    document.documentElement
      .requestFullscreen()
      .catch(() => (words.value = 'This browser does not let the page fill the screen'))
}

function key(event: KeyboardEvent) {
  const does = keyOf(event)
  if (!does || !show.value || document.querySelector('dialog[open]')) return
  event.preventDefault()
  if (does.is === 'tool') tools.tool.value = does.tool
  else if (does.is === 'overlay') tools.toggle(does.overlay)
  else if (does.is === 'cover') toggleCover()
  else if (does.is === 'record') recordCard.value = !recordCard.value
  else if (does.is === 'panel') toPanel(does.panel)
  else if (does.is === 'page') void turn(does.by)
  else if (does.is === 'undo') void run(show.value.undo)
  else if (panel.value || strip.value || called.value) {
    panel.value = null
    strip.value = false
    called.value = null
  } else if (show.value.document.value && tools.tool.value === 'move') closeDocument()
  else tools.tool.value = 'move'
}
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
    <h1 class="unseen">{{ show?.work.view.title ?? 'Present' }}</h1>
    <header class="tabs">
      <div
        v-for="(tab, i) in tabs"
        :key="`${tab.activityId}-${tab.classId}`"
        class="tab"
        :class="{ here: i === at }"
      >
        <button :aria-current="i === at ? 'true' : undefined" @click="at = i">
          {{ tab.work.view.title }}
        </button>
        <button class="x" :aria-label="`Close ${tab.work.view.title}`" title="Close" @click="closeTab(i)">
          <PhX :size="14" aria-hidden="true" />
        </button>
      </div>
      <button class="plus" aria-label="Another activity" title="Another activity" @click="chooseActivity">
        <PhPlus :size="18" aria-hidden="true" />
      </button>
      <span class="told" role="status">{{
        show?.ink.wrong.value || show?.notKept.value || wrong || leading.words.value || words
      }}</span>
      <div v-if="onWall" class="on-wall">
        <strong>{{ onWall.title.value }}</strong>
        <label><input v-model="onWall.named.value" type="checkbox" />With the name</label>
        <button @click="takeDown">Back to our page</button>
      </div>
      <div v-else-if="show?.document.value" class="on-wall">
        <strong>{{ show.document.value.file.name || 'A document' }}</strong>
        <span v-if="show.document.value.pages > 1"
          >{{ show.document.value.page + 1 }} of {{ show.document.value.pages }}</span
        >
        <button @click="closeDocument">Back to our page</button>
      </div>
      <button
        v-if="recorder.standing.value === 'on' && !recordCard"
        class="plus led"
        @click="recordCard = true"
      >
        <PhRecord :size="18" weight="fill" aria-hidden="true" />Recording
      </button>
      <button v-if="leading.following.value" class="plus led" @click="leading.following.value = false">
        <PhDeviceTablet :size="18" weight="fill" aria-hidden="true" />Tablets follow. Stop
      </button>
      <button class="plus end" @click="leave">Leave</button>
    </header>
    <div
      ref="frame"
      class="frame"
      :class="tools.settings.value.fit"
      @pointerdown.capture="zooming.down"
      @wheel="zooming.wheel"
      @pointerdown="pressed"
      @pointermove="long.move"
      @pointerup="long.end"
      @pointercancel="long.end"
    >
      <div v-if="show" :key="at" ref="place" class="place" :style="{ width: `${width}px` }">
        <div ref="sheet" class="sheet" :style="zoomStyle" @touchmove="noSwipe">
          <PageOnWall v-if="onWall" :page-id="show.page.value.id" :shown="onWall.shown.value" />
          <StudentPage
            v-else
            :page="show.page.value"
            :work="show.work"
            :resting="false"
            :erased="[]"
            @say="words = $event"
            @hint="words = $event"
            @follow="follow"
            @remember="show.rememberAct"
          />
          <DocumentBoard
            v-if="show.document.value"
            :key="show.document.value.file.sha256"
            :open="show.document.value"
            @pages="show.document.value = { ...show.document.value, pages: $event }"
          />
          <LiveBoard v-if="live" :key="live.stream.id" :source="live" @close="closeLive" />
          <InkBoard
            :key="show.surface.value"
            :ink="inkBelow"
            :encircles="tools.settings.value.encircles"
            :manner="tools.settings.value.manner"
            :neat="tools.settings.value.neat"
            :tool="tools.tool.value"
            :style="look"
            :eraser="tools.settings.value.eraser"
            :whole-strokes="tools.settings.value.wholeStrokes"
            :instruments="show.instruments.value"
            @change="draw"
            @offer="offered = $event"
          />
          <LassoBoard
            v-if="tools.tool.value === 'lasso'"
            :key="`lasso-${show.surface.value}`"
            :ink="show.strokes.value"
            :chosen="lassoed"
            @choose="lassoed = $event"
            @change="show.draw"
            @keep="keepInk"
            @say="words = $event"
          />
          <button v-if="offered" class="btn neat control" :style="offerAt" @click="takeOffer">
            {{ NEAT_WORDS[offered.kind] }}
          </button>
          <PolygonBoard
            v-if="reshapable.length && !onWall && !show.document.value"
            of-page
            :all="reshapableCorners"
            :per-unit="show.scaleOf(show.surface.value).per"
            :unit="show.scaleOf(show.surface.value).unit"
            :holds="tools.tool.value === 'move'"
            :quiet="!tools.settings.value.readings"
            @began="show.rememberShapes"
            @change="reshape"
          />
          <PolygonBoard
            v-if="show.polygons.value[show.surface.value]?.length"
            :all="show.polygons.value[show.surface.value]!"
            :per-unit="show.scaleOf(show.surface.value).per"
            :unit="show.scaleOf(show.surface.value).unit"
            :holds="tools.tool.value === 'move'"
            :quiet="!tools.settings.value.readings"
            @change="show.polygons.value = { ...show.polygons.value, [show.surface.value]: $event }"
          />
          <InstrumentBoard
            v-if="show.instruments.value.length"
            :all="show.instruments.value"
            :per-unit="show.scaleOf(show.surface.value).per"
            :unit="show.scaleOf(show.surface.value).unit"
            :holds="tools.tool.value === 'move'"
            @change="setInstrument"
            @remove="show.instruments.value = show.instruments.value.filter((_, i) => i !== $event)"
          />
          <MagnifierBoard
            v-if="tools.has('magnifier')"
            :at="show.lens.value"
            :times="tools.settings.value.magnify"
            :seen="SEEN"
            @move="show.lens.value = $event"
          />
          <SpotlightBoard
            v-if="tools.has('spotlight')"
            :spot="show.spot.value"
            :dim="tools.settings.value.dim"
            @change="show.spot.value = $event"
          />
          <CoverBoard
            v-if="covered"
            :covered="covered"
            :made-of="tools.settings.value.cover"
            @change="show.covers.value = { ...show.covers.value, [show.surface.value]: $event }"
          />
          <ScaleBoard
            v-if="scaling"
            :unit="show.scaleOf(show.surface.value).unit"
            @set="((scaling = false), show.setScale(show.surface.value, $event))"
            @cancel="scaling = false"
          />
          <PictureBoard v-if="picturing" @take="takePicture" @cancel="picturing = false" />
        </div>
      </div>
    </div>
    <button class="turn back" aria-label="Page before" :disabled="!canTurn.back" @click="turn(-1)">
      <PhCaretLeft :size="30" aria-hidden="true" />
    </button>
    <button class="turn on" aria-label="Next page" :disabled="!canTurn.on" @click="turn(1)">
      <PhCaretRight :size="30" aria-hidden="true" />
    </button>
    <footer v-if="show" class="foot">
      <ToolOptions
        v-if="panel && !['move', 'pointer'].includes(panel)"
        class="above"
        :panel="panel"
        :tools="tools"
        :timers="timers"
        :show="show"
        :classes="classes"
        @all="((panel = null), (lassoed = show.strokes.value.map((one) => one.id)))"
        @wipe="clear('ink')"
        @again="clear('moved')"
        @everything="clear('everything')"
        @class="toClass"
        :following="leading.following.value"
        @follow="leading.following.value = !leading.following.value"
        @student="((panel = null), (choosingStudent = true))"
        @names="((turns = true), (panel = null))"
        @screen="fullScreen"
        :zoomed="zooming.zoom.value.scale > 1"
        @larger="zooming.by(STEP)"
        @smaller="zooming.by(1 / STEP)"
        @whole="zooming.whole"
        @lessons="otherDays"
        @keyboard="((panel = null), (typing = true))"
        @picture="((panel = null), (picturing = true))"
        @live="showLive"
        @away="((away = true), (panel = null))"
        @scale="((panel = null), (scaling = true))"
        @cover="coverWith"
        @shape="addShape"
        @groups="((grouping = true), (panel = null))"
        @calculator="((calculating = true), (panel = null))"
        @instrument="toggleInstrument"
        @round="show.spot.value = { ...show.spot.value, round: $event }"
        @close="panel = null"
      />
      <button v-if="away && !called" class="call" @click="away = false">Show the tools</button>
      <PresentDock
        v-else
        :class="{ called }"
        :style="called ? { left: `${called.x}px`, top: `${called.y}px` } : undefined"
        :tools="tools"
        :panel="panel"
        :covered="Boolean(covered)"
        :recording="recorder.standing.value !== 'off'"
        :can-undo="show.canUndo.value"
        @cover="toggleCover"
        @record="((panel = null), (recordCard = !recordCard))"
        @panel="toPanel"
        @undo="run(show.undo)"
      />
      <button v-if="show.page.value.onCheck?.length" class="check" @click="check">
        <PhChecks :size="24" aria-hidden="true" />Check
      </button>
      <button class="where" :aria-expanded="strip" title="All pages" @click="strip = !strip">
        {{ show.index.value + 1 }} of {{ show.pages.value.length }}
      </button>
    </footer>
    <PageStrip
      v-if="strip && show"
      :pages="show.pages.value"
      :index="show.index.value"
      @go="((strip = false), go($event))"
    />
    <TimerCard
      v-for="(timer, i) in timers.timers.value"
      :key="timer.id"
      :timer="timer"
      :now="timers.now.value"
      :x="timersAt - i * 30"
      :y="44 + i * 90"
      @pause="timers.pause(timer.id)"
      @again="timers.again(timer.id)"
      :shared="show?.classId ? leading.onTablets.value.includes(timer.id) : undefined"
      @tablets="leading.toggle(timer.id)"
      @close="timers.remove(timer.id)"
    />
    <StudentPicker
      v-if="choosingStudent && show?.classId"
      :activity-id="show.activityId"
      :class-id="show.classId"
      :x="90"
      :y="60"
      @show="putOnWall"
      @close="choosingStudent = false"
    />
    <PictureCard
      v-if="picture && show"
      :picture="picture"
      :activity-id="show.activityId"
      :page-id="show.page.value.id"
      :x="90"
      :y="60"
      @put="wasPut"
      @close="picture = null"
    />
    <RecordCard
      v-if="recordCard"
      :recorder="recorder"
      :x="Math.max(0, room.width - 220)"
      :y="60"
      @end="endRecording"
      @list="((recordCard = false), (recordings = true))"
      @close="recordCard = false"
    />
    <RecordingsDialog
      v-if="recordings && show"
      :activity-id="show.activityId"
      :page-id="show.page.value.id"
      :first="recorded"
      @put="((recordings = false), wasPut($event))"
      @close="((recordings = false), (recorded = null))"
    />
    <ScreenKeyboard
      v-if="typing"
      :name="tools.settings.value.keyboard"
      :x="Math.max(0, (room.width - 830) / 2)"
      :y="Math.max(50, room.height - 450)"
      @choose="tools.set({ keyboard: $event })"
      @close="typing = false"
    />
    <GroupsCard
      v-if="grouping && show?.classId"
      :key="`groups-${show.lesson.id}`"
      :lesson-id="show.lesson.id"
      :class-id="show.classId"
      :groups="show.groups.value"
      @change="show.setGroups"
      :x="120"
      :y="60"
      @close="grouping = false"
    />
    <CalculatorCard v-if="calculating" :x="90" :y="60" @put="putLines" @close="calculating = false" />
    <TurnCard
      v-if="turns && show?.classId"
      :key="show.lesson.id"
      :lesson-id="show.lesson.id"
      :class-id="show.classId"
      :x="90"
      :y="90"
      @close="turns = false"
      @wrong="wrong = $event"
    />
    <div
      v-if="tools.has('blank')"
      class="blank"
      role="button"
      tabindex="0"
      aria-label="The screen is blank. Press to show the page again."
      @click="tools.toggle('blank')"
      @keydown.enter="tools.toggle('blank')"
      @keydown.space.prevent="tools.toggle('blank')"
    />
    <OtherDays
      v-if="days && show"
      :days="days"
      :today="show.lesson.id"
      @take="takeInk"
      @close="days = null"
    />
    <div
      v-if="adding"
      class="choose"
      role="dialog"
      aria-label="Another activity"
      @keydown.esc="adding = null"
    >
      <h2>Another activity</h2>
      <button v-for="one in adding" :key="one.id" class="btn" @click="add(one)">{{ one.title }}</button>
      <button class="btn quiet" @click="adding = null">Cancel</button>
    </div>
    <LeaveDialog v-if="leaving" :address="leaving" @close="leaving = ''" />
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
.tabs {
  display: flex;
  grid-area: tabs;
  gap: 4px;
  align-items: center;
  min-height: 38px;
  padding: 2px 8px;
  overflow: hidden;
}
.tab {
  display: flex;
  align-items: center;
  max-width: 300px;
  border-radius: 10px 10px 10px 3px;
}
.tab.here {
  background: #ffffff1c;
}
.tabs button {
  min-height: 34px;
  padding: 2px 10px;
  overflow: hidden;
  border: 0;
  border-radius: 8px;
  background: none;
  color: inherit;
  font: inherit;
  text-overflow: ellipsis;
  white-space: nowrap;
  cursor: pointer;
}
.tab .x {
  padding: 2px 8px;
}
.told {
  flex: 1;
  min-width: 0;
  overflow: hidden;
  text-align: center;
  text-overflow: ellipsis;
  white-space: nowrap;
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
.foot {
  position: relative;
  display: flex;
  grid-area: foot;
  align-items: center;
  justify-content: center;
  min-width: 0;
  padding: 6px 90px 8px;
}
.left .foot,
.right .foot {
  flex-direction: column;
  min-height: 0;
  padding: 0 8px 8px;
}
.above {
  position: absolute;
  z-index: 4;
  bottom: calc(100% + 2px);
  left: 50%;
  width: max-content;
  max-width: calc(100vw - 40px);
  transform: translateX(-50%);
}
.left .above,
.right .above {
  top: 10px;
  bottom: auto;
  left: calc(100% + 4px);
  max-width: min(560px, 60vw);
  transform: none;
}
.right .above {
  right: calc(100% + 4px);
  left: auto;
}
.call {
  min-height: 44px;
  padding: 4px 16px;
  border: 0;
  border-radius: 12px 12px 12px 4px;
  background: #0c343b;
  color: inherit;
  font: inherit;
  cursor: pointer;
}
.neat {
  position: absolute;
  z-index: 2;
  min-height: 44px;
  background: #fffdf8;
  box-shadow: 0 4px 14px #0005;
}
.called {
  position: fixed;
  z-index: 5;
  flex-flow: row wrap;
  width: 490px;
  max-width: 96vw;
  box-shadow: 0 10px 30px #000a;
}
.check {
  position: absolute;
  left: 12px;
  display: inline-flex;
  gap: 6px;
  align-items: center;
  min-height: 48px;
  padding: 4px 12px;
  border: 0;
  border-radius: 12px 12px 12px 4px;
  background: var(--saffron);
  color: #1c2b33;
  font: inherit;
  font-weight: 700;
  cursor: pointer;
}
.left .check,
.right .check {
  position: static;
  margin-top: 6px;
}
.where {
  position: absolute;
  right: 12px;
  min-height: 44px;
  padding: 4px 10px;
  border: 0;
  border-radius: 10px;
  background: none;
  color: inherit;
  font: inherit;
  cursor: pointer;
}
.left .where,
.right .where {
  position: static;
}
.led {
  display: inline-flex;
  gap: 6px;
  align-items: center;
}
.tabs .led {
  background: var(--saffron);
  color: #1c2b33;
  font-weight: 700;
}
.on-wall {
  display: flex;
  flex: none;
  gap: 10px;
  align-items: center;
  max-width: 60vw;
  padding: 0 4px 0 12px;
  border-radius: 10px 10px 10px 3px;
  background: #fffdf8;
  color: var(--ink);
}
.on-wall strong {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.on-wall button {
  color: var(--petrol);
  font-weight: 700;
}
.on-wall label {
  display: flex;
  gap: 6px;
  align-items: center;
}
.on-wall input {
  width: 20px;
  height: 20px;
}
.blank {
  position: absolute;
  z-index: 6;
  inset: 0;
  background: #0a1518;
}
.choose {
  position: absolute;
  z-index: 5;
  top: 50px;
  left: 50%;
  display: grid;
  gap: 8px;
  width: min(420px, 90vw);
  max-height: 80vh;
  padding: 16px;
  overflow: auto;
  border-radius: 16px 16px 16px 5px;
  background: #fffdf8;
  color: var(--ink);
  transform: translateX(-50%);
}
.unseen {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}
</style>
