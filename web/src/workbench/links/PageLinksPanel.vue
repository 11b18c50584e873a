<script setup lang="ts">
import { t } from '@/i18n'
import { PhArrowCounterClockwise, PhPencilSimple } from '@phosphor-icons/vue'
import { computed } from 'vue'
import type { Edit, Page } from '@/api/schema'
import { nextOf, numbered, passingOf, startOf, linksOf } from '@/page/pageOrder'
import type { Editing } from '@/workbench/edits/editing'
import { setWays, tileTo } from './mapEdits'
import OpensField from './OpensField.vue'

/** Where one goes on from the page that is chosen on the map. */
const props = defineProps<{ editing: Editing; page: Page }>()
const emit = defineEmits<{ edit: [pageId: string] }>()

const activity = computed(() => props.editing.activity.value)
const links = computed(() => linksOf(props.page))
const others = computed(() => activity.value.pages.filter((page) => page.id !== props.page.id))
const behind = computed(() => {
  const usual = { ...props.page, links: { ends: false, aside: false } } as Page
  const plain = {
    ...activity.value,
    pages: activity.value.pages.map((one) => (one === props.page ? usual : one)),
  }
  const next = nextOf(plain, props.page.id)
  return next
    ? t('workbench.the-one-behind-it', { page: numbered(activity.value.pages, next.id) })
    : t('workbench.nowhere-it-is-the-last-one')
})
const next = computed(() => (links.value.ends ? 'ends' : (links.value.to ?? '')))
const isStart = computed(() => startOf(activity.value).id === props.page.id)
const make = (edit: Edit) => props.editing.edit(edit)

function lead(value: string) {
  if (value === 'ends') make(setWays(props.page, { ends: true, to: undefined }))
  else make(setWays(props.page, { ends: false, to: value || undefined }))
}
const branch = (value: string) => make(setWays(props.page, { first: value || undefined }))
function link(event: Event) {
  const select = event.target as HTMLSelectElement
  const to = activity.value.pages.find((page) => page.id === select.value)
  select.value = ''
  if (to) make(tileTo(props.page, to))
}
</script>

<template>
  <section
    class="page"
    :aria-label="t('workbench.from-page-name', { page: numbered(activity.pages, page.id) })"
  >
    <h3>{{ numbered(activity.pages, page.id) }}</h3>
    <template v-if="links.aside">
      <p>{{ t('workbench.archived-students-never-see-it') }}</p>
      <button class="btn" @click="make(setWays(page, { aside: false }))">
        <PhArrowCounterClockwise :size="17" aria-hidden="true" />{{ t('workbench.take-it-in-again') }}
      </button>
    </template>
    <template v-else>
      <label
        >{{ t('workbench.next-links-to') }}
        <select :value="next" @change="lead(($event.target as HTMLSelectElement).value)">
          <option value="">{{ behind }}</option>
          <option v-for="one in others" :key="one.id" :value="one.id">
            {{ numbered(activity.pages, one.id) }}
          </option>
          <option v-if="links.to && !others.some((one) => one.id === links.to)" :value="links.to">
            {{ t('workbench.a-page-that-was-deleted') }}
          </option>
          <option value="ends">{{ t('workbench.nowhere-it-ends-here') }}</option>
        </select></label
      >
      <template v-if="!links.ends">
        <OpensField
          :label="t('workbench.next-opens')"
          :usual="
            passingOf(activity).whenSolved
              ? t('workbench.as-set-for-the-activity-when')
              : t('workbench.at-once-2')
          "
          :opens="links.opens"
          :page="page"
          :pages="activity.pages"
          @set="make(setWays(page, { opens: $event }))"
        />
        <label
          >{{ t('workbench.all-right-at-the-first-try') }}
          <select :value="links.first ?? ''" @change="branch(($event.target as HTMLSelectElement).value)">
            <option value="">{{ t('workbench.the-same-page') }}</option>
            <option v-for="one in others" :key="one.id" :value="one.id">
              {{ numbered(activity.pages, one.id) }}
            </option>
          </select></label
        >
      </template>
      <label
        >{{ t('workbench.add-a-tile-on-it-that') }}
        <select value="" @change="link">
          <option value="">{{ t('workbench.choose-a-page') }}</option>
          <option v-for="one in others" :key="one.id" :value="one.id">
            {{ numbered(activity.pages, one.id) }}
          </option>
        </select></label
      >
      <div class="row">
        <button class="btn" @click="emit('edit', page.id)">
          <PhPencilSimple :size="17" aria-hidden="true" />{{ t('workbench.lay-it-out') }}
        </button>
        <button v-if="!isStart" class="btn" @click="make(setWays(page, { aside: true }))">
          {{ t('shared.archive') }}
        </button>
      </div>
    </template>
  </section>
</template>

<style scoped>
.page {
  display: grid;
  gap: 9px;
}
h3 {
  overflow-wrap: anywhere;
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
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
