<script setup lang="ts">
import { t } from '@/i18n'
import { pointOn } from '@/page/pointer'
import { computed, nextTick, ref } from 'vue'
import { PAGE, type Point } from '@/page/geometry'
import { drag } from '@/present/model/drag'
import type { PageScale } from '@/api/schema'
import { LEAST_PER, MOST_PER } from '@/present/model/scales'

/** The scale of a page, by dragging over something on it whose length is known. */
const props = defineProps<{ unit: string }>()
const emit = defineEmits<{ set: [scale: PageScale]; cancel: [] }>()
const root = ref<SVGSVGElement>()
const field = ref<HTMLInputElement>()
const ends = ref<[Point, Point] | null>(null)
const length = ref('')
const unit = ref(props.unit)
const wrong = ref('')

const pointAt = (event: PointerEvent) => pointOn(root.value!, event)
function down(event: PointerEvent) {
  if (event.button !== 0) return
  const from = pointAt(event)
  drag(
    event,
    (at) => (ends.value = [from, pointAt(at)]),
    () => void nextTick(() => field.value?.focus()),
  )
}
const far = computed(() =>
  ends.value ? Math.hypot(ends.value[1].x - ends.value[0].x, ends.value[1].y - ends.value[0].y) : 0,
)
function set() {
  const known = Number(length.value.replace(',', '.'))
  const per = far.value / known
  if (!(known > 0) || !unit.value.trim()) wrong.value = t('present.say-how-long-it-is-and')
  else if (per < LEAST_PER || per > MOST_PER)
    wrong.value = t('present.unit-out-of-bounds', {
      per: Math.round(per * 10) / 10,
      least: LEAST_PER,
      most: MOST_PER,
    })
  else emit('set', { unit: unit.value.trim(), per })
}
</script>

<template>
  <div class="scale-board control" @keydown.esc.stop="emit('cancel')">
    <svg ref="root" :viewBox="`0 0 ${PAGE.width} ${PAGE.height}`" @pointerdown="down">
      <g v-if="ends">
        <line class="halo" :x1="ends[0].x" :y1="ends[0].y" :x2="ends[1].x" :y2="ends[1].y" />
        <line :x1="ends[0].x" :y1="ends[0].y" :x2="ends[1].x" :y2="ends[1].y" />
        <circle v-for="(end, i) in ends" :key="i" :cx="end.x" :cy="end.y" r="12" />
      </g>
    </svg>
    <form class="card" @submit.prevent="set">
      <strong v-if="!ends">{{ t('present.drag-over-something-whose-length-you') }}</strong>
      <template v-else>
        <label
          >{{ t('present.it-is') }} <input ref="field" v-model="length" inputmode="decimal" class="short"
        /></label>
        <label>{{ t('present.in') }} <input v-model="unit" maxlength="12" class="short" /></label>
        <button class="btn pri" type="submit">{{ t('present.measure-so') }}</button>
      </template>
      <button class="btn" type="button" @click="emit('cancel')">{{ t('shared.cancel') }}</button>
      <span v-if="wrong" role="alert">{{ wrong }}</span>
    </form>
  </div>
</template>

<style scoped>
.scale-board {
  position: absolute;
  z-index: 3;
  inset: 0;
}
svg {
  width: 100%;
  height: 100%;
  cursor: crosshair;
  touch-action: none;
}
line {
  stroke: #a8432b;
  stroke-width: 6;
}
.halo {
  stroke: #fff;
  stroke-width: 12;
}
circle {
  fill: #fff;
  stroke: #a8432b;
  stroke-width: 5;
}
.card {
  position: absolute;
  bottom: 10px;
  left: 50%;
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  max-width: 96%;
  padding: 8px 14px;
  border-radius: 14px 14px 14px 4px;
  background: #fffdf8;
  color: var(--ink);
  transform: translateX(-50%);
}
label {
  display: flex;
  gap: 8px;
  align-items: center;
}
.short {
  width: 92px;
  min-height: 44px;
}
.btn {
  min-height: 44px;
}
</style>
