<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { get, post, errorText } from '@/api/client'
import type { Template } from '@/api/schema'
import { count } from '@/page/count'
import { needTeacher } from '@/accounts/me'
import TeacherBar from '@/accounts/TeacherBar.vue'

/** What a link for a copy leads to: one look at what it is, and one button. */
const props = defineProps<{ code: string }>()
const router = useRouter()
const template = ref<Template | null>(null)
const wrong = ref('')
const busy = ref(false)

onMounted(async () => {
  if (!(await needTeacher())) return
  try {
    template.value = await get(`/api/v1/templates/${props.code}`)
  } catch (error) {
    wrong.value = errorText(error)
  }
})
async function take() {
  busy.value = true
  wrong.value = ''
  try {
    const { id } = await post(`/api/v1/templates/${props.code}/copies`)
    await router.push(`/activities/${id}/lay-out`)
  } catch (error) {
    wrong.value = errorText(error)
    busy.value = false
  }
}
</script>

<template>
  <TeacherBar />
  <main class="door">
    <section class="card">
      <template v-if="template">
        <h1>{{ template.title }}</h1>
        <p>{{ template.from }} made this and offers you a copy.</p>
        <p class="soft">
          {{ count(template.pages, 'page') }} · {{ count(template.placements, 'placement') }} to find
        </p>
        <p class="soft">The copy is yours. What you change in it changes nothing for {{ template.from }}.</p>
      </template>
      <template v-else-if="wrong">
        <h1>This link leads nowhere</h1>
        <p>
          It was ended, or the activity is gone. Nothing is lost: copies that were taken stay. Ask the
          colleague who sent it for a new link.
        </p>
      </template>
      <p v-else class="soft" role="status">Looking where the link leads</p>
      <p v-if="wrong && template" class="note" role="alert">{{ wrong }}</p>
      <button v-if="template" class="btn pri big" :disabled="busy" @click="take">Take a copy</button>
      <RouterLink to="/activities">To my activities</RouterLink>
    </section>
  </main>
</template>

<style scoped>
.door {
  display: grid;
  place-items: start center;
  padding: 60px 20px;
}
.card {
  display: grid;
  gap: 12px;
  max-width: 460px;
  padding: 28px 32px;
  background: var(--board);
  border-radius: var(--tile);
  box-shadow: var(--ledge);
}
h1,
p {
  margin: 0;
}
h1 {
  overflow-wrap: anywhere;
}
a {
  color: var(--petrol);
}
</style>
