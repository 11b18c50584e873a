<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { getAll, put, remove, errorText } from '@/api/client'
import type { OpenSession } from '@/api/schema'
import { router } from '@/router'
import { me, needTeacher } from './me'
import OwnPasskeys from './OwnPasskeys.vue'
import OwnSchoolAccount from './OwnSchoolAccount.vue'
import TeacherBar from './TeacherBar.vue'

/** One's own password, and where one is signed in. */
const current = ref('')
const fresh = ref('')
const sessions = ref<OpenSession[] | null>(null)
const words = ref('')
const wrong = ref('')
const busy = ref(false)

onMounted(() =>
  run(async () => {
    if (await needTeacher()) await load()
  }),
)
async function run(what: () => Promise<unknown>, told = '') {
  busy.value = true
  words.value = ''
  wrong.value = ''
  try {
    await what()
    words.value = told
  } catch (error) {
    wrong.value = errorText(error)
  }
  busy.value = false
}
async function load() {
  sessions.value = await getAll('/api/v1/me/sessions')
}
const change = () =>
  run(async () => {
    await put('/api/v1/me/password', { current: current.value, fresh: fresh.value })
    current.value = fresh.value = ''
    await load()
  }, 'Your password is changed. You are signed out everywhere else.')
const end = (id: string) =>
  run(async () => {
    await remove(`/api/v1/me/sessions/${id}`)
    await load()
  }, 'That session is ended')
const endAll = () =>
  run(async () => {
    await remove('/api/v1/me/sessions')
    me.value = null
    await router.push('/sign-in')
  })
const time = (at: string) => new Date(at).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })
</script>

<template>
  <TeacherBar />
  <main class="account">
    <h1>Your account</h1>
    <p v-if="words" role="status">{{ words }}</p>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <section>
      <h2>Password</h2>
      <form @submit.prevent="change">
        <input
          class="unseen"
          autocomplete="username"
          :value="me?.name"
          tabindex="-1"
          aria-hidden="true"
          readonly
        />
        <label
          >Your password now<el-input
            v-model="current"
            type="password"
            autocomplete="current-password"
            show-password
        /></label>
        <label
          >New password<el-input v-model="fresh" type="password" autocomplete="new-password" show-password
        /></label>
        <p class="soft">
          At least 10 characters. Four words that do not belong together are easy to keep in mind.
        </p>
        <el-button type="primary" native-type="submit" :disabled="busy || !current || !fresh"
          >Change it</el-button
        >
      </form>
    </section>
    <OwnPasskeys />
    <OwnSchoolAccount />
    <section>
      <h2>Where you are signed in</h2>
      <el-table :data="sessions ?? []" empty-text="Nothing yet">
        <el-table-column label="Since">
          <template #default="{ row }">{{ time(row.began) }}</template>
        </el-table-column>
        <el-table-column label="Last used">
          <template #default="{ row }">{{ time(row.lastUsed) }}</template>
        </el-table-column>
        <el-table-column label="Where">
          <template #default="{ row }">
            <span v-if="row.here">here</span>
            <el-button v-else :disabled="busy" @click="end(row.id)">Sign out there</el-button>
          </template>
        </el-table-column>
      </el-table>
      <el-button :disabled="busy" @click="endAll">Sign out everywhere</el-button>
    </section>
  </main>
</template>

<style scoped>
.account {
  display: grid;
  gap: 18px;
  max-width: 760px;
  padding: 20px 26px;
}
section,
form {
  display: grid;
  gap: 12px;
  justify-items: start;
}
form label {
  display: grid;
  gap: 3px;
  width: min(340px, 100%);
}
.unseen {
  position: absolute;
  width: 1px;
  height: 1px;
  opacity: 0;
}
</style>
