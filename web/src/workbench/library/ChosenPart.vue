<script lang="ts">
export type PartCommand = 'place' | 'share' | 'versions' | 'delete'
</script>

<script setup lang="ts">
import { PhDotsThree } from '@phosphor-icons/vue'
import type { PartHead } from './library'

/** The part that is chosen in My library, and what can be done with it. */
defineProps<{ part: PartHead }>()
const emit = defineEmits<{ take: []; command: [what: PartCommand] }>()
function about(part: PartHead): string {
  if (!part.mine) return part.owner ? `From ${part.owner}` : `Ready part, ${part.folder}`
  return part.folder ? `In ${part.folder}, version ${part.version}` : `Version ${part.version}`
}
</script>

<template>
  <div class="chosen" role="group" :aria-label="part.name">
    <strong>{{ part.name }}</strong>
    <span class="soft">{{ about(part) }}</span>
    <span class="do">
      <button class="btn pri" @click="emit('take')">
        {{ part.kind === 'PAGE' ? 'Put after this page' : 'Put on the page' }}
      </button>
      <el-dropdown v-if="part.mine" trigger="click" @command="(what: PartCommand) => emit('command', what)">
        <button class="btn" aria-label="More to do with it" title="More to do with it">
          <PhDotsThree :size="20" weight="bold" aria-hidden="true" />
        </button>
        <template #dropdown>
          <el-dropdown-menu>
            <el-dropdown-item command="place">Name and folder</el-dropdown-item>
            <el-dropdown-item command="share">Share</el-dropdown-item>
            <el-dropdown-item command="versions">Versions</el-dropdown-item>
            <el-dropdown-item command="delete">Delete</el-dropdown-item>
          </el-dropdown-menu>
        </template>
      </el-dropdown>
    </span>
  </div>
</template>

<style scoped>
.chosen {
  display: grid;
  gap: 3px;
  align-content: start;
  min-height: 112px;
  padding: 8px;
  border-radius: var(--tile-s);
  background: var(--petrol-t);
}
.chosen strong {
  display: -webkit-box;
  overflow: hidden;
  overflow-wrap: anywhere;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
  line-height: 1.2;
}
.chosen .soft {
  overflow: hidden;
  font-size: 13px;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.do {
  display: flex;
  gap: 6px;
  align-self: end;
}
.do .pri {
  flex: 1;
  padding: 4px 6px;
}
</style>
