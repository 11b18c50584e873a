<script setup lang="ts">
import {
  PhArrowDown,
  PhArrowLineDown,
  PhArrowLineUp,
  PhArrowsOutCardinal,
  PhArrowUp,
  PhPencilSimple,
  PhPushPin,
  PhTextAlignCenter,
  PhTextAlignLeft,
  PhTextAlignRight,
  PhTextB,
  PhTrash,
} from '@phosphor-icons/vue'
import { computed } from 'vue'
import type { Frame, Item, Page, WordStyle } from '@/api/types'
import { letter } from '@/page/geometry'
import { isPiece, itemName } from '@/page/names'
import { pictureUrl } from '@/page/pictures'
import { fitWords } from '@/page/wordFit'
import DraftField from './DraftField.vue'
import type { Editing } from './editing'
import { zonesOf } from './key'
import { decisionOf } from './mirror'

/** What is selected, and what can be said of it. */
const props = defineProps<{ item: Item; page: Page; editing: Editing }>()
const emit = defineEmits<{ remove: []; write: [] }>()

const at = computed(() => ({ pageId: props.page.id, itemId: props.item.id }))
const index = computed(() => props.page.items.indexOf(props.item))
const top = computed(() => props.page.items.length - 1)
const belongs = computed(() =>
  zonesOf(props.page)
    .map((zone, i) => ({ zone, sign: letter(i) }))
    .filter(({ zone }) => decisionOf(props.editing.activity.value.key, zone.id, props.item.id) === 'BELONGS'),
)
const sort = computed(() => ({ words: 'Words', picture: 'Picture', zone: 'Drop zone' })[props.item.kind])

const move = (kind: 'fixed' | 'free') =>
  props.editing.edit({ kind: 'set-movement', ...at.value, movement: { kind } })
const depth = (to: number) => props.editing.edit({ kind: 'move-depth', ...at.value, index: Math.max(0, to) })

const LEAST = { x: -16000, y: -16000, width: 4, height: 4, turn: -360 }
function size(part: keyof Frame, text: string) {
  const typed = Number(text)
  if (!Number.isFinite(typed)) return
  const frame = { ...props.item.frame, [part]: Math.min(16000, Math.max(LEAST[part], typed)) }
  props.editing.edit({ kind: 'set-frame', ...at.value, frame })
}

function describe(description: string) {
  props.editing.edit({ kind: 'set-description', ...at.value, description })
}

function label(text: string) {
  props.editing.edit({ kind: 'set-zone-label', ...at.value, label: text })
}

function restyle(change: Partial<WordStyle>) {
  if (props.item.kind !== 'words') return
  const { content, frame } = props.item
  const fit = fitWords(content.text, { ...content.style, ...change }, content.wraps ? frame.width : null)
  const fitted = { ...frame, width: fit.width, height: fit.height }
  props.editing.edit({ kind: 'set-words', ...at.value, content: fit.content, frame: fitted })
}
const SIZES = [24, 32, 44, 60, 80, 110, 150]
const ALIGN = [
  { align: 'LEFT', name: 'Left', icon: PhTextAlignLeft },
  { align: 'CENTRE', name: 'Centre', icon: PhTextAlignCenter },
  { align: 'RIGHT', name: 'Right', icon: PhTextAlignRight },
] as const
</script>

<template>
  <div class="item-panel">
    <div class="head">
      <span v-if="item.kind === 'picture'" class="small"
        ><img :src="pictureUrl(item.picture)" alt="" width="38" height="38"
      /></span>
      <div>
        <h2>{{ itemName(item) }}</h2>
        <p class="soft">
          {{ sort }}{{ isPiece(item) ? ' · piece' : item.kind === 'zone' ? '' : ' · background' }}
        </p>
      </div>
    </div>

    <template v-if="item.kind !== 'zone'">
      <h3>How it moves</h3>
      <div class="seg" role="group" aria-label="How it moves">
        <button :aria-pressed="!isPiece(item)" @click="move('fixed')">
          <PhPushPin :size="19" aria-hidden="true" />Fixed
        </button>
        <button :aria-pressed="isPiece(item)" @click="move('free')">
          <PhArrowsOutCardinal :size="19" aria-hidden="true" />Free
        </button>
      </div>
      <p class="soft hint">
        {{
          isPiece(item)
            ? 'Students can move it: it is a piece.'
            : 'It stays where it is, whatever students do.'
        }}
      </p>
    </template>

    <template v-if="item.kind === 'words'">
      <h3>Words</h3>
      <button class="btn" @click="emit('write')">
        <PhPencilSimple :size="18" aria-hidden="true" />Write
      </button>
      <div class="row">
        <select
          class="in"
          aria-label="Letter size"
          :value="item.content.style.size"
          @change="restyle({ size: Number(($event.target as HTMLSelectElement).value) })"
        >
          <option v-if="!SIZES.includes(item.content.style.size)" :value="item.content.style.size">
            {{ item.content.style.size }}
          </option>
          <option v-for="one in SIZES" :key="one" :value="one">{{ one }}</option>
        </select>
        <button
          class="btn"
          aria-label="Bold"
          title="Bold"
          :aria-pressed="item.content.style.bold"
          @click="restyle({ bold: !item.content.style.bold })"
        >
          <PhTextB :size="18" aria-hidden="true" />
        </button>
        <input
          type="color"
          aria-label="Colour of the words"
          :value="item.content.style.colour"
          @change="restyle({ colour: ($event.target as HTMLInputElement).value })"
        />
      </div>
      <div class="seg three" role="group" aria-label="Alignment">
        <button
          v-for="one in ALIGN"
          :key="one.align"
          :aria-pressed="item.content.style.align === one.align"
          @click="restyle({ align: one.align })"
        >
          <component :is="one.icon" :size="19" aria-hidden="true" />{{ one.name }}
        </button>
      </div>
    </template>

    <template v-if="item.kind === 'zone'">
      <label
        >Written at its top<DraftField :key="item.id" :value="item.label" maxlength="300" @commit="label"
      /></label>
    </template>

    <h3>Size and turn</h3>
    <div class="sizes">
      <label
        >W<DraftField
          :key="item.id"
          type="number"
          min="4"
          :value="Math.round(item.frame.width)"
          @commit="size('width', $event)"
      /></label>
      <label
        >H<DraftField
          :key="item.id"
          type="number"
          min="4"
          :value="Math.round(item.frame.height)"
          @commit="size('height', $event)"
      /></label>
      <label
        >Turn°<DraftField
          :key="item.id"
          type="number"
          :value="Math.round(item.frame.turn)"
          @commit="size('turn', $event)"
      /></label>
    </div>

    <h3>Depth</h3>
    <div class="seg four" role="group" aria-label="Depth">
      <button :disabled="index === top" @click="depth(top)">
        <PhArrowLineUp :size="18" aria-hidden="true" />Top
      </button>
      <button :disabled="index === top" @click="depth(index + 1)">
        <PhArrowUp :size="18" aria-hidden="true" />Up
      </button>
      <button :disabled="index === 0" @click="depth(index - 1)">
        <PhArrowDown :size="18" aria-hidden="true" />Down
      </button>
      <button :disabled="index === 0" @click="depth(0)">
        <PhArrowLineDown :size="18" aria-hidden="true" />Bottom
      </button>
    </div>

    <template v-if="item.kind !== 'words'">
      <label
        >Described as
        <DraftField
          :key="item.id"
          :value="item.description"
          maxlength="300"
          placeholder="What it shows"
          @commit="describe"
      /></label>
    </template>

    <template v-if="isPiece(item)">
      <h3>Belongs in</h3>
      <p v-if="belongs.length === 0" class="soft">Nowhere yet. Decide it in Answers.</p>
      <p v-for="{ zone, sign } in belongs" :key="zone.id" class="belongs">
        <span class="letter">{{ sign }}</span>{{ itemName(zone) }}
      </p>
    </template>

    <button class="btn" @click="emit('remove')"><PhTrash :size="18" aria-hidden="true" />Delete</button>
    <p v-if="item.kind === 'picture' && item.credit" class="soft credit">
      {{ item.credit }}; kept with the page
    </p>
  </div>
</template>

<style scoped>
.item-panel {
  display: grid;
  gap: 10px;
}
.head {
  display: flex;
  gap: 10px;
  align-items: center;
}
.head > div {
  min-width: 0;
  overflow-wrap: anywhere;
}
.small {
  display: grid;
  place-items: center;
  flex: none;
  width: 46px;
  height: 46px;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: #fff;
  box-shadow: var(--ledge);
}
.seg {
  display: grid;
  grid-template-columns: 1fr 1fr;
  overflow: hidden;
  border: 1px solid var(--line);
  border-radius: var(--tile-s);
  background: #fff;
}
.three {
  grid-template-columns: repeat(3, 1fr);
}
.four {
  grid-template-columns: repeat(4, 1fr);
}
.seg button {
  display: grid;
  justify-items: center;
  gap: 2px;
  padding: 6px 2px;
  border: 0;
  border-right: 1px solid var(--line);
  background: none;
  cursor: pointer;
  font-size: 13px;
}
.seg button:last-child {
  border: 0;
}
.seg button:disabled {
  color: #6d7b81;
  cursor: default;
}
.seg button[aria-pressed='true'] {
  background: var(--petrol-t);
  color: var(--petrol-d);
  font-weight: 700;
  box-shadow: inset 0 -3px var(--petrol);
}
.btn[aria-pressed='true'] {
  background: var(--petrol-t);
  box-shadow: inset 0 -3px var(--petrol);
}
.row {
  display: grid;
  grid-template-columns: 1fr auto 44px;
  gap: 8px;
}
.row input {
  width: 100%;
  height: 36px;
}
.sizes {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 6px;
}
label {
  display: grid;
  gap: 3px;
  font-size: 14px;
}
.in {
  width: 100%;
  min-width: 0;
  padding: 5px 8px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: #fff;
}
.belongs {
  display: flex;
  gap: 8px;
  align-items: center;
}
.hint,
.credit {
  font-size: 13px;
}
</style>
