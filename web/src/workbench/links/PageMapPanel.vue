<script setup lang="ts">
import { t } from '@/i18n'
import { PhGlobe, PhPaperclip } from '@phosphor-icons/vue'
import { computed } from 'vue'
import type { Edit, PagesMap } from '@/api/schema'
import { numbered, passingOf, linksOf } from '@/page/pageOrder'
import type { Editing } from '@/workbench/edits/editing'
import PageLinksPanel from './PageLinksPanel.vue'

/** What is to be said of the map: numbers, findings with their mends, and how students come from page to page. */
const props = defineProps<{
  editing: Editing
  map: PagesMap | null
  failed: boolean
  chosen: string | null
}>()
const emit = defineEmits<{ choose: [pageId: string]; edit: [pageId: string] }>()

const activity = computed(() => props.editing.activity.value)
const passing = computed(() => passingOf(activity.value))
const page = computed(() => activity.value.pages.find((one) => one.id === props.chosen))
const seen = computed(() => activity.value.pages.filter((one) => !linksOf(one).aside))
const passed = computed(() => {
  const all = props.map?.passedByAll ?? []
  if (all.length === 0) return ''
  if (all.length === seen.value.length) return t('workbench.every-student-passes-every-page')
  const numbers = all.map((id) => activity.value.pages.findIndex((one) => one.id === id) + 1)
  return t('workbench.all-pass-pages', {
    n: all.length,
    names: numbers.slice(0, 12).join(', '),
    more: all.length > 12 ? 'yes' : 'no',
  })
})
const numbers = computed(() => {
  const map = props.map
  if (!map) return ''
  const links = map.shortest
    ? t('workbench.the-shortest-way-to-an-end', {
        count: map.shortest,
        longestIsExact: map.longestIsExact ? 'yes' : 'no',
        longest: map.longest,
      })
    : t('workbench.no-end-can-be-reached')
  return t('workbench.map-says', {
    pages: activity.value.pages.length,
    links: map.links.length,
    met: map.met.length,
    path: links,
  })
})
const SHOWN = 40
const mend = (edit: unknown) => props.editing.edit(edit as Edit)
function set(change: Partial<typeof passing.value>) {
  const next = { ...passing.value, ...change }
  const passage = next.start ? next : { nextAndBack: next.nextAndBack, whenSolved: next.whenSolved }
  props.editing.edit({ kind: 'set-passage', passage })
}
const checked = (event: Event) => (event.target as HTMLInputElement).checked
</script>

<template>
  <aside class="panel" data-region :aria-label="t('workbench.how-pages-connect')">
    <h2>{{ t('workbench.how-pages-connect') }}</h2>
    <p v-if="failed" role="status">{{ t('workbench.could-not-look-just-now-it') }}</p>
    <p v-else class="numbers" role="status">{{ numbers }} {{ passed }}</p>
    <ul v-if="map?.findings.length" :aria-label="t('workbench.what-to-look-at')">
      <li v-for="one in map.findings.slice(0, SHOWN)" :key="`${one.name} ${one.pageId}`" class="finding">
        <button
          class="chip"
          :class="one.kind === 'NO_WAY_BACK' ? 'w' : 'c'"
          @click="emit('choose', one.pageId)"
        >
          {{ one.title }}
        </button>
        <p>{{ one.words }}</p>
        <p class="mends">
          <button v-for="way in one.mends" :key="way.label" class="mend" @click="mend(way.edit)">
            {{ way.label }}
          </button>
        </p>
      </li>
      <li v-if="map.findings.length > SHOWN">
        {{ t('workbench.so-many-more', { n: map.findings.length - SHOWN }) }}
      </li>
    </ul>
    <PageLinksPanel
      v-if="page"
      :key="page.id"
      class="part"
      :editing="editing"
      :page="page"
      @edit="emit('edit', $event)"
    />
    <section class="part" :aria-label="t('workbench.moving-between-pages')">
      <h3>{{ t('workbench.moving-between-pages') }}</h3>
      <label class="switch"
        >{{ t('workbench.next-and-back-for-students') }}
        <input type="checkbox" :checked="passing.nextAndBack" @change="set({ nextAndBack: checked($event) })"
      /></label>
      <label class="switch"
        >{{ t('workbench.next-opens-only-when-solved') }}
        <input
          type="checkbox"
          :checked="passing.whenSolved"
          :disabled="!passing.nextAndBack"
          @change="set({ whenSolved: checked($event) })"
      /></label>
      <label class="start"
        >{{ t('workbench.start-page') }}
        <select
          :value="map?.start ?? ''"
          @change="set({ start: ($event.target as HTMLSelectElement).value })"
        >
          <option v-for="one in seen" :key="one.id" :value="one.id">
            {{ numbered(activity.pages, one.id) }}
          </option>
        </select></label
      >
    </section>
    <section
      v-if="map?.leaving.length"
      class="part"
      :aria-label="t('workbench.links-that-leave-the-activity')"
    >
      <h3>{{ t('workbench.links-that-leave-the-activity') }}</h3>
      <ul class="leaving">
        <li v-for="(one, i) in map.leaving.slice(0, SHOWN)" :key="i">
          <PhGlobe
            v-if="one.to.includes('//') || one.to.startsWith('mailto:')"
            :size="17"
            aria-hidden="true"
          />
          <PhPaperclip v-else :size="17" aria-hidden="true" />
          <span class="to" :title="one.to"
            >{{ one.name }} <small>{{ one.to }}</small></span
          >
          <button class="chip n" @click="emit('choose', one.pageId)">
            {{
              t('workbench.page-pageid', {
                pageId: activity.pages.findIndex((other) => other.id === one.pageId) + 1,
              })
            }}
          </button>
        </li>
      </ul>
    </section>
  </aside>
</template>

<style scoped>
.panel {
  display: flex;
  flex-direction: column;
  gap: 12px;
  width: 300px;
  padding: 16px;
  overflow-y: auto;
  border-inline-end: 1px solid var(--line);
  background: var(--paper);
}
.numbers {
  color: var(--soft);
  line-height: 1.5;
}
ul {
  display: grid;
  gap: 10px;
  margin: 0;
  padding: 0;
  list-style: none;
}
.finding {
  padding: 10px 12px;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: #fff;
  overflow-wrap: anywhere;
}
button.chip {
  border: 0;
  cursor: pointer;
}
.chip.c {
  background: var(--clay-t);
  color: #7c2c19;
}
.mends {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
}
.mend {
  min-height: 24px;
  padding: 0;
  border: 0;
  background: none;
  color: var(--petrol-d);
  cursor: pointer;
  font-weight: 700;
}
.part {
  display: grid;
  gap: 9px;
  padding-top: 12px;
  border-top: 1px solid var(--line);
}
.switch {
  display: flex;
  gap: 8px;
  align-items: center;
  justify-content: space-between;
}
.switch input {
  width: 20px;
  height: 20px;
  accent-color: var(--petrol);
}
.start {
  display: flex;
  gap: 8px;
  align-items: center;
  justify-content: space-between;
}
.start select {
  max-width: 160px;
  min-height: 34px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: #fff;
}
.leaving li {
  display: flex;
  gap: 8px;
  align-items: center;
}
.to {
  flex: 1;
  min-width: 0;
  overflow-wrap: anywhere;
}
.to small {
  display: block;
  color: var(--soft);
}
</style>
