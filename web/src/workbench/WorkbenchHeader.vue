<script setup lang="ts">
import { t } from '@/i18n'
import { clockTime } from '@/i18n/format'
import {
  PhArrowUUpLeft,
  PhArrowUUpRight,
  PhClockCounterClockwise,
  PhPresentation,
  PhQuestion,
} from '@phosphor-icons/vue'
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import BrandMark from '@/shared/BrandMark.vue'
import type { Editing } from '@/workbench/edits/editing'
import { STEPS } from '@/workbench/steps/steps'

/** The bar over the workbench: the name of the activity, its steps, and what can be done at each of them. */
const props = defineProps<{
  id: string
  editing: Editing | null
  step: string
  /** How many things the page check has found. */
  open: number
  /** Whether the history is seen. */
  past: boolean
}>()
const emit = defineEmits<{ past: []; keys: []; present: [] }>()
const naming = ref(false)
const activity = computed(() => props.editing?.activity.value)
const saved = computed(() => {
  const state = props.editing?.saved.value
  if (state === 'saving') return t('shared.saving')
  if (state !== 'saved') return state ?? ''
  return t('workbench.saved-minute', {
    minute: clockTime(props.editing!.savedAt.value),
  })
})

function rename(event: Event) {
  naming.value = false
  const title = (event.target as HTMLInputElement).value.trim()
  if (title && title !== activity.value?.title) props.editing?.edit({ kind: 'set-title', title })
}
</script>

<template>
  <header>
    <RouterLink
      class="home"
      to="/activities"
      :aria-label="t('workbench.to-all-activities')"
      :title="t('workbench.all-activities')"
      ><BrandMark
    /></RouterLink>
    <div class="title">
      <input
        v-if="naming"
        :value="activity?.title"
        class="rename"
        :aria-label="t('workbench.name-of-the-activity')"
        maxlength="300"
        autofocus
        @change="rename"
        @blur="naming = false"
        @keydown.enter="rename"
      />
      <h1 v-else>
        <button class="name" :title="t('workbench.rename')" @click="naming = true">
          {{ activity?.title ?? '' }}
        </button>
      </h1>
      <p role="status">
        {{ editing && !editing.mayEdit ? t('workbench.to-look-at-only') : saved
        }}<template v-if="activity"> · {{ t('shared.pages-count', { n: activity.pages.length }) }}</template>
      </p>
    </div>
    <nav :aria-label="t('workbench.steps')">
      <RouterLink
        v-for="(one, i) in STEPS"
        :key="one.path"
        :to="`/activities/${id}/${one.path}`"
        :class="{ on: step === one.path }"
        :aria-current="step === one.path ? 'step' : undefined"
        :title="`Alt+${i + 1}`"
      >
        <component :is="one.icon" :size="19" aria-hidden="true" />{{ one.name }}
        <b
          v-if="one.path === 'answers' && open"
          class="n"
          :aria-label="t('workbench.open-to-look-at', { open })"
          >{{ open }}</b
        >
      </RouterLink>
    </nav>
    <div class="tools">
      <button
        class="btn quiet present"
        :title="t('workbench.present-to-the-class-f8')"
        @click="emit('present')"
      >
        <PhPresentation :size="21" aria-hidden="true" />{{ t('shared.present') }}
      </button>
      <button
        class="btn quiet"
        :aria-label="t('shared.undo')"
        :title="t('workbench.undo-ctrl-z')"
        :disabled="!editing?.canUndo.value"
        @click="editing?.undo()"
      >
        <PhArrowUUpLeft :size="21" aria-hidden="true" />
      </button>
      <button
        class="btn quiet"
        :aria-label="t('workbench.redo')"
        :title="t('workbench.redo-ctrl-shift-z')"
        :disabled="!editing?.canRedo.value"
        @click="editing?.redo()"
      >
        <PhArrowUUpRight :size="21" aria-hidden="true" />
      </button>
      <button
        class="btn quiet"
        :aria-label="t('workbench.history')"
        :title="t('workbench.history')"
        :aria-pressed="past"
        @click="emit('past')"
      >
        <PhClockCounterClockwise :size="21" aria-hidden="true" />
      </button>
      <button
        class="btn quiet"
        :aria-label="t('workbench.keys')"
        :title="t('workbench.keys-2')"
        @click="emit('keys')"
      >
        <PhQuestion :size="21" aria-hidden="true" />
      </button>
    </div>
  </header>
</template>

<style scoped>
header {
  display: grid;
  grid-template-columns: 28px minmax(0, 1fr) auto minmax(0, 1fr);
  align-items: center;
  gap: 14px;
  min-height: 54px;
  padding: 0 16px;
  background: var(--petrol-d);
  color: #fff;
}
.home {
  color: #fff;
}
.title {
  line-height: 1.2;
  min-width: 0;
}
h1 {
  font-size: 15px;
}
.title p {
  overflow: hidden;
  color: #b9d2d2;
  font-size: 12px;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.name {
  overflow: hidden;
  max-width: 100%;
  padding: 0;
  border: 0;
  background: none;
  color: #fff;
  cursor: text;
  font-weight: 700;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.rename {
  width: 100%;
  padding: 2px 6px;
  border: 0;
  border-radius: 5px;
}
nav {
  display: flex;
  gap: 4px;
  padding: 4px;
  border-radius: var(--tile-s);
  background: #0003;
}
nav a {
  display: flex;
  align-items: center;
  gap: 7px;
  padding: 6px 14px;
  border-radius: var(--tile-s);
  color: #cfe3e2;
  text-decoration: none;
  white-space: nowrap;
}
nav a.on {
  background: var(--paper);
  color: var(--petrol-d);
  font-weight: 700;
}
.n {
  padding: 0 6px;
  border-radius: 9px;
  background: var(--saffron);
  color: #2b1e02;
  font-size: 12px;
}
.tools {
  display: flex;
  justify-content: flex-end;
}
.tools .btn {
  color: #dcebea;
}
.tools .btn[aria-pressed='true'] {
  background: #ffffff26;
  box-shadow: inset 0 -3px var(--saffron);
}
.tools .btn:disabled {
  background: transparent;
  border-color: transparent;
  color: #5f8a8e;
}
</style>
