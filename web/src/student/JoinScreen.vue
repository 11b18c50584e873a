<script setup lang="ts">
import { PhArrowLeft, PhArrowRight } from '@phosphor-icons/vue'
import { computed, nextTick, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { get, post, said } from '@/api/client'
import type { JoinView } from '@/api/types'
import BrandMark from '@/accounts/BrandMark.vue'
import { deviceHere } from './device'
import { SECRET_LENGTH, SECRET_PICTURES } from './secretPictures'

const props = defineProps<{ code?: string }>()
const typed = ref(props.code ?? '')
const view = ref<JoinView | null>(null)
const student = ref<JoinView['students'][number] | null>(null)
const pin = ref('')
const wrong = ref('')
const busy = ref(false)
const pinField = ref<HTMLInputElement>()
const router = useRouter()

onMounted(async () => {
  // The first answer also brings the token that the sign-in sends back.
  await get('/api/me').catch(() => {})
  if (props.code) await look()
})

async function look() {
  if (!typed.value.trim()) return
  await doing(async () => {
    view.value = await get<JoinView>(`/api/join/${encodeURIComponent(typed.value.trim())}`)
  })
}

async function choose(one: JoinView['students'][number]) {
  student.value = one
  pin.value = ''
  wrong.value = ''
  await nextTick()
  pinField.value?.focus()
}

async function enter() {
  await doing(async () => {
    const joined = await post<{ assignmentId?: string }>(
      `/api/join/${encodeURIComponent(typed.value.trim())}/sign-in`,
      { studentId: student.value!.id, pin: pin.value },
    )
    // What the last child at this tablet looked at is not shown to the next one.
    await (await deviceHere()).forgetViews().catch(() => {})
    await router.push(joined.assignmentId ? `/work/${joined.assignmentId}` : '/home')
  })
  if (wrong.value) pin.value = ''
}

/** Pictures in the order in which they were tapped. */
const chosen = computed(() => pin.value.split('-').filter(Boolean))
async function tap(picture: string) {
  if (chosen.value.includes(picture)) {
    pin.value = chosen.value.filter((one) => one !== picture).join('-')
    return
  }
  pin.value = [...chosen.value, picture].join('-')
  if (chosen.value.length === SECRET_LENGTH) await enter()
}

async function doing(work: () => Promise<void>) {
  busy.value = true
  wrong.value = ''
  try {
    await work()
  } catch (error) {
    wrong.value = said(error)
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
      <h1>What is your code?</h1>
      <p class="soft">It is on the board. Six letters and numbers.</p>
      <input
        v-model="typed"
        class="code"
        aria-label="Code"
        maxlength="12"
        autocapitalize="characters"
        autocomplete="off"
        spellcheck="false"
        autofocus
      />
      <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
      <button class="btn pri big" :disabled="busy || !typed.trim()">
        Next<PhArrowRight :size="22" aria-hidden="true" />
      </button>
    </form>

    <section v-else-if="!student" class="card wide">
      <h1>Who are you?</h1>
      <p class="soft">{{ view.className }} · {{ view.title }}</p>
      <ul class="names">
        <li v-for="one in view.students" :key="one.id">
          <button class="name" @click="choose(one)">{{ one.name }}</button>
        </li>
      </ul>
      <button class="btn big" @click="back"><PhArrowLeft :size="22" aria-hidden="true" />Another code</button>
    </section>

    <form v-else class="card" @submit.prevent="enter">
      <h1>Hello {{ student.name }}</h1>
      <template v-if="student.pictures">
        <p>Tap your three pictures, in their order</p>
        <ol class="pictures" aria-label="Pictures">
          <li v-for="one in SECRET_PICTURES" :key="one.name">
            <button
              type="button"
              class="picture"
              :class="{ on: chosen.includes(one.name) }"
              :aria-pressed="chosen.includes(one.name)"
              :aria-label="one.name"
              @click="tap(one.name)"
            >
              <component :is="one.icon" :size="44" weight="duotone" aria-hidden="true" />
              <b v-if="chosen.includes(one.name)">{{ chosen.indexOf(one.name) + 1 }}</b>
            </button>
          </li>
        </ol>
      </template>
      <template v-else>
        <label for="pin">Your PIN, four numbers</label>
        <input
          id="pin"
          ref="pinField"
          v-model="pin"
          class="code"
          type="password"
          inputmode="numeric"
          maxlength="4"
          autocomplete="off"
        />
      </template>
      <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
      <div class="row">
        <button type="button" class="btn big" @click="back">
          <PhArrowLeft :size="22" aria-hidden="true" />That is not me
        </button>
        <button v-if="!student.pictures" class="btn pri big" :disabled="busy || pin.length < 4">
          Come in<PhArrowRight :size="22" aria-hidden="true" />
        </button>
      </div>
    </form>
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
.pictures {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 10px;
  margin: 0;
  padding: 0;
  list-style: none;
}
.picture {
  position: relative;
  display: grid;
  place-items: center;
  width: 100%;
  aspect-ratio: 1;
  border: 2px solid #cfc6b4;
  border-radius: var(--tile);
  background: #fff;
  box-shadow: var(--ledge);
  color: var(--petrol-d);
  cursor: pointer;
}
.picture.on {
  border-color: var(--petrol);
  background: var(--petrol-t);
}
.picture b {
  position: absolute;
  top: 4px;
  right: 8px;
  font-size: 20px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 12px;
}
</style>
