<script setup lang="ts">
import { t } from '@/i18n'
import { computed, ref, watch } from 'vue'
import type { Gap, TypedState } from '@/api/schema'
import { PAGE } from '@/page/geometry'
import { familyOf } from '@/page/fonts'
import { itemName } from '@/page/names'

/** A gap that is typed into. It lies on the page as HTML, in shares of the page, so that it grows with it. */
const props = defineProps<{
  gap: Gap
  typed?: TypedState
  shown: boolean
  resting: boolean
  /** A bare number is wanted, so the device's number keys come up. */
  number: boolean
}>()
/** Number keys have no minus on many tablets, so it stands beside. */
const focused = ref(false)
const signed = computed(() => props.number && focused.value && !rests.value)
const turnSign = () => (text.value = text.value.startsWith('-') ? text.value.slice(1) : `-${text.value}`)
const emit = defineEmits<{ type: [text: string] }>()

const text = ref(props.typed?.text ?? '')
watch(
  () => props.typed?.text,
  (now) => (text.value = now ?? ''),
)
const state = computed(() => {
  if (props.shown) return 'shown'
  if (props.typed?.says === 'BELONGS') return 'right'
  return props.typed?.says === 'DOES_NOT_BELONG' && text.value === props.typed.text ? 'wrong' : 'open'
})
const label = computed(() => {
  const name = itemName(props.gap)
  return state.value === 'open' ? name : t(`gap.${state.value}`, { name })
})
const rests = computed(() => props.resting || state.value === 'right' || state.value === 'shown')

function leave() {
  focused.value = false
  commit()
}
function commit() {
  if (!rests.value && text.value !== (props.typed?.text ?? '')) emit('type', text.value)
}
const share = (length: number, of: number) => `${(length / of) * 100}%`
const place = computed(() => {
  const { x, y, width, height, turn } = props.gap.frame
  const { style } = props.gap
  return {
    left: share(x, PAGE.width),
    top: share(y, PAGE.height),
    width: share(width, PAGE.width),
    height: share(height, PAGE.height),
    transform: turn ? `rotate(${turn}deg)` : undefined,
    fontSize: `${(style.size / PAGE.width) * 100}cqw`,
    fontFamily: familyOf(style.font),
    fontWeight: style.bold ? 700 : 400,
    color: style.colour,
    textAlign: ({ LEFT: 'left', CENTRE: 'center', RIGHT: 'right' } as const)[style.align],
  }
})
</script>

<template>
  <span class="gap" :class="state" :style="place">
    <input
      v-model="text"
      :data-gap="gap.id"
      :aria-label="label"
      :aria-invalid="state === 'wrong' || undefined"
      :readonly="rests"
      :inputmode="number ? 'decimal' : undefined"
      @focus="focused = true"
      maxlength="1000"
      autocomplete="off"
      autocapitalize="off"
      spellcheck="false"
      @keydown.enter="commit"
      @blur="leave"
      @pointerdown.stop
    />
    <button
      v-if="signed"
      class="minus"
      type="button"
      tabindex="-1"
      :aria-label="t('gap.minus')"
      @pointerdown.stop.prevent="turnSign"
    >
      ±
    </button>
    <svg v-if="state !== 'open'" class="sign" viewBox="0 0 24 24" aria-hidden="true">
      <path v-if="state === 'wrong'" d="M17 17c2-6-3-9-10-8m4-5L6 9l5 5" />
      <path v-else d="M5 13l5 5L20 6" />
    </svg>
  </span>
</template>

<style scoped>
.gap {
  position: absolute;
}
input {
  width: 100%;
  height: 100%;
  padding: 0 0.35em;
  border: max(2px, 0.18cqw) solid var(--plum);
  border-radius: 0.75cqw 0.75cqw 0.75cqw 0.2cqw;
  background: #fff;
  font: inherit;
  color: inherit;
  text-align: inherit;
}
.right input,
.shown input {
  border-color: var(--petrol);
  background: var(--petrol-t);
}
.shown input {
  border-style: dotted;
}
.wrong input {
  border-color: var(--clay);
  border-style: dashed;
}
.minus {
  position: absolute;
  left: calc(100% + 4px);
  top: 50%;
  z-index: 2;
  min-width: 44px;
  min-height: 44px;
  transform: translateY(-50%);
  border: 2px solid var(--plum);
  border-radius: var(--tile-s);
  background: #fff;
  color: var(--ink);
  font: 700 20px var(--type);
}
.sign {
  position: absolute;
  right: -0.6em;
  bottom: -0.35em;
  width: 0.9em;
  height: 0.9em;
  border-radius: 0.25em 0.25em 0.25em 0.08em;
  background: var(--petrol);
  fill: none;
  stroke: #fff;
  stroke-width: 3.5;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.wrong .sign {
  border: 2px dashed var(--clay);
  border-radius: 50%;
  background: #fff;
  stroke: var(--clay);
}
</style>
