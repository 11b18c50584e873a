<script setup lang="ts">
import { t } from '@/i18n'
import { dateTime } from '@/i18n/format'
import TeacherListScreen from '@/accounts/TeacherListScreen.vue'
import { useTeacherList } from '@/accounts/teacherList'

/** A stand-in: what would be mailed if there were mail. Nothing leaves the school. */
const { all, wrong } = useTeacherList('/api/v1/outbox')
</script>

<template>
  <TeacherListScreen
    :title="t('notices.email-preview')"
    :all="all"
    :wrong="wrong"
    :empty="t('notices.nothing-would-have-been-mailed-yet')"
  >
    <template #before>
      <p class="soft">{{ t('notices.no-mail-is-sent-and-nobodys') }}</p>
    </template>
    <table>
      <thead>
        <tr>
          <th scope="col">{{ t('shared.to') }}</th>
          <th scope="col">{{ t('notices.about') }}</th>
          <th scope="col">{{ t('shared.words') }}</th>
          <th scope="col">{{ t('notices.when') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(one, i) in all" :key="i">
          <th scope="row">{{ one.to }}</th>
          <td>{{ one.subject }}</td>
          <td>{{ one.words }}</td>
          <td>{{ dateTime(new Date(one.at)) }}</td>
        </tr>
      </tbody>
    </table>
  </TeacherListScreen>
</template>

<style scoped>
table {
  border-collapse: collapse;
}
th,
td {
  padding: 7px 14px 7px 0;
  border-bottom: 1px solid var(--line);
  text-align: start;
  overflow-wrap: anywhere;
}
</style>
