<script setup lang="ts">
import { t } from '@/i18n'
import { onMounted, ref, shallowRef } from 'vue'
import { getAll, get, errorText } from '@/api/client'
import type { ProgressRow } from '@/api/schema'
import PresentCard from './PresentCard.vue'

/** Whose page comes in front of the class: the students who have begun, of the newest assignment of this activity. */
const props = defineProps<{ activityId: string; classId: string; x: number; y: number }>()
const emit = defineEmits<{ show: [assignmentId: string, studentId: string]; close: [] }>()
const rows = shallowRef<ProgressRow[] | null>(null)
const assignmentId = ref('')
const words = ref('')

onMounted(async () => {
  try {
    const given = (await getAll('/api/v1/assignments')).find(
      (one) => one.activityId === props.activityId && one.classId === props.classId && !one.withdrawn,
    )
    if (!given) {
      words.value = t('present.this-class-was-not-given-this-2')
      return
    }
    assignmentId.value = given.id
    const table = await get(`/api/v1/assignments/${given.id}/progress`)
    rows.value = table.students.filter((one) => one.standing)
    if (!rows.value.length) words.value = t('present.nobody-has-begun-yet')
  } catch (error) {
    words.value = errorText(error)
  }
})
</script>

<template>
  <PresentCard :title="t('present.show-a-students-page')" :x="x" :y="y" @close="emit('close')">
    <p v-if="words" role="status">{{ words }}</p>
    <p v-else class="soft">{{ t('present.the-class-sees-no-name-until') }}</p>
    <ul v-if="rows?.length" class="students">
      <li v-for="one in rows" :key="one.id">
        <button class="btn" @click="emit('show', assignmentId, one.id)">{{ one.name }}</button>
      </li>
    </ul>
  </PresentCard>
</template>

<style scoped>
p {
  max-width: 320px;
  margin: 0;
}
.soft {
  color: #55656b;
}
.students {
  display: grid;
  gap: 6px;
  max-height: 46vh;
  margin: 0;
  padding: 0;
  overflow: auto;
  list-style: none;
}
.students .btn {
  width: 100%;
  min-height: 44px;
  overflow-wrap: anywhere;
}
</style>
