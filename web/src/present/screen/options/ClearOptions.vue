<script setup lang="ts">
import { t } from '@/i18n'
import type { Presentation } from '@/present/model/presentation'
import { usePresent } from '@/present/screen/present'

defineProps<{ show: Presentation }>()
const { panels, ink } = usePresent()
</script>

<template>
  <button class="btn" :disabled="!show.strokes.value.length" @click="(panels.close(), ink.clear('ink'))">
    {{ t('present.ink') }}
  </button>
  <button class="btn" :disabled="!show.moved.value" @click="(panels.close(), ink.clear('moved'))">
    {{ t('present.things-that-were-moved') }}
  </button>
  <button
    class="btn"
    :disabled="!show.moved.value && !show.strokes.value.length"
    @click="(panels.close(), ink.clear('everything'))"
  >
    {{ t('shared.everything') }}
  </button>
  <span class="hint">{{ t('present.undo-brings-it-back') }}</span>
</template>
