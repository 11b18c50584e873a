<script setup lang="ts">
import { t } from '@/i18n'
import { date } from '@/i18n/format'
import { computed, ref, shallowRef } from 'vue'
import { post, errorText } from '@/api/client'
import type { InvitedPerson, StaffPreview } from '@/api/schema'
import { roleName } from './roles'

/** Many teachers at once, from a table or a register: each gets a link. */
const emit = defineEmits<{ changed: []; close: [] }>()
const users = ref('')
const roles = ref('')
const preview = shallowRef<StaffPreview | null>(null)
const invited = shallowRef<InvitedPerson[] | null>(null)
const wrong = ref('')
const busy = ref(false)
const fresh = computed(() => preview.value?.people.filter((one) => one.state === 'FRESH').length ?? 0)

async function run(what: () => Promise<unknown>) {
  busy.value = true
  wrong.value = ''
  try {
    await what()
  } catch (error) {
    wrong.value = errorText(error)
  }
  busy.value = false
}
const body = () => ({ users: users.value, ...(roles.value ? { roles: roles.value } : {}) })
/** The files of a register are told apart by what stands in their first line. */
const chosen = (event: Event) =>
  run(async () => {
    const input = event.target as HTMLInputElement
    for (const file of input.files ?? []) {
      const text = await file.text()
      if (text.slice(0, 500).toLowerCase().includes('usersourcedid')) roles.value = text
      else users.value = text
    }
    input.value = ''
    if (users.value) await look()
  })
const look = () =>
  run(async () => {
    preview.value = null
    preview.value = await post('/api/v1/school/people/import-previews', body())
  })
const take = () =>
  run(async () => {
    invited.value = await post('/api/v1/school/people/imports', body())
    emit('changed')
  })
const until = (at: string) => date(new Date(at))
const print = () => window.print()
</script>

<template>
  <el-dialog :model-value="true" :title="t('school.import-teachers')" width="720px" @close="emit('close')">
    <div v-if="invited" class="import">
      <p>{{ t('school.invited-now', { n: invited.length }) }}</p>
      <el-table :data="invited" max-height="340" :empty-text="t('school.nobody')">
        <el-table-column :label="t('shared.name')" prop="name" min-width="120" />
        <el-table-column :label="t('school.user-name')" prop="signInName" min-width="100" />
        <el-table-column :label="t('school.link')" min-width="280"
          ><template #default="{ row }"
            ><span class="address">{{ row.address }}</span></template
          ></el-table-column
        >
        <el-table-column :label="t('school.good-until')" width="110"
          ><template #default="{ row }">{{ until(row.expiresAt) }}</template></el-table-column
        >
      </el-table>
      <div>
        <el-button type="primary" @click="print">{{ t('shared.print') }}</el-button>
        <el-button @click="emit('close')">{{ t('shared.close') }}</el-button>
      </div>
    </div>
    <form v-else class="import" @submit.prevent="preview ? take() : look()">
      <p class="soft">{{ t('school.table-or-register') }}</p>
      <label class="btn">
        {{ t('shared.choose-files') }}
        <input type="file" accept=".csv,.txt,text/csv,text/plain" multiple class="unseen" @change="chosen" />
      </label>
      <label
        >{{ t('school.or-paste-the-table-here')
        }}<el-input
          v-model="users"
          type="textarea"
          :rows="5"
          :aria-label="t('school.the-table')"
          @input="preview = null"
      /></label>
      <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
      <template v-if="preview">
        <el-table :data="preview.people" max-height="240" :empty-text="t('school.nobody-is-found-in-it')">
          <el-table-column :label="t('shared.name')" prop="name" min-width="140" />
          <el-table-column :label="t('school.user-name')" prop="signInName" min-width="120" />
          <el-table-column :label="t('school.role')" width="110"
            ><template #default="{ row }">{{ roleName(row.role) }}</template></el-table-column
          >
          <el-table-column label="" width="170"
            ><template #header
              ><span class="unseen">{{ t('school.what-happens') }}</span></template
            ><template #default="{ row }">{{
              row.state === 'FRESH' ? t('school.is-invited') : t('school.is-here-already')
            }}</template></el-table-column
          >
        </el-table>
        <ul v-if="preview.passedOver.length">
          <li v-for="one in preview.passedOver.slice(0, 20)" :key="one">{{ one }}</li>
        </ul>
      </template>
      <div>
        <el-button v-if="preview" type="primary" native-type="submit" :disabled="busy || !fresh">{{
          fresh === 1 ? t('school.invite-one-person') : t('school.invite-fresh-people', { fresh })
        }}</el-button>
        <el-button v-else type="primary" native-type="submit" :disabled="busy || !users.trim()">{{
          t('school.look-at-it')
        }}</el-button>
        <el-button @click="emit('close')">{{ t('shared.cancel') }}</el-button>
      </div>
    </form>
  </el-dialog>
</template>

<style scoped>
.import {
  display: grid;
  gap: 12px;
  justify-items: start;
}
.import > label:not(.btn) {
  display: grid;
  gap: 4px;
  width: 100%;
}
.address {
  font-family: monospace;
  font-size: 12px;
  overflow-wrap: anywhere;
  user-select: all;
}
.unseen {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  opacity: 0;
}
.btn:focus-within {
  outline: 3px solid var(--saffron);
}
</style>
