<script setup lang="ts">
import { t } from '@/i18n'
import { onMounted, ref, shallowRef } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { needAdministrator } from '@/accounts/me'
import TeacherBar from '@/accounts/TeacherBar.vue'
import { getAll, get, errorText } from '@/api/client'
import type { SchoolView, StaffMember } from '@/api/schema'
import ClassesTab from './ClassesTab.vue'
import DataTab from './DataTab.vue'
import LogTab from './LogTab.vue'
import PeopleTab from './PeopleTab.vue'
import SettingsTab from './SettingsTab.vue'
import { gigabytes } from './sizes'

/** What an administrator answers for: who works here, what happened, and how the school is set. */
const TABS = ['people', 'classes', 'log', 'data', 'settings'] as const
const route = useRoute()
const router = useRouter()
const tab = ref(TABS.find((one) => one === route.query.tab) ?? 'people')
const school = shallowRef<SchoolView | null>(null)
const people = shallowRef<StaffMember[]>([])
const wrong = ref('')

async function load() {
  try {
    ;[school.value, people.value] = await Promise.all([
      get('/api/v1/school'),
      getAll('/api/v1/school/people'),
    ])
    wrong.value = ''
  } catch (error) {
    wrong.value = errorText(error)
  }
}
onMounted(async () => {
  try {
    if (await needAdministrator()) await load()
  } catch (error) {
    wrong.value = errorText(error)
  }
})
const show = (name: string | number) => void router.replace({ query: { tab: String(name) } })
const STUDENTS: Record<SchoolView['studentSignIn'], string> = {
  BOTH: t('school.students-code-with-pin-or-pictures'),
  PIN: t('school.students-code-with-pin'),
  PICTURES: t('school.students-code-with-pictures'),
}
</script>

<template>
  <TeacherBar />
  <main class="school">
    <div class="head">
      <h1>{{ school?.name ?? t('shared.school') }}</h1>
      <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    </div>
    <el-tabs v-if="school" v-model="tab" class="tabs" @tab-change="show">
      <el-tab-pane :label="t('school.people')" name="people">
        <PeopleTab :people="people" @changed="load" />
      </el-tab-pane>
      <el-tab-pane :label="t('shared.classes')" name="classes" lazy>
        <ClassesTab :people="people" @changed="load" />
      </el-tab-pane>
      <el-tab-pane :label="t('school.activity-log')" name="log" lazy>
        <LogTab :people="people" />
      </el-tab-pane>
      <el-tab-pane :label="t('school.data-and-backup')" name="data" lazy>
        <DataTab />
      </el-tab-pane>
      <el-tab-pane :label="t('school.settings')" name="settings" lazy>
        <SettingsTab :school="school" @changed="load" />
      </el-tab-pane>
    </el-tabs>
    <aside v-if="school">
      <section class="card">
        <h2>{{ t('school.storage') }}</h2>
        <el-progress
          :percentage="Math.min(100, (100 * school.storageUsed) / school.storageMost)"
          :show-text="false"
          :stroke-width="8"
          :aria-label="t('school.storage')"
        />
        <p>
          {{
            t('school.storageused-of-storagemost', {
              storageUsed: gigabytes(school.storageUsed),
              storageMost: gigabytes(school.storageMost),
            })
          }}
        </p>
        <p v-if="school.disk === 'SCARCE'" class="note" role="alert">
          {{ t('school.the-servers-disk-is-nearly-full') }}
        </p>
        <p v-if="school.disk === 'FULL'" class="note" role="alert">
          {{ t('school.the-servers-disk-is-full-nothing') }}
        </p>
      </section>
      <section class="card">
        <h2>{{ t('school.signing-in') }}</h2>
        <p>{{ t('school.teachers-password-passkey-or-school') }}</p>
        <p>{{ STUDENTS[school.studentSignIn] }}</p>
      </section>
    </aside>
  </main>
</template>

<style scoped>
.school {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 300px;
  gap: 6px 20px;
  padding: 18px 26px;
}
.head {
  grid-column: 1 / -1;
}
aside {
  display: grid;
  gap: 14px;
  align-content: start;
  padding-top: 46px;
}
.card {
  padding: 12px 16px;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: var(--paper);
}
.card h2 {
  color: var(--soft);
  font-size: 14px;
}
@media (max-width: 900px) {
  .school {
    grid-template-columns: minmax(0, 1fr);
  }
  aside {
    padding-top: 0;
  }
}
</style>
