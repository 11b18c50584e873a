<script setup lang="ts">
import { t } from '@/i18n'
import { date } from '@/i18n/format'
import { onMounted, ref, shallowRef } from 'vue'
import { useRoute } from 'vue-router'
import { get, remove, errorText } from '@/api/client'
import type { OwnSchoolAccount } from '@/api/schema'

/** The account that the school gives elsewhere, and whether one signs in here with it. */
const CAME_BACK: Record<string, string> = {
  linked: t('accounts.it-is-connected-you-can-sign'),
  taken: t('accounts.that-account-is-connected-with'),
}
const offer = ref('')
const own = shallowRef<OwnSchoolAccount>({})
const words = ref(CAME_BACK[String(useRoute().query['school-account'] ?? '')] ?? '')
const wrong = ref('')

async function load() {
  try {
    offer.value = (await get('/api/v1/single-sign-on')).name ?? ''
    own.value = await get('/api/v1/me/school-account')
  } catch (error) {
    wrong.value = errorText(error)
  }
}
onMounted(load)
async function away() {
  try {
    await remove('/api/v1/me/school-account')
    words.value = t('accounts.it-is-connected-no-longer')
    await load()
  } catch (error) {
    wrong.value = errorText(error)
  }
}
const day = (at: string) => date(new Date(at))
</script>

<template>
  <section v-if="offer || own.linkedAt">
    <h2>{{ t('accounts.school-account') }}</h2>
    <p v-if="words" role="status">{{ words }}</p>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <template v-if="own.linkedAt">
      <p>{{ t('accounts.connected-since-linkedat', { linkedAt: day(own.linkedAt) }) }}</p>
      <el-button @click="away">{{ t('accounts.disconnect') }}</el-button>
    </template>
    <template v-else>
      <p class="soft">{{ t('accounts.connect-it-once-and-sign-in') }}</p>
      <a class="btn" href="/sign-in/with/school">{{ t('accounts.connect-offer', { offer }) }}</a>
    </template>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 12px;
  justify-items: start;
}
</style>
