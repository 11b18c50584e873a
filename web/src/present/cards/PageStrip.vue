<script setup lang="ts">
import { t } from '@/i18n'
import type { StudentPage } from '@/api/schema'
import PageView from '@/page/PageView.vue'

/** The pages as small pictures, to go to any of them. */
defineProps<{ pages: StudentPage[]; index: number }>()
defineEmits<{ go: [index: number] }>()
</script>

<template>
  <ol class="strip" :aria-label="t('shared.pages')">
    <li v-for="(page, i) in pages" :key="page.id">
      <button :aria-current="i === index ? 'page' : undefined" @click="$emit('go', i)">
        <PageView class="small" :page="page" :described="t('present.page-number', { n: i + 1 })" />
        <span>{{ i + 1 }} · {{ page.name }}</span>
      </button>
    </li>
  </ol>
</template>

<style scoped>
.strip {
  position: absolute;
  z-index: 4;
  right: 16px;
  bottom: 12px;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 12px;
  width: min(900px, 94vw);
  max-height: 76vh;
  margin: 0;
  padding: 14px;
  overflow: auto;
  border-radius: 16px 16px 16px 5px;
  background: #0c343bf2;
  list-style: none;
}
button {
  display: grid;
  gap: 6px;
  width: 100%;
  padding: 6px;
  border: 3px solid transparent;
  border-radius: 12px 12px 12px 4px;
  background: none;
  color: #fff;
  font: inherit;
  text-align: start;
  cursor: pointer;
}
button[aria-current] {
  border-color: #e5a02f;
}
.small {
  border-radius: 6px;
  background: #fff;
}
span {
  overflow-wrap: anywhere;
}
</style>
