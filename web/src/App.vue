<script setup lang="ts">
import { nextTick } from 'vue'
import { RouterView, useRouter } from 'vue-router'
import { findFocus } from '@/shared/lostFocus'

useRouter().afterEach(() => void nextTick(() => requestAnimationFrame(() => findFocus())))
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
