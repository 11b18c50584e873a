<script setup lang="ts">
import { t } from '@/i18n'
import { dateTime } from '@/i18n/format'
import { PhDotsThree, PhPlus } from '@phosphor-icons/vue'
import { ElMessageBox } from 'element-plus'
import 'element-plus/es/components/message-box/style/css'
import { computed, ref, shallowRef } from 'vue'
import { post, put, errorText } from '@/api/client'
import type { PersonLink, StaffMember } from '@/api/schema'
import { notifyDone } from '@/shared/notify'
import HandOverDialog from './HandOverDialog.vue'
import ImportPeopleDialog from './ImportPeopleDialog.vue'
import InviteDialog from './InviteDialog.vue'
import LinkDialog from './LinkDialog.vue'
import { roleName, ROLES, type Role } from './roles'

/** Everybody who works at the school. */
const props = defineProps<{ people: StaffMember[] }>()
const emit = defineEmits<{ changed: [] }>()
const words = ref('')
const wrong = ref('')
const inviting = ref(false)
const importing = ref(false)
const link = shallowRef<{ person: StaffMember | null; made: PersonLink } | null>(null)
const handing = shallowRef<StaffMember | null>(null)

const shown = computed(() => {
  const wanted = words.value.trim().toLowerCase()
  return props.people.filter((one) => `${one.name} ${one.signInName}`.toLowerCase().includes(wanted))
})
const day = (at: string) => dateTime(new Date(at))
function teaches(one: StaffMember) {
  if (one.state === 'INVITED')
    return one.invitedUntil
      ? t('school.invited-link-good-until-inviteduntil', { invitedUntil: day(one.invitedUntil) })
      : t('school.invited-link-is-over')
  if (one.state === 'DEACTIVATED') return t('school.may-not-sign-in')
  return one.classes
    ? `${t('school.classes-count', { n: one.classes })} · ${t('shared.students-count', { n: one.students })}`
    : '–'
}
/** @param done the sentence that says so afterwards */
async function run(what: () => Promise<unknown>, done?: string) {
  wrong.value = ''
  try {
    await what()
    if (done) notifyDone(done)
    emit('changed')
  } catch (error) {
    wrong.value = errorText(error)
  }
}
const address = (one: StaffMember) => `/api/v1/school/people/${one.id}` as const
async function sure(title: string, text: string, yes: string) {
  return ElMessageBox.confirm(text, title, {
    confirmButtonText: yes,
    cancelButtonText: t('shared.cancel'),
  }).then(
    () => true,
    () => false,
  )
}
async function command(one: StaffMember, what: string) {
  if (what === 'link')
    await run(async () => {
      link.value = { person: one, made: await post(`${address(one)}/links`) }
    })
  else if (what === 'hand') handing.value = one
  else if (what === 'off') {
    const text = t('school.name-is-signed-out-at-once', { name: one.name })
    if (await sure(t('school.deactivate'), text, t('school.deactivate')))
      await run(
        () => put(`${address(one)}/state`, { active: false }),
        t('school.name-cannot-sign-in-any-more', { name: one.name }),
      )
  } else if (what === 'on')
    await run(
      () => put(`${address(one)}/state`, { active: true }),
      t('school.name-can-sign-in-again', { name: one.name }),
    )
  else {
    const role = what as Role
    const text = t('school.name-is-signed-out-and-signs', {
      name: one.name,
      role: roleName(role),
    })
    if (await sure(t('school.change-the-role'), text, t('shared.change-it')))
      await run(
        () => put(`${address(one)}/role`, { role }),
        t('school.the-role-of-name-is-now', { name: one.name, role: roleName(role) }),
      )
  }
}
</script>

<template>
  <div class="people">
    <div class="row">
      <el-input
        v-model="words"
        :placeholder="t('school.find-a-person-by-name')"
        :aria-label="t('school.find-a-person-by-name')"
        clearable
      />
      <button class="btn acc" @click="inviting = true">
        <PhPlus :size="18" aria-hidden="true" />{{ t('school.invite-a-teacher') }}
      </button>
      <button class="btn import" @click="importing = true">{{ t('school.import') }}</button>
    </div>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <el-table :data="shown" row-key="id" :empty-text="t('school.nobody-of-that-name-2')">
      <el-table-column :label="t('shared.name')" prop="name" sortable min-width="130">
        <template #default="{ row }"
          ><strong>{{ row.name }}</strong></template
        >
      </el-table-column>
      <el-table-column :label="t('school.user-name')" prop="signInName" sortable min-width="110" />
      <el-table-column :label="t('school.role')" prop="role" sortable min-width="120">
        <template #default="{ row }"
          ><span class="role" :class="row.role.toLowerCase()">{{ roleName(row.role) }}</span></template
        >
      </el-table-column>
      <el-table-column :label="t('school.teaches')" min-width="200">
        <template #default="{ row }">{{ teaches(row as StaffMember) }}</template>
      </el-table-column>
      <el-table-column :label="t('school.last-seen')" prop="lastSeen" sortable min-width="150">
        <template #default="{ row }">{{ row.lastSeen ? day(row.lastSeen) : t('shared.never') }}</template>
      </el-table-column>
      <el-table-column :label="t('shared.more')" width="84">
        <template #default="{ row }">
          <el-dropdown trigger="click" @command="command(row as StaffMember, $event)">
            <button class="btn quiet" :aria-label="t('school.what-to-do-with-row', { row: row.name })">
              <PhDotsThree :size="22" aria-hidden="true" />
            </button>
            <template #dropdown>
              <el-dropdown-menu>
                <el-dropdown-item v-if="row.state !== 'DEACTIVATED'" command="link">{{
                  row.state === 'INVITED'
                    ? t('school.another-invitation')
                    : t('school.link-for-a-new-password')
                }}</el-dropdown-item>
                <template v-for="one in ROLES" :key="one.role">
                  <el-dropdown-item v-if="one.role !== row.role" :command="one.role"
                    >{{ one.name }}: {{ one.may }}</el-dropdown-item
                  >
                </template>
                <el-dropdown-item command="hand">{{
                  t('school.hand-activities-and-classes-to-a')
                }}</el-dropdown-item>
                <el-dropdown-item v-if="row.state === 'DEACTIVATED'" command="on">{{
                  t('school.let-them-sign-in-again')
                }}</el-dropdown-item>
                <el-dropdown-item v-else command="off">{{ t('school.deactivate') }}</el-dropdown-item>
              </el-dropdown-menu>
            </template>
          </el-dropdown>
        </template>
      </el-table-column>
    </el-table>
    <p class="soft">
      {{ t('school.shown-of-people-students-are-found', { shown: shown.length, people: people.length }) }}
    </p>
    <InviteDialog
      v-if="inviting"
      @made="((inviting = false), (link = { person: null, made: $event }), emit('changed'))"
      @close="inviting = false"
    />
    <ImportPeopleDialog v-if="importing" @changed="emit('changed')" @close="importing = false" />
    <LinkDialog v-if="link" :name="link.person?.name ?? ''" :made="link.made" @close="link = null" />
    <HandOverDialog
      v-if="handing"
      :from="handing"
      :people="people"
      @done="((handing = null), emit('changed'))"
      @close="handing = null"
    />
  </div>
</template>

<style scoped>
.people {
  display: grid;
  gap: 10px;
}
.row {
  display: flex;
  gap: 10px;
}
.acc,
.import {
  flex: none;
}
.role {
  padding: 3px 8px;
  border-radius: 7px 7px 7px 2px;
  background: #dcebea;
  color: #07444b;
}
.role.assistant {
  background: #ebe6da;
  color: #46545a;
}
.role.administrator {
  background: #fbefd8;
  color: #6a4500;
}
</style>
