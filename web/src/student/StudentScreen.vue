<script setup lang="ts">
import { t } from '@/i18n'
import { speakOwnLanguage } from '@/i18n/own'
import { passOver } from '@/shared/passOver'
import { PhHouse } from '@phosphor-icons/vue'
import {
  computed,
  defineAsyncComponent,
  nextTick,
  onBeforeUnmount,
  onMounted,
  ref,
  shallowRef,
  watch,
} from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { getAll, get, post, Refusal, errorText } from '@/api/client'
import type { AttemptView, Returned, Word } from '@/api/schema'
import { deviceHere } from '@/work/attempt/device'
import { ease, easeAway, easeOf } from '@/work/access/accessibility'
import { listenTo } from './live'
import { renewedWords } from '@/work/attempt/versionUpdate'
import { useScan } from '@/work/access/scan'
import { usePutAway } from './putAway'
import StudentBar from './StudentBar.vue'
import { speak } from '@/work/media/speak'
import TeacherWords from './TeacherWords.vue'
import WallLead from './WallLead.vue'
import WorkPages from '@/work/page/WorkPages.vue'
import { attemptWork, type AttemptWork } from '@/work/attempt/work'
import { comeUpWithoutNetwork } from './withoutNetwork'

/** Fetched when they are first needed. */
const AccessibilityPanel = defineAsyncComponent(() => import('./AccessibilityPanel.vue'))
const PausedSheet = defineAsyncComponent(() => import('./PausedSheet.vue'))
const ReadingRuler = defineAsyncComponent(() => import('./ReadingRuler.vue'))
const ReturnedCard = defineAsyncComponent(() => import('./ReturnedCard.vue'))
const SignInAgain = defineAsyncComponent(() => import('./SignInAgain.vue'))

const props = defineProps<{ assignmentId: string }>()
const work = shallowRef<AttemptWork | null>(null)
const returned = shallowRef<Returned | null>(null)
const words = shallowRef<Word[]>([])
const { seen, putAway } = usePutAway()
const wrong = ref('')
const name = ref('')
const busy = ref(false)
const easing = ref(false)
const root = ref<HTMLElement>()
const router = useRouter()

const around = computed(() => work.value?.around.value)
const kept = computed(() => work.value?.kept.value ?? 'kept')
const handedIn = computed(() => work.value?.state.value.standing === 'HANDED_IN')
const looking = computed(() => around.value?.sharing === 'VIEW_ONLY')
const resting = computed(() => {
  const now = around.value
  if (!now) return ''
  if (now.sharing === 'VIEW_ONLY') return t('work.view-only')
  if (now.closed) return t('work.stopped')
  if (now.stage === 'CLOSED' && now.round === 1) return t('work.closed')
  return ''
})
/** The newest message that was not put away; what was said before somebody came is not for them. */
const word = computed(() =>
  words.value.find((one) => !seen.value.has(one.id) && one.at >= (work.value?.openedAt ?? '')),
)

async function lookAround() {
  const id = work.value?.id
  if (!id) return
  const [heard, back] = await Promise.all([
    getAll(`/api/v1/attempts/${id}/messages`),
    handedIn.value || around.value!.round > 1 ? get(`/api/v1/attempts/${id}/review`) : null,
  ])
  words.value = heard
  returned.value = back
}

const line = listenTo(() => work.value?.id ?? null, {
  moved(seq) {
    if (work.value && seq > work.value.state.value.seq) void refresh()
  },
  around: () =>
    void refresh()
      .then(lookAround)
      .catch(passOver('the line tells when it is back, and all is fetched then')),
  back() {
    work.value?.tryNow()
    void refresh().then(lookAround).catch(passOver('the line tells when it is back, and all is fetched then'))
  },
})
/** The teacher took the work back: nothing more of it can be seen or done. */
const gone = ref(false)
const refresh = () =>
  work.value!.refresh().catch((error) => {
    if (error instanceof Refusal && error.status === 404) gone.value = true
  })
const takenHead = ref<HTMLElement>()
watch(gone, () => void nextTick(() => takenHead.value?.focus()))
const changed = computed(() => work.value?.renewed.value ?? null)
const unread = ref(true)
watch(changed, () => (unread.value = true))
/** The same student is here again: what waited is sent. */
async function backIn() {
  line.open()
  work.value?.signedIn()
  await refresh()
}
const online = () => work.value?.tryNow()

async function open() {
  const device = await deviceHere()
  let opened: AttemptView
  try {
    opened = await post('/api/v1/attempts', { assignmentId: props.assignmentId })
  } catch (error) {
    // Without the network one goes on with what this device has.
    const last =
      error instanceof Refusal && error.passing
        ? await device.viewOf(props.assignmentId).catch(() => null)
        : null
    if (!last) throw error
    opened = last
  }
  work.value = attemptWork(opened, device, await device.movesOf(opened.id).catch(() => []))
  line.open()
}

onMounted(async () => {
  comeUpWithoutNetwork()
  window.addEventListener('online', online)
  try {
    const me = await get('/api/v1/me').catch((error) => {
      if (error instanceof Refusal && error.passing) return null
      throw error
    })
    if (me) {
      name.value = me.name
      await speakOwnLanguage().catch(passOver('without a network it goes on in the language of the device'))
      easeOf(me.name)
      const device = await deviceHere()
      await device.belongsTo(me.id).catch(passOver('nothing of this one is kept here then'))
    }
    await open()
    await lookAround().catch(passOver('the next news asks again'))
  } catch (error) {
    const out = error instanceof Refusal && (error.status === 401 || error.status === 403)
    if (out) await router.replace('/join')
    else if (error instanceof Refusal && error.status === 404) wrong.value = t('work.not-here')
    else wrong.value = errorText(error)
  }
})
onBeforeUnmount(() => {
  window.removeEventListener('online', online)
  easeAway()
})
useScan(() => root.value)

async function improve() {
  busy.value = true
  wrong.value = ''
  try {
    await post(`/api/v1/attempts/${work.value!.id}/rounds`)
    // What the teacher says stays beside the page; the points are those of the round before.
    if (returned.value) returned.value = { ...returned.value, mayImprove: false, score: undefined }
    work.value = null
    await open()
  } catch (error) {
    wrong.value = errorText(error)
  } finally {
    busy.value = false
  }
}

/** What stands on the page, in the order in which one reads it. */
function readPage() {
  const state = work.value!.state.value
  const page = work.value!.view.pages.find((one) => one.id === state.pageId)
  const text = (page?.items ?? [])
    .flatMap((item) => {
      if (item.kind === 'words') return [item.content.text]
      if (item.kind === 'note') return [item.words.text]
      return [item.description]
    })
    .filter(Boolean)
    .join('. ')
  easing.value = false
  speak({ text: text || t('work.no-words'), onSettle: false })
}
</script>

<template>
  <div ref="root" class="student">
    <StudentBar :work="work" :name="name" @easier="easing = true" />
    <TeacherWords v-if="word" @close="putAway(word.id)"
      ><strong>{{ t('work.teacher-says') }}</strong> {{ word.words }}</TeacherWords
    >
    <TeacherWords v-if="changed && unread" @close="unread = false">{{
      renewedWords(changed.gone)
    }}</TeacherWords>
    <WallLead v-if="work && !gone" :key="work.id" :work="work" />
    <TeacherWords v-if="resting && !handedIn" quiet>{{ resting }}</TeacherWords>
    <main v-if="gone" class="taken">
      <h2 ref="takenHead" tabindex="-1">{{ t('work.taken-back') }}</h2>
      <p>{{ t('work.taken-back-safe') }}</p>
      <RouterLink class="btn pri big" to="/home"
        ><PhHouse :size="22" aria-hidden="true" />{{ t('common.my-work') }}</RouterLink
      >
    </main>
    <main
      v-else
      :inert="around?.paused"
      :class="{ beside: returned && (returned.sent || returned.mayImprove) }"
    >
      <p v-if="wrong" class="note" role="alert">
        {{ wrong }} <RouterLink to="/home">{{ t('work.to-my-work') }}</RouterLink>
      </p>
      <WorkPages
        v-if="work"
        :key="work.id"
        :work="work"
        :may-hand-in="!looking"
        :resting="Boolean(resting)"
        :untold="around?.after === 'NOTHING' && !returned?.sent"
        :pins="returned?.pins ?? []"
        :size="ease.size"
        @handed-in="lookAround().catch(passOver('the next news asks again'))"
      />
      <ReturnedCard
        v-if="work && returned && (returned.sent || returned.mayImprove)"
        :returned="returned"
        :now="around!.now"
        :busy="busy"
        @improve="improve"
      />
    </main>
    <PausedSheet v-if="around?.paused" :words="around.words" />
    <SignInAgain v-if="kept === 'sign-in' && !gone" @in="backIn" />
    <AccessibilityPanel v-if="easing" @read="readPage" @close="easing = false" />
    <ReadingRuler v-if="ease.ruler" />
  </div>
</template>

<style scoped>
.student {
  display: flex;
  flex-direction: column;
  height: 100%;
  min-height: 560px;
}
.student :deep(.btn) {
  min-height: 44px;
}
@media (max-width: 640px) and (orientation: portrait) {
  .student {
    min-height: 100%;
    height: auto;
  }
  main.beside {
    display: block;
    padding: 0 8px;
  }
}
@media (max-height: 480px) and (orientation: landscape) {
  .student {
    min-height: 0;
  }
}
main {
  flex: 1;
  min-height: 0;
}
main.taken {
  display: grid;
  gap: 14px;
  align-content: center;
  justify-items: center;
  font-size: 20px;
  text-align: center;
}
main.beside {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 290px;
  gap: 12px;
  padding-inline-end: 14px;
}
main.beside > :last-child {
  margin: 12px 0 16px;
}
</style>
