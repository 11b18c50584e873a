<script setup lang="ts">
import { t } from '@/i18n'
import type { Frame, Item } from '@/api/schema'
import { traitsOf } from '@/page/items'
import type { Workbench } from '@/workbench/useWorkbench'
import DraftField from './DraftField.vue'

/** How large an item is, how it is turned, and how much is seen through it. */
const props = defineProps<{ workbench: Workbench; item: Item }>()
const LEAST = { x: -16000, y: -16000, width: 4, height: 4, turn: -360 }
function size(part: keyof Frame, text: string) {
  const typed = Number(text)
  if (!Number.isFinite(typed)) return
  props.workbench.setFrame(props.item.id, {
    ...props.item.frame,
    [part]: Math.min(16000, Math.max(LEAST[part], typed)),
  })
}
const NUMBERS = [
  ['width', t('workbench.short-width')],
  ['height', t('workbench.short-height')],
  ['turn', t('workbench.turn')],
] as const
</script>

<template>
  <h3>{{ t('workbench.size-and-turn') }}</h3>
  <div class="sizes">
    <label v-for="[part, name] in NUMBERS" :key="part"
      >{{ name
      }}<DraftField
        :key="item.id"
        type="number"
        :min="part === 'turn' ? undefined : 4"
        :value="Math.round(item.frame[part])"
        @commit="size(part, $event)"
    /></label>
  </div>
  <label
    >{{ t('workbench.transparency') }}
    <DraftField
      :key="item.id"
      type="number"
      min="0"
      max="95"
      :value="traitsOf(item).transparency"
      @commit="
        workbench.setTraits((traits) => ({
          ...traits,
          transparency: Math.min(95, Math.max(0, Math.round(Number($event)) || 0)),
        }))
      "
    />
  </label>
</template>

<style scoped>
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
</style>
