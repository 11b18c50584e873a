<script setup lang="ts">
import { t } from '@/i18n'
import { dateTime } from '@/i18n/format'
import { onMounted, ref } from 'vue'
import { getAll, post, errorText } from '@/api/client'
import type { PartHead, PartVersion } from './library'

/** The versions in which a part was kept; an older one can be the newest again. */
const props = defineProps<{ part: PartHead }>()
const emit = defineEmits<{ close: []; changed: [] }>()
const versions = ref<PartVersion[]>([])
const wrong = ref('')
const at = `/api/v1/library/${props.part.id}` as const

async function load() {
  try {
    versions.value = await getAll(`${at}/versions`)
  } catch (error) {
    wrong.value = errorText(error)
  }
}
onMounted(load)
async function restore(version: number) {
  try {
    await post(`${at}/versions/restorations`, { version })
    emit('changed')
    await load()
  } catch (error) {
    wrong.value = errorText(error)
  }
}
</script>

<template>
  <el-dialog
    :model-value="true"
    :title="t('workbench.versions-of-part', { part: part.name })"
    width="440px"
    @close="emit('close')"
  >
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <ul>
      <li v-for="(one, i) in versions" :key="one.version">
        <span
          >{{ t('workbench.version-version', { version: one.version }) }}
          <span class="soft">{{ dateTime(new Date(one.keptAt)) }}</span></span
        >
        <span v-if="i === 0" class="chip n">{{ t('workbench.as-it-is-now') }}</span>
        <button v-else class="btn" @click="restore(one.version)">
          {{ t('shared.restore')
          }}<span class="unseen"> {{ t('workbench.version-version-2', { version: one.version }) }}</span>
        </button>
      </li>
    </ul>
    <template #footer
      ><button class="btn pri" @click="emit('close')">{{ t('shared.done') }}</button></template
    >
  </el-dialog>
</template>

<style scoped>
ul {
  max-height: 340px;
  margin: 0;
  padding: 0;
  overflow-y: auto;
  list-style: none;
}
li {
  display: flex;
  align-items: center;
  justify-content: space-between;
  min-height: 44px;
  border-bottom: 1px solid var(--line);
}
</style>
