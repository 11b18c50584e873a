<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { get, said } from '@/api/client'
import type { ClassHead } from '@/api/types'
import TeacherBar from '@/accounts/TeacherBar.vue'
import { needTeacher } from '@/accounts/me'
import { count } from '@/page/count'

const all = ref<ClassHead[] | null>(null)
const wrong = ref('')

onMounted(async () => {
  try {
    if (await needTeacher()) all.value = await get<ClassHead[]>('/api/classes')
  } catch (error) {
    wrong.value = said(error)
  }
})
</script>

<template>
  <TeacherBar />
  <main class="room">
    <h1>Classes</h1>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <p v-else-if="all?.length === 0" class="soft">You are not in a class yet. Your school adds you to one.</p>
    <ul>
      <li v-for="one in all ?? []" :key="one.id">
        <strong>{{ one.name }}</strong><span class="soft">{{ count(one.students, 'student') }}</span>
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
  grid-template-columns: repeat(auto-fill, minmax(270px, 1fr));
  gap: 18px;
  padding: 0;
  margin: 0;
  list-style: none;
}
li {
  display: grid;
  padding: 14px 16px;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: #fff;
}
</style>
