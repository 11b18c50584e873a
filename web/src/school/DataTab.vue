<script setup lang="ts">
import { t } from '@/i18n'
import { fullDateTime } from '@/i18n/format'
import { onBeforeUnmount, onMounted, ref, shallowRef } from 'vue'
import { get, post, remove, errorText } from '@/api/client'
import type { BackupStanding } from '@/api/schema'
import { notifyDone } from '@/shared/notify'
import DataRequests from './DataRequests.vue'
import { gigabytes } from './sizes'

/** Backups, each restored once for a check. */
const standing = shallowRef<BackupStanding | null>(null)
const wrong = ref('')
const EVERY_MS = 1_500
let timer: ReturnType<typeof setTimeout> | undefined
let gone = false

async function load() {
  const before = standing.value?.state
  try {
    standing.value = await get('/api/v1/school/backups')
    if (before === 'RUNNING' && standing.value.state === 'IDLE')
      notifyDone(t('school.the-backup-is-made-and-was'))
    wrong.value = ''
  } catch (error) {
    wrong.value = errorText(error)
  }
  clearTimeout(timer)
  if (!gone && standing.value?.state === 'RUNNING') timer = setTimeout(load, EVERY_MS)
}
onMounted(load)
onBeforeUnmount(() => {
  gone = true
  clearTimeout(timer)
})
async function run(what: () => Promise<unknown>) {
  try {
    await what()
    await load()
  } catch (error) {
    wrong.value = errorText(error)
  }
}
const begin = () => run(() => post('/api/v1/school/backups'))
const cancel = () => run(() => remove('/api/v1/school/backups/running'))
const time = (at: string) => fullDateTime(new Date(at))
</script>

<template>
  <section v-if="standing" class="data">
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <p v-if="standing.state === 'NONE'">{{ t('school.backups-of-this-installation-are-made') }}</p>
    <template v-else>
      <h2>{{ t('school.last-backup') }}</h2>
      <p v-if="standing.last">
        {{
          t('school.backup-says', {
            made: time(standing.last.made),
            activities: standing.last.activities,
            moves: standing.last.moves,
            people: standing.last.people,
            bytes: gigabytes(standing.last.bytes),
            file: standing.last.file,
          })
        }}
        <a class="copy" :href="`/api/v1/school/backups/files/${standing.last.file}`" download>{{
          t('school.save-a-copy')
        }}</a>
      </p>
      <p v-else>{{ t('school.there-is-none-yet-one-is') }}</p>
      <p v-if="standing.failure" class="note" role="alert">{{ standing.failure }}</p>
      <p v-if="standing.state === 'RUNNING'" class="row">
        <el-progress
          :percentage="50"
          :indeterminate="true"
          :show-text="false"
          :aria-label="t('school.backing-up')"
        />
        <el-button @click="cancel">{{ t('shared.cancel') }}</el-button>
      </p>
      <el-button v-else type="primary" @click="begin">{{ t('school.back-up-now') }}</el-button>
      <p class="soft">{{ t('school.about-backups') }}</p>
    </template>
    <DataRequests />
  </section>
</template>

<style scoped>
.data {
  display: grid;
  gap: 12px;
  justify-items: start;
  max-width: 720px;
}
.row {
  display: grid;
  grid-template-columns: 260px auto;
  gap: 12px;
  align-items: center;
}
.copy {
  color: var(--petrol);
}
</style>
