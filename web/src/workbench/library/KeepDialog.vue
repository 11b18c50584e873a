<script setup lang="ts">
import { t } from '@/i18n'
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
          ? t('workbench.called-is-in-your-library', { called })
          : t('workbench.called-is-in-your-library-as', { called, version: kept.version }),
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
    :title="part ? t('workbench.name-and-folder') : t('workbench.save-in-my-library')"
    width="440px"
    @close="emit('close')"
  >
    <form class="place" @submit.prevent="done">
      <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
      <label
        >{{ t('shared.name') }}
        <el-input ref="field" v-model="name" maxlength="300" :aria-label="t('shared.name')" />
      </label>
      <label
        >{{ t('workbench.folder') }}
        <el-autocomplete
          v-model="folder"
          :fetch-suggestions="offered"
          maxlength="200"
          :aria-label="t('workbench.folder')"
          :placeholder="t('workbench.none-or-a-name-such-as')"
        />
      </label>
      <p v-if="there" class="soft" role="status">
        {{
          t('workbench.you-have-there-there-already-this', { there: there.name, version: there.version + 1 })
        }}
      </p>
      <div class="foot">
        <button type="button" class="btn" @click="emit('close')">{{ t('shared.cancel') }}</button>
        <button class="btn pri" :disabled="!clean.name || busy">
          {{ part ? t('shared.done') : t('shared.save') }}
        </button>
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
