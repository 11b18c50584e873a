<script setup lang="ts">
import { t } from '@/i18n'
import { PhArrowLeft } from '@phosphor-icons/vue'
import { onBeforeUnmount, onMounted, ref, shallowRef } from 'vue'
import { post, errorText } from '@/api/client'
import { tryWork } from '@/work/attempt/tryWork'
import type { Work } from '@/work/attempt/work'
import { explained } from '@/workbench/edits/explain'
import WorkPages from '@/work/page/WorkPages.vue'
import type { Editing } from '@/workbench/edits/editing'

/** Exactly the student's page, with the same rules on the server; nothing is kept. */
const props = defineProps<{ editing: Editing; pageId: string }>()
const emit = defineEmits<{ back: [] }>()
const work = shallowRef<Work | null>(null)
const wrong = ref('')

onMounted(async () => {
  try {
    await props.editing.flush()
    const tried = await post(`/api/v1/activities/${props.editing.id}/tries`, { moves: [] })
    const made = tryWork(props.editing.id, tried)
    if (tried.state.pageId !== props.pageId) await made.make({ kind: 'open', pageId: props.pageId })
    work.value = explaining(made)
  } catch (error) {
    wrong.value = errorText(error)
  }
})

const why = ref('')
const explains = ref(false)
/** The same work, which also says why it was answered so. */
function explaining(made: Work): Work {
  return {
    ...made,
    get view() {
      return made.view
    },
    async make(act) {
      const verdict = await made.make(act)
      why.value = await explained(act, verdict, props.editing.activity.value).catch(() => '')
      return verdict
    },
  }
}

function key(event: KeyboardEvent) {
  if (event.key === 'F2') emit('back')
}
onMounted(() => window.addEventListener('keydown', key))
onBeforeUnmount(() => window.removeEventListener('keydown', key))
</script>

<template>
  <div class="try">
    <p class="strip">
      <span>{{ t('workbench.this-is-what-a-student-sees') }}</span>
      <label class="explains"><input v-model="explains" type="checkbox" />{{ t('workbench.explain') }}</label>
      <strong v-if="explains && why" class="why" role="status">{{ why }}</strong>
      <button class="btn" @click="emit('back')">
        <PhArrowLeft class="mirrors" :size="18" aria-hidden="true" />{{ t('workbench.back-to-lay-out-f2') }}
      </button>
    </p>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <WorkPages v-if="work" :work="work" :may-hand-in="false" />
  </div>
</template>

<style scoped>
.try {
  display: grid;
  grid-column: 1 / -1;
  grid-template-rows: auto 1fr;
  min-height: 0;
}
.explains {
  display: flex;
  gap: 6px;
  align-items: center;
}
.why {
  overflow-wrap: anywhere;
}
.strip {
  display: flex;
  gap: 14px;
  align-items: center;
  justify-content: center;
  padding: 6px;
  background: var(--saffron-t);
  color: #5b3c00;
}
</style>
