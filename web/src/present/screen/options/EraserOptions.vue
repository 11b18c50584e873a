<script setup lang="ts">
import { t } from '@/i18n'
import { usePresent } from '@/present/screen/present'

/** What the eraser takes away, and how much of it at once. */
const { tools } = usePresent()
const { settings } = tools
const number = (event: Event) => Number((event.target as HTMLInputElement).value)
</script>

<template>
  <button
    class="btn"
    :aria-pressed="!settings.wholeStrokes && !settings.encircles"
    @click="tools.set({ wholeStrokes: false, encircles: false })"
  >
    {{ t('shared.eraser') }}
  </button>
  <button
    class="btn"
    :aria-pressed="settings.wholeStrokes && !settings.encircles"
    @click="tools.set({ wholeStrokes: true, encircles: false })"
  >
    {{ t('shared.eraser-for-whole-strokes') }}
  </button>
  <button class="btn" :aria-pressed="settings.encircles" @click="tools.set({ encircles: true })">
    {{ t('present.what-i-encircle') }}
  </button>
  <label
    >{{ t('present.size') }}
    <input
      type="range"
      min="10"
      max="90"
      step="5"
      :value="settings.eraser"
      @input="tools.set({ eraser: number($event) })"
  /></label>
</template>
