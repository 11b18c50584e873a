<script setup lang="ts">
import { t } from '@/i18n'
import { openStream, type LiveStream } from '@/shared/liveStream'
import { passOver } from '@/shared/passOver'
import { PhArrowLeft, PhPresentation } from '@phosphor-icons/vue'
import { computed, onBeforeUnmount, onMounted, ref, shallowRef } from 'vue'
import { RouterLink } from 'vue-router'
import { get, errorText } from '@/api/client'
import type { Left, ProgressRow } from '@/api/schema'
import TeacherBar from '@/accounts/TeacherBar.vue'
import { needTeacher } from '@/accounts/me'
import { nameIn } from '@/page/names'
import PageNumbers from '@/page/PageNumbers.vue'
import RecordingList from '@/page/RecordingList.vue'
import RefusedWork from './RefusedWork.vue'
import PageAsDone from '@/work/page/PageAsDone.vue'

/** A student's page as they left it; goes along while they work. */
const props = defineProps<{ id: string; studentId: string }>()
const left = shallowRef<Left | null>(null)
const wrong = ref('')
const chosen = ref('')
let stream: LiveStream | null = null

const pages = computed(() => left.value?.view.pages ?? [])
const page = computed(() => pages.value.find((one) => one.id === (chosen.value || left.value?.state.pageId)))
/** The pages in the order in which they were met. */
const way = computed(() => {
  const met = left.value?.state.met?.map((one) => one.pageId) ?? []
  return met.flatMap((id) => pages.value.find((one) => one.id === id)?.name ?? [])
})
/** In front of the class, without a name at first. */
const wall = computed(() => {
  const one = left.value!
  return {
    path: `/present/${one.activityId}`,
    query: { class: one.classId, assignment: props.id, student: props.studentId },
  }
})
const own = computed(() => left.value!.state.own?.[page.value!.id])
const nameOf = (id: string) => nameIn(pages.value, id)
/** Of all rounds the newest; the one that is looked at is followed only while it is that. */
const newest = ref(1)
let asked = 0
async function load(round?: number) {
  const address = `/api/v1/assignments/${props.id}/students/${props.studentId}` as const
  const mine = ++asked
  const now = await get(round ? `${address}?round=${round}` : address)
  // The round that was asked for last is the one that is wanted.
  if (mine !== asked) return
  left.value = now
  newest.value = Math.max(newest.value, left.value.round)
}
const showRound = (n: number) => load(n).catch((error) => (wrong.value = errorText(error)))

onMounted(async () => {
  try {
    if (!(await needTeacher())) return
    await load()
    stream = openStream<{ row: ProgressRow }>(`/api/v1/assignments/${props.id}/live`, {
      row(row) {
        if (row.id === props.studentId && left.value?.round === newest.value)
          void load().catch(passOver('the next move asks again'))
      },
    })
  } catch (error) {
    wrong.value = errorText(error)
  }
})
onBeforeUnmount(() => stream?.close())
</script>

<template>
  <TeacherBar />
  <main class="room">
    <p>
      <RouterLink class="btn" :to="`/assigned/${id}`"
        ><PhArrowLeft class="mirrors" :size="18" aria-hidden="true" />{{
          t('shared.to-class-progress')
        }}</RouterLink
      >
      <RouterLink v-if="left" class="btn" :to="wall"
        ><PhPresentation :size="18" aria-hidden="true" />{{ t('progress.show-on-the-wall') }}</RouterLink
      >
    </p>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <template v-if="left && page">
      <div class="head">
        <h1>{{ left.name }}</h1>
        <span class="chip">{{
          t('progress.solved-of-placements-placed', {
            solved: left.progress.solved,
            placements: left.placements,
          })
        }}</span>
        <span v-if="left.state.standing === 'HANDED_IN'" class="chip n">{{ t('progress.handed-in') }}</span>
        <span v-if="newest > 1" class="seg" role="group" :aria-label="t('progress.rounds')">
          <button v-for="n in newest" :key="n" :aria-pressed="left.round === n" @click="showRound(n)">
            {{ t('progress.round-count', { count: n }) }}
          </button>
        </span>
        <PageNumbers class="numbers" :pages="pages" :now="page.id" @turn="chosen = $event" />
      </div>
      <p class="way">
        <strong>{{ t('progress.path') }}</strong>{{ ' ' }}
        <span v-for="(one, i) in way" :key="i">{{ one }}</span>
      </p>
      <PageAsDone class="sheet" :page="page" :state="left.state" :sides="left.sides" :name="left.name" />
      <RecordingList :said="own?.said ?? []" />
      <RefusedWork :refused="left.refused" :name-of="nameOf" />
    </template>
  </main>
</template>

<style scoped>
.room {
  display: grid;
  gap: 12px;
  justify-content: center;
  padding: 14px 22px 30px;
}
.head {
  display: flex;
  gap: 12px;
  align-items: center;
}
.numbers {
  margin-inline-start: auto;
}
.way {
  max-width: 1000px;
  overflow-wrap: anywhere;
}
.way span + span::before {
  content: '›';
  padding: 0 6px;
  color: var(--soft);
}
.sheet {
  width: min(1000px, calc(100vw - 44px), calc((100vh - 190px) * 1.6));
  border-radius: 4px;
  background: #fff;
  box-shadow: 0 6px 24px #0000001f;
}
</style>
