<script setup lang="ts">
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
    >Class
    <select
      :value="show.classId ?? ''"
      @change="(panels.close(), tabs.toClass(($event.target as HTMLSelectElement).value))"
    >
      <option value="">no class</option>
      <option v-for="one in classes" :key="one.id" :value="one.id">{{ one.name }}</option>
    </select></label
  >
  <button class="btn pri" :disabled="!show.classId" @click="(panels.close(), (panels.turns.value = true))">
    Draw a name
  </button>
  <button class="btn" :disabled="!show.classId" @click="(panels.close(), (panels.grouping.value = true))">
    Groups
  </button>
  <button class="btn" :disabled="!show.classId" :aria-pressed="following" @click="following = !following">
    Follow me
  </button>
  <button class="btn" :disabled="!show.classId" @click="(panels.close(), (wall.choosing.value = true))">
    Show a student's page
  </button>
  <span v-if="!show.classId" class="hint">Choose the class first.</span>
  <span v-else class="hint">Follow me turns the class's tablets to this page, each time you turn it.</span>
</template>
