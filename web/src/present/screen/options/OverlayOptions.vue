<script setup lang="ts">
import { t } from '@/i18n'
import { computed } from 'vue'
import type { Presentation } from '@/present/model/presentation'
import { usePresent } from '@/present/screen/present'

/** What lies over the page: a cover, a spotlight, the magnifier. */
const props = defineProps<{ panel: 'cover' | 'spotlight' | 'magnifier'; show: Presentation }>()
const { tools, over } = usePresent()
const { settings } = tools
const COVERS = ['#3c4d55', '#0c343b', '#f4e7c8', '#a8432b', '#68406b', '#ffffff']
function coverFile(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (file) void over.coverWith(file)
}
const spot = computed(() => props.show.spot.value)
const number = (event: Event) => Number((event.target as HTMLInputElement).value)
</script>

<template>
  <template v-if="panel === 'cover'">
    <span class="group" role="group" :aria-label="t('present.colour-of-the-cover')">
      <button
        v-for="colour in COVERS"
        :key="colour"
        class="colour"
        :style="{ '--colour': colour }"
        :aria-label="t('present.colour-colour', { colour })"
        :aria-pressed="settings.cover === colour"
        @click="over.coverWith(colour)"
      />
    </span>
    <label
      >{{ t('present.a-picture') }}
      <input type="file" accept="image/png,image/jpeg,image/webp" @change="coverFile" />
    </label>
    <span class="hint">{{ t('present.draw-it-back-at-any-of') }}</span>
  </template>
  <template v-else-if="panel === 'spotlight'">
    <button class="btn" :aria-pressed="spot.round" @click="over.setSpot({ round: true })">
      {{ t('present.circle') }}
    </button>
    <button class="btn" :aria-pressed="!spot.round" @click="over.setSpot({ round: false })">
      {{ t('present.box') }}
    </button>
    <label
      >{{ t('present.dimness') }}
      <input
        type="range"
        min="30"
        max="100"
        step="5"
        :value="settings.dim"
        @input="tools.set({ dim: number($event) })"
    /></label>
  </template>
  <template v-else>
    <label
      >{{ t('present.magnify-times', { magnify: settings.magnify }) }}
      <input
        type="range"
        min="1.5"
        max="8"
        step="0.5"
        :value="settings.magnify"
        @input="tools.set({ magnify: number($event) })"
    /></label>
  </template>
</template>
