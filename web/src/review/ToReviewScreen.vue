<script setup lang="ts">
import { RouterLink } from 'vue-router'
import TeacherBar from '@/accounts/TeacherBar.vue'
import { useTeacherList } from '@/accounts/teacherList'

/** What waits to be reviewed, over all that was assigned. */
const { all, wrong } = useTeacherList('/api/v1/to-review')
</script>

<template>
  <TeacherBar />
  <main class="room">
    <h1>To review</h1>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <p v-else-if="all?.length === 0" class="soft">Nobody has handed in yet. What is handed in comes here.</p>
    <ul>
      <li v-for="one in all ?? []" :key="one.assignmentId">
        <RouterLink :to="`/assigned/${one.assignmentId}/review`">
          <strong>{{ one.title }}</strong>
          <span>{{ one.className }}</span>
          <span class="chip" :class="{ w: one.waiting > 0 }">{{ one.waiting }} waiting</span>
          <span class="chip n">{{ one.sent }} sent back</span>
        </RouterLink>
      </li>
    </ul>
  </main>
</template>

<style scoped>
.room {
  display: grid;
  gap: 18px;
  padding: 20px 26px;
}
ul {
  display: grid;
  gap: 12px;
  margin: 0;
  padding: 0;
  list-style: none;
}
a {
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
a:hover {
  border-color: var(--petrol);
}
strong {
  min-width: 220px;
  overflow-wrap: anywhere;
}
</style>
