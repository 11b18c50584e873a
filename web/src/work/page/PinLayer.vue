<script setup lang="ts">
import { t } from '@/i18n'
import { PhX } from '@phosphor-icons/vue'
import { computed, ref, watch } from 'vue'
import type { AttemptState, PinnedWords, StudentPage } from '@/api/schema'
import { asDone } from '@/page/placedItems'
import { PAGE } from '@/page/geometry'

/** Words that hang on things of a page: numbered flags, which open their words. */
const props = defineProps<{
  pins: PinnedWords[]
  page: StudentPage
  state: AttemptState
  /** Whether a flag can be taken away. */
  editing?: boolean
}>()
const emit = defineEmits<{ remove: [id: string] }>()
const open = ref('')
watch(
  () => props.page.id,
  () => (open.value = ''),
)

const here = computed(() => {
  const done = new Map(asDone(props.page.items, props.state).map((one) => [one.id, one.item.frame]))
  return props.pins
    .map((pin, i) => ({ pin, n: i + 1 }))
    .filter(({ pin }) => pin.pageId === props.page.id)
    .map(({ pin, n }) => {
      const frame = pin.itemId ? done.get(pin.itemId) : undefined
      const x = frame ? frame.x + frame.width : (pin.x ?? PAGE.width / 2)
      const y = frame ? frame.y : (pin.y ?? PAGE.height / 2)
      const within = (value: number, most: number) => Math.min(97, Math.max(3, (value / most) * 100))
      return { pin, n, left: within(x, PAGE.width), top: within(y, PAGE.height) }
    })
})
</script>

<template>
  <div class="pins">
    <div
      v-for="one in here"
      :key="one.pin.id"
      class="pin"
      :style="{ left: `${one.left}%`, top: `${one.top}%` }"
    >
      <button
        class="flag"
        :aria-expanded="open === one.pin.id"
        :aria-label="t('pin.label', { n: one.n, words: one.pin.words })"
        @click.stop="open = open === one.pin.id ? '' : one.pin.id"
      >
        {{ one.n }}
      </button>
      <p v-if="open === one.pin.id" class="words" :class="{ left: one.left > 60, up: one.top > 60 }">
        {{ one.pin.words }}
        <button v-if="editing" class="btn quiet" @click.stop="emit('remove', one.pin.id)">
          <PhX :size="16" aria-hidden="true" />{{ t('pin.remove') }}
        </button>
      </p>
    </div>
  </div>
</template>

<style scoped>
.pins {
  position: absolute;
  inset: 0;
  pointer-events: none;
}
.pin {
  position: absolute;
  pointer-events: auto;
}
.flag {
  min-width: 34px;
  height: 34px;
  margin: -17px;
  border: 2px solid #fff;
  border-radius: var(--tile-s);
  background: var(--plum, #68406b);
  box-shadow: 0 2px 6px #0005;
  color: #fff;
  cursor: pointer;
  font-weight: 700;
}
.words {
  position: absolute;
  z-index: 3;
  top: 24px;
  left: -10px;
  display: grid;
  gap: 6px;
  width: max-content;
  max-width: 300px;
  padding: 10px 12px;
  border: 2px solid #68406b;
  border-radius: var(--tile);
  background: #fff;
  font-size: 16px;
  overflow-wrap: anywhere;
  white-space: pre-wrap;
}
.words.left {
  right: -10px;
  left: auto;
}
.words.up {
  top: auto;
  bottom: 24px;
}
</style>
