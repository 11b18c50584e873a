<script setup lang="ts">
import { t } from '@/i18n'
import { onMounted, ref } from 'vue'
import { put, errorText } from '@/api/client'
import type { AssignTerms, Extension, ProgressRow } from '@/api/schema'
import { localOf } from '@/shared/localTime'

/** More time for one student or team. */
const props = defineProps<{
  assignmentId: string
  row: ProgressRow
  terms: AssignTerms
  extension?: Extension
}>()
const emit = defineEmits<{ done: []; close: [] }>()
const dialog = ref<HTMLDialogElement>()
const until = ref(localOf(props.extension?.until ?? props.terms.dueAt, props.terms.zone))
const minutes = ref(props.extension?.moreSeconds ? props.extension.moreSeconds / 60 : 0)
const wrong = ref('')
onMounted(() => dialog.value?.showModal())

async function keep(body: Record<string, unknown>) {
  wrong.value = ''
  try {
    await put(`/api/v1/assignments/${props.assignmentId}/extensions/${props.row.id}`, body)
    emit('done')
    dialog.value?.close()
  } catch (error) {
    wrong.value = errorText(error)
  }
}
/** A time that is the others' is no later time, and more minutes can be given without one. */
const everybodys = localOf(props.terms.dueAt, props.terms.zone)
function give() {
  const later = props.terms.dueAt && until.value && until.value !== everybodys ? until.value : undefined
  const moreSeconds = minutes.value ? Math.round(minutes.value * 60) : undefined
  if (later || moreSeconds) return keep({ until: later, moreSeconds })
  wrong.value = props.terms.seconds
    ? t('progress.nothing-is-changed-yet-choose-a')
    : t('progress.nothing-is-changed-yet-choose-a-2')
}
</script>

<template>
  <dialog ref="dialog" class="extend" aria-labelledby="extend-head" @close="$emit('close')">
    <h1 id="extend-head">{{ t('progress.more-time-for-row', { row: row.name }) }}</h1>
    <label v-if="terms.dueAt"
      >{{ t('progress.due-for-row', { row: row.name }) }}
      <input v-model="until" class="field" type="datetime-local" :min="everybodys" max="2199-12-31T23:59"
    /></label>
    <label v-if="terms.seconds"
      >{{ t('progress.minutes-on-top-of-seconds', { seconds: Math.round(terms.seconds / 60) }) }}
      <input v-model.number="minutes" class="field" type="number" min="0" max="1440"
    /></label>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <div class="row">
      <button v-if="extension" class="btn" @click="keep({})">{{ t('progress.as-for-everybody') }}</button>
      <button class="btn" @click="dialog?.close()">{{ t('shared.cancel') }}</button>
      <button class="btn acc" @click="give">{{ t('progress.give-it') }}</button>
    </div>
  </dialog>
</template>

<style scoped>
.extend {
  width: min(460px, 94vw);
  padding: 22px 26px;
  border: 1px solid var(--line);
  border-radius: 16px 16px 16px 4px;
  background: var(--paper);
  color: var(--ink);
}
.extend[open] {
  display: grid;
  gap: 14px;
}
.extend::backdrop {
  background: #1f2d3380;
}
label {
  display: grid;
  gap: 4px;
}
.row {
  display: flex;
  gap: 10px;
  justify-content: flex-end;
}
</style>
