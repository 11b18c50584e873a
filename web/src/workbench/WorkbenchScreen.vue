<script setup lang="ts">
import { t } from '@/i18n'
import {
  computed,
  defineAsyncComponent,
  effectScope,
  onBeforeUnmount,
  onMounted,
  ref,
  shallowRef,
  watch,
} from 'vue'
import { useRouter } from 'vue-router'
import { get, errorText } from '@/api/client'
import { needTeacher } from '@/accounts/me'
import { fontsReady } from '@/page/wordFit'
import { watchPages, type PageWatch } from './answers/pageCheck'
import { openActivity, type Editing } from '@/workbench/edits/editing'
import { elsewhere } from '@/workbench/edits/linkTargets'
import LayoutStep from '@/workbench/steps/LayoutStep.vue'
import { nextRegion } from '@/workbench/edits/regions'
import PagesColumn from '@/workbench/pages/PagesColumn.vue'
import { STEPS } from '@/workbench/steps/steps'
import WorkbenchHeader from './WorkbenchHeader.vue'

/** Fetched when they are first needed. */
const AnswersStep = defineAsyncComponent(() => import('@/workbench/steps/AnswersStep.vue'))
const AssignStep = defineAsyncComponent(() => import('@/workbench/steps/AssignStep.vue'))
const HistoryPanel = defineAsyncComponent(() => import('@/workbench/panels/HistoryPanel.vue'))
const LinksStep = defineAsyncComponent(() => import('@/workbench/steps/LinksStep.vue'))
const TryStep = defineAsyncComponent(() => import('@/workbench/steps/TryStep.vue'))
const KeysDialog = defineAsyncComponent(() => import('@/workbench/panels/KeysDialog.vue'))

const props = defineProps<{ id: string; step?: string }>()
const router = useRouter()
const editing = shallowRef<Editing | null>(null)
const wrong = ref('')
const pageId = ref('')
const keys = ref(false)
const past = ref(false)

const step = computed(() => props.step || 'lay-out')
const activity = computed(() => editing.value?.activity.value)
const page = computed(
  () => activity.value?.pages.find((one) => one.id === pageId.value) ?? activity.value?.pages[0],
)
const watched = shallowRef<PageWatch | null>(null)
const scope = effectScope()
/** What the page check has found in the whole activity. */
const open = computed(() => watched.value?.checked.value?.total ?? 0)
onMounted(async () => {
  try {
    if (!(await needTeacher())) return
    const [current] = await Promise.all([get(`/api/v1/activities/${props.id}`), fontsReady([undefined])])
    editing.value = openActivity(props.id, current)
    pageId.value = current.activity.pages[0]!.id
    watched.value = scope.run(() => watchPages(editing.value!)) ?? null
  } catch (error) {
    wrong.value = errorText(error)
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
</script>

<template>
  <div class="workbench">
    <WorkbenchHeader
      :id="id"
      :editing="editing"
      :step="step"
      :open="open"
      :past="past"
      @past="past = !past"
      @keys="keys = true"
      @present="present"
    />
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <p v-if="editing?.told.value" class="note told" role="alert">
      {{ editing.told.value }}
      <button class="btn" @click="editing.told.value = ''">{{ t('workbench.ok') }}</button>
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
