<script setup lang="ts">
import { t } from '@/i18n'
import { onMounted, ref } from 'vue'
import { getAll, put, errorText } from '@/api/client'
import type { ActivityHead, Colleague } from '@/api/schema'
import CopyLink from './CopyLink.vue'

/** Which colleagues may view an activity, or edit it too. */
const props = defineProps<{ activity: ActivityHead }>()
const emit = defineEmits<{ close: [] }>()
const colleagues = ref<Colleague[] | null>(null)
const wrong = ref('')

onMounted(async () => {
  try {
    colleagues.value = await getAll(`/api/v1/activities/${props.activity.id}/sharing`)
  } catch (error) {
    wrong.value = errorText(error)
  }
})
async function share(one: Colleague, access: Colleague['access']) {
  try {
    await put(`/api/v1/activities/${props.activity.id}/sharing/${one.id}`, { access })
    one.access = access
  } catch (error) {
    wrong.value = errorText(error)
  }
}
</script>

<template>
  <el-dialog
    :model-value="true"
    :title="t('activities.share-title', { title: activity.title })"
    width="480px"
    @close="emit('close')"
  >
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <p v-if="colleagues && colleagues.length === 0" class="soft">
      {{ t('activities.there-is-no-other-teacher-in') }}
    </p>
    <ul>
      <li v-for="one in colleagues ?? []" :key="one.id">
        <label
          ><span>{{ one.name }}</span>
          <select
            :value="one.access"
            @change="share(one, ($event.target as HTMLSelectElement).value as Colleague['access'])"
          >
            <option value="NONE">{{ t('activities.not-shared') }}</option>
            <option value="LOOK">{{ t('activities.view-only') }}</option>
            <option value="EDIT">{{ t('activities.can-edit') }}</option>
          </select></label
        >
      </li>
    </ul>
    <CopyLink :activity-id="activity.id" />
    <template #footer
      ><button class="btn pri" @click="emit('close')">{{ t('shared.done') }}</button></template
    >
  </el-dialog>
</template>

<style scoped>
ul {
  max-height: 320px;
  margin: 0;
  padding: 0;
  overflow-y: auto;
  list-style: none;
}
label {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 14px;
  padding: 8px 0;
  border-bottom: 1px solid var(--line);
}
select {
  padding: 5px 8px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: #fff;
}
</style>
