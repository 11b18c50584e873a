<script setup lang="ts">
import { t } from '@/i18n'
import { dragTile } from '@/workbench/dragged'
import { PhBooks, PhGearSix } from '@phosphor-icons/vue'
import { computed, ref } from 'vue'
import { FORMS, shapePath } from '@/page/shapes'
import type { ShapeLook } from '@/api/schema'
import type { LineSort, TileKind } from '@/workbench/edits/make'
import { preferences } from '@/workbench/edits/pens'
import RackArrange from './RackArrange.vue'
import { useRack } from './rack'

/** The rack: tiles are dragged up onto the page, or clicked and then lie in its middle. Its order is one's own. */
const emit = defineEmits<{
  add: [kind: TileKind, byKey: boolean]
  shape: [form: ShapeLook['form'], several: boolean]
  line: [sort: LineSort]
  library: []
}>()
defineProps<{ drawing: boolean; library: boolean }>()

const { ordered } = useRack()
const shown = computed(() => ordered.value.filter((tile) => !preferences.value.hidden.includes(tile.kind)))

const open = ref<'shape' | 'line' | 'own' | null>(null)
const LINES: { sort: LineSort; name: string }[] = [
  { sort: 'line', name: t('workbench.line') },
  { sort: 'arrow', name: t('workbench.arrow') },
  { sort: 'curve', name: t('workbench.curve') },
  { sort: 'connector', name: t('workbench.connector') },
]

function lift(kind: TileKind, event: DragEvent) {
  dragTile(event, kind)
}
function press(kind: TileKind, event: MouseEvent) {
  if (kind === 'shape' || kind === 'line') open.value = open.value === kind ? null : kind
  else {
    open.value = null
    // A click that no pointer made has no detail.
    emit('add', kind, event.detail === 0)
  }
}
function shape(form: ShapeLook['form'], event: MouseEvent) {
  open.value = null
  emit('shape', form, event.shiftKey)
}
function line(sort: LineSort) {
  open.value = null
  emit('line', sort)
}
</script>

<template>
  <div class="rack" :class="preferences.size.toLowerCase()" role="toolbar" :aria-label="t('workbench.rack')">
    <p>
      <span>{{ t('workbench.drag-a-tile-up-to-add') }}</span>
    </p>
    <button
      v-for="tile in shown"
      :key="tile.kind"
      class="tile"
      :class="[`is-${tile.kind}`, { on: tile.kind === 'ink' && drawing }]"
      draggable="true"
      :aria-expanded="tile.kind === 'shape' || tile.kind === 'line' ? open === tile.kind : undefined"
      :aria-pressed="tile.kind === 'ink' ? drawing : undefined"
      @dragstart="lift(tile.kind, $event)"
      @click="press(tile.kind, $event)"
    >
      <component
        :is="tile.icon"
        :size="preferences.size === 'NORMAL' ? 26 : preferences.size === 'LARGE' ? 32 : 44"
        aria-hidden="true"
      />{{ tile.name }}
    </button>
    <button class="tile is-library" :class="{ on: library }" :aria-pressed="library" @click="emit('library')">
      <PhBooks
        :size="preferences.size === 'NORMAL' ? 26 : preferences.size === 'LARGE' ? 32 : 44"
        aria-hidden="true"
      />{{ t('workbench.my-library') }}
    </button>
    <button
      class="own"
      :aria-label="t('workbench.arrange-the-rack')"
      :title="t('workbench.arrange-the-rack')"
      :aria-expanded="open === 'own'"
      @click="open = open === 'own' ? null : 'own'"
    >
      <PhGearSix :size="20" aria-hidden="true" />
    </button>

    <div v-if="open === 'shape'" class="menu" role="menu" :aria-label="t('workbench.shapes')">
      <button v-for="one in FORMS" :key="one.form" role="menuitem" @click="shape(one.form, $event)">
        <svg viewBox="-4 -4 58 48" width="44" height="36" aria-hidden="true">
          <path :d="shapePath(one.form, 5, 50, 40)" />
        </svg>
        {{ one.name }}
      </button>
    </div>
    <div v-if="open === 'line'" class="menu" role="menu" :aria-label="t('workbench.lines')">
      <button v-for="one in LINES" :key="one.sort" role="menuitem" @click="line(one.sort)">
        <svg viewBox="0 0 50 30" width="50" height="30" aria-hidden="true">
          <path v-if="one.sort === 'curve'" class="wire" d="M4 24C16 -4 34 -4 46 24" />
          <path
            v-else-if="one.sort === 'connector'"
            class="wire"
            d="M2 4h12v10H2zM36 16h12v10H36zM14 9h11v12h11"
          />
          <path v-else class="wire" :d="one.sort === 'arrow' ? 'M4 15H44l-10 -7m10 7l-10 7' : 'M4 22L46 8'" />
        </svg>
        {{ one.name }}
      </button>
    </div>
    <RackArrange v-if="open === 'own'" class="menu arrange" />
  </div>
</template>

<style scoped>
.rack {
  position: relative;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: center;
  gap: 4px;
  padding: 12px 10px;
  border-top: 1px solid var(--line);
  background: #e3dbcb;
}
/* What to do is said where there is room for it: else it breaks to a second line, which is not seen. */
p {
  display: flex;
  flex: 1 1 0;
  flex-wrap: wrap;
  min-width: 0;
  max-width: 74px;
  height: 64px;
  margin: 0;
  overflow: hidden;
  color: #4c5a60;
  font-size: 12.5px;
}
p::before {
  width: 1px;
  height: 64px;
  content: '';
}
p span {
  flex: 0 0 66px;
}
.tile {
  display: grid;
  justify-items: center;
  gap: 3px;
  min-width: 62px;
  padding: 9px 3px;
  border: 1px solid #cfc6b4;
  border-radius: var(--tile);
  background: #fff;
  box-shadow: var(--ledge);
  cursor: grab;
  font-size: 13px;
}
.large .tile {
  min-width: 96px;
  font-size: 16px;
}
.wall .tile {
  min-width: 120px;
  min-height: 96px;
  font-size: 19px;
}
.tile:hover {
  border-color: var(--petrol);
}
.tile.on {
  background: var(--petrol-t);
  border-color: var(--petrol);
}
.is-zone {
  border-color: #c9aecb;
  background: var(--plum-t);
  color: #4c2a4f;
  font-weight: 700;
}
.own {
  display: grid;
  place-items: center;
  width: 34px;
  height: 34px;
  border: 0;
  background: none;
  cursor: pointer;
}
.menu {
  position: absolute;
  bottom: calc(100% + 6px);
  z-index: 5;
  display: grid;
  grid-template-columns: repeat(6, auto);
  gap: 6px;
  padding: 12px;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: var(--paper);
  box-shadow: 0 8px 26px #0003;
}
.menu > button {
  display: grid;
  justify-items: center;
  gap: 3px;
  padding: 8px;
  border: 1px solid var(--line);
  border-radius: var(--tile-s);
  background: #fff;
  cursor: pointer;
  font-size: 13px;
}
.menu path {
  fill: var(--saffron-t);
  stroke: var(--petrol-d);
  stroke-width: 2.5;
}
.menu .wire {
  fill: none;
}
.arrange {
  inset-inline-end: 12px;
  grid-template-columns: 240px 220px;
  max-height: 60vh;
  overflow-y: auto;
}
</style>
