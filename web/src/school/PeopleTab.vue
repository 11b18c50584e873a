<script setup lang="ts">
import { PhDotsThree, PhPlus } from '@phosphor-icons/vue'
import { ElMessageBox } from 'element-plus'
import 'element-plus/es/components/message-box/style/css'
import { computed, ref, shallowRef } from 'vue'
import { post, put, errorText } from '@/api/client'
import type { PersonLink, StaffMember } from '@/api/schema'
import { count } from '@/page/count'
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
const day = (at: string) => new Date(at).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })
function teaches(one: StaffMember) {
  if (one.state === 'INVITED')
    return one.invitedUntil ? `invited, link good until ${day(one.invitedUntil)}` : 'invited, link is over'
  if (one.state === 'DEACTIVATED') return 'may not sign in'
  return one.classes ? `${count(one.classes, 'class', 'classes')} · ${count(one.students, 'student')}` : '–'
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
  return ElMessageBox.confirm(text, title, { confirmButtonText: yes, cancelButtonText: 'Cancel' }).then(
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
    const text = `${one.name} is signed out at once and cannot sign in any more. What they made stays. You can let them in again.`
    if (await sure('Deactivate', text, 'Deactivate'))
      await run(
        () => put(`${address(one)}/state`, { active: false }),
        `${one.name} cannot sign in any more. What they made stays.`,
      )
  } else if (what === 'on')
    await run(() => put(`${address(one)}/state`, { active: true }), `${one.name} can sign in again.`)
  else {
    const role = what as Role
    const text = `${one.name} is signed out and signs in again as ${roleName(role).toLowerCase()}.`
    if (await sure('Change the role', text, 'Change it'))
      await run(
        () => put(`${address(one)}/role`, { role }),
        `The role of ${one.name} is now ${roleName(role)}.`,
      )
  }
}
</script>

<template>
  <div class="people">
    <div class="row">
      <el-input
        v-model="words"
        placeholder="Find a person by name"
        aria-label="Find a person by name"
        clearable
      />
      <button class="btn acc" @click="inviting = true">
        <PhPlus :size="18" aria-hidden="true" />Invite a teacher
      </button>
      <button class="btn import" @click="importing = true">Import…</button>
    </div>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <el-table :data="shown" row-key="id" empty-text="Nobody of that name">
      <el-table-column label="Name" prop="name" sortable min-width="130">
        <template #default="{ row }"
          ><strong>{{ row.name }}</strong></template
        >
      </el-table-column>
      <el-table-column label="User name" prop="signInName" sortable min-width="110" />
      <el-table-column label="Role" prop="role" sortable min-width="120">
        <template #default="{ row }"
          ><span class="role" :class="row.role.toLowerCase()">{{ roleName(row.role) }}</span></template
        >
      </el-table-column>
      <el-table-column label="Teaches" min-width="200">
        <template #default="{ row }">{{ teaches(row as StaffMember) }}</template>
      </el-table-column>
      <el-table-column label="Last seen" prop="lastSeen" sortable min-width="150">
        <template #default="{ row }">{{ row.lastSeen ? day(row.lastSeen) : 'never' }}</template>
      </el-table-column>
      <el-table-column label="More" width="84">
        <template #default="{ row }">
          <el-dropdown trigger="click" @command="command(row as StaffMember, $event)">
            <button class="btn quiet" :aria-label="`What to do with ${row.name}`">
              <PhDotsThree :size="22" aria-hidden="true" />
            </button>
            <template #dropdown>
              <el-dropdown-menu>
                <el-dropdown-item v-if="row.state !== 'DEACTIVATED'" command="link">{{
                  row.state === 'INVITED' ? 'Another invitation' : 'Link for a new password'
                }}</el-dropdown-item>
                <template v-for="one in ROLES" :key="one.role">
                  <el-dropdown-item v-if="one.role !== row.role" :command="one.role"
                    >{{ one.name }}: {{ one.may }}</el-dropdown-item
                  >
                </template>
                <el-dropdown-item command="hand">Hand activities and classes to a colleague</el-dropdown-item>
                <el-dropdown-item v-if="row.state === 'DEACTIVATED'" command="on"
                  >Let them sign in again</el-dropdown-item
                >
                <el-dropdown-item v-else command="off">Deactivate</el-dropdown-item>
              </el-dropdown-menu>
            </template>
          </el-dropdown>
        </template>
      </el-table-column>
    </el-table>
    <p class="soft">{{ shown.length }} of {{ people.length }} · students are found under Classes</p>
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
