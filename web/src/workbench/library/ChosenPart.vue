<script lang="ts">
export type PartCommand = 'place' | 'share' | 'versions' | 'delete'
</script>

<script setup lang="ts">
import { t } from '@/i18n'
import { PhDotsThree } from '@phosphor-icons/vue'
import type { PartHead } from './library'

/** The part that is chosen in My library, and what can be done with it. */
defineProps<{ part: PartHead }>()
const emit = defineEmits<{ take: []; command: [what: PartCommand] }>()
function about(part: PartHead): string {
  if (!part.mine)
    return part.owner
      ? t('workbench.from-owner', { owner: part.owner })
      : t('workbench.ready-part-folder', { folder: part.folder })
  return part.folder
    ? t('workbench.in-folder-version-version', { folder: part.folder, version: part.version })
    : t('workbench.version-version', { version: part.version })
}
</script>

<template>
  <div class="chosen" role="group" :aria-label="part.name">
    <strong>{{ part.name }}</strong>
    <span class="soft">{{ about(part) }}</span>
    <span class="do">
      <button class="btn pri" @click="emit('take')">
        {{ part.kind === 'PAGE' ? t('workbench.put-after-this-page') : t('workbench.put-on-the-page') }}
      </button>
      <el-dropdown v-if="part.mine" trigger="click" @command="(what: PartCommand) => emit('command', what)">
        <button
          class="btn"
          :aria-label="t('workbench.more-to-do-with-it')"
          :title="t('workbench.more-to-do-with-it')"
        >
          <PhDotsThree :size="20" weight="bold" aria-hidden="true" />
        </button>
        <template #dropdown>
          <el-dropdown-menu>
            <el-dropdown-item command="place">{{ t('workbench.name-and-folder') }}</el-dropdown-item>
            <el-dropdown-item command="share">{{ t('workbench.share') }}</el-dropdown-item>
            <el-dropdown-item command="versions">{{ t('workbench.versions') }}</el-dropdown-item>
            <el-dropdown-item command="delete">{{ t('shared.delete') }}</el-dropdown-item>
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
