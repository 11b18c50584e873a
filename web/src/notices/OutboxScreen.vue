<script setup lang="ts">
import TeacherListScreen from '@/accounts/TeacherListScreen.vue'
import { useTeacherList } from '@/accounts/teacherList'

/** A stand-in: what would be mailed if there were mail. Nothing leaves the school. */
const { all, wrong } = useTeacherList('/api/v1/outbox')
</script>

<template>
  <TeacherListScreen
    title="Email preview"
    :all="all"
    :wrong="wrong"
    empty="Nothing would have been mailed yet."
  >
    <template #before>
      <p class="soft">
        No mail is sent and nobody's address is kept. This is what would go out, so that a school can see
        whether it wants it.
      </p>
    </template>
    <table>
      <thead>
        <tr>
          <th scope="col">To</th>
          <th scope="col">About</th>
          <th scope="col">Words</th>
          <th scope="col">When</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(one, i) in all" :key="i">
          <th scope="row">{{ one.to }}</th>
          <td>{{ one.subject }}</td>
          <td>{{ one.words }}</td>
          <td>{{ new Date(one.at).toLocaleString([], { dateStyle: 'medium', timeStyle: 'short' }) }}</td>
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
  text-align: left;
  overflow-wrap: anywhere;
}
</style>
