<script setup lang="ts">
import { t } from '@/i18n'
import { passOver } from '@/shared/passOver'
import { looksOnly } from '@/accounts/me'
import { PhArrowLeft, PhPaperPlaneTilt, PhTrayArrowDown } from '@phosphor-icons/vue'
import { computed, nextTick, onBeforeUnmount, onMounted, ref, shallowRef } from 'vue'
import { onBeforeRouteLeave, RouterLink } from 'vue-router'
import { get, post, errorText } from '@/api/client'
import { openStream, type LiveStream } from '@/shared/liveStream'
import type { ReviewOverview, ProgressRow, Waiting } from '@/api/schema'
import TeacherBar from '@/accounts/TeacherBar.vue'
import { needTeacher } from '@/accounts/me'
import { nameIn } from '@/page/names'
import RefusedWork from '@/progress/RefusedWork.vue'
import RecordingList from '@/page/RecordingList.vue'
import ReviewByPiece from './ReviewByPiece.vue'
import { useReview } from './useReview'
import { useReplay } from './replay'
import HandedInList from './HandedInList.vue'
import ReviewedPage from './ReviewedPage.vue'
import ReviewPanel from './ReviewPanel.vue'
import ReviewRow from './ReviewRow.vue'

/** Handed-in work, read, scored and answered, one after the other. */
const props = defineProps<{ id: string }>()
const view = shallowRef<ReviewOverview | null>(null)
const by = ref<'student' | 'piece'>('student')
const itemId = ref('')
const pageId = ref('')
const wrong = ref('')
const told = ref('')
const chosenItem = ref('')
const desk = useReview(props.id)
const replay = useReplay(
  () => `/api/v1/assignments/${props.id}/reviews/${desk.work.value!.attemptId}` as const,
)
let stream: LiveStream | null = null

const work = computed(() => desk.work.value)
const waiting = computed(() => view.value?.works.filter((one) => !one.sent) ?? [])
const sent = computed(() => view.value?.works.filter((one) => one.sent).length ?? 0)
const begun = computed(() => view.value?.works.filter((one) => one.begun).length ?? 0)
const pages = computed(() => work.value?.view.pages ?? [])
const nameOf = (id: string) => nameIn(pages.value, id)
/** While it plays, the page goes with the moves. */
const state = computed(() => replay.state.value ?? work.value!.state)
const page = computed(() => {
  const id = replay.state.value?.pageId ?? pageId.value
  return pages.value.find((one) => one.id === id) ?? pages.value[0]!
})
const own = computed(() => state.value.own?.[page.value.id])
const after = computed(() => waiting.value.filter((one) => one.attemptId !== work.value?.attemptId).length)
const pinsHere = computed(() => (replay.at.value < 0 ? (desk.review.value.pins ?? []) : []))

async function load() {
  view.value = await get(`/api/v1/assignments/${props.id}/reviews`)
  itemId.value ||= view.value.pieces[0]?.itemId ?? ''
}
async function open(one: Waiting) {
  wrong.value = ''
  try {
    if (!(await desk.open(one.attemptId))) return
    pageId.value = desk.work.value!.view.pages.find((page) => page.placements > 0)?.id ?? pages.value[0]!.id
    chosenItem.value = ''
    await replay.load()
  } catch (error) {
    wrong.value = errorText(error)
  }
}

onMounted(async () => {
  window.addEventListener('keydown', keys)
  try {
    if (!(await needTeacher())) return
    await load()
    const first = waiting.value[0] ?? view.value!.works[0]
    if (first) await open(first)
    stream = openStream<{ row: ProgressRow }>(`/api/v1/assignments/${props.id}/live`, {
      row(row) {
        // A class makes many moves; the list changes when one hands in, or takes a listed piece up again.
        const again = view.value?.works.some((one) => one.holderId === row.id && one.round !== row.round)
        if (row.standing === 'HANDED_IN' || again) void load().catch(passOver('the next hand-in asks again'))
      },
    })
  } catch (error) {
    wrong.value = errorText(error)
  }
})
onBeforeUnmount(() => {
  window.removeEventListener('keydown', keys)
  stream?.close()
})
const warned = ref(false)
onBeforeRouteLeave(async () => {
  try {
    await desk.flush()
    return true
  } catch {
    // Whoever has been told may go.
    if (warned.value) return true
    warned.value = true
    wrong.value = t('review.what-you-wrote-could-not-be')
    return false
  }
})

function keys(event: KeyboardEvent) {
  if (event.ctrlKey && event.key === 'Enter' && by.value === 'student' && work.value) {
    event.preventDefault()
    void send()
  } else if (event.altKey && (event.key === 'ArrowDown' || event.key === 'ArrowUp')) {
    event.preventDefault()
    step(event.key === 'ArrowDown' ? 1 : -1)
  } else if (event.key === 'PageDown' || event.key === 'PageUp') {
    if (event.target instanceof HTMLTextAreaElement) return
    event.preventDefault()
    turn(event.key === 'PageDown' ? 1 : -1)
  }
}
function step(by: number) {
  const all = view.value?.works ?? []
  const at = all.findIndex((one) => one.attemptId === work.value?.attemptId)
  const to = all[at + by]
  if (to) void open(to)
}
function turn(by: number) {
  const at = pages.value.findIndex((one) => one.id === page.value.id)
  const to = pages.value[at + by]
  if (to) choose(to.id)
}
function choose(id: string) {
  replay.go(-1)
  pageId.value = id
}

async function send() {
  const name = work.value!.name
  const of = work.value!.attemptId
  wrong.value = ''
  try {
    await desk.send()
    await load()
    told.value = t('review.sent-back-to-name', { name })
    const next = waiting.value.find((one) => one.attemptId !== of)
    if (next) {
      await open(next)
      await nextTick()
      document.querySelector<HTMLTextAreaElement>('.say textarea')?.focus()
    }
  } catch (error) {
    wrong.value = errorText(error)
  }
}
async function sendAll() {
  wrong.value = ''
  try {
    await desk.flush()
    const { sent } = await post(`/api/v1/assignments/${props.id}/reviews/returns`)
    await load()
    if (work.value) await desk.open(work.value.attemptId)
    told.value = t('review.sent-sent-back-2', { sent })
  } catch (error) {
    wrong.value = errorText(error)
  }
}
</script>

<template>
  <TeacherBar />
  <div class="desk">
    <aside>
      <p>
        <RouterLink class="btn" :to="`/assigned/${id}`"
          ><PhArrowLeft class="mirrors" :size="18" aria-hidden="true" />{{
            t('shared.to-class-progress')
          }}</RouterLink
        >
      </p>
      <h1>{{ t('shared.to-review') }}</h1>
      <p class="soft">
        {{
          t('review.title-waiting-waiting-sent-sent-back', {
            title: view?.title ?? '',
            waiting: waiting.length,
            sent,
          })
        }}
      </p>
      <div class="seg" role="group" :aria-label="t('shared.review')">
        <button :aria-pressed="by === 'student'" @click="by = 'student'">{{ t('review.by-student') }}</button>
        <button :aria-pressed="by === 'piece'" @click="by = 'piece'">{{ t('review.by-piece') }}</button>
      </div>
      <HandedInList
        v-if="by === 'student'"
        :works="view?.works ?? []"
        :open-id="work?.attemptId"
        @open="open"
      />
      <ul v-else :aria-label="t('review.pieces')">
        <li v-for="one in view?.pieces ?? []" :key="one.itemId">
          <ReviewRow :open="one.itemId === itemId" @choose="itemId = one.itemId">
            <span class="name"
              ><strong>{{ one.name }}</strong></span
            >
          </ReviewRow>
        </li>
      </ul>
      <button v-if="begun && !looksOnly" class="btn" @click="sendAll">
        <PhPaperPlaneTilt :size="18" aria-hidden="true" />{{
          t('review.send-all-that-are-done-begun', { begun })
        }}
      </button>
      <p v-if="told" role="status">{{ told }}</p>
    </aside>
    <ReviewByPiece
      v-if="by === 'piece' && itemId"
      :assignment-id="id"
      :item-id="itemId"
      @changed="load().catch((error) => (wrong = errorText(error)))"
    />
    <main v-else>
      <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
      <template v-if="work">
        <ReviewedPage
          :assignment-id="id"
          :work="work"
          :page="page"
          :state="state"
          :pins-here="pinsHere"
          :replay="replay"
          @turn="choose"
          @pick="chosenItem = $event"
          @unpin="desk.unpin"
        />
        <RecordingList :said="own?.said ?? []" />
        <RefusedWork v-if="work.refused" :refused="work.refused" :name-of="nameOf" />
        <ReviewPanel
          :key="work.attemptId"
          :desk="desk"
          :page="page"
          :after="after"
          :chosen-item="chosenItem"
          @send="send"
        />
      </template>
      <p v-else-if="view && view.works.length === 0" class="empty soft">
        <PhTrayArrowDown :size="60" aria-hidden="true" />
        {{ t('review.what-students-hand-in-comes-here') }}
      </p>
    </main>
  </div>
</template>

<style scoped>
.desk {
  display: grid;
  grid-template-columns: 236px minmax(0, 1fr);
  height: calc(100% - 54px);
}
aside {
  display: grid;
  grid-auto-rows: max-content;
  gap: 10px;
  align-content: start;
  padding: 14px;
  border-inline-end: 1px solid var(--line);
  background: var(--paper);
  overflow-y: auto;
}
ul {
  display: grid;
  gap: 6px;
  margin: 0;
  padding: 0;
  list-style: none;
}
main {
  display: grid;
  grid-auto-rows: max-content;
  gap: 12px;
  align-content: start;
  min-height: 0;
  padding: 12px 20px 16px;
  overflow-y: auto;
}
main > .note {
  grid-row: auto;
}
.empty {
  display: grid;
  gap: 12px;
  place-content: center;
  justify-items: center;
  font-size: 18px;
}
</style>
