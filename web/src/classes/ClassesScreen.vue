<script setup lang="ts">
import { t } from '@/i18n'
import { PhPlus, PhUploadSimple } from '@phosphor-icons/vue'
import { ref } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { post, errorText } from '@/api/client'
import TeacherListScreen from '@/accounts/TeacherListScreen.vue'
import { looksOnly } from '@/accounts/me'
import { useTeacherList } from '@/accounts/teacherList'
import RegisterDialog from './RegisterDialog.vue'
import StudentRequestsPanel from './StudentRequestsPanel.vue'

const { all, wrong, load } = useTeacherList('/api/v1/classes')
const naming = ref('')
const registering = ref(false)
const router = useRouter()

async function make() {
  const name = naming.value.trim()
  if (!name) return
  try {
    const made = await post('/api/v1/classes', { name })
    await router.push(`/classes/${made.id}`)
  } catch (error) {
    wrong.value = errorText(error)
  }
}
</script>

<template>
  <TeacherListScreen
    :title="t('shared.classes')"
    :all="all"
    :wrong="wrong"
    :empty="looksOnly ? t('classes.you-are-in-no-class-yet') : t('classes.you-have-no-class-yet-give')"
  >
    <template #before>
      <StudentRequestsPanel @answered="load().catch((error) => (wrong = errorText(error)))" />
      <form v-if="!looksOnly" class="new" @submit.prevent="make">
        <label
          >{{ t('classes.a-new-class') }}
          <input v-model="naming" class="field" maxlength="100" :placeholder="t('classes.puffin-class')"
        /></label>
        <button class="btn pri" :disabled="!naming.trim()">
          <PhPlus :size="18" aria-hidden="true" />{{ t('shared.make-it') }}
        </button>
        <button type="button" class="btn" @click="registering = true">
          <PhUploadSimple :size="18" aria-hidden="true" />{{ t('classes.import-classes') }}
        </button>
      </form>
    </template>
    <ul class="cards">
      <li v-for="one in all" :key="one.id">
        <RouterLink :to="`/classes/${one.id}`"
          ><strong>{{ one.name }}</strong></RouterLink
        ><span class="soft"
          >{{ t('shared.students-count', { n: one.students })
          }}{{ one.archived ? ` · ${t('shared.is-archived')}` : '' }}</span
        >
      </li>
    </ul>
  </TeacherListScreen>
  <RegisterDialog
    v-if="registering"
    @taken="load().catch((error) => (wrong = errorText(error)))"
    @close="registering = false"
  />
</template>

<style scoped>
.list-screen .cards {
  grid-template-columns: repeat(auto-fill, minmax(270px, 1fr));
  gap: 18px;
}
li {
  display: grid;
  padding: 14px 16px;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: #fff;
}
li a {
  color: var(--ink);
}
.new {
  display: flex;
  gap: 10px;
  align-items: end;
}
.new label {
  display: grid;
  gap: 3px;
}
</style>
