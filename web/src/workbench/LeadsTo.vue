<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Item, Route } from '@/api/types'
import { routeTo } from '@/page/routes'
import type { Bench } from './bench'
import DraftField from './DraftField.vue'

/** Where students come to from an item. */
const props = defineProps<{ bench: Bench; item: Item }>()

const route = computed(() => routeTo(props.item))
const pages = computed(() => props.bench.editing.activity.value.pages)
/** A web address is chosen before it is typed. */
const typing = ref(false)
watch(
  () => props.item.id,
  () => (typing.value = false),
)
const chosen = computed(() => {
  if (typing.value) return 'web'
  if (!route.value) return ''
  return route.value.kind === 'page' ? `page ${route.value.pageId}` : route.value.kind
})
const gone = computed(
  () =>
    route.value?.kind === 'page' &&
    !pages.value.some((page) => page.id === (route.value as { pageId: string }).pageId),
)

function set(next: Route | null) {
  props.bench.setTraits(({ route: _, ...rest }) => (next ? { ...rest, route: next } : rest))
}
function choose(value: string) {
  typing.value = value === 'web'
  if (value === 'web') return
  if (value.startsWith('page ')) set({ kind: 'page', pageId: value.slice(5) })
  else set(value ? ({ kind: value } as Route) : null)
}
function address(text: string) {
  const written = text.trim()
  if (!written) return
  typing.value = false
  set({ kind: 'web', address: written })
}
</script>

<template>
  <div class="leads">
    <label
      >Leads to
      <select :value="chosen" @change="choose(($event.target as HTMLSelectElement).value)">
        <option value="">nowhere</option>
        <option value="next">the next page</option>
        <option value="back">back where one came from</option>
        <option value="start">the start</option>
        <option v-for="(page, i) in pages" :key="page.id" :value="`page ${page.id}`">
          {{ i + 1 }} · {{ page.name }}
        </option>
        <option v-if="gone" :value="chosen">a page that was deleted</option>
        <option value="web">a web address</option>
      </select></label
    >
    <label v-if="chosen === 'web'"
      >Web address
      <DraftField
        :key="item.id"
        :value="route?.kind === 'web' ? route.address : ''"
        maxlength="2000"
        inputmode="url"
        placeholder="https://"
        @commit="address"
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
</style>
