<script setup lang="ts">
import { computed, defineAsyncComponent, nextTick } from 'vue'
import { RouterView, useRoute, useRouter } from 'vue-router'
import { language } from '@/i18n'
import { isStudents } from '@/router'
import { findFocus } from '@/shared/lostFocus'

const ElementWords = defineAsyncComponent(() => import('@/shared/ElementWords.vue'))
const route = useRoute()
const students = computed(() => route.matched.length === 0 || isStudents(route.path))

// From step to step of the workbench the screen stays, and so does the place of the keys.
useRouter().afterEach((to, from) => {
  if (to.matched[0] !== from.matched[0]) void nextTick(() => requestAnimationFrame(() => findFocus()))
})
</script>

<template>
  <RouterView v-if="students" />
  <!-- Teachers' screens say much that is put into words once, so that they begin anew in another language. -->
  <ElementWords v-else><RouterView :key="language" /></ElementWords>
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
