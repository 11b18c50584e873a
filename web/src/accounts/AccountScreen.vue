<script setup lang="ts">
import { language, LANGUAGES, t, type Language } from '@/i18n'
import { chooseLanguage } from '@/i18n/own'
import { dateTime } from '@/i18n/format'
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
  }, t('accounts.your-password-is-changed-you-are'))
const end = (id: string) =>
  run(async () => {
    await remove(`/api/v1/me/sessions/${id}`)
    await load()
  }, t('accounts.that-session-is-ended'))
const endAll = () =>
  run(async () => {
    await remove('/api/v1/me/sessions')
    me.value = null
    await router.push('/sign-in')
  })
const speak = (code: Language) => run(() => chooseLanguage(code))
const time = (at: string) => dateTime(new Date(at))
</script>

<template>
  <TeacherBar />
  <main class="account">
    <h1>{{ t('accounts.your-account') }}</h1>
    <p v-if="words" role="status">{{ words }}</p>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <section>
      <h2>{{ t('shared.language') }}</h2>
      <el-select class="speaks" :model-value="language" :aria-label="t('shared.language')" @change="speak">
        <el-option v-for="one in LANGUAGES" :key="one.code" :value="one.code" :label="one.name" />
      </el-select>
    </section>
    <section>
      <h2>{{ t('accounts.password') }}</h2>
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
          >{{ t('accounts.your-password-now')
          }}<el-input v-model="current" type="password" autocomplete="current-password" show-password
        /></label>
        <label
          >{{ t('accounts.new-password')
          }}<el-input v-model="fresh" type="password" autocomplete="new-password" show-password
        /></label>
        <p class="soft">{{ t('accounts.at-least-10-characters-four-words') }}</p>
        <el-button type="primary" native-type="submit" :disabled="busy || !current || !fresh">{{
          t('shared.change-it')
        }}</el-button>
      </form>
    </section>
    <OwnPasskeys />
    <OwnSchoolAccount />
    <section>
      <h2>{{ t('accounts.where-you-are-signed-in') }}</h2>
      <el-table :data="sessions ?? []" :empty-text="t('accounts.nothing-yet')">
        <el-table-column :label="t('accounts.since')">
          <template #default="{ row }">{{ time(row.began) }}</template>
        </el-table-column>
        <el-table-column :label="t('accounts.last-used')">
          <template #default="{ row }">{{ time(row.lastUsed) }}</template>
        </el-table-column>
        <el-table-column :label="t('accounts.where')">
          <template #default="{ row }">
            <span v-if="row.here">{{ t('accounts.here') }}</span>
            <el-button v-else :disabled="busy" @click="end(row.id)">{{
              t('accounts.sign-out-there')
            }}</el-button>
          </template>
        </el-table-column>
      </el-table>
      <el-button :disabled="busy" @click="endAll">{{ t('accounts.sign-out-everywhere') }}</el-button>
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
.speaks {
  width: 240px;
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
