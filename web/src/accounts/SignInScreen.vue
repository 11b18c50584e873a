<script setup lang="ts">
import { ref } from 'vue'
import { RouterLink, useRoute, useRouter } from 'vue-router'
import { post, said } from '@/api/client'
import type { Me } from '@/api/types'
import BrandMark from './BrandMark.vue'
import { me } from './me'

const name = ref('')
const password = ref('')
const wrong = ref('')
const busy = ref(false)
const route = useRoute()
const router = useRouter()

async function signIn() {
  busy.value = true
  wrong.value = ''
  try {
    me.value = await post<Me>('/api/sign-in', { name: name.value, password: password.value })
    const then = String(route.query.then ?? '/activities')
    // Only to a screen of our own, whatever the address says.
    await router.replace(then.startsWith('/') && !then.startsWith('//') ? then : '/activities')
  } catch (error) {
    wrong.value = said(error)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <main class="door">
    <form class="card" @submit.prevent="signIn">
      <p class="brand"><BrandMark /> Glad Tile</p>
      <h1>Sign in</h1>
      <label
        >Name<el-input v-model="name" name="name" autocomplete="username" size="large" autofocus
      /></label>
      <label
        >Password<el-input
          v-model="password"
          name="password"
          type="password"
          autocomplete="current-password"
          size="large"
          show-password
      /></label>
      <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
      <button class="btn pri big" :disabled="busy || !name || !password">Sign in</button>
      <p class="soft">Are you a student? <RouterLink to="/join">Join with your code</RouterLink></p>
    </form>
  </main>
</template>

<style scoped>
.door {
  display: grid;
  place-items: center;
  min-height: 100%;
  padding: 24px;
}
.card {
  display: grid;
  gap: 16px;
  width: min(400px, 100%);
  padding: 30px 32px;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: var(--paper);
  box-shadow: var(--ledge);
}
.brand {
  display: flex;
  align-items: center;
  gap: 12px;
  color: var(--petrol-d);
  font-weight: 700;
  font-size: 17px;
}
label {
  display: grid;
  gap: 4px;
}
a {
  color: var(--petrol);
}
</style>
