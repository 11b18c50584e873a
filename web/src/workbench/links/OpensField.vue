<script setup lang="ts">
import { t } from '@/i18n'
import { computed } from 'vue'
import type { Opens, Page } from '@/api/schema'
import { zonesOf } from '@/page/items'
import { itemName } from '@/page/names'
import { numbered } from '@/page/pageOrder'

/** What must be done on a page before something leads on. */
const props = defineProps<{
  opens?: Opens | undefined
  page: Page
  /** All pages of the activity, in order. */
  pages: Page[]
  label: string
  usual: string
}>()
const emit = defineEmits<{ set: [opens: Opens | undefined] }>()

const parts = computed(() => [
  ...zonesOf(props.page.items).map((zone) => ({ id: zone.id, name: itemName(zone) })),
  ...props.page.items
    .filter((item) => item.kind === 'gap')
    .map((item) => ({ id: item.id, name: itemName(item) })),
])
const kind = computed(() => props.opens?.kind ?? '')
const chosen = computed(() => new Set(props.opens?.kind === 'parts' ? props.opens.ids : []))
const others = computed(() => props.pages.filter((page) => page.id !== props.page.id))
const awaited = computed(() => new Set(props.opens?.kind === 'pages' ? props.opens.pageIds : []))

function choose(value: string) {
  if (value === 'solved') emit('set', { kind: 'solved' })
  else if (value === 'points') emit('set', { kind: 'points', least: 1 })
  else if (value === 'parts' && parts.value[0]) emit('set', { kind: 'parts', ids: [parts.value[0].id] })
  else if (value === 'pages' && others.value[0]) emit('set', { kind: 'pages', pageIds: [others.value[0].id] })
  else emit('set', undefined)
}
function togglePage(id: string) {
  const pageIds = others.value.map((page) => page.id).filter((one) => (one === id) !== awaited.value.has(one))
  if (pageIds.length) emit('set', { kind: 'pages', pageIds })
}
function toggle(id: string) {
  const ids = parts.value.map((part) => part.id).filter((one) => (one === id) !== chosen.value.has(one))
  if (ids.length) emit('set', { kind: 'parts', ids })
}
function points(text: string) {
  const least = Math.round(Number(text))
  if (least >= 1 && least <= 1_000_000) emit('set', { kind: 'points', least })
}
</script>

<template>
  <div class="opens">
    <label
      >{{ label }}
      <select :value="kind" @change="choose(($event.target as HTMLSelectElement).value)">
        <option value="">{{ usual }}</option>
        <option value="solved">{{ t('workbench.when-the-page-is-solved') }}</option>
        <option v-if="parts.length" value="parts">{{ t('workbench.when-part-of-it-is-solved') }}</option>
        <option v-if="others.length" value="pages">{{ t('workbench.when-other-pages-are-solved') }}</option>
        <option value="points">{{ t('workbench.with-at-least-so-many-points') }}</option>
      </select></label
    >
    <label v-if="opens?.kind === 'points'" class="points"
      >{{ t('shared.points') }}
      <input
        type="number"
        min="1"
        max="1000000"
        :value="opens.least"
        @change="points(($event.target as HTMLInputElement).value)"
    /></label>
    <fieldset v-if="opens?.kind === 'pages'">
      <legend>{{ t('workbench.these-pages-come-first') }}</legend>
      <label v-for="one in others" :key="one.id" class="part">
        <input type="checkbox" :checked="awaited.has(one.id)" @change="togglePage(one.id)" />{{
          numbered(pages, one.id)
        }}
      </label>
    </fieldset>
    <fieldset v-if="opens?.kind === 'parts'">
      <legend>{{ t('workbench.these-must-be-solved') }}</legend>
      <label v-for="part in parts" :key="part.id" class="part">
        <input type="checkbox" :checked="chosen.has(part.id)" @change="toggle(part.id)" />{{ part.name }}
      </label>
    </fieldset>
  </div>
</template>

<style scoped>
.opens {
  display: grid;
  gap: 8px;
}
label {
  display: grid;
  gap: 3px;
  font-size: 14px;
}
select,
input[type='number'] {
  width: 100%;
  min-height: 34px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: #fff;
  font: inherit;
}
fieldset {
  display: grid;
  gap: 4px;
  margin: 0;
  padding: 4px 8px 8px;
  border: 1px solid var(--line);
  border-radius: 8px;
  font-size: 14px;
}
.part {
  display: flex;
  gap: 6px;
  align-items: center;
  overflow-wrap: anywhere;
}
</style>
