<script setup lang="ts">
import PageView from '@/page/PageView.vue'
import { viewOf, type PartHead } from './library'

/** What a part looks like, as large as its tile; a page is seen whole. */
defineProps<{ part: PartHead }>()
</script>

<template>
  <span class="picture" aria-hidden="true"><PageView :page="part.page" :view="viewOf(part)" /></span>
</template>

<style scoped>
.picture {
  display: block;
  overflow: hidden;
  border-radius: 5px;
  background: #fff;
  pointer-events: none;
}
</style>
