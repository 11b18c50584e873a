<script setup lang="ts">
import { t } from '@/i18n'
import { RouterLink } from 'vue-router'
import TeacherListScreen from '@/accounts/TeacherListScreen.vue'
import { useTeacherList } from '@/accounts/teacherList'
import { spaced } from '@/page/code'
import { dueWords } from '@/shared/times'

const { all, wrong } = useTeacherList('/api/v1/assignments')
</script>

<template>
  <TeacherListScreen
    :title="t('shared.assigned')"
    :all="all"
    :wrong="wrong"
    :empty="t('assigned.nothing-is-assigned-yet-open-an')"
  >
    <ul>
      <li v-for="one in all" :key="one.id">
        <RouterLink class="row" :to="`/assigned/${one.id}`">
          <strong>{{ one.title }}</strong>
          <span>{{ one.className }}</span>
          <span v-if="one.terms.dueAt" class="soft">{{
            dueWords(one.terms.dueAt, new Date().toISOString())
          }}</span>
          <span v-if="one.seriesId" class="chip">{{
            t('assigned.part-position', { position: one.position + 1 })
          }}</span>
          <span v-if="one.withdrawn" class="chip w">{{ t('assigned.withdrawn') }}</span>
          <span class="chip">{{
            t('assigned.joined-of-students-joined', { joined: one.joined, students: one.students })
          }}</span>
          <span class="chip n">{{ t('assigned.handedin-handed-in', { handedIn: one.handedIn }) }}</span>
          <span class="chip p">{{ t('assigned.code-joincode', { joinCode: spaced(one.joinCode) }) }}</span>
        </RouterLink>
      </li>
    </ul>
  </TeacherListScreen>
</template>
