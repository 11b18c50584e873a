<script setup lang="ts">
import { t } from '@/i18n'
import { onMounted, reactive, ref } from 'vue'
import { useRouter } from 'vue-router'
import { get, post, errorText } from '@/api/client'
import { LANGUAGES, timeZones } from '@/shared/timeZones'
import FrontDoor from './FrontDoor.vue'
import { me } from './me'

/** A new school and its first administrator, by the link that was shown when the program was started. */
const router = useRouter()
const token = location.hash.slice(1)
const asked = reactive({
  school: '',
  language: 'en',
  timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
  name: '',
  signInName: '',
  password: '',
})
const wrong = ref('')
const busy = ref(false)
const there = ref(false)

onMounted(async () => {
  try {
    there.value = !(await get('/api/v1/set-up')).needed
  } catch (error) {
    wrong.value = errorText(error)
  }
})
async function setUp() {
  busy.value = true
  wrong.value = ''
  try {
    me.value = await post('/api/v1/set-up', { token, ...asked })
    await router.replace('/school')
  } catch (error) {
    wrong.value = errorText(error)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <FrontDoor :title="t('accounts.set-up-your-school')" @submit="setUp">
    <p v-if="there">
      {{ t('accounts.this-school-is-set-up-already') }}
      <RouterLink to="/sign-in">{{ t('accounts.sign-in') }}</RouterLink>
    </p>
    <template v-else>
      <p v-if="!token" class="note">{{ t('accounts.open-the-link-that-was-shown') }}</p>
      <label
        >{{ t('shared.name-of-the-school')
        }}<el-input v-model="asked.school" maxlength="100" size="large" autofocus
      /></label>
      <label
        >{{ t('shared.language')
        }}<el-select v-model="asked.language" size="large" :aria-label="t('shared.language')">
          <el-option
            v-for="[value, name] in LANGUAGES"
            :key="value"
            :value="value"
            :label="name" /></el-select
      ></label>
      <label
        >{{ t('shared.time-zone')
        }}<el-select v-model="asked.timeZone" filterable size="large" :aria-label="t('shared.time-zone')">
          <el-option v-for="zone in timeZones()" :key="zone" :value="zone" :label="zone" /></el-select
      ></label>
      <label
        >{{ t('accounts.your-name')
        }}<el-input v-model="asked.name" maxlength="100" size="large" autocomplete="name"
      /></label>
      <label
        >{{ t('shared.user-name-to-sign-in-with')
        }}<el-input v-model="asked.signInName" maxlength="100" size="large" autocomplete="username"
      /></label>
      <label
        >{{ t('accounts.password')
        }}<el-input
          v-model="asked.password"
          type="password"
          size="large"
          autocomplete="new-password"
          show-password
      /></label>
      <p class="soft">{{ t('accounts.at-least-10-characters-four-words') }}</p>
      <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
      <button
        class="btn pri big"
        :disabled="busy || !token || !asked.school || !asked.name || !asked.signInName || !asked.password"
      >
        {{ t('accounts.set-it-up') }}
      </button>
    </template>
  </FrontDoor>
</template>
