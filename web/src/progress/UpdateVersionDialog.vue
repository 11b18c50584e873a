<script setup lang="ts">
import { t } from '@/i18n'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { get, post, errorText } from '@/api/client'
import type { Account } from '@/api/schema'

/** A plain account of what a newer version changes, for whom, before anything is changed. */
const props = defineProps<{ id: string }>()
const emit = defineEmits<{ done: []; close: [] }>()
const dialog = ref<HTMLDialogElement>()
const account = shallowRef<Account | null>(null)
const wrong = ref('')
const busy = ref(false)
const address = computed(() => `/api/v1/assignments/${props.id}/version-update` as const)
onMounted(async () => {
  dialog.value?.showModal()
  try {
    account.value = await get(address.value)
  } catch (error) {
    wrong.value = errorText(error)
  }
})
async function renew() {
  busy.value = true
  try {
    await post(address.value)
    emit('done')
    dialog.value?.close()
  } catch (error) {
    wrong.value = errorText(error)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <dialog ref="dialog" class="renew" aria-labelledby="renew-head" @close="$emit('close')">
    <h1 id="renew-head">{{ t('progress.update-to-the-latest-version') }}</h1>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <template v-if="account">
      <p v-if="account.same">{{ t('progress.the-activity-is-as-you-assigned') }}</p>
      <template v-else>
        <p>{{ t('progress.update-says', { atWork: account.working, handedIn: account.handedIn }) }}</p>
        <p v-if="account.added.length">
          <strong>{{ t('progress.new') }}</strong> {{ account.added.join(', ') }}
        </p>
        <p v-if="account.removed.length">
          <strong>{{ t('progress.gone') }}</strong> {{ account.removed.join(', ') }}
        </p>
        <p v-if="account.changes.length === 0">{{ t('progress.nothing-that-anybody-did-is-lost') }}</p>
        <ul v-else>
          <li v-for="one in account.changes" :key="one.name">
            <strong>{{ one.name }}</strong>
            <template v-if="one.gone.length">
              {{ t('progress.loses-gone', { gone: one.gone.join(', ') }) }}</template
            >
            <template v-if="one.gone.length && one.loosened.length">;</template>
            <template v-if="one.loosened.length">
              {{ t('progress.has-to-place-again-loosened', { loosened: one.loosened.join(', ') }) }}</template
            >
          </li>
        </ul>
      </template>
    </template>
    <div class="row">
      <button class="btn" autofocus @click="dialog?.close()">{{ t('progress.leave-it-as-it-is') }}</button>
      <button v-if="account && !account.same" class="btn acc" :disabled="busy" @click="renew">
        {{ t('progress.update') }}
      </button>
    </div>
  </dialog>
</template>

<style scoped>
.renew {
  width: min(560px, 94vw);
  padding: 22px 26px;
  border: 1px solid var(--line);
  border-radius: 16px 16px 16px 4px;
  background: var(--paper);
  color: var(--ink);
}
.renew[open] {
  display: grid;
  gap: 12px;
}
.renew::backdrop {
  background: #1f2d3380;
}
ul {
  max-height: 240px;
  margin: 0;
  padding-inline-start: 20px;
  overflow-y: auto;
}
.row {
  display: flex;
  gap: 12px;
  justify-content: flex-end;
}
</style>
