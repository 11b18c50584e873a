<script setup lang="ts">
import { t } from '@/i18n'
import { RouterLink } from 'vue-router'
import TeacherListScreen from '@/accounts/TeacherListScreen.vue'
import { useTeacherList } from '@/accounts/teacherList'

/** What waits to be reviewed, over all that was assigned. */
const { all, wrong } = useTeacherList('/api/v1/to-review')
</script>

<template>
  <TeacherListScreen
    :title="t('shared.to-review')"
    :all="all"
    :wrong="wrong"
    :empty="t('review.nobody-has-handed-in-yet-what')"
  >
    <ul>
      <li v-for="one in all" :key="one.assignmentId">
        <RouterLink class="row" :to="`/assigned/${one.assignmentId}/review`">
          <strong>{{ one.title }}</strong>
          <span>{{ one.className }}</span>
          <span class="chip" :class="{ w: one.waiting > 0 }">{{
            t('review.waiting-waiting', { waiting: one.waiting })
          }}</span>
          <span class="chip n">{{ t('review.sent-sent-back', { sent: one.sent }) }}</span>
        </RouterLink>
      </li>
    </ul>
  </TeacherListScreen>
</template>
