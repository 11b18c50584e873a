<script lang="ts">
export type TileKind = 'words' | 'picture' | 'zone'
</script>

<script setup lang="ts">
import { PhImageSquare, PhTarget, PhTextAa } from '@phosphor-icons/vue'

/** The rack: tiles are dragged up onto the page, or clicked and then lie in its middle. */
defineEmits<{ add: [kind: TileKind] }>()
const TILES = [
  { kind: 'words', name: 'Words', icon: PhTextAa },
  { kind: 'picture', name: 'Picture', icon: PhImageSquare },
  { kind: 'zone', name: 'Drop zone', icon: PhTarget },
] as const

function lift(kind: TileKind, event: DragEvent) {
  event.dataTransfer?.setData('text/glad-tile', kind)
}
</script>

<template>
  <div class="rack" role="toolbar" aria-label="Rack">
    <p>Drag a tile up to add it, or click it</p>
    <button
      v-for="tile in TILES"
      :key="tile.kind"
      class="tile"
      :class="tile.kind"
      draggable="true"
      @dragstart="lift(tile.kind, $event)"
      @click="$emit('add', tile.kind)"
    >
      <component :is="tile.icon" :size="26" aria-hidden="true" />{{ tile.name }}
    </button>
  </div>
</template>

<style scoped>
.rack {
  display: flex;
  align-items: center;
  justify-content: center;
  gap: 10px;
  padding: 12px 16px;
  border-top: 1px solid var(--line);
  background: #e3dbcb;
}
p {
  max-width: 110px;
  color: #4c5a60;
  font-size: 13px;
}
.tile {
  display: grid;
  justify-items: center;
  gap: 3px;
  min-width: 86px;
  padding: 9px 10px;
  border: 1px solid #cfc6b4;
  border-radius: var(--tile);
  background: #fff;
  box-shadow: var(--ledge);
  cursor: grab;
  font-size: 13px;
}
.tile:hover {
  border-color: var(--petrol);
}
.zone {
  border-color: #c9aecb;
  background: var(--plum-t);
  color: #4c2a4f;
  font-weight: 700;
}
</style>
