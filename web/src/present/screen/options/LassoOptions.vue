<script setup lang="ts">
import { t } from '@/i18n'
import type { Presentation } from '@/present/model/presentation'
import { usePresent } from '@/present/screen/present'

defineProps<{ show: Presentation }>()
const { panels, ink } = usePresent()
</script>

<template>
  <span class="hint">{{ t('present.draw-around-ink-to-move-size') }}</span>
  <button class="btn" :disabled="!show.strokes.value.length" @click="(panels.close(), ink.lassoAll())">
    {{ t('present.all-the-ink-on-this-page') }}
  </button>
</template>
