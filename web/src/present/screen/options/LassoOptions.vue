<script setup lang="ts">
import type { Presentation } from '@/present/model/presentation'
import { usePresent } from '@/present/screen/present'

defineProps<{ show: Presentation }>()
const { panels, ink } = usePresent()
</script>

<template>
  <span class="hint">Draw around ink to move, size, copy or keep it.</span>
  <button class="btn" :disabled="!show.strokes.value.length" @click="(panels.close(), ink.lassoAll())">
    All the ink on this page
  </button>
</template>
