<script setup lang="ts">
import { t } from '@/i18n'
import { passOver } from '@/shared/passOver'
import { computed, defineAsyncComponent, nextTick, onBeforeUnmount, ref, watch } from 'vue'
import type { PinnedWords } from '@/api/schema'
import { canErase, inkOnly } from '@/page/erased'
import { isPiece } from '@/page/names'
import RecordingList from '@/page/RecordingList.vue'
import { useCountdown } from '@/work/attempt/countdown'
import { useDrawingTool } from '@/work/ink/drawingTool'
import ToolRack from '@/work/ink/ToolRack.vue'
import InkSheet from '@/work/ink/InkSheet.vue'
import BoardNotes from './BoardNotes.vue'
import PageTiles from './PageTiles.vue'
import StudentPage from './StudentPage.vue'
import WorkButtons from './WorkButtons.vue'
import { hush } from '@/work/media/speak'
import { onceSent, useUndo, useUndoKey } from '@/work/rules/undo'
import type { Work } from '@/work/attempt/work'
import { useFollow } from './useFollow'
import { usePageNavigation } from './usePageNavigation'
import { useWorkActions } from './useWorkActions'
import { useStanding } from './useStanding'

/** Fetched when they are first needed. */
const FileDialog = defineAsyncComponent(() => import('@/work/media/FileDialog.vue'))
const HandInDialog = defineAsyncComponent(() => import('./HandInDialog.vue'))
const LeaveDialog = defineAsyncComponent(() => import('./LeaveDialog.vue'))
const ResetDialog = defineAsyncComponent(() => import('./ResetDialog.vue'))
const PinLayer = defineAsyncComponent(() => import('./PinLayer.vue'))

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

const course = computed(() => props.work.course.value)
const at = usePageNavigation(() => props.work)
const { page } = at
const state = computed(() => props.work.state.value)
const { handedIn, waits, begun, standing } = useStanding(
  () => props.work,
  at,
  () => props.untold,
)

const hint = ref('')
const heading = ref<HTMLElement>()
const left = useCountdown(props.work, () => page.value.id)
const timeIsUp = computed(() => left.value === 0)

const { make, heardSay, showSolution, check, reset, handIn } = useWorkActions(
  () => props.work,
  () => page.value.id,
  words,
  hint,
  () => emit('handed-in'),
)
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
async function open(pageId: string, back = false) {
  words.value = ''
  hint.value = ''
  hush()
  await make({ kind: 'open', pageId, ...(back ? { back } : {}) })
  // A page that opened by itself, when a time was up, did not come with a reply.
  if (!props.work.view.pages.some((one) => one.id === state.value.pageId)) await props.work.refresh()
  await nextTick()
  if (!words.value) words.value = t('pages.opened', { n: page.value.number, name: page.value.name })
  // The button that was pressed may be gone with its page.
  if (!document.activeElement || document.activeElement === document.body) heading.value?.focus()
}
onBeforeUnmount(hush)
// Where the time is up nothing waits any longer, and only the server knows what that opens.
watch(timeIsUp, (up) => {
  if (up && course.value.waits)
    void props.work.refresh().catch(passOver('it is asked for again when the page is turned'))
})
const { leaving, file, follow } = useFollow(
  () => props.work,
  () => page.value.id,
  {
    open: (to, back) => void open(to, back),
    reveal: (itemIds) => void make({ kind: 'reveal', pageId: page.value.id, itemIds }),
    say: (text) => (words.value = text),
  },
)

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
  words.value = t('done.taken-back')
}
useUndoKey(() => !rests.value && undo.can.value, takeBack)

const resetting = ref(false)
async function again() {
  resetting.value = false
  undo.forget()
  await reset()
}
</script>

<template>
  <div class="work">
    <h2 ref="heading" class="unseen" tabindex="-1">{{ page.name }}</h2>
    <PageTiles :at="at" @go="open" />

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
          @full="words = t('done.page-full')"
        />
        <PinLayer v-if="pins.length" :pins="pins" :page="page" :state="state" />
      </div>
      <BoardNotes :hint="hint" @close="hint = ''" />
    </div>

    <RecordingList
      :said="own?.said ?? []"
      :here="work.heard.value"
      :own="!rests"
      @remove="make({ kind: 'unsay', pageId: page.id, recordingId: $event })"
    />

    <WorkButtons
      :work="work"
      :page="page"
      :course="course"
      :behind="at.behind.value"
      :standing="standing"
      :words="words"
      :left="left"
      :handed-in="handedIn"
      :may-hand-in="mayHandIn"
      :resting="resting"
      :waits="waits"
      :begun="Boolean(begun)"
      :changes="changes"
      :can-take-back="undo.can.value"
      @back="open($event, true)"
      @next="open"
      @say="words = $event"
      @check="check"
      @take-back="takeBack"
      @reset="resetting = true"
      @hand-in="asking = true"
      @show="showSolution"
    >
      <ToolRack
        v-if="!rests && (tools.draw || tools.record || erasable.length > 0)"
        :hand="hand"
        :draw="tools.draw"
        :erase="erasable.length > 0"
        :record="tools.record"
        :inked="inkOnly(ink).length > 0"
        @said="heardSay"
        @say="words = $event"
      />
    </WorkButtons>

    <ResetDialog v-if="resetting" @keep="resetting = false" @reset="again" />
    <FileDialog v-if="file" :file="file" @close="file = null" />
    <LeaveDialog v-if="leaving" :address="leaving" @close="leaving = ''" />
    <HandInDialog
      v-if="asking"
      :open="at.stillOpen.value"
      @close="asking = false"
      @go="open"
      @hand-in="handIn"
    />
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
.enlarged :deep(.doing) {
  touch-action: pan-x pan-y pinch-zoom;
}
/* The page is as large as what is left between the tiles and the buttons, whatever stands above them. */
.board {
  position: relative;
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
  border-radius: 4px;
  background: var(--board);
  box-shadow:
    0 1px 0 #0001,
    0 6px 24px #0000001f;
}
/* A phone held across: the page beside everything else. */
@media (max-height: 480px) and (orientation: landscape) {
  .work {
    grid-template: auto minmax(0, 1fr) / minmax(0, 1fr) 276px;
    gap: 6px 10px;
    padding: 6px 10px;
  }
  .work > .board {
    grid-area: 1 / 1 / 3 / 2;
  }
  .work > .tiles {
    grid-area: 1 / 2;
  }
  .work > .buttons {
    grid-area: 2 / 2;
    align-self: start;
    max-height: 100%;
    overflow-y: auto;
  }
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
}
</style>
