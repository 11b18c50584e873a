<script setup lang="ts">
import { looksOnly } from '@/accounts/me'
import { LANGUAGES, t } from '@/i18n'
import { listOf } from '@/i18n/format'
import { PhArrowLeft, PhImages, PhKey, PhUserMinus, PhUserPlus } from '@phosphor-icons/vue'
import { onMounted, ref, shallowRef } from 'vue'
import { RouterLink } from 'vue-router'
import { getAll, get, post, postForFile, put, remove as removeAt, errorText } from '@/api/client'
import type { ClassHead, ClassView } from '@/api/schema'
import TeacherBar from '@/accounts/TeacherBar.vue'
import { needTeacher } from '@/accounts/me'
import JoinCodePanel from './JoinCodePanel.vue'
import NamesDialog from './NamesDialog.vue'
import { saveFile } from './saveFile'
import { type SignInCard } from './signInCard'
import SignInCards from './SignInCards.vue'
import TeamsPanel from './TeamsPanel.vue'

/** One class: its students, and the cards by which they come in. */
const props = defineProps<{ id: string }>()
const view = shallowRef<ClassView | null>(null)
/** PINs are shown while this page is open, and nowhere afterwards. */
const cards = ref<SignInCard[]>([])
const classes = shallowRef<ClassHead[]>([])
const adding = ref(false)
const wrong = ref('')
const told = ref('')
const leaving = ref('')

async function trying(work: () => Promise<void>) {
  wrong.value = ''
  told.value = ''
  try {
    await work()
  } catch (error) {
    wrong.value = errorText(error)
  }
}
const load = async () => {
  view.value = await get(`/api/v1/classes/${props.id}`)
  classes.value = (await getAll('/api/v1/classes')).filter((one) => one.id !== props.id && !one.archived)
}
onMounted(() =>
  trying(async () => {
    if (await needTeacher()) await load()
  }),
)

function rename(event: Event) {
  const name = (event.target as HTMLInputElement).value.trim()
  if (name && name !== view.value?.name)
    void trying(async () => {
      await put(`/api/v1/classes/${props.id}/name`, { name })
      await load()
    })
}
function speak(event: Event) {
  const language = (event.target as HTMLSelectElement).value
  void trying(async () => {
    await put(`/api/v1/classes/${props.id}/language`, language ? { language } : {})
    await load()
    told.value = t('classes.the-students-of-this-class-meet')
  })
}
function added(fresh: SignInCard[]) {
  adding.value = false
  cards.value = [...cards.value.filter((card) => !fresh.some((one) => one.id === card.id)), ...fresh]
  void trying(async () => {
    await load()
    told.value = t('classes.count-added-print-or-write-down', { count: fresh.length })
  })
}
const pin = (student: { id: string; name: string }) =>
  trying(async () => {
    const fresh = await post(`/api/v1/classes/${props.id}/students/${student.id}/pins`)
    cards.value = [...cards.value.filter((card) => card.id !== student.id), { ...student, pin: fresh.pin }]
    told.value = t('classes.student-has-a-new-pin-the', { student: student.name })
  })
const remove = (student: { id: string; name: string }) =>
  trying(async () => {
    leaving.value = ''
    await removeAt(`/api/v1/classes/${props.id}/students/${student.id}`)
    await load()
    told.value = t('classes.student-is-no-longer-in-this', { student: student.name })
  })
const pictures = (student: { id: string; name: string }) =>
  trying(async () => {
    const fresh = await post(`/api/v1/classes/${props.id}/students/${student.id}/picture-secrets`)
    const { id, name } = student
    cards.value = [...cards.value.filter((card) => card.id !== id), { id, name, pictures: fresh.pictures }]
    await load()
    told.value = t('classes.name-comes-in-with-three-pictures', { name })
  })
const move = (student: { id: string; name: string }, toClassId: string) =>
  trying(async () => {
    if (!toClassId) return
    await put(`/api/v1/classes/${props.id}/students/${student.id}/class`, { toClassId })
    await load()
    const to = classes.value.find((one) => one.id === toClassId)?.name ?? t('classes.another-class')
    told.value = t('classes.student-is-in-to-now-and', { student: student.name, to })
  })
const newCode = () =>
  trying(async () => {
    await post(`/api/v1/classes/${props.id}/join-codes`)
    await load()
    told.value = t('classes.the-class-has-a-new-code')
  })
const archive = (archived: boolean) =>
  trying(async () => {
    await put(`/api/v1/classes/${props.id}/archived`, { archived })
    await load()
  })
/** New secrets for everybody: asked for twice, since the old cards are waste paper then. */
const printAll = (withPictures: boolean) =>
  trying(async () => {
    const file = await postForFile(`/api/v1/classes/${props.id}/cards`, { pictures: withPictures })
    saveFile(file, t('classes.sign-in-cards-view-pdf', { view: view.value!.name }))
    cards.value = []
    await load()
    told.value = t('classes.the-cards-are-in-the-pdf')
  })
</script>

<template>
  <TeacherBar class="screen-only" />
  <main class="room">
    <p class="screen-only">
      <RouterLink class="btn" to="/classes"
        ><PhArrowLeft class="mirrors" :size="18" aria-hidden="true" />{{
          t('classes.all-classes')
        }}</RouterLink
      >
    </p>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <template v-if="view">
      <div class="head screen-only">
        <h1 class="unseen">{{ view.name }}</h1>
        <label class="title">
          <span class="unseen">{{ t('classes.name-of-the-class') }}</span>
          <input class="field" :value="view.name" maxlength="100" :readonly="looksOnly" @change="rename" />
        </label>
        <span class="soft">{{ t('shared.students-count', { n: view.students.length }) }}</span>
        <label v-if="!looksOnly" class="speaks"
          >{{ t('classes.language-for-students') }}
          <select class="field" :value="view.language ?? ''" @change="speak">
            <option value="">{{ t('classes.as-the-school') }}</option>
            <option v-for="one in LANGUAGES" :key="one.code" :value="one.code">{{ one.name }}</option>
          </select></label
        >
        <button v-if="!looksOnly" class="btn pri" @click="adding = true">
          <PhUserPlus :size="18" aria-hidden="true" />{{ t('classes.add-names') }}
        </button>
      </div>
      <p v-if="told" class="told screen-only" role="status">{{ told }}</p>

      <SignInCards v-if="cards.length" :cards="cards" :of-class="view.name" />

      <JoinCodePanel
        class="screen-only"
        :view="view"
        @code="newCode"
        @archive="archive(!view.archived)"
        @print="printAll"
      />
      <TeamsPanel
        v-if="view.students.length"
        :key="view.students.length"
        class="screen-only"
        :class-id="id"
        :students="view.students"
      />
      <p v-if="view.waiting?.length" class="soft">
        {{
          t('classes.a-colleague-was-asked-for-waiting', {
            waiting: listOf(view.waiting),
          })
        }}
      </p>
      <p v-if="view.students.length === 0" class="soft">{{ t('classes.nobody-is-in-this-class-yet') }}</p>
      <ul class="students screen-only" :aria-label="t('shared.students')">
        <li v-for="student in view.students" :key="student.id">
          <span class="name">{{ student.name }}</span>
          <template v-if="leaving === student.id">
            <button class="btn" @click="leaving = ''">{{ t('shared.keep') }}</button>
            <button class="btn acc" @click="remove(student)">{{ t('classes.take-out') }}</button>
          </template>
          <template v-else-if="!looksOnly">
            <button
              v-if="view.signIn !== 'PICTURES'"
              class="btn"
              :aria-label="t('classes.new-pin-for-student', { student: student.name })"
              @click="pin(student)"
            >
              <PhKey :size="17" aria-hidden="true" />{{ t('classes.new-pin') }}
            </button>
            <button
              v-if="view.signIn !== 'PIN'"
              class="btn"
              :aria-label="t('classes.pictures-for-student', { student: student.name })"
              @click="pictures(student)"
            >
              <PhImages :size="17" aria-hidden="true" />{{ t('shared.pictures') }}
            </button>
            <select
              v-if="classes.length"
              class="field to-class"
              :aria-label="t('classes.move-student-to-another-class', { student: student.name })"
              value=""
              @change="move(student, ($event.target as HTMLSelectElement).value)"
            >
              <option value="">{{ t('classes.move') }}</option>
              <option v-for="one in classes" :key="one.id" :value="one.id">{{ one.name }}</option>
            </select>
            <button
              class="btn"
              :aria-label="t('classes.take-out-student', { student: student.name })"
              @click="leaving = student.id"
            >
              <PhUserMinus :size="17" aria-hidden="true" />{{ t('classes.take-out') }}
            </button>
          </template>
        </li>
      </ul>
    </template>
    <NamesDialog v-if="adding" :id="id" @added="added" @close="adding = false" />
  </main>
</template>

<style scoped>
.room {
  display: grid;
  gap: 14px;
  padding: 18px 26px;
}
.head {
  display: flex;
  gap: 14px;
  align-items: center;
}
.title .field {
  width: 340px;
  font-size: 22px;
  font-weight: 700;
}
.speaks {
  display: flex;
  gap: 8px;
  align-items: center;
  font-size: 14px;
}
.told {
  padding: 8px 12px;
  border-radius: var(--tile-s);
  background: var(--petrol-t);
}
ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(440px, 1fr));
  gap: 8px;
  margin: 8px 0 0;
  padding: 0;
  list-style: none;
}
.students li {
  display: flex;
  gap: 6px;
  align-items: center;
  padding: 6px 10px;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: #fff;
}
.students .btn {
  min-height: 30px;
  padding: 2px 8px;
  font-size: 14px;
}
.name {
  flex: 1;
  min-width: 0;
  overflow-wrap: anywhere;
}
.to-class {
  width: 78px;
  font-size: 13px;
}
@media print {
  .screen-only {
    display: none;
  }
}
</style>
