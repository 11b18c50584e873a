<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { post, errorText } from '@/api/client'
import type { LinkOf } from '@/api/schema'
import FrontDoor from './FrontDoor.vue'
import { me } from './me'

/** Whoever has the link chooses a password. The token stands behind the hash sign, so that no log has it. */
const router = useRouter()
const token = location.hash.slice(1)
const whose = ref<LinkOf | null>(null)
const password = ref('')
const wrong = ref('')
const busy = ref(false)

onMounted(async () => {
  try {
    whose.value = await post('/api/v1/one-time-links', { token })
  } catch (error) {
    wrong.value = errorText(error)
  }
})
async function choose() {
  busy.value = true
  wrong.value = ''
  try {
    me.value = await post('/api/v1/one-time-links/passwords', { token, password: password.value })
    await router.replace('/activities')
  } catch (error) {
    wrong.value = errorText(error)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <FrontDoor :title="whose ? `Welcome, ${whose.name}` : 'Welcome'" @submit="choose">
    <template v-if="whose">
      <p>
        {{
          whose.invited
            ? `${whose.school} invites you. Choose a password; from then on you sign in with the name below.`
            : `Choose a new password for ${whose.school}. You are signed out everywhere else then.`
        }}
      </p>
      <label
        >Name<el-input
          :model-value="whose.signInName"
          name="name"
          autocomplete="username"
          size="large"
          readonly
      /></label>
      <label
        >New password<el-input
          v-model="password"
          name="password"
          type="password"
          autocomplete="new-password"
          size="large"
          show-password
          autofocus
      /></label>
      <p class="soft">
        At least 10 characters. Four words that do not belong together are easy to keep in mind.
      </p>
    </template>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <button v-if="whose" class="btn pri big" :disabled="busy || !password">Come in</button>
  </FrontDoor>
</template>
