<script setup lang="ts">
import { t } from '@/i18n'
import {
  PhArrowClockwise,
  PhArrowsHorizontal,
  PhArrowsOutCardinal,
  PhPushPin,
  PhStack,
} from '@phosphor-icons/vue'
import { computed } from 'vue'
import type { Movement } from '@/api/schema'
import { alwaysFixed, isPiece, traitsOf } from '@/page/items'
import { turned } from '@/page/geometry'
import type { Workbench } from '@/workbench/useWorkbench'
import DraftField from './DraftField.vue'

/** How students may move what is selected, and whether copies come off it. */
const props = defineProps<{ workbench: Workbench }>()

const movable = computed(() => props.workbench.selected.value.filter((item) => !alwaysFixed(item)))
const kinds = computed(() => new Set(movable.value.map((item) => item.movement.kind)))
const kind = computed(() => (kinds.value.size === 1 ? [...kinds.value][0]! : null))
const only = computed(() => (movable.value.length === 1 ? movable.value[0]! : null))
const rail = computed(() => (only.value?.movement.kind === 'rail' ? only.value.movement : null))
const turns = computed(() => (only.value?.movement.kind === 'turns' ? only.value.movement : null))
const supply = computed(() => (only.value ? traitsOf(only.value).supply : undefined))

const KINDS = [
  {
    kind: 'fixed',
    name: t('workbench.fixed'),
    icon: PhPushPin,
    told: t('workbench.it-stays-where-it-is-whatever'),
  },
  {
    kind: 'rail',
    name: t('workbench.slides-on-a-rail'),
    icon: PhArrowsHorizontal,
    told: t('workbench.students-slide-it-along-its-rail'),
  },
  {
    kind: 'free',
    name: t('workbench.free'),
    icon: PhArrowsOutCardinal,
    told: t('workbench.students-can-move-it-it-is'),
  },
  {
    kind: 'turns',
    name: t('workbench.turns'),
    icon: PhArrowClockwise,
    told: t('workbench.students-can-move-it-and-turn'),
  },
] as const

function set(to: Movement['kind']) {
  const movement: Movement =
    to === 'rail'
      ? { kind: 'rail', from: { x: 0, y: 0 }, to: { x: 300, y: 0 }, stops: [] }
      : to === 'turns'
        ? { kind: 'turns', step: 0 }
        : { kind: to }
  props.workbench.setMovement(movement)
}
const STOPS = [0, 2, 3, 4, 5, 6, 8, 11]
function setStops(count: number) {
  const stops =
    count < 2 ? [] : Array.from({ length: count }, (_, i) => Math.round((i / (count - 1)) * 1000) / 1000)
  if (rail.value) props.workbench.setMovement({ ...rail.value, stops })
}
/** A rail by numbers: how long it is and which way it goes, degrees clockwise from level; where it begins stays. */
const railNow = computed(() => {
  if (!rail.value) return { length: 0, angle: 0 }
  const { from, to } = rail.value
  const angle = (Math.atan2(to.y - from.y, to.x - from.x) * 180) / Math.PI
  return {
    length: Math.round(Math.hypot(to.x - from.x, to.y - from.y)),
    angle: (Math.round(angle) + 360) % 360,
  }
})
const LONGEST = 2000
function setRail(change: Partial<{ length: number; angle: number }>) {
  const { length, angle } = { ...railNow.value, ...change }
  if (!rail.value || !Number.isFinite(length) || !Number.isFinite(angle)) return
  const far = Math.min(LONGEST, Math.max(10, length))
  const { from } = rail.value
  const way = turned({ x: far, y: 0 }, angle)
  props.workbench.setMovement({
    ...rail.value,
    to: { x: Math.round(from.x + way.x), y: Math.round(from.y + way.y) },
  })
}
const STEPS = [0, 15, 30, 45, 90, 180]
function setSupply(on: boolean) {
  props.workbench.setTraits(({ supply: _, ...rest }) => (on ? { ...rest, supply: {} } : rest))
}
function setCopies(text: string) {
  const copies = Math.round(Number(text))
  props.workbench.setTraits((traits) => ({
    ...traits,
    supply: copies >= 1 ? { copies: Math.min(200, copies) } : {},
  }))
}
</script>

<template>
  <section v-if="movable.length" class="movement">
    <h3>{{ t('workbench.how-it-moves') }}</h3>
    <div class="seg" role="group" :aria-label="t('workbench.how-it-moves')">
      <button v-for="one in KINDS" :key="one.kind" :aria-pressed="kind === one.kind" @click="set(one.kind)">
        <component :is="one.icon" :size="18" aria-hidden="true" />{{ one.name }}
      </button>
    </div>
    <p class="soft hint">{{ kind ? KINDS.find((one) => one.kind === kind)!.told : t('workbench.mixed') }}</p>
    <div v-if="rail" class="two">
      <label
        >{{ t('workbench.rail-length') }}
        <DraftField
          :key="only!.id"
          type="number"
          min="10"
          max="2000"
          :value="railNow.length"
          @commit="setRail({ length: Number($event) })"
      /></label>
      <label
        >{{ t('workbench.angle') }}
        <DraftField
          :key="only!.id"
          type="number"
          :value="railNow.angle"
          @commit="setRail({ angle: Number($event) })"
      /></label>
    </div>
    <label v-if="rail"
      >{{ t('workbench.stops-on-the-rail') }}
      <select
        :value="rail.stops.length"
        @change="setStops(Number(($event.target as HTMLSelectElement).value))"
      >
        <option v-for="n in STOPS" :key="n" :value="n">
          {{ n === 0 ? t('workbench.none-it-rests-anywhere') : n }}
        </option>
        <option v-if="!STOPS.includes(rail.stops.length)" :value="rail.stops.length">
          {{ rail.stops.length }}
        </option>
      </select></label
    >
    <label v-if="turns"
      >{{ t('workbench.turns-by') }}
      <select
        :value="turns.step"
        @change="
          workbench.setMovement({ kind: 'turns', step: Number(($event.target as HTMLSelectElement).value) })
        "
      >
        <option v-for="n in STEPS" :key="n" :value="n">
          {{ n === 0 ? t('workbench.any-angle') : `${n}°` }}
        </option>
      </select></label
    >
    <template v-if="only && isPiece(only)">
      <label class="switch">
        <PhStack :size="18" aria-hidden="true" />
        <span
          >{{ t('workbench.supply') }} <small class="soft">{{ t('workbench.copies-come-off') }}</small></span
        >
        <input
          type="checkbox"
          :checked="Boolean(supply)"
          @change="setSupply(($event.target as HTMLInputElement).checked)"
        />
      </label>
      <label v-if="supply"
        >{{ t('workbench.how-many-at-the-most') }}
        <DraftField
          :key="only!.id"
          type="number"
          min="0"
          max="200"
          :placeholder="t('workbench.endless')"
          :value="supply.copies ?? ''"
          @commit="setCopies"
      /></label>
    </template>
  </section>
</template>

<style scoped>
.movement {
  display: grid;
  gap: 8px;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
}
.hint {
  font-size: 13px;
}
label {
  display: grid;
  gap: 3px;
  font-size: 14px;
}
.switch {
  display: flex;
  align-items: center;
  gap: 8px;
}
.switch input {
  width: 18px;
  height: 18px;
  margin-inline-start: auto;
  accent-color: var(--petrol);
}
select,
input[type='number'] {
  width: 100%;
  padding: 5px 6px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: #fff;
}
</style>
