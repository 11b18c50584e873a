<script setup lang="ts">
import { t } from '@/i18n'
import { onMounted, ref, shallowRef } from 'vue'
import { getAll, put, remove, errorText } from '@/api/client'
import { notifyDone } from '@/shared/notify'
import type { ClassAtSchool, StaffMember } from '@/api/schema'

/** All classes, and who works with them. */
const props = defineProps<{ people: StaffMember[] }>()
const emit = defineEmits<{ changed: [] }>()
const all = shallowRef<ClassAtSchool[]>([])
const wrong = ref('')

async function run(what: () => Promise<unknown>) {
  wrong.value = ''
  try {
    await what()
  } catch (error) {
    wrong.value = errorText(error)
  }
}
const load = () => run(async () => (all.value = await getAll('/api/v1/school/classes')))
onMounted(load)

/** One joins or leaves at a time, as the field tells it. */
async function set(one: ClassAtSchool, staff: string[]) {
  const address = (id: string) => `/api/v1/school/classes/${one.id}/staff/${id}` as const
  await run(async () => {
    for (const id of staff) if (!one.staff.includes(id)) await put(address(id))
    for (const id of one.staff) if (!staff.includes(id)) await remove(address(id))
    notifyDone(t('school.who-works-with-name-is-saved', { name: one.name }))
  })
  await load()
  emit('changed')
}
const choices = (one: ClassAtSchool) =>
  props.people.filter((each) => each.state !== 'DEACTIVATED' || one.staff.includes(each.id))
</script>

<template>
  <div class="classes">
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <el-table :data="all" row-key="id" :empty-text="t('school.there-is-no-class-yet-teachers')">
      <el-table-column :label="t('shared.class')" prop="name" sortable min-width="150">
        <template #default="{ row }"
          ><strong>{{ row.name }}</strong
          >{{ row.archived ? ` · ${t('shared.is-archived')}` : '' }}</template
        >
      </el-table-column>
      <el-table-column :label="t('shared.students')" prop="students" sortable width="130" />
      <el-table-column :label="t('school.who-works-with-it')" min-width="320">
        <template #default="{ row }">
          <el-select
            :model-value="row.staff"
            multiple
            filterable
            :placeholder="t('school.nobody')"
            :aria-label="t('school.who-works-with-row', { row: row.name })"
            @update:model-value="set(row as ClassAtSchool, $event)"
          >
            <el-option
              v-for="one in choices(row as ClassAtSchool)"
              :key="one.id"
              :value="one.id"
              :label="one.name"
            />
          </el-select>
        </template>
      </el-table-column>
    </el-table>
  </div>
</template>

<style scoped>
.classes {
  display: grid;
  gap: 10px;
}
</style>
