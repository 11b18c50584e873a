<script setup lang="ts">
import { passOver } from '@/shared/passOver'
import {
  PhArrowCounterClockwise,
  PhArrowLeft,
  PhArrowRight,
  PhArrowUUpLeft,
  PhCheckFat,
  PhChecks,
  PhLightbulb,
  PhLock,
  PhSpeakerHigh,
  PhTimer,
  PhX,
} from '@phosphor-icons/vue'
import { computed, nextTick, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { refusalWords } from '@/work/attempt/refusal'
import type { FileRef, PinnedWords, Link } from '@/api/schema'
import { canErase, inkOnly } from '@/page/erased'
import { isPiece } from '@/page/names'
import RecordingList from '@/page/RecordingList.vue'
import { before, pageOf } from '@/page/links'
import { useCountdown } from '@/work/attempt/countdown'
import { clock, toldOfCheck } from '@/work/rules/feedback'
import FileDialog from '@/work/media/FileDialog.vue'
import { useDrawingTool } from '@/work/ink/drawingTool'
import ToolRack from '@/work/ink/ToolRack.vue'
import InkSheet from '@/work/ink/InkSheet.vue'
import LeaveDialog from './LeaveDialog.vue'
import PinLayer from './PinLayer.vue'
import ResetDialog from './ResetDialog.vue'
import ShowSolution from './ShowSolution.vue'
import StudentPage from './StudentPage.vue'
import { hush, speaking } from '@/work/media/speak'
import { onceSent, useUndo } from '@/work/rules/undo'
import type { Work } from '@/work/attempt/work'

/** The pages of a piece of work with their four buttons; used by students, and by teachers in Try. */
const props = withDefaults(
  defineProps<{
    work: Work
    mayHandIn: boolean
    /** Nothing can be changed now. */
    resting?: boolean
    /** Once it is handed in, what is right is not told. */
    untold?: boolean
    /** Words of the teacher that hang on the pages. */
    pins?: PinnedWords[]
    /** In per cent of what fits. */
    size?: number
  }>(),
  { resting: false, untold: false, pins: () => [], size: 100 },
)
const emit = defineEmits<{ 'handed-in': [] }>()

const words = ref('')
const asking = ref(false)
const dialog = ref<HTMLDialogElement>()

const state = computed(() => props.work.state.value)
const course = computed(() => props.work.course.value)
/** The pages of the way that the student takes, in its order. */
const pages = computed(() => {
  const open = new Map(props.work.view.pages.map((one) => [one.id, one]))
  const way = course.value.pages.flatMap((id) => open.get(id) ?? [])
  return way.some((one) => one.id === state.value.pageId)
    ? way
    : [...way, ...props.work.view.pages.filter((one) => one.id === state.value.pageId)]
})
const index = computed(() =>
  Math.max(
    0,
    pages.value.findIndex((page) => page.id === state.value.pageId),
  ),
)
const page = computed(() => pages.value[index.value]!)
/** Nothing comes after it, or students go by what stands on the pages. */
const ends = computed(() => !course.value.next && !course.value.waits)
const handedIn = computed(() => state.value.standing === 'HANDED_IN')
watch(
  () => `${page.value.name} · ${props.work.view.title}`,
  (title) => (document.title = title),
  { immediate: true },
)

/** While what is done lies on this device, nothing can be checked. */
const AWAY = new Set(['device', 'fleeting', 'sign-in', 'held'])
const progress = computed(() => props.work.progress.value)
const solvedOn = (i: number) => progress.value.on[pages.value[i]!.id] ?? 0
/** With what lies there and is judged later: to the child it is placed. */
const placedOn = (i: number) => solvedOn(i) + (progress.value.waiting?.[pages.value[i]!.id] ?? 0)
const hint = ref('')
const heading = ref<HTMLElement>()
const left = useCountdown(props.work, () => page.value.id)
const timeIsUp = computed(() => left.value === 0)
const waits = computed(() => {
  const zones = new Set(page.value.onCheck ?? [])
  return (
    Object.values(state.value.pieces).some((piece) => piece.waits && zones.has(piece.zoneId ?? '')) ||
    Object.entries(state.value.typed ?? {}).some(
      ([id, gap]) => zones.has(id) && gap.says === 'NOT_JUDGED' && gap.text.trim() !== '',
    )
  )
})
const done = (i: number) => {
  const of = pages.value[i]!.placements
  const met = state.value.met?.some((one) => one.pageId === pages.value[i]!.id)
  return of === 0 ? ((met && i !== index.value) || handedIn.value ? 1 : 0) : placedOn(i) / of
}
const begun = computed(() =>
  page.value.items.some(
    (item) => (isPiece(item) && state.value.pieces[item.id]) || state.value.typed?.[item.id]?.text,
  ),
)
const standing = computed(() => {
  if (handedIn.value && props.untold) return 'Handed in. Your teacher has it'
  if (handedIn.value)
    return `Handed in. ${progress.value.solved} of ${props.work.placements} right${points.value}`
  const of = page.value.placements
  if (!of) return ''
  const typed = page.value.items.some((item) => item.kind === 'gap')
  const later = placedOn(index.value) > solvedOn(index.value)
  // Where a check can be asked for, or it was told at once, what is right counts; else what was done.
  if (page.value.onCheck?.length || (typed && !later)) return `${solvedOn(index.value)} of ${of} right`
  return typed ? `${placedOn(index.value)} of ${of} done` : `${placedOn(index.value)} of ${of} placed`
})
/** Points are told only where the teacher set some. */
const points = computed(() => {
  const { got, most } = progress.value.score
  return props.work.view.pointsFor ? `, ${got} of ${most} points` : ''
})

async function make(act: Parameters<Work['make']>[0]) {
  try {
    return await props.work.make(act)
  } catch (error) {
    words.value = refusalWords(error)
    return null
  }
}

const own = computed(() => state.value.own?.[page.value.id])
const tools = computed(() => props.work.view.tools)
const undo = useUndo(() => page.value.id)
const rests = computed(() => handedIn.value || timeIsUp.value || props.resting)
const hand = useDrawingTool(
  () => page.value.id,
  () => state.value.own,
  make,
  undo,
)
const { ink } = hand
const erasable = computed(() => page.value.items.filter(canErase))
watch(rests, () => hand.take('move'))
async function heardSay(sound: Blob, seconds: number) {
  try {
    await props.work.say(page.value.id, sound, seconds)
    words.value = 'Your voice is on the page'
  } catch (error) {
    words.value = refusalWords(error)
  }
}

async function check() {
  if (AWAY.has(props.work.kept.value)) words.value = 'We check it when the network is back'
  const verdict = await make({ kind: 'check', pageId: page.value.id })
  if (!verdict) return
  words.value = toldOfCheck(verdict)
  hint.value = verdict.hint ?? ''
}

const go = (to: number) => open(pages.value[to]!.id)

/** Back to where the student came from; without that, to the page before. */
const behind = computed(() => state.value.came?.at(-1) ?? before(course.value, page.value.id))
async function open(pageId: string, back = false) {
  words.value = ''
  hint.value = ''
  hush()
  await make({ kind: 'open', pageId, ...(back ? { back } : {}) })
  // A page that opened by itself, when a time was up, did not come with a reply.
  if (!props.work.view.pages.some((one) => one.id === state.value.pageId)) await props.work.refresh()
  await nextTick()
  if (!words.value) words.value = `Page ${page.value.number}: ${page.value.name}`
  // The button that was pressed may be gone with its page.
  if (!document.activeElement || document.activeElement === document.body) heading.value?.focus()
}
onBeforeUnmount(hush)
// Where the time is up nothing waits any longer, and only the server knows what that opens.
watch(timeIsUp, (up) => {
  if (up && course.value.waits)
    void props.work.refresh().catch(passOver('it is asked for again when the page is turned'))
})
const leaving = ref('')
const opened = ref<FileRef | null>(null)
function follow(link: Link, itemId: string) {
  const waits = course.value.closed?.[itemId]
  if (waits) {
    words.value = waits
    return
  }
  if (link.kind === 'file') {
    hush()
    opened.value = link.file
    return
  }
  if (link.kind === 'spots') {
    void make({ kind: 'reveal', pageId: page.value.id, itemIds: link.itemIds })
    return
  }
  if (link.kind === 'web') {
    leaving.value = link.address
    return
  }
  const to = pageOf(link, course.value, page.value.id, course.value.pages[0]!, state.value.came ?? [])
  if (to) void open(to, link.kind === 'back')
  else words.value = 'There is no page there'
}

/** Whether there is something on the page that can be done, and taken back. */
const changes = computed(
  () =>
    !rests.value &&
    (tools.value.draw ||
      erasable.value.length > 0 ||
      page.value.items.some((item) => isPiece(item) || item.kind === 'note' || item.kind === 'cover')),
)
async function takeBack() {
  await onceSent(props.work)
  await undo.takeBack()
  words.value = 'Taken back'
}
function takeBackByKey(event: KeyboardEvent) {
  const typing = event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement
  if (typing || event.key !== 'z' || event.shiftKey || !(event.ctrlKey || event.metaKey)) return
  if (document.querySelector('dialog[open]') || rests.value || !undo.can.value) return
  event.preventDefault()
  void takeBack()
}
onMounted(() => window.addEventListener('keydown', takeBackByKey))
onBeforeUnmount(() => window.removeEventListener('keydown', takeBackByKey))

const resetting = ref(false)
async function again() {
  resetting.value = false
  undo.forget()
  await make({ kind: 'start-again', pageId: page.value.id })
  words.value = 'The page is new again'
}

async function showSolution(itemId: string | null) {
  await make({ kind: 'show', pageId: page.value.id, ...(itemId ? { itemId } : {}) })
  words.value = 'The solution is shown; it gives no points'
}

/** What is still open, page by page. */
const stillOpen = computed(() =>
  pages.value.flatMap((one, i) => {
    const left = one.placements - placedOn(i)
    return left > 0 ? [{ id: one.id, n: one.number, name: one.name, left }] : []
  }),
)
async function goTo(pageId: string) {
  dialog.value?.close()
  await open(pageId)
}

async function ask() {
  asking.value = true
  await nextTick()
  dialog.value?.showModal()
}

async function handIn() {
  asking.value = false
  await make({ kind: 'hand-in' })
  words.value = 'Your work is handed in'
  emit('handed-in')
}
</script>

<template>
  <div class="work">
    <h2 ref="heading" class="unseen" tabindex="-1">{{ page.name }}</h2>
    <ol class="tiles" aria-label="Pages">
      <li v-for="(one, i) in pages" :key="one.id">
        <button
          class="tile"
          :class="{ here: i === index, full: done(i) >= 1 }"
          :style="{ '--share': `${done(i) * 100}%` }"
          :aria-current="i === index ? 'page' : undefined"
          :aria-label="`Page ${one.number}, ${one.name}${one.placements ? `, ${placedOn(i)} of ${one.placements} placed` : ''}`"
          @click="go(i)"
        >
          <span>{{ one.number }}</span>
        </button>
      </li>
    </ol>

    <div class="desk">
      <ToolRack
        v-if="rests ? false : tools.draw || tools.record || erasable.length > 0"
        :hand="hand"
        :draw="tools.draw"
        :erase="erasable.length > 0"
        :record="tools.record"
        :inked="inkOnly(ink).length > 0"
        @said="heardSay"
        @say="words = $event"
      />
      <div class="board">
        <div class="paper" :class="{ enlarged: size > 100 }" :style="{ '--size': size / 100 }">
          <StudentPage
            :page="page"
            :work="work"
            :resting="rests"
            :erased="hand.erased.value"
            @erase="hand.draw($event, [])"
            @say="words = $event"
            @hint="hint = $event"
            @follow="follow"
            @remember="(act) => undo.remember(() => make(act))"
          />
          <InkSheet
            :key="page.id"
            :ink="ink"
            :hand="hand"
            :erasable="erasable"
            @full="words = 'The page is full. Erase some ink first.'"
          />
          <PinLayer v-if="pins.length" :pins="pins" :page="page" :state="state" />
        </div>
        <p v-if="hint" class="hint" role="status">
          <PhLightbulb :size="26" weight="fill" aria-hidden="true" /><span
            ><strong>Hint:</strong> {{ hint }}</span
          >
          <button class="btn quiet" aria-label="Close the hint" title="Close" @click="hint = ''">
            <PhX :size="20" aria-hidden="true" />
          </button>
        </p>
        <p v-if="speaking?.text" class="hint heard" role="status">
          <PhSpeakerHigh :size="26" weight="fill" aria-hidden="true" /><span>{{ speaking.text }}</span>
          <button class="btn quiet" aria-label="Stop" title="Stop" @click="hush">
            <PhX :size="20" aria-hidden="true" />
          </button>
        </p>
      </div>
    </div>

    <RecordingList
      :said="own?.said ?? []"
      :here="work.heard.value"
      :own="!rests"
      @remove="make({ kind: 'unsay', pageId: page.id, recordingId: $event })"
    />

    <div class="buttons">
      <button
        v-if="work.view.buttons"
        class="btn big"
        :disabled="!behind"
        @click="behind && open(behind, true)"
      >
        <PhArrowLeft :size="22" aria-hidden="true" />Back
      </button>
      <p class="told" role="status" aria-live="polite">
        <span v-if="standing">{{ standing }}</span>
        <span v-if="standing && words"> · </span><strong v-if="words">{{ words }}</strong>
      </p>
      <span v-if="left !== null" class="left" :class="{ soon: left < 30000 }" role="timer">
        <PhTimer :size="22" aria-hidden="true" />{{ timeIsUp ? 'Time is up' : clock(left) }}
      </span>
      <ShowSolution :work="work" :page="page" :handed-in="handedIn" @show="showSolution" />
      <button
        v-if="page.onCheck?.length && !handedIn && !resting"
        class="btn pri big"
        :disabled="!waits || timeIsUp"
        @click="check"
      >
        <PhChecks :size="22" aria-hidden="true" />Check
      </button>
      <button v-if="changes" class="btn big" :disabled="!undo.can.value" @click="takeBack">
        <PhArrowUUpLeft :size="22" aria-hidden="true" />Take back
      </button>
      <button
        v-if="page.placements"
        class="btn big"
        :disabled="!begun || handedIn || timeIsUp || resting"
        @click="resetting = true"
      >
        <PhArrowCounterClockwise :size="22" aria-hidden="true" />Reset page
      </button>
      <button
        v-if="!course.next && mayHandIn && !handedIn"
        class="btn big"
        :class="{ acc: ends }"
        @click="ask"
      >
        <PhCheckFat :size="22" aria-hidden="true" />Hand in
      </button>
      <button
        v-if="course.waits"
        class="btn big waits"
        :title="course.waits"
        :aria-label="`Next, not open yet. ${course.waits}`"
        @click="words = course.waits"
      >
        Next<PhLock :size="22" aria-hidden="true" />
      </button>
      <button
        v-else-if="work.view.buttons && (course.next || !mayHandIn)"
        class="btn pri big"
        :disabled="!course.next"
        @click="course.next && open(course.next)"
      >
        Next<PhArrowRight :size="22" aria-hidden="true" />
      </button>
    </div>

    <ResetDialog v-if="resetting" @keep="resetting = false" @reset="again" />
    <FileDialog v-if="opened" :file="opened" @close="opened = null" />
    <LeaveDialog v-if="leaving" :address="leaving" @close="leaving = ''" />
    <dialog v-if="asking" ref="dialog" class="asking" aria-labelledby="asking-head" @close="asking = false">
      <h1 id="asking-head">Hand in your work?</h1>
      <p v-if="stillOpen.length === 0">Everything is in its place.</p>
      <template v-else>
        <p>This is still open:</p>
        <ul class="open">
          <li v-for="one in stillOpen" :key="one.id">
            <button class="btn" @click="goTo(one.id)">
              <strong>{{ one.n }}</strong> {{ one.name }} <span class="soft">{{ one.left }} left</span>
            </button>
          </li>
        </ul>
      </template>
      <p>After handing in nothing can be moved any more.</p>
      <div class="row">
        <button class="btn big" autofocus @click="dialog?.close()">Go on working</button>
        <button class="btn acc big" @click="handIn">Hand in</button>
      </div>
    </dialog>
  </div>
</template>

<style scoped>
.work {
  display: grid;
  grid-template-rows: auto 1fr;
  grid-auto-rows: auto;
  justify-items: center;
  gap: 12px;
  height: 100%;
  padding: 12px 20px 16px;
  min-height: 0;
}
.tiles {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin: 0;
  padding: 0;
  list-style: none;
}
.tile {
  min-width: 44px;
  height: 44px;
  border: 1.5px solid var(--line);
  border-radius: var(--tile-s);
  background: linear-gradient(to right, var(--petrol) var(--share), #fff var(--share));
  cursor: pointer;
  font-weight: 700;
  font-size: 13px;
}
.tile span {
  padding: 0 5px;
  border-radius: 5px;
  background: #ffffffd9;
}
.tile.here {
  border-color: var(--saffron);
  box-shadow: 0 0 0 2px var(--saffron);
}
/* The hand's tools stand beside the page, or above it where it stands upright. */
.desk {
  display: flex;
  gap: 12px;
  width: 100%;
  min-height: 0;
}
@media (max-aspect-ratio: 1/1) {
  .desk {
    flex-direction: column;
  }
}
.enlarged :deep(.doing) {
  touch-action: pan-x pan-y pinch-zoom;
}
/* The page is as large as what is left between the tiles and the buttons, whatever stands above them. */
.board {
  flex: 1;
  display: grid;
  /* Where the page is larger than its room, both its edges stay within reach. */
  place-content: safe center;
  width: 100%;
  min-height: 0;
  overflow: auto;
  container-type: size;
}
.board > .paper {
  position: relative;
  width: calc(min(100cqw, 160cqh) * var(--size, 1));
}
.board > .paper {
  border-radius: 4px;
  background: var(--board);
  box-shadow:
    0 1px 0 #0001,
    0 6px 24px #0000001f;
}
.buttons {
  display: flex;
  align-items: center;
  gap: 14px;
  width: min(100%, 1100px);
}
.board {
  position: relative;
}
.hint {
  position: absolute;
  inset: auto 16px 16px;
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 10px 14px;
  border: 2px solid #9a6a10;
  border-radius: var(--tile);
  background: var(--saffron-t);
  color: #3f2a00;
  font-size: 18px;
  overflow-wrap: anywhere;
}
.heard {
  border-color: var(--petrol);
  background: var(--petrol-t);
  color: var(--petrol-d);
}
.waits {
  border-style: dashed;
}
.hint .btn {
  margin-left: auto;
}
.left {
  display: flex;
  align-items: center;
  gap: 6px;
  font-size: 20px;
  font-variant-numeric: tabular-nums;
}
.left.soon {
  padding: 2px 8px;
  border: 2px dashed var(--clay);
  border-radius: 8px;
  font-weight: 700;
}
.told {
  flex: 1;
  text-align: center;
  font-size: 16px;
  overflow-wrap: anywhere;
}
.asking {
  max-width: 480px;
  padding: 26px 30px;
  border: 1px solid var(--line);
  border-radius: 16px 16px 16px 4px;
  background: var(--paper);
  color: var(--ink);
}
.asking::backdrop {
  background: #1f2d3380;
}
.asking p {
  margin: 12px 0 20px;
  font-size: 17px;
}
.open {
  display: grid;
  gap: 8px;
  max-height: 240px;
  margin: 0;
  padding: 0;
  overflow-y: auto;
  list-style: none;
}
.open .btn {
  width: 100%;
  justify-content: flex-start;
  text-align: left;
}
.row {
  display: flex;
  flex-wrap: wrap;
  justify-content: flex-end;
  gap: 12px;
}
/* A phone held upright: the page is as wide as the screen, and all else is above and below it. */
@media (max-width: 640px) and (orientation: portrait) {
  .work {
    height: auto;
    padding: 8px 8px 16px;
  }
  .board {
    flex: none;
    container-type: inline-size;
    max-height: 75vh;
  }
  .board > .paper {
    width: calc(100cqw * var(--size, 1));
  }
  .buttons {
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 8px;
  }
  .told {
    flex: 1 0 100%;
    order: -1;
  }
  .buttons > .pri {
    margin-left: auto;
  }
  .hint {
    position: static;
    margin-top: 8px;
  }
}
@media (forced-colors: active) {
  .tile {
    forced-color-adjust: none;
  }
  .tile.here {
    outline: 4px solid Highlight;
  }
  .tile.full {
    border: 4px double CanvasText;
  }
}
</style>
