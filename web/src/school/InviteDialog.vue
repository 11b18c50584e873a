<script setup lang="ts">
import { t } from '@/i18n'
import { reactive, ref } from 'vue'
import { post, errorText } from '@/api/client'
import type { PersonLink } from '@/api/schema'
import { ROLES, type Role } from './roles'

/** Somebody new, who chooses a password by a link. */
const emit = defineEmits<{ made: [link: PersonLink]; close: [] }>()
const asked = reactive({ name: '', signInName: '', role: 'TEACHER' as Role })
const wrong = ref('')
const busy = ref(false)

async function invite() {
  busy.value = true
  try {
    emit('made', await post('/api/v1/school/people', asked))
  } catch (error) {
    wrong.value = errorText(error)
  }
  busy.value = false
}
</script>

<template>
  <el-dialog :model-value="true" :title="t('school.invite-a-teacher')" width="460px" @close="emit('close')">
    <el-form label-position="top" @submit.prevent="invite">
      <el-form-item :label="t('shared.name')"
        ><el-input v-model="asked.name" maxlength="100" autofocus
      /></el-form-item>
      <el-form-item :label="t('shared.user-name-to-sign-in-with')"
        ><el-input v-model="asked.signInName" maxlength="100"
      /></el-form-item>
      <el-form-item :label="t('school.role')">
        <el-radio-group v-model="asked.role" class="roles">
          <el-radio v-for="one in ROLES" :key="one.role" :value="one.role"
            >{{ one.name }}: {{ one.may }}</el-radio
          >
        </el-radio-group>
      </el-form-item>
      <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
      <p class="soft">{{ t('school.no-mail-is-sent-you-get') }}</p>
      <el-button
        type="primary"
        native-type="submit"
        :disabled="busy || !asked.name.trim() || !asked.signInName.trim()"
        >{{ t('school.make-the-link') }}</el-button
      >
      <el-button @click="emit('close')">{{ t('shared.cancel') }}</el-button>
    </el-form>
  </el-dialog>
</template>

<style scoped>
.roles {
  display: grid;
  justify-items: start;
}
</style>
