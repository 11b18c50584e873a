<script setup lang="ts">
import { nextTick } from 'vue'
import { RouterView, useRouter } from 'vue-router'
import { findFocus } from '@/shared/lostFocus'

// From step to step of the workbench the screen stays, and so does the place of the keys.
useRouter().afterEach((to, from) => {
  if (to.matched[0] !== from.matched[0]) void nextTick(() => requestAnimationFrame(() => findFocus()))
})
</script>

<template>
  <RouterView />
  <!-- Fills that every drawing of a page refers to. -->
  <svg class="unseen" aria-hidden="true" width="0" height="0">
    <defs>
      <pattern
        id="glad-stripes"
        width="44"
        height="44"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <rect width="22" height="44" fill="#ffffff14" />
      </pattern>
    </defs>
  </svg>
</template>
