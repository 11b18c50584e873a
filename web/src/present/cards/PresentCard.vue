<script setup lang="ts">
import { t } from '@/i18n'
import { noSwipe } from '@/page/touch'
import { PhX } from '@phosphor-icons/vue'
import { ref } from 'vue'
import { drag } from '@/present/model/drag'

/** A card that lies over the page and is moved out of the way by its head. */
const props = defineProps<{ title: string; x: number; y: number }>()
defineEmits<{ close: [] }>()
const at = ref({ x: props.x, y: props.y })
const STEP = 24

function put(x: number, y: number) {
  at.value = {
    x: Math.max(0, Math.min(window.innerWidth - 80, x)),
    y: Math.max(0, Math.min(window.innerHeight - 60, y)),
  }
}
function move(event: PointerEvent) {
  const was = at.value
  drag(event, (to) => put(was.x + to.clientX - event.clientX, was.y + to.clientY - event.clientY))
}
function key(event: KeyboardEvent) {
  const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key]
  if (!by) return
  event.preventDefault()
  event.stopPropagation()
  put(at.value.x + by[0]! * STEP, at.value.y + by[1]! * STEP)
}
</script>

<template>
  <section class="card" :style="{ left: `${at.x}px`, top: `${at.y}px` }" :aria-label="title">
    <header
      tabindex="0"
      role="group"
      :aria-label="t('present.title-arrow-keys-move-it', { title })"
      @pointerdown.self="move"
      @touchmove="noSwipe"
      @keydown.self="key"
    >
      <span @pointerdown="move">{{ title }}</span>
      <button
        class="close"
        :aria-label="t('present.close-title', { title })"
        :title="t('shared.close')"
        @click="$emit('close')"
      >
        <PhX :size="18" aria-hidden="true" />
      </button>
    </header>
    <slot />
  </section>
</template>

<style scoped>
.card {
  position: absolute;
  z-index: 3;
  display: grid;
  gap: 6px;
  min-width: 168px;
  padding: 8px 14px 14px;
  border: 1px solid var(--line);
  border-radius: 16px 16px 16px 4px;
  background: #fffdf8;
  box-shadow: 0 8px 24px #0006;
  color: var(--ink);
}
header {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 10px;
  color: var(--soft, #55656b);
  font-size: 14px;
  font-weight: 700;
  cursor: move;
  touch-action: none;
}
header span {
  flex: 1;
  padding: 6px 0;
}
.close {
  display: grid;
  place-items: center;
  width: 44px;
  height: 44px;
  margin: -4px -10px -4px 0;
  border: 0;
  border-radius: 10px;
  background: none;
  color: inherit;
  cursor: pointer;
}
</style>
