<script setup lang="ts">
import { t } from '@/i18n'
import { PhChatCircleText } from '@phosphor-icons/vue'
import { onMounted, ref } from 'vue'
import { errorText } from '@/api/client'

/** A word to one or to all, or what stands on everybody's resting pages. */
const props = defineProps<{
  head: string
  button: string
  /** Whether nothing need be said. */
  optional?: boolean
  send: (words: string) => Promise<unknown>
}>()
const emit = defineEmits<{ done: []; close: [] }>()
const dialog = ref<HTMLDialogElement>()
const words = ref('')
const wrong = ref('')
onMounted(() => dialog.value?.showModal())
async function submit() {
  wrong.value = ''
  try {
    await props.send(words.value.trim())
    emit('done')
    dialog.value?.close()
  } catch (error) {
    wrong.value = errorText(error)
  }
}
</script>

<template>
  <dialog ref="dialog" class="saying" aria-labelledby="saying-head" @close="$emit('close')">
    <form @submit.prevent="submit">
      <h1 id="saying-head">{{ head }}</h1>
      <textarea
        v-model="words"
        class="field"
        rows="3"
        maxlength="1000"
        dir="auto"
        :aria-label="t('shared.words')"
        autofocus
      ></textarea>
      <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
      <div class="row">
        <button type="button" class="btn" @click="dialog?.close()">{{ t('shared.cancel') }}</button>
        <button class="btn acc" :disabled="!optional && !words.trim()">
          <PhChatCircleText :size="18" aria-hidden="true" />{{ button }}
        </button>
      </div>
    </form>
  </dialog>
</template>

<style scoped>
.saying {
  width: min(480px, 94vw);
  padding: 22px 26px;
  border: 1px solid var(--line);
  border-radius: 16px 16px 16px 4px;
  background: var(--paper);
  color: var(--ink);
}
.saying::backdrop {
  background: #1f2d3380;
}
form {
  display: grid;
  gap: 14px;
}
textarea {
  width: 100%;
  font-size: 17px;
}
.row {
  display: flex;
  gap: 12px;
  justify-content: flex-end;
}
</style>
