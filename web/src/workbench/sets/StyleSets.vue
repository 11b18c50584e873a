<script setup lang="ts">
import { t } from '@/i18n'
import { ref } from 'vue'
import type { Page } from '@/api/schema'
import { composite } from '@/workbench/edits/copies'
import type { Editing } from '@/workbench/edits/editing'
import { pageInSet } from './inSet'
import StylesDialog from './StylesDialog.vue'
import { STYLE_SETS, type StyleSet } from './styleSets'

/** Six sets of colours for this page, or for all pages of the activity. */
const props = defineProps<{ page: Page; editing: Editing }>()
const everywhere = ref(false)
const styling = ref(false)
/** More edits than this make a step that is too large to send. */
const MOST = 3_500

function take(set: StyleSet) {
  const { editing } = props
  const pages = everywhere.value ? editing.activity.value.pages : [props.page]
  const each = pages.map((page) => pageInSet(page, set))
  const all = each.flat()
  if (all.length <= MOST) editing.edit(composite(all))
  else each.forEach((edits) => editing.edit(composite(edits)))
  editing.note(
    pages.length === 1
      ? t('workbench.this-page-is-in-set-now', { set: set.name })
      : t('workbench.all-pages-pages-are-in-set', { pages: pages.length, set: set.name }),
  )
}
</script>

<template>
  <section class="sets" :aria-label="t('workbench.colours-that-go-together')">
    <h3>{{ t('workbench.colours-that-go-together') }}</h3>
    <ul>
      <li v-for="set in STYLE_SETS" :key="set.name">
        <button class="set" @click="take(set)">
          <svg viewBox="0 0 60 38" width="60" height="38" aria-hidden="true">
            <rect width="60" height="38" rx="4" :fill="set.paper" stroke="#cfc6b4" />
            <rect x="8" y="5" width="30" height="5" rx="2.5" :fill="set.title" />
            <rect
              x="8"
              y="15"
              width="24"
              height="17"
              rx="3"
              :fill="set.inside"
              :stroke="set.zone"
              stroke-width="2"
            />
            <rect
              x="38"
              y="15"
              width="14"
              height="10"
              rx="2"
              :fill="set.shape"
              :stroke="set.line"
              stroke-width="1.5"
            />
            <path d="M38 31h14" :stroke="set.line" stroke-width="2" />
          </svg>
          {{ set.name }}
        </button>
      </li>
    </ul>
    <el-checkbox v-model="everywhere">{{ t('workbench.on-all-pages') }}</el-checkbox>
    <button class="btn" @click="styling = true">{{ t('workbench.styles-of-all-pages') }}</button>
    <StylesDialog v-if="styling" :editing="editing" @close="styling = false" />
  </section>
</template>

<style scoped>
.sets {
  display: grid;
  gap: 6px;
}
ul {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 6px;
  margin: 0;
  padding: 0;
  list-style: none;
}
.set {
  display: grid;
  justify-items: center;
  gap: 2px;
  width: 100%;
  height: 100%;
  padding: 4px 2px;
  border: 1px solid var(--line);
  border-radius: var(--tile-s);
  background: #fff;
  cursor: pointer;
  font-size: 12px;
  line-height: 1.15;
}
.set:hover {
  border-color: var(--petrol);
}
</style>
