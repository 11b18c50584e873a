<script setup lang="ts">
import TeacherBar from './TeacherBar.vue'

/** A screen with one list: its name, what is wrong, or what it will hold while it is empty. */
defineProps<{
  title: string
  /** Null before the list is there. */
  all: readonly unknown[] | null
  wrong: string
  /** What is said where there is nothing yet. */
  empty: string
}>()
</script>

<template>
  <TeacherBar />
  <main class="list-screen">
    <h1>{{ title }}</h1>
    <slot name="before" />
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <p v-else-if="all?.length === 0" class="soft">{{ empty }}</p>
    <slot v-if="all?.length" />
  </main>
</template>

<style>
.list-screen {
  display: grid;
  gap: 18px;
  padding: 20px 26px;
}
.list-screen ul {
  display: grid;
  gap: 12px;
  margin: 0;
  padding: 0;
  list-style: none;
}
.list-screen li > a.row {
  display: flex;
  flex-wrap: wrap;
  gap: 14px;
  align-items: center;
  padding: 14px 16px;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: #fff;
  box-shadow: var(--ledge);
  color: inherit;
  text-decoration: none;
}
.list-screen li > a.row:hover {
  border-color: var(--petrol);
}
.list-screen li > a.row > strong {
  min-width: 220px;
  overflow-wrap: anywhere;
}
</style>
