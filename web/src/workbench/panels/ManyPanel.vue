<script setup lang="ts">
import { t } from '@/i18n'
import {
  PhAlignBottom,
  PhAlignCenterHorizontal,
  PhAlignCenterVertical,
  PhAlignLeft,
  PhAlignRight,
  PhAlignTop,
  PhCopy,
  PhPushPin,
  PhSelectionAll,
  PhTrash,
} from '@phosphor-icons/vue'
import { computed } from 'vue'
import { still } from '@/gesture/asOne'
import { around } from '@/page/geometry'
import { traitsOf } from '@/page/items'
import type { Workbench } from '@/workbench/useWorkbench'
import CutButtons from './CutButtons.vue'
import DepthButtons from './DepthButtons.vue'
import ListButtons from '@/workbench/list/ListButtons.vue'
import KeepButton from '@/workbench/library/KeepButton.vue'
import AppearancePanel from './AppearancePanel.vue'
import MovementPanel from './MovementPanel.vue'
import StyleButtons from './StyleButtons.vue'

/** Several at once: line up, spread, group, and what they have in common. Where they differ it says mixed. */
const props = defineProps<{ workbench: Workbench }>()
const items = computed(() => props.workbench.selected.value)
const transparency = computed(() => {
  const [first] = items.value
  const value = first ? traitsOf(first).transparency : 0
  return items.value.every((item) => traitsOf(item).transparency === value) ? value : null
})
/** As one: about the middle of the box around them. A field is empty again afterwards, since it says by how much. */
function asOne(field: HTMLInputElement, by: (n: number) => { scale?: number; turn?: number }) {
  const n = Number(field.value)
  field.value = ''
  const box = around(items.value.map((item) => item.frame))
  const about = { x: (box.left + box.right) / 2, y: (box.top + box.bottom) / 2 }
  if (Number.isFinite(n) && n !== 0) props.workbench.transform(still({ about, ...by(n) }))
}
const turnBy = (field: HTMLInputElement) => asOne(field, (turn) => ({ turn: turn % 360 }))
const scaleTo = (field: HTMLInputElement) =>
  asOne(field, (percent) => ({ scale: Math.min(20, Math.max(0.05, percent / 100)) }))
const ALIGN = [
  { how: 'LEFT', name: t('workbench.align-left'), icon: PhAlignLeft },
  { how: 'CENTRE', name: t('workbench.align-centre'), icon: PhAlignCenterHorizontal },
  { how: 'RIGHT', name: t('workbench.align-right'), icon: PhAlignRight },
  { how: 'TOP', name: t('workbench.align-top'), icon: PhAlignTop },
  { how: 'MIDDLE', name: t('workbench.align-middle'), icon: PhAlignCenterVertical },
  { how: 'BOTTOM', name: t('workbench.align-bottom'), icon: PhAlignBottom },
] as const
</script>

<template>
  <div class="many">
    <h2>{{ t('workbench.items-selected', { items: items.length }) }}</h2>
    <CutButtons :workbench="workbench" />
    <h3>{{ t('workbench.line-up') }}</h3>
    <div class="seg" role="group" :aria-label="t('workbench.line-up')">
      <button
        v-for="one in ALIGN"
        :key="one.how"
        :aria-label="one.name"
        :title="one.name"
        @click="workbench.arrange(one.how)"
      >
        <component :is="one.icon" :size="20" aria-hidden="true" />
      </button>
    </div>
    <div class="two">
      <button class="btn" :disabled="items.length < 3" @click="workbench.arrange('SPREAD_ACROSS')">
        {{ t('workbench.distribute-across') }}
      </button>
      <button class="btn" :disabled="items.length < 3" @click="workbench.arrange('SPREAD_DOWN')">
        {{ t('workbench.distribute-down') }}
      </button>
      <button class="btn" @click="workbench.arrange('SAME_WIDTH')">{{ t('workbench.same-width') }}</button>
      <button class="btn" @click="workbench.arrange('SAME_HEIGHT')">{{ t('workbench.same-height') }}</button>
      <button class="btn wide" @click="workbench.arrange('SAME_SIZE')">{{ t('workbench.same-size') }}</button>
    </div>
    <div class="two">
      <button class="btn" title="Ctrl+G" @click="workbench.group">
        <PhSelectionAll :size="17" aria-hidden="true" />{{ t('workbench.group') }}
      </button>
      <button
        class="btn"
        title="Ctrl+Shift+G"
        :disabled="!workbench.grouped.value"
        @click="workbench.ungroup"
      >
        {{ t('workbench.ungroup') }}
      </button>
    </div>
    <button class="btn" @click="workbench.setMovement({ kind: 'fixed' })">
      <PhPushPin :size="17" aria-hidden="true" />{{ t('workbench.fix-everything-selected') }}
    </button>
    <MovementPanel :workbench="workbench" />
    <AppearancePanel :workbench="workbench" :items="items" />
    <StyleButtons :workbench="workbench" />
    <label
      >{{ t('workbench.transparency') }}
      <input
        type="number"
        min="0"
        max="95"
        :placeholder="transparency === null ? t('workbench.mixed') : ''"
        :value="transparency ?? ''"
        @change="
          workbench.setTraits((traits) => ({
            ...traits,
            transparency: Math.min(
              95,
              Math.max(0, Math.round(Number(($event.target as HTMLInputElement).value)) || 0),
            ),
          }))
        "
    /></label>
    <div class="two">
      <label
        >{{ t('workbench.turn-all-by') }}
        <input type="number" placeholder="0" @change="turnBy($event.target as HTMLInputElement)"
      /></label>
      <label
        >{{ t('workbench.size-of-all') }}
        <input type="number" min="5" placeholder="100" @change="scaleTo($event.target as HTMLInputElement)"
      /></label>
    </div>
    <DepthButtons :workbench="workbench" />
    <div class="two">
      <button class="btn" title="Ctrl+D" @click="workbench.duplicate">
        <PhCopy :size="17" aria-hidden="true" />{{ t('workbench.duplicate') }}
      </button>
      <button class="btn" @click="workbench.remove">
        <PhTrash :size="17" aria-hidden="true" />{{ t('shared.delete') }}
      </button>
    </div>
    <ListButtons :workbench="workbench" />
    <KeepButton :workbench="workbench" />
  </div>
</template>

<style scoped>
.many {
  display: grid;
  gap: 10px;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
}
.two .btn {
  padding: 4px 6px;
  font-size: 13px;
}
.wide {
  grid-column: 1 / -1;
}
label {
  display: grid;
  gap: 3px;
  font-size: 14px;
}
input {
  width: 100%;
  padding: 5px 6px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: #fff;
}
</style>
