<script setup lang="ts">
import { RouterLink } from 'vue-router'
import TeacherBar from '@/accounts/TeacherBar.vue'
import { useTeacherList } from '@/accounts/teacherList'
import { spaced } from '@/page/code'
import { dueWords } from '@/shared/times'

const { all, wrong } = useTeacherList('/api/v1/assignments')
</script>

<template>
  <TeacherBar />
  <main class="room">
    <h1>Assigned</h1>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <p v-else-if="all?.length === 0" class="soft">
      Nothing is assigned yet. Open an activity and go to its step Assign.
    </p>
    <ul>
      <li v-for="one in all ?? []" :key="one.id">
        <RouterLink :to="`/assigned/${one.id}`">
          <strong>{{ one.title }}</strong>
          <span>{{ one.className }}</span>
          <span v-if="one.terms.dueAt" class="soft">{{
            dueWords(one.terms.dueAt, new Date().toISOString())
          }}</span>
          <span v-if="one.seriesId" class="chip">part {{ one.position + 1 }}</span>
          <span v-if="one.withdrawn" class="chip w">withdrawn</span>
          <span class="chip">{{ one.joined }} of {{ one.students }} joined</span>
          <span class="chip n">{{ one.handedIn }} handed in</span>
          <span class="chip p">code {{ spaced(one.joinCode) }}</span>
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
  padding: 0;
  margin: 0;
  list-style: none;
}
a {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 14px;
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
