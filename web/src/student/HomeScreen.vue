<script setup lang="ts">
import { t, type MessageKey } from '@/i18n'
import { listOf } from '@/i18n/format'
import { speakOwnLanguage } from '@/i18n/own'
import { passOver } from '@/shared/passOver'
import {
  PhArrowRight,
  PhArrowBendUpLeft,
  PhCheckFat,
  PhClock,
  PhLock,
  PhPlay,
  PhSignOut,
  PhUser,
} from '@phosphor-icons/vue'
import { computed, onBeforeUnmount, onMounted, ref, shallowRef } from 'vue'
import { useRouter } from 'vue-router'
import { get, Refusal, remove, errorText } from '@/api/client'
import type { AttemptView, HomeView, ToDo } from '@/api/schema'
import BrandMark from '@/shared/BrandMark.vue'
import NoticeBell from '@/notices/NoticeBell.vue'
import { deviceHere } from '@/work/attempt/device'
import { sendWaiting } from '@/work/attempt/outbox'
import { dropTicket } from './ticket'
import { byUrgency, dueWords, timeWords } from '@/shared/times'
import { comeUpWithoutNetwork } from './withoutNetwork'

/** Where a student begins: what came back, what is to be done, what is handed in, what opens later. */
const home = shallowRef<HomeView | null>(null)
/** What can be gone on with while the network is away. */
const here = shallowRef<AttemptView[]>([])
const wrong = ref('')
const router = useRouter()

const GROUPS: { head: MessageKey; turns: ToDo['turn'][] }[] = [
  { head: 'home.came-back', turns: ['CAME_BACK'] },
  { head: 'home.to-do', turns: ['IN_WORK', 'TO_DO'] },
  { head: 'home.handed-in', turns: ['HANDED_IN'] },
  { head: 'home.later', turns: ['NOT_OPEN_YET'] },
  { head: 'home.closed', turns: ['CLOSED'] },
]
const groups = computed(() =>
  GROUPS.map((group) => ({
    head: t(group.head),
    all: byUrgency((home.value?.all ?? []).filter((one) => group.turns.includes(one.turn))),
  })).filter((group) => group.all.length > 0),
)

/** What a teacher assigns meanwhile comes by itself: when the page is looked at again, and now and then. */
async function lookAgain() {
  if (document.visibilityState !== 'visible' || !home.value) return
  await get('/api/v1/home')
    .then((now) => (home.value = now))
    .catch(passOver('it is asked for again in a while'))
}
let timer: ReturnType<typeof setInterval> | undefined
onMounted(() => {
  timer = setInterval(() => void lookAgain(), 15_000)
  document.addEventListener('visibilitychange', lookAgain)
})
onBeforeUnmount(() => {
  clearInterval(timer)
  document.removeEventListener('visibilitychange', lookAgain)
})
onMounted(async () => {
  comeUpWithoutNetwork()
  try {
    // What was done without a network, and is still on this device.
    await deviceHere().then(sendWaiting).catch(passOver('what waits here is sent the next time'))
    home.value = await get('/api/v1/home')
    await speakOwnLanguage()
  } catch (error) {
    const out = error instanceof Refusal && (error.status === 401 || error.status === 403)
    if (out) await router.replace('/join')
    else wrong.value = errorText(error)
    // Without a network one goes on with what was opened on this device.
    if (error instanceof Refusal && error.passing)
      here.value = await deviceHere()
        .then((device) => device.views())
        .catch(() => [])
  }
})

function words(one: ToDo) {
  if (one.turn === 'CAME_BACK') return t(one.mayImprove ? 'home.look-then-improve' : 'home.look')
  if (one.turn === 'NOT_OPEN_YET')
    return one.after
      ? t('home.first', { title: one.after })
      : t('home.opens', { when: timeWords(one.window.opensAt!, home.value!.now) })
  if (one.turn === 'CLOSED') return t('home.is-closed')
  if (one.turn === 'HANDED_IN') return t(one.mayImprove ? 'home.teacher-has-it-try' : 'home.teacher-has-it')
  const due = dueWords(one.window.dueAt, home.value!.now)
  if (one.turn === 'IN_WORK') return due ? t('home.begun-due', { due }) : t('home.begun')
  return due || t('home.new')
}
const closed = (one: ToDo) => one.turn === 'NOT_OPEN_YET' || one.turn === 'CLOSED'

async function leave() {
  try {
    await remove('/api/v1/session')
    dropTicket()
    await (await deviceHere()).forgetViews().catch(passOver('the next one who joins clears it away'))
    await router.push('/join')
  } catch (error) {
    wrong.value = errorText(error)
  }
}
</script>

<template>
  <div class="home">
    <header>
      <BrandMark class="mark" />
      <NoticeBell class="ring" />
      <span class="who"><PhUser :size="18" aria-hidden="true" />{{ home?.name }}</span>
      <button class="btn" @click="leave">
        <PhSignOut class="mirrors" :size="18" aria-hidden="true" />{{ t('common.sign-out') }}
      </button>
    </header>
    <main>
      <h1>{{ home ? t('join.hello', { name: home.name }) : t('common.my-work') }}</h1>
      <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
      <p v-if="home && home.all.length === 0" class="soft">{{ t('home.nothing') }}</p>
      <section v-if="here.length" :aria-label="t('home.on-device')">
        <h2>{{ t('home.on-device') }}</h2>
        <ul>
          <li v-for="one in here" :key="one.assignmentId">
            <a
              class="one"
              :href="`/work/${one.assignmentId}`"
              @click.prevent="router.push(`/work/${one.assignmentId}`)"
            >
              <span class="mark" aria-hidden="true"><PhPlay :size="30" weight="fill" /></span>
              <span class="what">
                <strong>{{ one.view.title }}</strong>
                <span class="soft">{{ one.around.className }}</span>
                <span>{{ t('home.without-network') }}</span>
              </span>
              <PhArrowRight class="mirrors" :size="24" aria-hidden="true" />
            </a>
          </li>
        </ul>
      </section>
      <section v-for="group in groups" :key="group.head" :aria-label="group.head">
        <h2>{{ group.head }}</h2>
        <ul>
          <li v-for="one in group.all" :key="one.assignmentId">
            <component
              :is="closed(one) ? 'div' : 'a'"
              class="one"
              :class="{ closed: closed(one), back: one.turn === 'CAME_BACK' }"
              :href="closed(one) ? undefined : `/work/${one.assignmentId}`"
              @click.prevent="!closed(one) && router.push(`/work/${one.assignmentId}`)"
            >
              <span class="mark" aria-hidden="true">
                <PhArrowBendUpLeft class="mirrors" v-if="one.turn === 'CAME_BACK'" :size="30" weight="bold" />
                <PhCheckFat v-else-if="one.turn === 'HANDED_IN'" :size="30" />
                <PhClock v-else-if="one.turn === 'NOT_OPEN_YET'" :size="30" />
                <PhLock v-else-if="one.turn === 'CLOSED'" :size="30" />
                <PhPlay v-else :size="30" weight="fill" />
              </span>
              <span class="what">
                <strong>{{ one.title }}</strong>
                <span class="soft">{{
                  one.with
                    ? t('home.class-with', { className: one.className, names: listOf(one.with) })
                    : one.className
                }}</span>
                <span>{{ words(one) }}</span>
              </span>
              <span
                v-if="one.stage === 'LATE' && one.turn !== 'HANDED_IN' && one.turn !== 'CAME_BACK'"
                class="chip w"
                >{{ t('home.was-due') }}</span
              >
              <span v-if="one.score" class="chip n">{{
                t('home.score', { got: one.score.got, most: one.score.most })
              }}</span>
              <PhArrowRight class="mirrors" v-if="!closed(one)" :size="24" aria-hidden="true" />
            </component>
          </li>
        </ul>
      </section>
    </main>
  </div>
</template>

<style scoped>
/* Nothing to tap is smaller than a finger. */
.home :deep(.btn) {
  min-width: 44px;
  min-height: 44px;
}
header {
  display: flex;
  gap: 14px;
  align-items: center;
  padding: 9px 20px;
  border-bottom: 1px solid var(--line);
  background: var(--paper);
}
header .mark {
  color: var(--petrol);
}
.ring {
  margin-inline-start: auto;
}
.who {
  display: flex;
  gap: 6px;
  align-items: center;
  font-weight: 700;
}
main {
  display: grid;
  gap: 20px;
  width: min(860px, 100%);
  margin: 0 auto;
  padding: 26px 20px 40px;
}
section {
  display: grid;
  gap: 10px;
}
ul {
  display: grid;
  gap: 12px;
  margin: 0;
  padding: 0;
  list-style: none;
}
.one {
  display: flex;
  gap: 16px;
  align-items: center;
  padding: 14px 18px;
  border: 1.5px solid #cfc6b4;
  border-radius: var(--tile);
  background: #fff;
  box-shadow: var(--ledge);
  color: inherit;
  font-size: 17px;
  text-decoration: none;
}
a.one:hover {
  border-color: var(--petrol);
}
.one .mark {
  display: grid;
  flex: none;
  place-items: center;
  width: 52px;
  height: 52px;
  border-radius: var(--tile);
  background: var(--petrol-t);
  color: var(--petrol-d);
}
.back .mark {
  background: var(--saffron-t);
  color: #5b3c00;
}
.closed {
  box-shadow: none;
  background: transparent;
}
.what {
  display: grid;
  flex: 1;
  overflow-wrap: anywhere;
}
.what strong {
  font-size: 20px;
}
</style>
