<script setup lang="ts">
import { t } from '@/i18n'
import { onMounted, ref } from 'vue'
import { RouterLink, useRoute, useRouter } from 'vue-router'
import { get, post, errorText } from '@/api/client'
import type { Me } from '@/api/schema'
import FrontDoor from './FrontDoor.vue'
import { me } from './me'

/** For those who work at the school: by password, by passkey, or by the account that the school gives. */
const name = ref('')
const password = ref('')
const busy = ref(false)
const passkeys = ref(false)
const school = ref('')
const route = useRoute()
const router = useRouter()

const CAME_BACK: Record<string, string> = {
  unknown: t('accounts.that-account-belongs-to-nobody-here'),
  failed: t('accounts.that-did-not-work-out-try'),
  away: t('accounts.the-sign-in-of-the-school'),
}
const wrong = ref(CAME_BACK[String(route.query['school-account'] ?? '')] ?? '')

onMounted(async () => {
  // Loaded beside the page, which does not wait for it.
  passkeys.value = (await import('./passkeys')).passkeysFit()
  try {
    school.value = (await get('/api/v1/single-sign-on')).name ?? ''
  } catch {
    // Without an answer there is no such button; by name and password one signs in all the same.
    school.value = ''
  }
})
async function run(what: () => Promise<Me | null>) {
  busy.value = true
  wrong.value = ''
  try {
    const who = await what()
    if (who) {
      me.value = who
      const then = String(route.query.then ?? '/activities')
      // Only to a screen of our own, whatever the address says.
      await router.replace(then.startsWith('/') && !then.startsWith('//') ? then : '/activities')
    }
  } catch (error) {
    wrong.value = errorText(error)
  }
  busy.value = false
}
const signIn = () => run(() => post('/api/v1/session', { name: name.value, password: password.value }))
const byPasskey = () =>
  run(async () => {
    const { signInByPasskey, wasLeft } = await import('./passkeys')
    try {
      return await signInByPasskey()
    } catch (error) {
      if (wasLeft(error)) return null
      throw error
    }
  })
</script>

<template>
  <FrontDoor :title="t('accounts.sign-in')" @submit="signIn">
    <label
      >{{ t('shared.name')
      }}<el-input v-model="name" name="name" autocomplete="username" size="large" autofocus
    /></label>
    <label
      >{{ t('accounts.password')
      }}<el-input
        v-model="password"
        name="password"
        type="password"
        autocomplete="current-password"
        size="large"
        show-password
    /></label>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <button class="btn pri big" :disabled="busy || !name || !password">{{ t('accounts.sign-in') }}</button>
    <p v-if="passkeys || school" class="or">
      <span>{{ t('accounts.or') }}</span>
    </p>
    <button v-if="passkeys" type="button" class="btn big" :disabled="busy" @click="byPasskey">
      {{ t('accounts.with-a-passkey') }}
    </button>
    <a v-if="school" class="btn big" href="/sign-in/with/school">{{
      t('accounts.with-school', { school })
    }}</a>
    <p class="soft">
      {{ t('accounts.are-you-a-student') }}
      <RouterLink to="/join">{{ t('accounts.join-with-your-code') }}</RouterLink>
    </p>
  </FrontDoor>
</template>

<style scoped>
a:not(.btn) {
  color: var(--petrol);
}
.or {
  display: grid;
  grid-template-columns: 1fr auto 1fr;
  gap: 10px;
  align-items: center;
  color: var(--muted, #46545a);
}
.or::before,
.or::after {
  content: '';
  border-top: 1px solid var(--line);
}
</style>
