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
import { t } from '@/i18n'
import { computed } from 'vue'
import type { RemakePreview } from '@/api/schema'
import PageView from '@/page/PageView.vue'

/** The pages that a list makes, with what is found, what is missing and what changes. */
const props = defineProps<{ preview: StarterPreview | null; change: RemakePreview | null; tooMany: string }>()
const told = computed(() => {
  if (props.tooMany) return props.tooMany
  if (!props.preview) return ''
  if (props.preview.missing) return props.preview.missing
  return t('starters.pages-and-pictures', { pages: props.preview.count, pictures: props.preview.pictures })
})
/** What comes, what goes and what stays, in words. */
const changes = computed(() => {
  const told = props.change
  if (!told || told.missing) return []
  const named = (names: string[], all: number) =>
    all > names.length
      ? t('starters.names-and-more', { names: names.join(', '), more: all - names.length })
      : names.join(', ')
  return [
    told.addedCount ? t('starters.new-addedcount', { addedCount: named(told.added, told.addedCount) }) : '',
    told.goneCount ? t('starters.goes-gonecount', { goneCount: named(told.gone, told.goneCount) }) : '',
    told.kept ? t('starters.stays-as-you-changed-it-count', { count: told.kept }) : '',
  ].filter(Boolean)
})
</script>

<template>
  <section class="pages" :aria-label="t('starters.preview')">
    <div role="status">
      <p>{{ told }}</p>
      <p v-for="one in changes" :key="one">{{ one }}</p>
    </div>
    <PageView v-for="one in preview?.pages" :key="one.id" class="sheet" :page="one" />
    <p v-if="preview && preview.count > preview.pages.length" class="soft">
      {{ t('starters.and-pages-more', { pages: preview.count - preview.pages.length }) }}
    </p>
    <p v-if="!preview" class="soft empty">{{ t('starters.the-page-appears-here-while-you') }}</p>
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
