<script setup lang="ts">
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
  BOTH: 'Students: code with PIN or pictures',
  PIN: 'Students: code with PIN',
  PICTURES: 'Students: code with pictures',
}
</script>

<template>
  <TeacherBar />
  <main class="school">
    <div class="head">
      <h1>{{ school?.name ?? 'School' }}</h1>
      <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    </div>
    <el-tabs v-if="school" v-model="tab" class="tabs" @tab-change="show">
      <el-tab-pane label="People" name="people">
        <PeopleTab :people="people" @changed="load" />
      </el-tab-pane>
      <el-tab-pane label="Classes" name="classes" lazy>
        <ClassesTab :people="people" @changed="load" />
      </el-tab-pane>
      <el-tab-pane label="Activity log" name="log" lazy>
        <LogTab :people="people" />
      </el-tab-pane>
      <el-tab-pane label="Data and backup" name="data" lazy>
        <DataTab />
      </el-tab-pane>
      <el-tab-pane label="Settings" name="settings" lazy>
        <SettingsTab :school="school" @changed="load" />
      </el-tab-pane>
    </el-tabs>
    <aside v-if="school">
      <section class="card">
        <h2>Storage</h2>
        <el-progress
          :percentage="Math.min(100, (100 * school.storageUsed) / school.storageMost)"
          :show-text="false"
          :stroke-width="8"
          aria-label="Storage"
        />
        <p>{{ gigabytes(school.storageUsed) }} of {{ gigabytes(school.storageMost) }}</p>
        <p v-if="school.disk === 'SCARCE'" class="note" role="alert">
          The server's disk is nearly full. Make room soon, or nothing more can be saved.
        </p>
        <p v-if="school.disk === 'FULL'" class="note" role="alert">
          The server's disk is full: nothing more is saved until there is room. What was saved is safe.
        </p>
      </section>
      <section class="card">
        <h2>Signing in</h2>
        <p>Teachers: password, passkey or school account</p>
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
