<script setup lang="ts">
import { t } from '@/i18n'
import { speakClassLanguage } from '@/i18n/own'
import { passOver } from '@/shared/passOver'
import { PhArrowLeft, PhArrowRight } from '@phosphor-icons/vue'
import { nextTick, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { get, post, errorText } from '@/api/client'
import type { JoinView } from '@/api/schema'
import BrandMark from '@/shared/BrandMark.vue'
import { deviceHere } from '@/work/attempt/device'
import SecretForm from './SecretForm.vue'
import { findFocus } from '@/shared/lostFocus'
import { keepTicket } from './ticket'

const props = defineProps<{ code?: string }>()
const typed = ref(props.code ?? '')
const view = ref<JoinView | null>(null)
const student = ref<JoinView['students'][number] | null>(null)
const form = ref<InstanceType<typeof SecretForm>>()
const wrong = ref('')
const busy = ref(false)
const router = useRouter()

onMounted(async () => {
  // The first answer also brings the token that the sign-in sends back.
  await get('/api/v1/me').catch(passOver('the sign-in says what is wrong'))
  if (props.code) await look()
})

// The button that was pressed went with its step. After a failed try it is there again, and has the keys.
watch([view, student], () => void nextTick(() => findFocus()))

async function look() {
  if (!typed.value.trim()) return
  await doing(async () => {
    const found = await get(`/api/v1/join/${encodeURIComponent(typed.value.trim())}`)
    await speakClassLanguage(found.language)
    view.value = found
  })
}

function choose(one: JoinView['students'][number]) {
  student.value = one
  wrong.value = ''
}

async function enter(secret: string) {
  await doing(async () => {
    const { id: studentId, name, pictures } = student.value!
    const code = typed.value.trim()
    const joined = await post(`/api/v1/join/${encodeURIComponent(code)}/session`, {
      studentId,
      pin: secret,
    })
    keepTicket({ code, studentId, name, pictures: Boolean(pictures) })
    // What the last child at this tablet looked at is not shown to the next one.
    const device = await deviceHere()
    await device.belongsTo(studentId).catch(passOver('nothing of this one is kept here then'))
    await device.forgetViews().catch(passOver('each student is shown only what was opened by them'))
    await router.replace(joined.assignmentId ? `/work/${joined.assignmentId}` : '/home')
  })
  if (wrong.value) await form.value?.clear()
}

async function doing(work: () => Promise<void>) {
  busy.value = true
  wrong.value = ''
  try {
    await work()
  } catch (error) {
    wrong.value = errorText(error)
  } finally {
    busy.value = false
  }
}

function back() {
  wrong.value = ''
  if (student.value) student.value = null
  else view.value = null
}
</script>

<template>
  <main class="join">
    <p class="brand"><BrandMark /> Glad Tile</p>

    <form v-if="!view" class="card" @submit.prevent="look">
      <h1>{{ t('join.code.head') }}</h1>
      <p class="soft">{{ t('join.code.hint') }}</p>
      <input
        v-model="typed"
        class="code"
        :aria-label="t('join.code.label')"
        maxlength="12"
        autocapitalize="characters"
        autocomplete="off"
        spellcheck="false"
        autofocus
      />
      <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
      <button class="btn pri big" :disabled="busy || !typed.trim()">
        {{ t('common.next') }}<PhArrowRight class="mirrors" :size="22" aria-hidden="true" />
      </button>
    </form>

    <section v-else-if="!student" class="card wide">
      <h1>{{ t('join.who') }}</h1>
      <p class="soft">{{ view.className }} · {{ view.title }}</p>
      <ul class="names">
        <li v-for="one in view.students" :key="one.id">
          <button class="name" @click="choose(one)">{{ one.name }}</button>
        </li>
      </ul>
      <button class="btn big" @click="back">
        <PhArrowLeft class="mirrors" :size="22" aria-hidden="true" />{{ t('join.another-code') }}
      </button>
    </section>

    <section v-else class="card">
      <h1>{{ t('join.hello', { name: student.name }) }}</h1>
      <SecretForm
        ref="form"
        :pictures="student.pictures"
        :wrong="wrong"
        :busy="busy"
        :leave="t('join.not-me')"
        @enter="enter"
        @leave="back"
      />
    </section>
  </main>
</template>

<style scoped>
.join {
  display: grid;
  justify-items: center;
  align-content: start;
  gap: 22px;
  min-height: 100%;
  padding: 40px 20px;
}
.brand {
  display: flex;
  align-items: center;
  gap: 12px;
  color: var(--petrol-d);
  font-weight: 700;
  font-size: 19px;
}
.card {
  display: grid;
  gap: 16px;
  width: min(440px, 100%);
  padding: 30px 32px;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: var(--paper);
  box-shadow: var(--ledge);
  font-size: 17px;
}
.wide {
  width: min(860px, 100%);
}
.code {
  width: 100%;
  padding: 10px 16px;
  border: 2px solid var(--line);
  border-radius: var(--tile);
  background: #fff;
  font-size: 30px;
  letter-spacing: 6px;
  text-align: center;
  text-transform: uppercase;
}
.names {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(120px, 1fr));
  gap: 12px;
  padding: 0;
  margin: 0;
  list-style: none;
}
.name {
  width: 100%;
  min-height: 56px;
  padding: 8px;
  border: 1.5px solid #cfc6b4;
  border-radius: var(--tile);
  background: #fff;
  box-shadow: var(--ledge);
  cursor: pointer;
  font-weight: 700;
  font-size: 17px;
  overflow-wrap: anywhere;
}
.name:hover {
  border-color: var(--petrol);
}
</style>
