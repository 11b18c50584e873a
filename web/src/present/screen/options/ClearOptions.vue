<script setup lang="ts">
import type { Presentation } from '@/present/model/presentation'
import { usePresent } from '@/present/screen/present'

defineProps<{ show: Presentation }>()
const { panels, ink } = usePresent()
</script>

<template>
  <button class="btn" :disabled="!show.strokes.value.length" @click="(panels.close(), ink.clear('ink'))">
    Ink
  </button>
  <button class="btn" :disabled="!show.moved.value" @click="(panels.close(), ink.clear('moved'))">
    Things that were moved
  </button>
  <button
    class="btn"
    :disabled="!show.moved.value && !show.strokes.value.length"
    @click="(panels.close(), ink.clear('everything'))"
  >
    Everything
  </button>
  <span class="hint">Undo brings it back.</span>
</template>
