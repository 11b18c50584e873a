<script setup lang="ts">
import { t } from '@/i18n'
import { onMounted, ref } from 'vue'
import { get, put, remove, errorText } from '@/api/client'
import { notifyDone } from '@/shared/notify'

/** Where else people of the school sign in. */
const form = ref({ name: '', issuer: '', clientId: '', clientSecret: '' })
const back = ref('')
const there = ref(false)
const wrong = ref('')
const busy = ref(false)
/** Nothing can be typed before what is there has come, which would take its place. */
const ready = ref(false)

async function load() {
  const now = await get('/api/v1/school/identity-provider')
  back.value = now.back
  there.value = now.name !== undefined
  const { name = '', issuer = '', clientId = '' } = now
  form.value = { name, issuer, clientId, clientSecret: '' }
  ready.value = true
}
async function run(what: () => Promise<unknown>, told = '') {
  busy.value = true
  wrong.value = ''
  try {
    await what()
    await load()
    if (told) notifyDone(told)
  } catch (error) {
    wrong.value = errorText(error)
  }
  busy.value = false
}
onMounted(() => run(async () => {}))
const save = () =>
  run(
    () =>
      put('/api/v1/school/identity-provider', {
        name: form.value.name,
        issuer: form.value.issuer,
        clientId: form.value.clientId,
        ...(form.value.clientSecret ? { clientSecret: form.value.clientSecret } : {}),
      }),
    t('school.saved-it-answered-as-an-identity'),
  )
const away = () =>
  run(() => remove('/api/v1/school/identity-provider'), t('school.nobody-signs-in-that-way-any'))
</script>

<template>
  <p v-if="wrong && !ready" class="note" role="alert">{{ wrong }}</p>
  <el-form v-if="ready" label-position="top" class="sign-on" @submit.prevent="save">
    <h2>{{ t('school.sign-in-with-the-schools-account') }}</h2>
    <p class="soft">{{ t('school.for-schools-whose-teachers-have-an') }}</p>
    <p class="back" tabindex="0">{{ back }}</p>
    <el-form-item :label="t('school.name-on-the-button')"
      ><el-input v-model="form.name" maxlength="100"
    /></el-form-item>
    <el-form-item :label="t('school.address-of-the-identity-provider')"
      ><el-input v-model="form.issuer" maxlength="500" placeholder="https://"
    /></el-form-item>
    <el-form-item :label="t('school.client-id')"
      ><el-input v-model="form.clientId" maxlength="500"
    /></el-form-item>
    <el-form-item :label="t('school.client-secret')"
      ><el-input
        v-model="form.clientSecret"
        maxlength="500"
        type="password"
        autocomplete="off"
        :placeholder="there ? t('school.as-it-is') : ''"
    /></el-form-item>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <el-button
      native-type="submit"
      :disabled="busy || !form.name.trim() || !form.issuer.trim() || !form.clientId.trim()"
      >{{ t('school.check-and-save') }}</el-button
    >
    <el-button v-if="there" :disabled="busy" @click="away">{{ t('school.stop-using-it') }}</el-button>
  </el-form>
</template>

<style scoped>
.sign-on {
  max-width: 420px;
  margin-top: 28px;
}
.back {
  margin: 8px 0 14px;
  padding: 8px 12px;
  border: 1px dashed var(--line);
  border-radius: 8px;
  background: #fff;
  font-family: monospace;
  overflow-wrap: anywhere;
  user-select: all;
}
</style>
