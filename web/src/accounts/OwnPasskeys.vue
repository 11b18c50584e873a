<script setup lang="ts">
import { t } from '@/i18n'
import { date } from '@/i18n/format'
import { onMounted, ref } from 'vue'
import { getAll, remove, errorText } from '@/api/client'
import type { PasskeyView } from '@/api/schema'

/** The keys that lie in one's devices. */
const passkeys = ref<PasskeyView[]>([])
const name = ref('')
const words = ref('')
const wrong = ref('')
const busy = ref(false)
const fits = ref(false)

async function load() {
  passkeys.value = await getAll('/api/v1/me/passkeys')
}
async function run(what: () => Promise<unknown>, told: string) {
  busy.value = true
  words.value = wrong.value = ''
  try {
    await what()
    await load()
    words.value = told
  } catch (error) {
    const { wasLeft } = await import('./passkeys')
    wrong.value = wasLeft(error) ? t('accounts.nothing-was-added') : errorText(error)
  }
  busy.value = false
}
onMounted(async () => {
  fits.value = (await import('./passkeys')).passkeysFit()
  await run(async () => {}, '')
})
const add = () =>
  run(async () => {
    const { addPasskey } = await import('./passkeys')
    await addPasskey(name.value.trim())
    name.value = ''
  }, t('accounts.the-passkey-is-added-you-can'))
const away = (one: PasskeyView) =>
  run(() => remove(`/api/v1/me/passkeys/${one.id}`), t('accounts.the-passkey-is-removed'))
const day = (at: string) => date(new Date(at))
</script>

<template>
  <section>
    <h2>{{ t('accounts.passkeys') }}</h2>
    <p class="soft">{{ t('accounts.a-passkey-lies-in-your-device') }}</p>
    <p v-if="words" role="status">{{ words }}</p>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <ul v-if="passkeys.length">
      <li v-for="one in passkeys" :key="one.id">
        <span
          ><strong>{{ one.name }}</strong
          ><br /><span class="soft">{{
            t('accounts.added-madeat-last-used-usedat', { madeAt: day(one.madeAt), usedAt: day(one.usedAt) })
          }}</span></span
        >
        <el-button
          :disabled="busy"
          :aria-label="t('accounts.remove-the-passkey-name', { name: one.name })"
          @click="away(one)"
          >{{ t('shared.remove') }}</el-button
        >
      </li>
    </ul>
    <form v-if="fits" class="row" @submit.prevent="add">
      <el-input
        v-model="name"
        maxlength="100"
        :placeholder="t('accounts.name-of-this-device')"
        :aria-label="t('accounts.name-of-this-device')"
      />
      <el-button native-type="submit" :disabled="busy">{{ t('accounts.add-a-passkey') }}</el-button>
    </form>
    <p v-else>{{ t('accounts.passkeys-need-the-schools-own-address') }}</p>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 12px;
  justify-items: start;
}
ul {
  display: grid;
  gap: 8px;
  width: 100%;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  gap: 12px;
  justify-content: space-between;
  align-items: center;
  padding: 8px 12px;
  border: 1px solid var(--line);
  border-radius: 10px 10px 10px 3px;
  overflow-wrap: anywhere;
}
.row {
  display: flex;
  gap: 10px;
  width: min(440px, 100%);
}
</style>
