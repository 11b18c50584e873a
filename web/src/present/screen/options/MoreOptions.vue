<script setup lang="ts">
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
  <button class="btn" :aria-pressed="tools.has('blank')" @click="tools.toggle('blank')">Blank screen</button>
  <button class="btn" @click="fullScreen">Full screen</button>
  <button class="btn" @click="zooming.by(STEP)">Page larger</button>
  <button class="btn" :disabled="!zoomed" @click="zooming.by(1 / STEP)">Page smaller</button>
  <button class="btn" :disabled="!zoomed" @click="zooming.whole">Whole page</button>
  <button class="btn" @click="(panels.close(), (dock.away.value = true))">Hide the tools</button>
  <button class="btn" @click="(panels.close(), (panels.typing.value = true))">Keyboard</button>
  <button class="btn" @click="(panels.close(), ink.otherDays())">Ink of other days</button>
  <button class="btn" @click="(panels.close(), (pictures.choosing.value = true))">
    Picture of the screen
  </button>
  <button class="btn" @click="(panels.close(), live.open('camera'))">Camera</button>
  <button class="btn" @click="(panels.close(), live.open('window'))">Another window</button>
  <label
    >Page
    <select
      :value="settings.fit"
      @change="tools.set({ fit: ($event.target as HTMLSelectElement).value as never })"
    >
      <option value="page">as large as it fits</option>
      <option value="width">as wide as the screen</option>
      <option value="height">as high as the screen</option>
    </select></label
  >
  <label
    >Tools stand
    <select
      :value="settings.side"
      @change="tools.set({ side: ($event.target as HTMLSelectElement).value as never })"
    >
      <option value="bottom">at the bottom</option>
      <option value="left">on the left</option>
      <option value="right">on the right</option>
    </select></label
  >
  <button class="btn" :aria-expanded="ordering" @click="ordering = !ordering">Order of the tools</button>
  <ol v-if="ordering" class="order" aria-label="Order of the tools">
    <li v-for="tile in inOrder(settings.order)" :key="tile.name">
      <span>{{ tile.says }}</span>
      <button class="btn" :aria-label="`${tile.says}: earlier`" @click="shift(tile.name, -1)">↑</button>
      <button class="btn" :aria-label="`${tile.says}: later`" @click="shift(tile.name, 1)">↓</button>
    </li>
    <li><button class="btn" @click="tools.set({ order: [] })">As usual</button></li>
  </ol>
  <label class="line"
    ><input type="checkbox" :checked="settings.large" @change="tools.set({ large: !settings.large })" />Large
    tools</label
  >
</template>
