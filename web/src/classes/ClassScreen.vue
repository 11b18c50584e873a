<script setup lang="ts">
import { PhArrowLeft, PhKey, PhPrinter, PhUserMinus, PhUserPlus } from '@phosphor-icons/vue'
import { onMounted, ref, shallowRef } from 'vue'
import { RouterLink } from 'vue-router'
import { get, post, said } from '@/api/client'
import type { ClassView, SignInCard } from '@/api/types'
import TeacherBar from '@/accounts/TeacherBar.vue'
import { needTeacher } from '@/accounts/me'
import { count } from '@/page/count'
import NamesDialog from './NamesDialog.vue'

/** One class: its students, and the cards by which they come in. */
const props = defineProps<{ id: string }>()
const view = shallowRef<ClassView | null>(null)
/** PINs are shown while this page is open, and nowhere afterwards. */
const cards = ref<SignInCard[]>([])
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
    wrong.value = said(error)
  }
}
const load = async () => (view.value = await get<ClassView>(`/api/classes/${props.id}`))
onMounted(() =>
  trying(async () => {
    if (await needTeacher()) await load()
  }),
)

function rename(event: Event) {
  const name = (event.target as HTMLInputElement).value.trim()
  if (name && name !== view.value?.name)
    void trying(async () => {
      await post(`/api/classes/${props.id}/rename`, { name })
      await load()
    })
}
function added(fresh: SignInCard[]) {
  adding.value = false
  cards.value = [...cards.value.filter((card) => !fresh.some((one) => one.id === card.id)), ...fresh]
  void trying(async () => {
    await load()
    told.value = `${count(fresh.length, 'student')} added. Print or write down the PINs now.`
  })
}
const pin = (student: { id: string; name: string }) =>
  trying(async () => {
    const fresh = await post<{ pin: string }>(`/api/classes/${props.id}/students/${student.id}/pin`)
    cards.value = [...cards.value.filter((card) => card.id !== student.id), { ...student, pin: fresh.pin }]
    told.value = `${student.name} has a new PIN; the old one no longer works.`
  })
const remove = (student: { id: string; name: string }) =>
  trying(async () => {
    leaving.value = ''
    await post(`/api/classes/${props.id}/students/${student.id}/remove`)
    await load()
    told.value = `${student.name} is no longer in this class. Their work is kept.`
  })
const print = () => window.print()
</script>

<template>
  <TeacherBar class="screen-only" />
  <main class="room">
    <p class="screen-only">
      <RouterLink class="btn" to="/classes"
        ><PhArrowLeft :size="18" aria-hidden="true" />All classes</RouterLink
      >
    </p>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <template v-if="view">
      <div class="head screen-only">
        <h1 class="unseen">{{ view.name }}</h1>
        <label class="title">
          <span class="unseen">Name of the class</span>
          <input class="field" :value="view.name" maxlength="100" @change="rename" />
        </label>
        <span class="soft">{{ count(view.students.length, 'student') }}</span>
        <button class="btn pri" @click="adding = true">
          <PhUserPlus :size="18" aria-hidden="true" />Add names
        </button>
      </div>
      <p v-if="told" class="told screen-only" role="status">{{ told }}</p>

      <section v-if="cards.length" class="cards" aria-label="Sign-in cards">
        <div class="row screen-only">
          <h2>Sign-in cards</h2>
          <button class="btn" @click="print"><PhPrinter :size="18" aria-hidden="true" />Print them</button>
        </div>
        <ul>
          <li v-for="card in cards" :key="card.id" class="card">
            <strong>{{ card.name }}</strong>
            <span>{{ view.name }}</span>
            <span
              >PIN <b>{{ card.pin }}</b></span
            >
          </li>
        </ul>
      </section>

      <p v-if="view.students.length === 0" class="soft">
        Nobody is in this class yet. Paste the names of your students, one a line.
      </p>
      <ul class="students screen-only" aria-label="Students">
        <li v-for="student in view.students" :key="student.id">
          <span class="name">{{ student.name }}</span>
          <template v-if="leaving === student.id">
            <button class="btn" @click="leaving = ''">Keep</button>
            <button class="btn acc" @click="remove(student)">Take out</button>
          </template>
          <template v-else>
            <button class="btn" :aria-label="`New PIN for ${student.name}`" @click="pin(student)">
              <PhKey :size="17" aria-hidden="true" />New PIN
            </button>
            <button
              class="btn"
              :aria-label="`Take ${student.name} out of this class`"
              @click="leaving = student.id"
            >
              <PhUserMinus :size="17" aria-hidden="true" />Take out
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
.head,
.row {
  display: flex;
  gap: 14px;
  align-items: center;
}
.title .field {
  width: 340px;
  font-size: 22px;
  font-weight: 700;
}
.told {
  padding: 8px 12px;
  border-radius: var(--tile-s);
  background: var(--petrol-t);
}
ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(330px, 1fr));
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
.cards ul {
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
}
.card {
  display: grid;
  padding: 12px 14px;
  border: 1.5px dashed var(--soft);
  border-radius: var(--tile);
  background: #fff;
  break-inside: avoid;
  overflow-wrap: anywhere;
}
.card strong {
  font-size: 19px;
}
.card b {
  font-size: 19px;
  letter-spacing: 2px;
}
@media print {
  .screen-only {
    display: none;
  }
}
</style>
