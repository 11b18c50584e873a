<script setup lang="ts">
import { t } from '@/i18n'
import { passOver } from '@/shared/passOver'
import { onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { get, post, errorText } from '@/api/client'
import SecretForm from './SecretForm.vue'
import { ticketHere } from './ticket'

/** The session has ended, or somebody else is signed in. What was done is safe here, and goes on from here. */
const emit = defineEmits<{ in: [] }>()
const ticket = ticketHere()
const wrong = ref('')
const busy = ref(false)
const router = useRouter()
const dialog = ref<HTMLDialogElement>()
const form = ref<InstanceType<typeof SecretForm>>()
onMounted(() => dialog.value?.showModal())

async function enter(secret: string) {
  busy.value = true
  wrong.value = ''
  try {
    // The token of the session that ended is no good any more.
    await get('/api/v1/me').catch(passOver('the sign-in says what is wrong'))
    const { code, studentId } = ticket!
    await post(`/api/v1/join/${encodeURIComponent(code)}/session`, { studentId, pin: secret })
    emit('in')
  } catch (error) {
    wrong.value = errorText(error)
    await form.value?.clear()
  } finally {
    busy.value = false
  }
}
const toCode = () => router.push('/join')
</script>

<template>
  <dialog ref="dialog" class="again" aria-labelledby="again-head" @cancel.prevent>
    <h1 id="again-head">{{ ticket ? t('join.hello', { name: ticket.name }) : t('again.head') }}</h1>
    <p>{{ t('again.safe') }}</p>
    <SecretForm
      v-if="ticket"
      ref="form"
      :pictures="ticket.pictures"
      :wrong="wrong"
      :busy="busy"
      :leave="t('join.not-me')"
      @enter="enter"
      @leave="toCode"
    />
    <button v-else class="btn pri big" @click="toCode">{{ t('again.type-code') }}</button>
  </dialog>
</template>

<style scoped>
.again {
  width: min(460px, calc(100vw - 24px));
  max-height: calc(100vh - 24px);
  margin: auto;
  padding: 26px 30px;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: var(--paper);
  font-size: 17px;
}
.again > * + * {
  margin-top: 14px;
}
.again::backdrop {
  background: #07444bb0;
}
</style>
