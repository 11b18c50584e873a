<script setup lang="ts">
import { onMounted, ref, shallowRef } from 'vue'
import { useRoute } from 'vue-router'
import { get, remove, errorText } from '@/api/client'
import type { OwnSchoolAccount } from '@/api/schema'

/** The account that the school gives elsewhere, and whether one signs in here with it. */
const CAME_BACK: Record<string, string> = {
  linked: 'It is connected. You can sign in with it now.',
  taken: 'That account is connected with somebody else here. Nothing was changed.',
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
    words.value = 'It is connected no longer.'
    await load()
  } catch (error) {
    wrong.value = errorText(error)
  }
}
const day = (at: string) => new Date(at).toLocaleDateString('en-GB', { dateStyle: 'medium' })
</script>

<template>
  <section v-if="offer || own.linkedAt">
    <h2>School account</h2>
    <p v-if="words" role="status">{{ words }}</p>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <template v-if="own.linkedAt">
      <p>Connected since {{ day(own.linkedAt) }}.</p>
      <el-button @click="away">Disconnect</el-button>
    </template>
    <template v-else>
      <p class="soft">Connect it once, and sign in here without a password of its own.</p>
      <a class="btn" href="/sign-in/with/school">Connect {{ offer }}</a>
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
