<script setup lang="ts">
import { t } from '@/i18n'
import { computed, ref } from 'vue'
import { inOrder, moved, type TileName } from '@/present/model/tiles'
import { STEP } from '@/present/model/zoom'
import { usePresent } from '@/present/screen/present'

/** What is needed less often, and how the screen is set up. */
const { tools, panels, dock, ink, live, pictures, zooming, fullScreen } = usePresent()
const { settings } = tools
const zoomed = computed(() => zooming.zoom.value.scale > 1)
const ordering = ref(false)
const shift = (name: TileName, by: number) => tools.set({ order: moved(settings.value.order, name, by) })
</script>

<template>
  <button class="btn" :aria-pressed="tools.has('blank')" @click="tools.toggle('blank')">
    {{ t('present.blank-screen') }}
  </button>
  <button class="btn" @click="fullScreen">{{ t('present.full-screen') }}</button>
  <button class="btn" @click="zooming.by(STEP)">{{ t('present.page-larger') }}</button>
  <button class="btn" :disabled="!zoomed" @click="zooming.by(1 / STEP)">
    {{ t('present.page-smaller') }}
  </button>
  <button class="btn" :disabled="!zoomed" @click="zooming.whole">{{ t('present.whole-page') }}</button>
  <button class="btn" @click="(panels.close(), (dock.away.value = true))">
    {{ t('present.hide-the-tools') }}
  </button>
  <button class="btn" @click="(panels.close(), (panels.typing.value = true))">
    {{ t('present.keyboard') }}
  </button>
  <button class="btn" @click="(panels.close(), ink.otherDays())">{{ t('present.ink-of-other-days') }}</button>
  <button class="btn" @click="(panels.close(), (pictures.choosing.value = true))">
    {{ t('present.picture-of-the-screen') }}
  </button>
  <button class="btn" @click="(panels.close(), live.open('camera'))">{{ t('shared.camera') }}</button>
  <button class="btn" @click="(panels.close(), live.open('window'))">
    {{ t('present.another-window') }}
  </button>
  <label
    >{{ t('shared.page') }}
    <select
      :value="settings.fit"
      @change="tools.set({ fit: ($event.target as HTMLSelectElement).value as never })"
    >
      <option value="page">{{ t('present.as-large-as-it-fits') }}</option>
      <option value="width">{{ t('present.as-wide-as-the-screen') }}</option>
      <option value="height">{{ t('present.as-high-as-the-screen') }}</option>
    </select></label
  >
  <label
    >{{ t('present.tools-stand') }}
    <select
      :value="settings.side"
      @change="tools.set({ side: ($event.target as HTMLSelectElement).value as never })"
    >
      <option value="bottom">{{ t('present.at-the-bottom') }}</option>
      <option value="left">{{ t('shared.on-the-left') }}</option>
      <option value="right">{{ t('shared.on-the-right') }}</option>
    </select></label
  >
  <button class="btn" :aria-expanded="ordering" @click="ordering = !ordering">
    {{ t('present.order-of-the-tools') }}
  </button>
  <ol v-if="ordering" class="order" :aria-label="t('present.order-of-the-tools')">
    <li v-for="tile in inOrder(settings.order)" :key="tile.name">
      <span>{{ tile.says }}</span>
      <button
        class="btn"
        :aria-label="t('present.says-earlier', { says: tile.says })"
        @click="shift(tile.name, -1)"
      >
        ↑
      </button>
      <button
        class="btn"
        :aria-label="t('present.says-later', { says: tile.says })"
        @click="shift(tile.name, 1)"
      >
        ↓
      </button>
    </li>
    <li>
      <button class="btn" @click="tools.set({ order: [] })">{{ t('present.as-usual') }}</button>
    </li>
  </ol>
  <label class="line"
    ><input type="checkbox" :checked="settings.large" @change="tools.set({ large: !settings.large })" />{{
      t('present.large-tools')
    }}</label
  >
</template>
