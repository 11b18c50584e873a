<script lang="ts">
import type { Page } from '@/api/schema'

export interface StarterPreview {
  pages: Page[]
  count: number
  pictures: number
  missing?: string
}
</script>

<script setup lang="ts">
import { computed } from 'vue'
import type { RemakePreview } from '@/api/schema'
import { count } from '@/page/count'
import PageView from '@/page/PageView.vue'

/** The pages that a list makes, with what is found, what is missing and what changes. */
const props = defineProps<{ preview: StarterPreview | null; change: RemakePreview | null; tooMany: string }>()
const told = computed(() => {
  if (props.tooMany) return props.tooMany
  if (!props.preview) return ''
  if (props.preview.missing) return props.preview.missing
  const found = props.preview.pictures ? `, ${count(props.preview.pictures, 'picture')} found` : ''
  return `${count(props.preview.count, 'page')}${found}`
})
/** What comes, what goes and what stays, in words. */
const changes = computed(() => {
  const told = props.change
  if (!told || told.missing) return []
  const named = (names: string[], all: number) =>
    names.join(', ') + (all > names.length ? ` and ${all - names.length} more` : '')
  return [
    told.addedCount ? `New: ${named(told.added, told.addedCount)}` : '',
    told.goneCount ? `Goes: ${named(told.gone, told.goneCount)}` : '',
    told.kept ? `Stays as you changed it: ${count(told.kept, 'thing')}` : '',
  ].filter(Boolean)
})
</script>

<template>
  <section class="pages" aria-label="Preview">
    <div role="status">
      <p>{{ told }}</p>
      <p v-for="one in changes" :key="one">{{ one }}</p>
    </div>
    <PageView v-for="one in preview?.pages" :key="one.id" class="sheet" :page="one" />
    <p v-if="preview && preview.count > preview.pages.length" class="soft">
      and {{ preview.count - preview.pages.length }} more
    </p>
    <p v-if="!preview" class="soft empty">The page appears here while you write.</p>
  </section>
</template>

<style scoped>
.pages {
  display: flex;
  flex-direction: column;
  gap: 14px;
  padding: 14px 20px 20px;
  overflow-y: auto;
  background: var(--table);
}
.sheet {
  flex: none;
  border-radius: 4px;
  box-shadow: 0 4px 16px #0000001f;
}
.empty {
  margin: auto;
}
</style>
