<script setup lang="ts">
import { t } from '@/i18n'
import type { WorkbenchPreferences } from '@/api/schema'
import { keepPreferences, preferences } from '@/workbench/edits/pens'
import { useRack } from './rack'

/** The rack's order, what it shows, on which side the settings stand, and how large the controls are. */
const { ordered } = useRack()

function move(kind: string, by: number) {
  const order = ordered.value.map((tile) => tile.kind as string)
  const at = order.indexOf(kind)
  const to = at + by
  if (to < 0 || to >= order.length) return
  order.splice(at, 1)
  order.splice(to, 0, kind)
  keepPreferences({ rack: order })
}
function hide(kind: string) {
  const { hidden } = preferences.value
  keepPreferences({
    hidden: hidden.includes(kind) ? hidden.filter((one) => one !== kind) : [...hidden, kind],
  })
}
const SIZES: [WorkbenchPreferences['size'], string][] = [
  ['NORMAL', t('workbench.normal-normal')],
  ['LARGE', t('workbench.large-large')],
  ['WALL', t('workbench.for-a-wall-screen')],
]
</script>

<template>
  <div role="dialog" :aria-label="t('workbench.arrange-the-rack')">
    <ol>
      <li v-for="tile in ordered" :key="tile.kind">
        <label
          ><input
            type="checkbox"
            :checked="!preferences.hidden.includes(tile.kind)"
            @change="hide(tile.kind)"
          />{{ tile.name }}</label
        >
        <button :aria-label="t('workbench.tile-earlier', { tile: tile.name })" @click="move(tile.kind, -1)">
          ‹
        </button>
        <button :aria-label="t('workbench.tile-later', { tile: tile.name })" @click="move(tile.kind, 1)">
          ›
        </button>
      </li>
    </ol>
    <div>
      <label
        >{{ t('workbench.settings-stand') }}
        <select
          :value="preferences.side"
          @change="
            keepPreferences({
              side: ($event.target as HTMLSelectElement).value as WorkbenchPreferences['side'],
            })
          "
        >
          <option value="LEFT">{{ t('shared.on-the-left') }}</option>
          <option value="RIGHT">{{ t('shared.on-the-right') }}</option>
        </select></label
      >
      <label
        >{{ t('workbench.size-of-the-controls') }}
        <select
          :value="preferences.size"
          @change="
            keepPreferences({
              size: ($event.target as HTMLSelectElement).value as WorkbenchPreferences['size'],
            })
          "
        >
          <option v-for="[size, name] in SIZES" :key="size" :value="size">{{ name }}</option>
        </select></label
      >
      <button class="btn" @click="keepPreferences({ rack: [], hidden: [], side: 'LEFT', size: 'NORMAL' })">
        {{ t('workbench.as-at-first') }}
      </button>
    </div>
  </div>
</template>

<style scoped>
ol {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: 1fr 30px 30px;
  align-items: center;
}
li button {
  min-height: 28px;
  border: 1px solid var(--line);
  background: #fff;
  cursor: pointer;
}
div {
  display: grid;
  gap: 8px;
  align-content: start;
}
div label {
  display: grid;
  gap: 3px;
  font-size: 14px;
}
</style>
