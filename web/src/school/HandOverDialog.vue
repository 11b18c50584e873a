<script setup lang="ts">
import { t } from '@/i18n'
import { computed, ref } from 'vue'
import { post, errorText } from '@/api/client'
import type { StaffMember } from '@/api/schema'
import { notifyDone } from '@/shared/notify'

/** All activities and classes of somebody become a colleague's. */
const props = defineProps<{ from: StaffMember; people: StaffMember[] }>()
const emit = defineEmits<{ done: []; close: [] }>()
const to = ref('')
const wrong = ref('')
const busy = ref(false)
const others = computed(() =>
  props.people.filter(
    (one) => one.id !== props.from.id && one.state !== 'DEACTIVATED' && one.role !== 'ASSISTANT',
  ),
)
async function hand() {
  busy.value = true
  wrong.value = ''
  try {
    const made = await post(`/api/v1/school/people/${props.from.id}/hand-overs`, { to: to.value })
    const name = others.value.find((one) => one.id === to.value)!.name
    notifyDone(t('school.handed-over', { name, activities: made.activities, classes: made.classes }))
    emit('done')
  } catch (error) {
    wrong.value = errorText(error)
  }
  busy.value = false
}
</script>

<template>
  <el-dialog
    :model-value="true"
    :title="t('school.hand-over-the-work-of-from', { from: from.name })"
    width="480px"
    @close="emit('close')"
  >
    <div class="hand">
      <p>{{ t('school.all-activities-and-classes-of-from', { from: from.name }) }}</p>
      <el-select v-model="to" filterable :placeholder="t('school.to-whom')" :aria-label="t('school.to-whom')">
        <el-option v-for="one in others" :key="one.id" :value="one.id" :label="one.name" />
      </el-select>
      <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
      <div>
        <el-button type="primary" :disabled="busy || !to" @click="hand">{{
          t('school.hand-over')
        }}</el-button>
        <el-button @click="emit('close')">{{ t('shared.cancel') }}</el-button>
      </div>
    </div>
  </el-dialog>
</template>

<style scoped>
.hand {
  display: grid;
  gap: 12px;
}
</style>
