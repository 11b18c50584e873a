<script setup lang="ts">
import { t } from '@/i18n'
import type { Presentation } from '@/present/model/presentation'
import { usePresent } from '@/present/screen/present'

/** Which class stands before it, and what is done with them. */
defineProps<{ show: Presentation }>()
const { tabs, panels, leading, wall } = usePresent()
const { classes } = panels
const { following } = leading
</script>

<template>
  <label
    >{{ t('shared.class') }}
    <select
      :value="show.classId ?? ''"
      @change="(panels.close(), tabs.toClass(($event.target as HTMLSelectElement).value))"
    >
      <option value="">{{ t('present.no-class') }}</option>
      <option v-for="one in classes" :key="one.id" :value="one.id">{{ one.name }}</option>
    </select></label
  >
  <button class="btn pri" :disabled="!show.classId" @click="(panels.close(), (panels.turns.value = true))">
    {{ t('present.draw-a-name') }}
  </button>
  <button class="btn" :disabled="!show.classId" @click="(panels.close(), (panels.grouping.value = true))">
    {{ t('present.groups') }}
  </button>
  <button class="btn" :disabled="!show.classId" :aria-pressed="following" @click="following = !following">
    {{ t('present.follow-me') }}
  </button>
  <button class="btn" :disabled="!show.classId" @click="(panels.close(), (wall.choosing.value = true))">
    {{ t('present.show-a-students-page') }}
  </button>
  <span v-if="!show.classId" class="hint">{{ t('present.choose-the-class-first') }}</span>
  <span v-else class="hint">{{ t('present.follow-me-turns-the-classs-tablets') }}</span>
</template>
