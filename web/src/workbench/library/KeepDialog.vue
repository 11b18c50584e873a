<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { put, errorText } from '@/api/client'
import { find, folders, keep, type PartHead, type ToKeep } from './library'

/** Under which name, and in which folder, something is kept; or a part that is kept gets another place. */
const props = defineProps<{ what?: ToKeep; part?: PartHead }>()
const emit = defineEmits<{ close: []; kept: [words: string] }>()
const name = ref(props.part?.name ?? props.what?.name ?? '')
const folder = ref(props.part?.folder ?? '')
const known = ref<string[]>([])
const wrong = ref('')
const busy = ref(false)
/** The part that has this name in this folder already. */
const there = ref<PartHead | null>(null)
const field = ref<{ focus(): void }>()
const clean = computed(() => ({
  name: name.value.trim(),
  folder: folder.value
    .split('/')
    .map((one) => one.trim())
    .filter(Boolean)
    .join('/'),
}))

onMounted(async () => {
  field.value?.focus()
  try {
    known.value = (await folders()).mine
  } catch (error) {
    wrong.value = errorText(error)
  }
})
let asked = 0
watch(
  clean,
  async (now) => {
    there.value = null
    const mine = ++asked
    if (!now.name || props.part) return
    try {
      const { items } = await find(now.name.slice(0, 300), 'MINE', now.folder)
      if (mine === asked)
        there.value = items.find((one) => one.name === now.name && one.folder === now.folder) ?? null
    } catch {
      // Only a hint is missing then: keeping says what is wrong, if something is.
    }
  },
  { immediate: true },
)
const offered = (typed: string, tell: (all: { value: string }[]) => void) =>
  tell(
    known.value
      .filter((one) => one.toLowerCase().includes(typed.trim().toLowerCase()))
      .map((value) => ({ value })),
  )

async function done() {
  const { name: called, folder: into } = clean.value
  if (!called || busy.value) return
  busy.value = true
  try {
    if (props.part) {
      await put(`/api/v1/library/${props.part.id}/place`, clean.value)
      emit('kept', '')
    } else {
      const kept = await keep(props.what!, called, into)
      emit(
        'kept',
        kept.version === 1
          ? `“${called}” is in your library.`
          : `“${called}” is in your library as version ${kept.version}.`,
      )
    }
  } catch (error) {
    wrong.value = errorText(error)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <el-dialog
    :model-value="true"
    :title="part ? 'Name and folder' : 'Save in My library'"
    width="440px"
    @close="emit('close')"
  >
    <form class="place" @submit.prevent="done">
      <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
      <label
        >Name
        <el-input ref="field" v-model="name" maxlength="300" aria-label="Name" />
      </label>
      <label
        >Folder
        <el-autocomplete
          v-model="folder"
          :fetch-suggestions="offered"
          maxlength="200"
          aria-label="Folder"
          placeholder="none, or a name such as Sky/Winter"
        />
      </label>
      <p v-if="there" class="soft" role="status">
        You have “{{ there.name }}” there already. This becomes version {{ there.version + 1 }} of it; the
        older ones stay.
      </p>
      <div class="foot">
        <button type="button" class="btn" @click="emit('close')">Cancel</button>
        <button class="btn pri" :disabled="!clean.name || busy">{{ part ? 'Done' : 'Save' }}</button>
      </div>
    </form>
  </el-dialog>
</template>

<style scoped>
.place {
  display: grid;
  gap: 12px;
}
label {
  display: grid;
  gap: 4px;
}
.foot {
  display: flex;
  justify-content: flex-end;
  gap: 8px;
}
</style>
