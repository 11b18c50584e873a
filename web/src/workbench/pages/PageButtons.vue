<script setup lang="ts">
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
    <button aria-label="Earlier" title="Earlier" :disabled="first" @click="emit('move', -1)">
      <PhArrowUp :size="16" aria-hidden="true" />
    </button>
    <button aria-label="Later" title="Later" :disabled="last" @click="emit('move', 1)">
      <PhArrowDown :size="16" aria-hidden="true" />
    </button>
    <button
      aria-label="Duplicate this page"
      title="Duplicate this page"
      :disabled="full"
      @click="emit('duplicate')"
    >
      <PhCopy :size="16" aria-hidden="true" />
    </button>
    <button aria-label="Delete this page" title="Delete this page" :disabled="only" @click="emit('remove')">
      <PhTrash :size="16" aria-hidden="true" />
    </button>
  </span>
  <span class="own more">
    <button :disabled="full" @click="emit('before')">Add before</button>
    <button @click="emit('copy')">Copy</button>
    <button @click="emit('keep')">Save in My library</button>
    <button v-if="copied" :disabled="full" :title="copied" @click="emit('paste')">Paste page</button>
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
