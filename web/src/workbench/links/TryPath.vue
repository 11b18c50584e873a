<script setup lang="ts">
import { t } from '@/i18n'
import { PhArrowCounterClockwise, PhCheckCircle, PhCircleDashed, PhX } from '@phosphor-icons/vue'
import { computed, onMounted, shallowRef, ref } from 'vue'
import { post, errorText } from '@/api/client'
import { numbered, linksOf } from '@/page/pageOrder'
import { tryWork } from '@/work/attempt/tryWork'
import type { Work } from '@/work/attempt/work'
import WorkPages from '@/work/page/WorkPages.vue'
import type { Editing } from '@/workbench/edits/editing'

/** The activity as a student walks through it, with the pages that were met. Nothing is kept. */
const props = defineProps<{ editing: Editing }>()
const emit = defineEmits<{ close: [] }>()
const work = shallowRef<Work | null>(null)
const wrong = ref('')
const pages = computed(() => props.editing.activity.value.pages)
const met = computed(() => work.value?.state.value.met?.map((one) => one.pageId) ?? [])
const left = computed(() =>
  pages.value.filter((page) => !linksOf(page).aside && !met.value.includes(page.id)),
)

async function begin() {
  try {
    await props.editing.flush()
    const tried = await post(`/api/v1/activities/${props.editing.id}/tries`, { moves: [] })
    work.value = tryWork(props.editing.id, tried)
  } catch (error) {
    wrong.value = errorText(error)
  }
}
onMounted(begin)
</script>

<template>
  <aside class="met" data-region :aria-label="t('workbench.pages-that-were-met')">
    <h2>{{ t('workbench.try-the-path') }}</h2>
    <p>{{ t('workbench.as-a-student-would-nothing-you') }}</p>
    <div class="row">
      <button class="btn" @click="begin">
        <PhArrowCounterClockwise :size="18" aria-hidden="true" />{{ t('shared.from-the-start') }}
      </button>
      <button class="btn pri" @click="emit('close')">
        <PhX :size="18" aria-hidden="true" />{{ t('workbench.to-the-map') }}
      </button>
    </div>
    <p role="status">
      <strong>{{ t('workbench.count-met', { count: met.length }) }}</strong> ·
      {{ t('workbench.so-many-not-met', { left: left.length }) }}
    </p>
    <ol :aria-label="t('workbench.met-in-this-order')">
      <li v-for="id in met" :key="id" :class="{ here: work?.state.value.pageId === id }">
        <PhCheckCircle :size="19" weight="fill" aria-hidden="true" />{{ numbered(pages, id) }}
      </li>
    </ol>
    <ul v-if="left.length" :aria-label="t('workbench.not-met-yet')">
      <li v-for="page in left.slice(0, 60)" :key="page.id">
        <PhCircleDashed :size="19" aria-hidden="true" />{{ numbered(pages, page.id) }}
      </li>
      <li v-if="left.length > 60">{{ t('workbench.and-left-more', { left: left.length - 60 }) }}</li>
    </ul>
  </aside>
  <div class="walk">
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <WorkPages v-if="work" :key="work.view.title" :work="work" :may-hand-in="false" />
  </div>
</template>

<style scoped>
.met {
  display: flex;
  flex-direction: column;
  gap: 12px;
  width: 300px;
  padding: 16px;
  overflow-y: auto;
  border-inline-end: 1px solid var(--line);
  background: var(--paper);
}
.row {
  display: grid;
  gap: 8px;
}
ol,
ul {
  display: grid;
  gap: 6px;
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  gap: 8px;
  align-items: center;
  overflow-wrap: anywhere;
}
ol li {
  color: var(--petrol-d);
}
ul li {
  color: var(--soft);
}
.here {
  font-weight: 700;
}
.walk {
  min-width: 0;
  min-height: 0;
}
</style>
