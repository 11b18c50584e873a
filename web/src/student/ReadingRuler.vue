<script setup lang="ts">
import { onBeforeUnmount, onMounted, ref } from 'vue'

/** A clear line over a dimmed page that goes with the finger, so that the eye stays in its row. */
const HALF = 44
const top = ref(window.innerHeight / 2)
const follow = (event: PointerEvent) => (top.value = event.clientY)
onMounted(() => window.addEventListener('pointermove', follow))
onBeforeUnmount(() => window.removeEventListener('pointermove', follow))
</script>

<template>
  <div class="ruler" aria-hidden="true">
    <div :style="{ height: `${Math.max(0, top - HALF)}px` }"></div>
    <div class="row" :style="{ height: `${2 * HALF}px` }"></div>
    <div class="rest"></div>
  </div>
</template>

<style scoped>
.ruler {
  position: fixed;
  z-index: 20;
  inset: 0;
  display: flex;
  flex-direction: column;
  pointer-events: none;
}
.ruler div:not(.row) {
  background: #1f2d3366;
}
.row {
  flex: none;
  border-block: 3px solid var(--saffron);
}
.rest {
  flex: 1;
}
</style>
