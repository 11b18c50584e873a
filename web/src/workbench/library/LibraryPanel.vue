<script setup lang="ts">
import { t } from '@/i18n'
import { PhFile, PhUsersThree, PhX } from '@phosphor-icons/vue'
import { computed, nextTick, onMounted, ref, watch } from 'vue'
import { post, remove as removeAt, errorText } from '@/api/client'
import type { Workbench } from '@/workbench/useWorkbench'
import ChosenPart, { type PartCommand } from './ChosenPart.vue'
import KeepDialog from './KeepDialog.vue'
import { dragPart } from '@/workbench/dragged'
import { find, folders, keptTimes, put, type Folders, type From, type PartHead } from './library'
import PartPicture from './PartPicture.vue'
import SharePartDialog from './SharePartDialog.vue'
import VersionsDialog from './VersionsDialog.vue'

/** Parts and pages kept by name: found by word and folder, put on the page by dragging, double click or Enter. */
const props = defineProps<{ workbench: Workbench }>()
const emit = defineEmits<{ close: []; page: [id: string] }>()

const words = ref('')
const from = ref<From>('ALL')
const folder = ref('')
const parts = ref<PartHead[]>([])
/** Where the list goes on; empty at its end. */
const next = ref('')
const loaded = ref(false)
const known = ref<Folders>({ mine: [], ready: [] })
const chosenId = ref('')
const wrong = ref('')
const deleted = ref<PartHead | null>(null)
const open = ref<'place' | 'share' | 'versions' | null>(null)
const field = ref<{ focus(): void }>()
const FROM: [From, string][] = [
  ['ALL', t('shared.everything')],
  ['MINE', t('workbench.my-own')],
  ['COLLEAGUES', t('workbench.from-colleagues')],
  ['READY', t('workbench.ready-parts')],
]
const chosen = computed(() => parts.value.find((part) => part.id === chosenId.value))
const inFolders = computed(() =>
  from.value === 'MINE' ? known.value.mine : from.value === 'READY' ? known.value.ready : [],
)

let asked = 0
async function load(cursor = '') {
  const mine = ++asked
  try {
    const found = await find(words.value.slice(0, 300), from.value, folder.value, cursor)
    if (mine !== asked) return
    parts.value = cursor ? [...parts.value, ...found.items] : found.items
    next.value = found.next ?? ''
    loaded.value = true
    wrong.value = ''
  } catch (error) {
    if (mine === asked) wrong.value = errorText(error)
  }
}
async function reload() {
  await load()
  try {
    known.value = await folders()
  } catch (error) {
    wrong.value = errorText(error)
  }
}
onMounted(() => {
  void reload()
  void nextTick(() => field.value?.focus())
})
watch(from, () => (folder.value = ''))
watch(keptTimes, () => void reload())
watch([words, from, folder], () => void load())

async function take(part: PartHead, at: { x: number; y: number } | null = null) {
  try {
    const page = await put(props.workbench, part, at)
    if (page) emit('page', page)
  } catch (error) {
    wrong.value = errorText(error)
  }
}
function lift(part: PartHead, event: DragEvent) {
  dragPart(event, part)
}
async function remove(part: PartHead) {
  try {
    await removeAt(`/api/v1/library/${part.id}`)
    deleted.value = part
    await reload()
  } catch (error) {
    wrong.value = errorText(error)
  }
}
async function restore() {
  try {
    await post(`/api/v1/library/${deleted.value!.id}/restorations`)
    deleted.value = null
    await reload()
  } catch (error) {
    wrong.value = errorText(error)
  }
}
function command(what: PartCommand) {
  if (what !== 'delete') open.value = what
  else if (chosen.value) void remove(chosen.value)
}
function changed() {
  open.value = null
  void reload()
}
</script>

<template>
  <div class="library">
    <div class="head">
      <h2>{{ t('workbench.my-library') }}</h2>
      <button
        class="close"
        :aria-label="t('workbench.close-my-library')"
        :title="t('workbench.close-my-library')"
        @click="emit('close')"
      >
        <PhX :size="18" aria-hidden="true" />
      </button>
    </div>
    <el-input
      ref="field"
      v-model="words"
      :aria-label="t('workbench.find-a-part')"
      :placeholder="t('workbench.find-a-part')"
      clearable
    />
    <div class="whose" :class="{ two: inFolders.length }">
      <el-select v-model="from" :aria-label="t('workbench.whose-parts')">
        <el-option v-for="[value, name] in FROM" :key="value" :value="value" :label="name" />
      </el-select>
      <el-select v-if="inFolders.length" v-model="folder" :aria-label="t('workbench.folder')">
        <el-option value="" :label="t('workbench.all-folders')" />
        <el-option v-for="one in inFolders" :key="one" :value="one" :label="one" />
      </el-select>
    </div>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <p v-if="deleted" class="gone" role="status">
      <span>{{ t('workbench.deleted-is-deleted', { deleted: deleted.name }) }}</span>
      <button class="btn" @click="restore">{{ t('shared.undo') }}</button>
    </p>
    <!-- As high with a part as without one: a tile must not move away between the two clicks of a double click. -->
    <ChosenPart v-if="chosen" :part="chosen" @take="take(chosen)" @command="command" />
    <p v-else class="none soft">
      {{ parts.length ? t('workbench.drag-a-part-onto-the-page') : '' }}
    </p>
    <div class="scroll">
      <ul class="parts">
        <li v-for="part in parts" :key="part.id">
          <button
            class="part"
            :class="{ on: part.id === chosenId }"
            :aria-pressed="part.id === chosenId"
            draggable="true"
            @click="chosenId = part.id"
            @dblclick="take(part)"
            @keydown.enter.prevent="take(part)"
            @dragstart="lift(part, $event)"
          >
            <PartPicture :part="part" />
            <span class="name">
              <PhFile v-if="part.kind === 'PAGE'" :size="14" :aria-label="t('workbench.page')" role="img" />
              <PhUsersThree
                v-if="part.mine && part.shared"
                :size="14"
                :aria-label="t('workbench.shared')"
                role="img"
              />
              {{ part.name }}
            </span>
          </button>
        </li>
      </ul>
      <p v-if="loaded && parts.length === 0" class="soft" role="status">
        {{
          words
            ? t('workbench.nothing-is-called-that-try-another')
            : t('workbench.nothing-is-saved-here-yet-select')
        }}
      </p>
      <button v-if="next" class="btn" @click="load(next)">{{ t('workbench.show-more') }}</button>
    </div>
    <KeepDialog v-if="open === 'place' && chosen" :part="chosen" @close="open = null" @kept="changed" />
    <SharePartDialog v-if="open === 'share' && chosen" :part="chosen" @close="changed" />
    <VersionsDialog
      v-if="open === 'versions' && chosen"
      :part="chosen"
      @close="open = null"
      @changed="reload"
    />
  </div>
</template>

<style scoped>
.library {
  display: flex;
  flex-direction: column;
  gap: 8px;
  height: 100%;
}
.whose.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
}
.scroll {
  display: grid;
  flex: 1;
  gap: 8px;
  align-content: start;
  min-height: 120px;
  overflow-y: auto;
}
.head {
  display: flex;
  align-items: center;
  justify-content: space-between;
}
.close {
  display: grid;
  place-items: center;
  width: 32px;
  height: 32px;
  border: 0;
  background: none;
  cursor: pointer;
}
.parts {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
  margin: 0;
  padding: 0;
  list-style: none;
}
.part {
  display: grid;
  align-content: start;
  gap: 4px;
  width: 100%;
  height: 100%;
  padding: 4px;
  border: 1.5px solid var(--line);
  border-radius: var(--tile-s);
  background: #fff;
  box-shadow: var(--ledge);
  cursor: grab;
  text-align: start;
}
.part:hover,
.part.on {
  border-color: var(--petrol);
}
.part.on {
  background: var(--petrol-t);
}
.name {
  font-size: 12.5px;
  line-height: 1.25;
  overflow-wrap: anywhere;
}
.none {
  min-height: 112px;
  padding: 8px;
}
.gone {
  display: grid;
  gap: 6px;
  padding: 8px;
  border-radius: var(--tile-s);
  background: var(--saffron-t);
}
</style>
