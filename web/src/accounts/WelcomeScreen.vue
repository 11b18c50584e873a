<script setup lang="ts">
import { t } from '@/i18n'
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
  <FrontDoor
    :title="whose ? t('accounts.welcome-whose', { whose: whose.name }) : t('accounts.welcome')"
    @submit="choose"
  >
    <template v-if="whose">
      <p>
        {{
          whose.invited
            ? t('accounts.school-invites-you-choose-a-password', { school: whose.school })
            : t('accounts.choose-a-new-password-for-school', { school: whose.school })
        }}
      </p>
      <label
        >{{ t('shared.name')
        }}<el-input :model-value="whose.signInName" name="name" autocomplete="username" size="large" readonly
      /></label>
      <label
        >{{ t('accounts.new-password')
        }}<el-input
          v-model="password"
          name="password"
          type="password"
          autocomplete="new-password"
          size="large"
          show-password
          autofocus
      /></label>
      <p class="soft">{{ t('accounts.at-least-10-characters-four-words') }}</p>
    </template>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <button v-if="whose" class="btn pri big" :disabled="busy || !password">
      {{ t('accounts.come-in') }}
    </button>
  </FrontDoor>
</template>
