<script setup lang="ts">
import { t } from '@/i18n'
import { nextTick, ref, watch } from 'vue'
import { post, errorText } from '@/api/client'
import type { Calculation } from '@/api/schema'
import PresentCard from './PresentCard.vue'

/** A calculator for the wall: what is typed stands there whole, and fractions stay exact. */
defineProps<{ x: number; y: number }>()
const emit = defineEmits<{ close: []; put: [lines: string[]] }>()
const putAll = () =>
  emit(
    'put',
    [...lines.value].reverse().map((one) => `${one.typed} ${one.result}`),
  )
const typed = ref('')
const field = ref<HTMLInputElement>()
const answer = ref<Calculation | null>(null)
const asFraction = ref(false)
const wrong = ref('')
const memory = ref<string | null>(null)
const lines = ref<{ typed: string; result: string }[]>([])
const MOST_LINES = 50

const KEYS = [
  ['(', ')', '%', '÷'],
  ['7', '8', '9', '×'],
  ['4', '5', '6', '−'],
  ['1', '2', '3', '+'],
  ['0', '.', '²', '/'],
]
const NAMES: Record<string, string> = {
  '÷': t('present.divided-by'),
  '×': t('present.said-times'),
  '−': t('present.said-minus'),
  '+': t('present.said-plus'),
  '²': t('present.said-squared'),
  '/': t('present.fraction-bar'),
  '%': t('present.per-cent'),
  '.': t('present.said-point'),
  '(': t('present.open-bracket'),
  ')': t('present.close-bracket'),
}
/** Where the caret is, as on a keyboard. */
function put(sign: string) {
  const at = field.value!
  const from = at.selectionStart ?? typed.value.length
  const to = at.selectionEnd ?? from
  typed.value = (typed.value.slice(0, from) + sign + typed.value.slice(to)).slice(0, 200)
  void nextTick(() => at.setSelectionRange(from + sign.length, from + sign.length))
}
/** What was worked out, or not, speaks of what stood there. */
watch(typed, () => {
  answer.value = null
  wrong.value = ''
})
const clear = () => (typed.value = '')
/** With ≈ where it was rounded. */
function shown(one: Calculation) {
  const { mixed, fraction, decimal, exact } = one.number!
  const whole = asFraction.value ? (mixed ?? fraction) : undefined
  return `${whole || exact ? '=' : '≈'} ${whole ?? decimal}`
}
/** What goes on with: always exact. */
const exact = (one: Calculation) => (one.number!.fraction ? `(${one.number!.fraction})` : one.number!.decimal)

async function work() {
  const asked = typed.value
  try {
    const got = await post('/api/v1/calculations', { expression: asked })
    if (asked !== typed.value) return
    answer.value = got
    wrong.value = got.refused ?? ''
    if (got.number) lines.value = [{ typed: asked, result: shown(got) }, ...lines.value].slice(0, MOST_LINES)
  } catch (error) {
    wrong.value = errorText(error)
  }
}
function remember() {
  if (answer.value?.number) memory.value = exact(answer.value)
}
</script>

<template>
  <PresentCard :title="t('present.calculator')" :x="x" :y="y" class="calculator" @close="$emit('close')">
    <input
      ref="field"
      v-model="typed"
      class="typed"
      :aria-label="t('present.what-is-to-be-worked-out')"
      inputmode="none"
      maxlength="200"
      autocomplete="off"
      @keydown.enter="work"
      @keydown.esc.stop="clear"
    />
    <output class="result" aria-live="polite">
      <template v-if="answer?.number">
        {{ shown(answer) }}
      </template>
      <span v-else-if="wrong" class="wrong">{{ wrong }}</span>
      <template v-else>&nbsp;</template>
    </output>
    <div class="keys">
      <template v-for="row in KEYS" :key="row.join('')">
        <button v-for="sign in row" :key="sign" :aria-label="NAMES[sign]" @click="put(sign)">
          {{ sign }}
        </button>
      </template>
      <button :aria-label="t('present.clear')" @click="clear">C</button>
      <button :aria-label="t('present.take-the-last-sign-away')" @click="typed = typed.slice(0, -1)">
        ⌫
      </button>
      <button class="pri wide" @click="work">=</button>
    </div>
    <div class="row">
      <button class="btn" :aria-pressed="asFraction" @click="asFraction = !asFraction">
        {{ t('present.as-a-fraction') }}
      </button>
      <button class="btn" :disabled="!answer?.number" @click="remember">{{ t('present.remember') }}</button>
      <button class="btn" :disabled="memory === null" @click="put(memory!)">
        {{ memory === null ? t('present.recall') : t('present.recall-value', { memory }) }}
      </button>
    </div>
    <button v-if="lines.length" class="btn" @click="putAll">{{ t('present.put-it-on-the-page') }}</button>
    <ol v-if="lines.length" class="lines" :aria-label="t('present.worked-out-before')">
      <li v-for="(line, i) in lines" :key="i">
        <button @click="typed = line.typed">{{ line.typed }} {{ line.result }}</button>
      </li>
    </ol>
  </PresentCard>
</template>

<style scoped>
.calculator {
  width: 330px;
}
.typed {
  width: 100%;
  min-height: 52px;
  padding: 4px 10px;
  border: 1px solid var(--line);
  border-radius: 10px;
  font-size: 28px;
}
.result {
  min-height: 44px;
  font-size: 32px;
  font-weight: 700;
  overflow-wrap: anywhere;
}
.wrong {
  font-size: 17px;
  font-weight: 400;
}
.keys {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 6px;
}
.keys button {
  min-height: 48px;
  border: 1px solid var(--line);
  border-radius: 10px 10px 10px 3px;
  background: #fff;
  color: inherit;
  font: inherit;
  font-size: 22px;
  cursor: pointer;
}
.keys .pri {
  background: var(--petrol);
  color: #fff;
}
.wide {
  grid-column: span 2;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.lines {
  max-height: 22vh;
  margin: 0;
  padding: 0;
  overflow: auto;
  list-style: none;
}
.lines button {
  width: 100%;
  padding: 6px 4px;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: start;
  overflow-wrap: anywhere;
  cursor: pointer;
}
</style>
