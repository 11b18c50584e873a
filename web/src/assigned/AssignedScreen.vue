<script setup lang="ts">
import { RouterLink } from 'vue-router'
import TeacherListScreen from '@/accounts/TeacherListScreen.vue'
import { useTeacherList } from '@/accounts/teacherList'
import { spaced } from '@/page/code'
import { dueWords } from '@/shared/times'

const { all, wrong } = useTeacherList('/api/v1/assignments')
</script>

<template>
  <TeacherListScreen
    title="Assigned"
    :all="all"
    :wrong="wrong"
    empty="Nothing is assigned yet. Open an activity and go to its step Assign."
  >
    <ul>
      <li v-for="one in all" :key="one.id">
        <RouterLink class="row" :to="`/assigned/${one.id}`">
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
  </TeacherListScreen>
</template>
