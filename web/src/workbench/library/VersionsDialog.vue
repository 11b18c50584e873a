<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { getAll, post, errorText } from '@/api/client'
import type { PartHead, PartVersion } from './library'

/** The versions in which a part was kept; an older one can be the newest again. */
const props = defineProps<{ part: PartHead }>()
const emit = defineEmits<{ close: []; changed: [] }>()
const versions = ref<PartVersion[]>([])
const wrong = ref('')
const at = `/api/v1/library/${props.part.id}` as const
const when = new Intl.DateTimeFormat(undefined, { dateStyle: 'medium', timeStyle: 'short' })

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
  <el-dialog :model-value="true" :title="`Versions of ${part.name}`" width="440px" @close="emit('close')">
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <ul>
      <li v-for="(one, i) in versions" :key="one.version">
        <span
          >Version {{ one.version }} <span class="soft">{{ when.format(new Date(one.keptAt)) }}</span></span
        >
        <span v-if="i === 0" class="chip n">as it is now</span>
        <button v-else class="btn" @click="restore(one.version)">
          Restore<span class="unseen"> version {{ one.version }}</span>
        </button>
      </li>
    </ul>
    <template #footer><button class="btn pri" @click="emit('close')">Done</button></template>
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
