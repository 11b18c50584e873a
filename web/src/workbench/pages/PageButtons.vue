<script setup lang="ts">
import { t } from '@/i18n'
import { PhArrowDown, PhArrowUp, PhCopy, PhTrash } from '@phosphor-icons/vue'

/** What can be done with the page that is open. */
defineProps<{
  first: boolean
  last: boolean
  only: boolean
  /** Whether the activity holds as many pages as it may. */
  full: boolean
  /** The name of the page that was copied, or nothing. */
  copied: string
}>()
const emit = defineEmits<{
  move: [by: 1 | -1]
  duplicate: []
  remove: []
  before: []
  copy: []
  keep: []
  paste: []
}>()
</script>

<template>
  <span class="own">
    <button
      :aria-label="t('workbench.earlier')"
      :title="t('workbench.earlier')"
      :disabled="first"
      @click="emit('move', -1)"
    >
      <PhArrowUp :size="16" aria-hidden="true" />
    </button>
    <button
      :aria-label="t('workbench.later')"
      :title="t('workbench.later')"
      :disabled="last"
      @click="emit('move', 1)"
    >
      <PhArrowDown :size="16" aria-hidden="true" />
    </button>
    <button
      :aria-label="t('workbench.duplicate-this-page')"
      :title="t('workbench.duplicate-this-page')"
      :disabled="full"
      @click="emit('duplicate')"
    >
      <PhCopy :size="16" aria-hidden="true" />
    </button>
    <button
      :aria-label="t('workbench.delete-this-page')"
      :title="t('workbench.delete-this-page')"
      :disabled="only"
      @click="emit('remove')"
    >
      <PhTrash :size="16" aria-hidden="true" />
    </button>
  </span>
  <span class="own more">
    <button :disabled="full" @click="emit('before')">{{ t('workbench.add-before') }}</button>
    <button @click="emit('copy')">{{ t('shared.copy') }}</button>
    <button @click="emit('keep')">{{ t('workbench.save-in-my-library') }}</button>
    <button v-if="copied" :disabled="full" :title="copied" @click="emit('paste')">
      {{ t('workbench.paste-page') }}
    </button>
  </span>
</template>

<style scoped>
.own {
  display: flex;
  grid-column: 2;
  gap: 4px;
}
.own button {
  display: grid;
  place-items: center;
  min-width: 30px;
  min-height: 26px;
  border: 1px solid var(--line);
  border-radius: var(--tile-s);
  background: #fff;
  cursor: pointer;
}
.more {
  flex-wrap: wrap;
}
.more button {
  padding: 2px 8px;
  font-size: 12px;
}
.own button:disabled {
  color: #6d7b81;
  background: var(--table);
  cursor: default;
}
</style>
