<script setup lang="ts">
import { RouterLink } from 'vue-router'
import TeacherListScreen from '@/accounts/TeacherListScreen.vue'
import { useTeacherList } from '@/accounts/teacherList'

/** What waits to be reviewed, over all that was assigned. */
const { all, wrong } = useTeacherList('/api/v1/to-review')
</script>

<template>
  <TeacherListScreen
    title="To review"
    :all="all"
    :wrong="wrong"
    empty="Nobody has handed in yet. What is handed in comes here."
  >
    <ul>
      <li v-for="one in all" :key="one.assignmentId">
        <RouterLink class="row" :to="`/assigned/${one.assignmentId}/review`">
          <strong>{{ one.title }}</strong>
          <span>{{ one.className }}</span>
          <span class="chip" :class="{ w: one.waiting > 0 }">{{ one.waiting }} waiting</span>
          <span class="chip n">{{ one.sent }} sent back</span>
        </RouterLink>
      </li>
    </ul>
  </TeacherListScreen>
</template>
