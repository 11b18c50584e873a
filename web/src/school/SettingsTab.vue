<script setup lang="ts">
import { t } from '@/i18n'
import { reactive, ref, watch } from 'vue'
import { put, errorText } from '@/api/client'
import type { SchoolView } from '@/api/schema'
import { notifyDone } from '@/shared/notify'
import { LANGUAGES, timeZones } from '@/shared/timeZones'
import SingleSignOnForm from './SingleSignOnForm.vue'

/** How the school is set. */
const props = defineProps<{ school: SchoolView }>()
const emit = defineEmits<{ changed: [] }>()
const asked = reactive({
  name: '',
  language: 'en',
  timeZone: 'UTC',
  logDays: 400,
  backupsKept: 14,
  storageGigabytes: undefined as number | undefined,
  studentSignIn: 'BOTH' as SchoolView['studentSignIn'],
})
watch(
  () => props.school,
  ({ name, language, timeZone, logDays, backupsKept, storageGigabytes, studentSignIn }) =>
    Object.assign(asked, { name, language, timeZone, logDays, backupsKept, storageGigabytes, studentSignIn }),
  { immediate: true },
)
const wrong = ref('')
const busy = ref(false)
async function save() {
  busy.value = true
  wrong.value = ''
  try {
    await put('/api/v1/school', asked)
    notifyDone(t('school.the-settings-are-saved'))
    emit('changed')
  } catch (error) {
    wrong.value = errorText(error)
  }
  busy.value = false
}
</script>

<template>
  <el-form label-position="top" class="settings" @submit.prevent="save">
    <el-form-item :label="t('shared.name-of-the-school')"
      ><el-input v-model="asked.name" maxlength="100"
    /></el-form-item>
    <el-form-item :label="t('shared.language')">
      <el-select v-model="asked.language">
        <el-option v-for="[value, name] in LANGUAGES" :key="value" :value="value" :label="name" />
      </el-select>
    </el-form-item>
    <el-form-item :label="t('shared.time-zone')">
      <el-select v-model="asked.timeZone" filterable>
        <el-option v-for="zone in timeZones()" :key="zone" :value="zone" :label="zone" />
      </el-select>
    </el-form-item>
    <el-form-item :label="t('school.students-sign-in-with-their-code')">
      <el-radio-group v-model="asked.studentSignIn">
        <el-radio value="BOTH">{{ t('school.a-pin-or-pictures-as-each') }}</el-radio>
        <el-radio value="PIN">{{ t('school.a-pin') }}</el-radio>
        <el-radio value="PICTURES">{{ t('school.three-pictures') }}</el-radio>
      </el-radio-group>
    </el-form-item>
    <el-form-item :label="t('school.days-that-the-activity-log-is')">
      <el-input-number v-model="asked.logDays" :min="30" :max="3650" />
    </el-form-item>
    <el-form-item :label="t('school.nightly-backups-that-are-kept')">
      <el-input-number v-model="asked.backupsKept" :min="3" :max="400" />
    </el-form-item>
    <el-form-item :label="t('school.gigabytes-that-the-files-may-take')">
      <el-input-number v-model="asked.storageGigabytes" :min="1" :max="100000" :value-on-clear="null" />
    </el-form-item>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <el-button type="primary" native-type="submit" :disabled="busy || !asked.name.trim()">{{
      t('shared.save')
    }}</el-button>
  </el-form>
  <SingleSignOnForm />
</template>

<style scoped>
.settings {
  max-width: 420px;
}
</style>
