<script setup lang="ts">
import { t } from '@/i18n'
import { onMounted, ref } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { get, post, errorText } from '@/api/client'
import type { Template } from '@/api/schema'
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
        <p>{{ t('activities.from-made-this-and-offers-you', { from: template.from }) }}</p>
        <p class="soft">
          {{ t('activities.offer-size', { pages: template.pages, placements: template.placements }) }}
        </p>
        <p class="soft">{{ t('activities.the-copy-is-yours-what-you', { from: template.from }) }}</p>
      </template>
      <template v-else-if="wrong">
        <h1>{{ t('activities.this-link-leads-nowhere') }}</h1>
        <p>{{ t('activities.it-was-ended-or-the-activity') }}</p>
      </template>
      <p v-else class="soft" role="status">{{ t('activities.looking-where-the-link-leads') }}</p>
      <p v-if="wrong && template" class="note" role="alert">{{ wrong }}</p>
      <button v-if="template" class="btn pri big" :disabled="busy" @click="take">
        {{ t('activities.take-a-copy') }}
      </button>
      <RouterLink to="/activities">{{ t('activities.to-my-activities') }}</RouterLink>
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
