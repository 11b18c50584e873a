<script setup lang="ts">
import {
  PhArrowUUpLeft,
  PhArrowUUpRight,
  PhClockCounterClockwise,
  PhExport,
  PhHandTap,
  PhPath,
  PhPresentation,
  PhQuestion,
  PhShapes,
  PhTarget,
} from '@phosphor-icons/vue'
import { computed, effectScope, onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { get, said } from '@/api/client'
import BrandMark from '@/shared/BrandMark.vue'
import { needTeacher } from '@/accounts/me'
import { count } from '@/page/count'
import { fontsReady } from '@/page/wordFit'
import { watchPages, type PageWatch } from './answers/pageCheck'
import AnswersStep from '@/workbench/steps/AnswersStep.vue'
import AssignStep from '@/workbench/steps/AssignStep.vue'
import { openActivity, type Editing } from '@/workbench/edits/editing'
import { elsewhere } from '@/workbench/edits/linkTargets'
import HistoryPanel from '@/workbench/panels/HistoryPanel.vue'
import KeysDialog from '@/workbench/panels/KeysDialog.vue'
import LayoutStep from '@/workbench/steps/LayoutStep.vue'
import { nextRegion } from '@/workbench/edits/regions'
import PagesColumn from '@/workbench/pages/PagesColumn.vue'
import LinksStep from '@/workbench/steps/LinksStep.vue'
import TryStep from '@/workbench/steps/TryStep.vue'

const props = defineProps<{ id: string; step?: string }>()
const router = useRouter()
const editing = shallowRef<Editing | null>(null)
const wrong = ref('')
const pageId = ref('')
const keys = ref(false)
const past = ref(false)
const naming = ref(false)

const STEPS = [
  { path: 'lay-out', name: 'Lay out', icon: PhShapes },
  { path: 'answers', name: 'Answers', icon: PhTarget },
  { path: 'links', name: 'Links', icon: PhPath },
  { path: 'try', name: 'Try', icon: PhHandTap },
  { path: 'assign', name: 'Assign', icon: PhExport },
]
const step = computed(() => props.step || 'lay-out')
const activity = computed(() => editing.value?.activity.value)
const page = computed(
  () => activity.value?.pages.find((one) => one.id === pageId.value) ?? activity.value?.pages[0],
)
const watched = shallowRef<PageWatch | null>(null)
const scope = effectScope()
/** What the page check has found in the whole activity. */
const open = computed(() => watched.value?.checked.value?.total ?? 0)
const saved = computed(() => {
  const state = editing.value?.saved.value
  if (state === 'saving') return 'Saving'
  if (state !== 'saved') return state ?? ''
  return `Saved ${editing.value!.savedAt.value.toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' })}`
})

onMounted(async () => {
  try {
    if (!(await needTeacher())) return
    const [current] = await Promise.all([get(`/api/v1/activities/${props.id}`), fontsReady([undefined])])
    editing.value = openActivity(props.id, current)
    pageId.value = current.activity.pages[0]!.id
    watched.value = scope.run(() => watchPages(editing.value!)) ?? null
  } catch (error) {
    wrong.value = said(error)
  }
})
onBeforeUnmount(() => {
  scope.stop()
  editing.value?.close()
})

// The page shown may be taken away, by an undo or by somebody else.
watch(page, (now) => {
  if (now && now.id !== pageId.value) pageId.value = now.id
})

const go = (path: string) => router.push(`/activities/${props.id}/${path}`)

function layOut(id: string) {
  pageId.value = id
  void go('lay-out')
}

function turnPage(by: number) {
  const pages = activity.value?.pages ?? []
  const next = pages[pages.findIndex((one) => one.id === page.value?.id) + by]
  // Past the last page there is nothing: moving on never makes a page.
  if (next) pageId.value = next.id
}

function key(event: KeyboardEvent) {
  if (event.key === 'F6') {
    if (nextRegion(document, event.shiftKey ? -1 : 1)) event.preventDefault()
    return
  }
  if (event.key === 'F8') {
    event.preventDefault()
    void present()
    return
  }
  if (elsewhere(event) || !editing.value) return
  const letter = event.key.toLowerCase()
  if ((event.ctrlKey || event.metaKey) && letter === 'z')
    void editing.value[event.shiftKey ? 'redo' : 'undo']()
  else if (event.altKey && STEPS[Number(event.key) - 1]) void go(STEPS[Number(event.key) - 1]!.path)
  else if (event.key === 'PageDown') turnPage(1)
  else if (event.key === 'PageUp') turnPage(-1)
  else if (event.key === '?') keys.value = true
  else return
  event.preventDefault()
}
onMounted(() => window.addEventListener('keydown', key))
onBeforeUnmount(() => window.removeEventListener('keydown', key))

/** With all that was edited, and the page that is open. */
async function present() {
  await editing.value?.flush()
  await router.push({ path: `/present/${props.id}`, query: page.value ? { page: page.value.id } : {} })
}

function rename(event: Event) {
  naming.value = false
  const title = (event.target as HTMLInputElement).value.trim()
  if (title && title !== activity.value?.title) editing.value?.edit({ kind: 'set-title', title })
}
</script>

<template>
  <div class="workbench">
    <header>
      <RouterLink class="home" to="/activities" aria-label="To all activities" title="All activities"
        ><BrandMark
      /></RouterLink>
      <div class="title">
        <input
          v-if="naming"
          :value="activity?.title"
          class="rename"
          aria-label="Name of the activity"
          maxlength="300"
          autofocus
          @change="rename"
          @blur="naming = false"
          @keydown.enter="rename"
        />
        <h1 v-else>
          <button class="name" title="Rename" @click="naming = true">{{ activity?.title ?? '' }}</button>
        </h1>
        <p role="status">
          {{ editing && !editing.mayEdit ? 'To look at only' : saved
          }}<template v-if="activity"> · {{ count(activity.pages.length, 'page') }}</template>
        </p>
      </div>
      <nav aria-label="Steps">
        <RouterLink
          v-for="(one, i) in STEPS"
          :key="one.path"
          :to="`/activities/${id}/${one.path}`"
          :class="{ on: step === one.path }"
          :aria-current="step === one.path ? 'step' : undefined"
          :title="`Alt+${i + 1}`"
        >
          <component :is="one.icon" :size="19" aria-hidden="true" />{{ one.name }}
          <b
            v-if="one.path === 'answers' && open"
            class="n"
            :aria-label="`${count(open, 'thing')} to look at`"
            >{{ open }}</b
          >
        </RouterLink>
      </nav>
      <div class="tools">
        <button class="btn quiet present" title="Present to the class (F8)" @click="present">
          <PhPresentation :size="21" aria-hidden="true" />Present
        </button>
        <button
          class="btn quiet"
          aria-label="Undo"
          title="Undo (Ctrl+Z)"
          :disabled="!editing?.canUndo.value"
          @click="editing?.undo()"
        >
          <PhArrowUUpLeft :size="21" aria-hidden="true" />
        </button>
        <button
          class="btn quiet"
          aria-label="Redo"
          title="Redo (Ctrl+Shift+Z)"
          :disabled="!editing?.canRedo.value"
          @click="editing?.redo()"
        >
          <PhArrowUUpRight :size="21" aria-hidden="true" />
        </button>
        <button
          class="btn quiet"
          aria-label="History"
          title="History"
          :aria-pressed="past"
          @click="past = !past"
        >
          <PhClockCounterClockwise :size="21" aria-hidden="true" />
        </button>
        <button class="btn quiet" aria-label="Keys" title="Keys (?)" @click="keys = true">
          <PhQuestion :size="21" aria-hidden="true" />
        </button>
      </div>
    </header>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <p v-if="editing?.told.value" class="note told" role="alert">
      {{ editing.told.value }} <button class="btn" @click="editing.told.value = ''">OK</button>
    </p>

    <p class="noted" role="status" :class="{ here: editing?.noted.value }">{{ editing?.noted.value }}</p>

    <HistoryPanel
      v-if="past && editing && page"
      class="past"
      :editing="editing"
      :page-id="page.id"
      @close="past = false"
    />
    <main v-else-if="editing && activity && page" class="bench">
      <LayoutStep v-if="step === 'lay-out'" :editing="editing" :page="page" @page="pageId = $event" />
      <AnswersStep
        v-else-if="step === 'answers'"
        :editing="editing"
        :page="page"
        :checked="watched?.checked.value ?? null"
        :failed="watched?.failed.value ?? false"
        @page="pageId = $event"
      />
      <LinksStep v-else-if="step === 'links'" :editing="editing" @edit="layOut" />
      <TryStep v-else-if="step === 'try'" :editing="editing" :page-id="page.id" @back="go('lay-out')" />
      <AssignStep v-else :editing="editing" />
      <PagesColumn v-if="step === 'lay-out' || step === 'answers'" v-model="pageId" :editing="editing" />
    </main>
    <KeysDialog v-model="keys" />
  </div>
</template>

<style scoped>
.workbench {
  display: flex;
  flex-direction: column;
  height: 100%;
  min-height: 600px;
}
header {
  display: grid;
  grid-template-columns: 28px minmax(0, 1fr) auto minmax(0, 1fr);
  align-items: center;
  gap: 14px;
  min-height: 54px;
  padding: 0 16px;
  background: var(--petrol-d);
  color: #fff;
}
.home {
  color: #fff;
}
.title {
  line-height: 1.2;
  min-width: 0;
}
h1 {
  font-size: 15px;
}
.title p {
  overflow: hidden;
  color: #b9d2d2;
  font-size: 12px;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.name {
  overflow: hidden;
  max-width: 100%;
  padding: 0;
  border: 0;
  background: none;
  color: #fff;
  cursor: text;
  font-weight: 700;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.rename {
  width: 100%;
  padding: 2px 6px;
  border: 0;
  border-radius: 5px;
}
nav {
  display: flex;
  gap: 4px;
  padding: 4px;
  border-radius: var(--tile-s);
  background: #0003;
}
nav a {
  display: flex;
  align-items: center;
  gap: 7px;
  padding: 6px 14px;
  border-radius: var(--tile-s);
  color: #cfe3e2;
  text-decoration: none;
  white-space: nowrap;
}
nav a.on {
  background: var(--paper);
  color: var(--petrol-d);
  font-weight: 700;
}
.n {
  padding: 0 6px;
  border-radius: 9px;
  background: var(--saffron);
  color: #2b1e02;
  font-size: 12px;
}
.tools {
  display: flex;
  justify-content: flex-end;
}
.tools .btn {
  color: #dcebea;
}
.tools .btn[aria-pressed='true'] {
  background: #ffffff26;
  box-shadow: inset 0 -3px var(--saffron);
}
.tools .btn:disabled {
  background: transparent;
  border-color: transparent;
  color: #5f8a8e;
}
.told {
  margin: 8px 16px 0;
}
/* Lies over the page for a moment, and moves nothing. */
.noted {
  position: fixed;
  z-index: 20;
  bottom: 108px;
  left: 50%;
  max-width: min(640px, 90vw);
  padding: 10px 18px;
  border-radius: var(--tile);
  background: var(--petrol-d);
  color: #fff;
  transform: translateX(-50%);
  overflow-wrap: anywhere;
  pointer-events: none;
  visibility: hidden;
}
.noted.here {
  visibility: visible;
}
.past {
  flex: 1;
}
.bench {
  display: grid;
  flex: 1;
  grid-template-columns: 1fr auto;
  min-height: 0;
}
</style>
