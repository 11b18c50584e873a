<script setup lang="ts">
import { t } from '@/i18n'
import { PhArrowElbowDownLeft, PhArrowFatUp, PhBackspace } from '@phosphor-icons/vue'
import { computed, onBeforeUnmount, onMounted, ref } from 'vue'
import { enter, fieldOf, KEYBOARDS, rowsOf, typeInto, type KeyboardName } from '@/present/model/keyboards'
import PresentCard from './PresentCard.vue'

/** A keyboard to be touched, for gaps on the wall: it types into the field that was touched last. */
const props = defineProps<{ name: KeyboardName; x: number; y: number }>()
const emit = defineEmits<{ close: []; choose: [name: KeyboardName] }>()
const shifted = ref(false)
const rows = computed(() => rowsOf(props.name, shifted.value))
const missing = ref(false)
let last: HTMLInputElement | HTMLTextAreaElement | null = null

const seen = (event: FocusEvent) => (last = fieldOf(event.target as Element) ?? last)
onMounted(() => {
  last = fieldOf(document.activeElement)
  document.addEventListener('focusin', seen)
})
onBeforeUnmount(() => document.removeEventListener('focusin', seen))

function into(what: (field: HTMLInputElement | HTMLTextAreaElement) => void) {
  if (last && !last.isConnected) last = null
  missing.value = last === null
  if (!last) return
  if (document.activeElement !== last) last.focus()
  what(last)
}
function press(sign: string | null) {
  into((field) => typeInto(field, sign))
  // As on paper: one capital letter, then small ones.
  if (sign !== null) shifted.value = false
}
</script>

<template>
  <PresentCard :title="t('present.keyboard')" :x="x" :y="y" class="keyboard" @close="emit('close')">
    <div class="row">
      <button
        v-for="[key, label] in KEYBOARDS"
        :key="key"
        class="which"
        :aria-pressed="name === key"
        @pointerdown.prevent
        @click="emit('choose', key)"
      >
        {{ label }}
      </button>
    </div>
    <p v-if="missing" role="status">{{ t('present.touch-the-gap-first') }}</p>
    <div class="rows" :dir="name === 'ar' ? 'rtl' : 'ltr'">
      <div v-for="(row, i) in rows" :key="i" class="row">
        <button v-for="(sign, n) in row" :key="n" @pointerdown.prevent @click="press(sign)">
          {{ sign }}
        </button>
      </div>
      <div class="row">
        <button
          v-if="name !== 'numbers'"
          class="wide"
          aria-label="Shift"
          :aria-pressed="shifted"
          @pointerdown.prevent
          @click="shifted = !shifted"
        >
          <PhArrowFatUp :size="26" aria-hidden="true" />
        </button>
        <button class="space" aria-label="Space" @pointerdown.prevent @click="press(' ')" />
        <button
          class="wide"
          :aria-label="t('present.take-the-last-sign-away')"
          @pointerdown.prevent
          @click="press(null)"
        >
          <PhBackspace :size="26" aria-hidden="true" />
        </button>
        <button class="wide" :aria-label="t('present.enter')" @pointerdown.prevent @click="into(enter)">
          <PhArrowElbowDownLeft :size="26" aria-hidden="true" />
        </button>
      </div>
    </div>
  </PresentCard>
</template>

<style scoped>
.keyboard {
  width: max-content;
  max-width: 96vw;
}
.rows {
  display: grid;
  gap: 6px;
}
.row {
  display: flex;
  gap: 6px;
  justify-content: center;
}
button {
  min-width: 50px;
  min-height: 50px;
  padding: 2px 8px;
  border: 1px solid var(--line);
  border-radius: 10px 10px 10px 3px;
  background: #fff;
  color: var(--ink);
  font: inherit;
  font-size: 22px;
  cursor: pointer;
  touch-action: manipulation;
}
button:active {
  background: var(--petrol-t);
}
button[aria-pressed='true'] {
  border-color: var(--petrol);
  background: var(--petrol-t);
  box-shadow: inset 0 -3px var(--petrol);
}
.which {
  min-height: 44px;
  font-size: 16px;
}
.wide {
  min-width: 84px;
}
.space {
  flex: 1;
}
p {
  margin: 0;
}
</style>
