<script setup lang="ts">
import { t } from '@/i18n'
import { computed, ref, watch } from 'vue'
import type { FileRef, Item, Link } from '@/api/schema'
import { isPiece, traitsOf } from '@/page/items'
import { itemName } from '@/page/names'
import { linkOf } from '@/page/links'
import type { Workbench } from '@/workbench/useWorkbench'
import DraftField from './DraftField.vue'
import FilePick from '@/shared/files/FilePick.vue'
import OpensField from '@/workbench/links/OpensField.vue'

/** Where students come to from an item, when, and whether they see that it leads on. */
const props = defineProps<{ workbench: Workbench; item: Item }>()

const link = computed(() => linkOf(props.item))
const traits = computed(() => traitsOf(props.item))
const page = computed(() => props.workbench.page.value)
const pages = computed(() => props.workbench.editing.activity.value.pages)
/** A web address, a file or a spot is chosen before it is named. */
const choosing = ref<'web' | 'file' | 'spots' | null>(null)
watch(
  () => props.item.id,
  () => (choosing.value = null),
)
const chosen = computed(() => {
  if (choosing.value) return choosing.value
  if (!link.value) return ''
  return link.value.kind === 'page' ? `page ${link.value.pageId}` : link.value.kind
})
const gone = computed(
  () =>
    link.value?.kind === 'page' &&
    !pages.value.some((one) => one.id === (link.value as { pageId: string }).pageId),
)
const others = computed(() => page.value.items.filter((one) => one.id !== props.item.id))
const spots = computed(() => new Set(link.value?.kind === 'spots' ? link.value.itemIds : []))

function set(next: Link | null) {
  choosing.value = null
  props.workbench.setTraits(({ link: _, opens, unmarked, ...rest }) =>
    next ? { ...rest, link: next, ...(opens ? { opens } : {}), ...(unmarked ? { unmarked } : {}) } : rest,
  )
}
function choose(value: string) {
  if (value === 'web' || value === 'file' || value === 'spots') choosing.value = value
  else if (value.startsWith('page ')) set({ kind: 'page', pageId: value.slice(5) })
  else set(value ? ({ kind: value } as Link) : null)
}
function address(text: string) {
  const written = text.trim()
  if (written) set({ kind: 'web', address: written })
}
const file = (brought: FileRef) => set({ kind: 'file', file: brought })
function toggleSpot(id: string) {
  const itemIds = others.value.map((one) => one.id).filter((one) => (one === id) !== spots.value.has(one))
  if (itemIds.length) set({ kind: 'spots', itemIds })
  else choose('spots')
}
</script>

<template>
  <div class="leads">
    <label
      >{{ t('workbench.links-to') }}
      <select :value="chosen" @change="choose(($event.target as HTMLSelectElement).value)">
        <option value="">{{ t('workbench.nowhere') }}</option>
        <option value="next">{{ t('workbench.the-next-page') }}</option>
        <option value="back">{{ t('workbench.back-where-one-came-from') }}</option>
        <option value="start">{{ t('workbench.the-start') }}</option>
        <option v-for="(one, i) in pages" :key="one.id" :value="`page ${one.id}`">
          {{ i + 1 }} · {{ one.name }}
        </option>
        <option v-if="gone" :value="chosen">{{ t('workbench.a-page-that-was-deleted') }}</option>
        <option value="web">{{ t('workbench.a-web-address') }}</option>
        <option value="file">{{ t('workbench.a-document-or-recording') }}</option>
        <option value="spots">{{ t('workbench.a-spot-on-this-page') }}</option>
      </select></label
    >
    <label v-if="chosen === 'web'"
      >{{ t('workbench.web-address') }}
      <DraftField
        :key="item.id"
        :value="link?.kind === 'web' ? link.address : ''"
        maxlength="2000"
        inputmode="url"
        placeholder="https://"
        @commit="address"
    /></label>
    <template v-if="chosen === 'file'">
      <p v-if="link?.kind === 'file'" class="name">{{ link.file.name || t('workbench.a-file') }}</p>
      <FilePick
        :label="link?.kind === 'file' ? t('workbench.another-file') : t('workbench.choose-a-file')"
        accept=".pdf,.txt,audio/*,video/*,application/pdf,text/plain"
        @file="file"
      />
    </template>
    <fieldset v-if="chosen === 'spots'">
      <legend>{{ t('workbench.shows-or-hides') }}</legend>
      <p v-if="others.length === 0" class="soft">{{ t('workbench.there-is-nothing-else-on-this') }}</p>
      <label v-for="one in others.slice(0, 100)" :key="one.id" class="check">
        <input type="checkbox" :checked="spots.has(one.id)" @change="toggleSpot(one.id)" />{{
          itemName(one)
        }}</label
      >
    </fieldset>
    <template v-if="link && !choosing">
      <OpensField
        :label="t('workbench.leads-on')"
        :usual="t('workbench.at-once-2')"
        :opens="traits.opens"
        :page="page"
        :pages="pages"
        @set="workbench.setTraits(({ opens: _, ...rest }) => ($event ? { ...rest, opens: $event } : rest))"
      />
      <label v-if="!isPiece(item)" class="line"
        >{{ t('workbench.students-see-that-it-leads-on') }}
        <input
          type="checkbox"
          :checked="!traits.unmarked"
          @change="
            workbench.setTraits(({ unmarked: _, ...rest }) =>
              ($event.target as HTMLInputElement).checked ? rest : { ...rest, unmarked: true },
            )
          "
      /></label>
    </template>
    <label class="line"
      >{{ t('workbench.hidden-until-something-shows-it') }}
      <input
        type="checkbox"
        :checked="Boolean(traits.hidden)"
        @change="
          workbench.setTraits(({ hidden: _, ...rest }) =>
            ($event.target as HTMLInputElement).checked ? { ...rest, hidden: true } : rest,
          )
        "
    /></label>
  </div>
</template>

<style scoped>
.leads {
  display: grid;
  gap: 8px;
}
label {
  display: grid;
  gap: 3px;
  font-size: 14px;
}
select {
  width: 100%;
  min-height: 34px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: #fff;
  font: inherit;
}
.line {
  display: flex;
  gap: 8px;
  align-items: center;
  justify-content: space-between;
}
.line input {
  flex: none;
  width: 18px;
  height: 18px;
  accent-color: var(--petrol);
}
fieldset {
  display: grid;
  gap: 4px;
  max-height: 220px;
  margin: 0;
  padding: 4px 8px 8px;
  overflow-y: auto;
  border: 1px solid var(--line);
  border-radius: 8px;
}
.check {
  display: flex;
  gap: 6px;
  align-items: center;
  overflow-wrap: anywhere;
}
.name {
  overflow-wrap: anywhere;
}
</style>
