<script setup lang="ts">
import { t } from '@/i18n'
import { onMounted, ref } from 'vue'
import { get, put, errorText } from '@/api/client'
import type { PartHead, Sharing } from './library'

/** Who may take a part tools its owner: colleagues one by one, or everybody who teaches here. */
const props = defineProps<{ part: PartHead }>()
const emit = defineEmits<{ close: [] }>()
const sharing = ref<Sharing | null>(null)
const wrong = ref('')
const at = `/api/v1/library/${props.part.id}` as const

onMounted(async () => {
  try {
    sharing.value = await get(`${at}/sharing`)
  } catch (error) {
    wrong.value = errorText(error)
  }
})
async function share(personId: string | undefined, shared: boolean) {
  try {
    await put(`${at}/sharing`, { ...(personId ? { personId } : {}), shared })
    sharing.value = await get(`${at}/sharing`)
  } catch (error) {
    wrong.value = errorText(error)
  }
}
</script>

<template>
  <el-dialog
    :model-value="true"
    :title="t('workbench.share-part', { part: part.name })"
    width="440px"
    @close="emit('close')"
  >
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <p class="soft">{{ t('workbench.they-take-a-copy-of-it') }}</p>
    <template v-if="sharing">
      <el-checkbox :model-value="sharing.school" @change="share(undefined, Boolean($event))">{{
        t('workbench.everybody-who-teaches-at-the-school')
      }}</el-checkbox>
      <ul>
        <li v-for="one in sharing.colleagues" :key="one.id">
          <el-checkbox
            :model-value="one.has || sharing.school"
            :disabled="sharing.school"
            @change="share(one.id, Boolean($event))"
            >{{ one.name }}</el-checkbox
          >
        </li>
      </ul>
    </template>
    <template #footer
      ><button class="btn pri" @click="emit('close')">{{ t('shared.done') }}</button></template
    >
  </el-dialog>
</template>

<style scoped>
ul {
  max-height: 300px;
  margin: 0;
  padding: 0;
  overflow-y: auto;
  list-style: none;
}
</style>
