<script setup lang="ts">
import { onBeforeUnmount, onMounted, ref, shallowRef } from 'vue'
import { get, post, remove, errorText } from '@/api/client'
import type { BackupStanding } from '@/api/schema'
import { count } from '@/page/count'
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
      notifyDone('The backup is made and was restored for a check.')
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
const time = (at: string) => new Date(at).toLocaleString('en-GB', { dateStyle: 'full', timeStyle: 'short' })
</script>

<template>
  <section v-if="standing" class="data">
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <p v-if="standing.state === 'NONE'">Backups of this installation are made by others.</p>
    <template v-else>
      <h2>Last backup</h2>
      <p v-if="standing.last">
        {{ time(standing.last.made) }}, checked by restoring it:
        {{ count(standing.last.activities, 'activity', 'activities') }},
        {{ count(standing.last.moves, 'move') }}, {{ count(standing.last.people, 'person', 'people') }},
        {{ gigabytes(standing.last.bytes) }}. It is the file {{ standing.last.file }} in the folder of
        backups.
        <a class="copy" :href="`/api/v1/school/backups/files/${standing.last.file}`" download>Save a copy</a>
      </p>
      <p v-else>There is none yet. One is made every night at 02:00 by the school's clock.</p>
      <p v-if="standing.failure" class="note" role="alert">{{ standing.failure }}</p>
      <p v-if="standing.state === 'RUNNING'" class="row">
        <el-progress :percentage="50" :indeterminate="true" :show-text="false" aria-label="Backing up" />
        <el-button @click="cancel">Cancel</el-button>
      </p>
      <el-button v-else type="primary" @click="begin">Back up now</el-button>
      <p class="soft">
        How many are kept is set under Settings. Copy them to another machine too: a backup beside its data is
        lost with them. A copy is the whole school: an empty Glad Tile elsewhere takes it in with
        <code>./glad restore</code>.
      </p>
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
