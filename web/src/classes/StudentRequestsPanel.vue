<script setup lang="ts">
import { t } from '@/i18n'
import { listOf } from '@/i18n/format'
import { looksOnly } from '@/accounts/me'
import { onMounted, ref } from 'vue'
import { getAll, put, errorText } from '@/api/client'
import type { StudentRequest } from '@/api/schema'

/** What colleagues ask for: to have students of this teacher in a class of theirs too. */
const emit = defineEmits<{ answered: [] }>()
const all = ref<StudentRequest[]>([])
const wrong = ref('')
const told = ref('')
const busy = ref(false)

const load = async () => (all.value = await getAll('/api/v1/student-requests'))
onMounted(() => load().catch((error) => (wrong.value = errorText(error))))

const listed = (one: StudentRequest) => {
  const some = one.students.slice(0, 8).map((student) => student.name)
  const more = one.students.length - some.length
  return listOf(more ? [...some, t('classes.so-many-more', { more })] : some)
}

async function answer(one: StudentRequest, yes: boolean) {
  busy.value = true
  wrong.value = ''
  try {
    await put(`/api/v1/student-requests/${one.classId}`, { yes })
    told.value = yes
      ? t('classes.now-shared', { students: listed(one), className: one.className })
      : t('classes.nothing-changed-for', { students: listed(one) })
    await load()
    emit('answered')
  } catch (error) {
    wrong.value = errorText(error)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <section
    v-if="!looksOnly && (all.length || told || wrong)"
    class="requests"
    :aria-label="t('classes.colleagues-ask')"
  >
    <div v-for="one in all" :key="one.classId" class="request">
      <p>
        <strong>{{
          t('classes.asks-for', { by: one.by, students: listed(one), className: one.className })
        }}</strong><br />
        <span class="soft">{{ t('classes.with-a-yes-by-can-see', { by: one.by }) }}</span>
      </p>
      <button type="button" class="btn pri" :disabled="busy" @click="answer(one, true)">
        {{ t('classes.yes-share') }}
      </button>
      <button type="button" class="btn" :disabled="busy" @click="answer(one, false)">
        {{ t('classes.no') }}
      </button>
    </div>
    <p v-if="told" role="status">{{ told }}</p>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
  </section>
</template>

<style scoped>
.requests {
  display: grid;
  gap: 10px;
}
.request {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  padding: 12px 16px;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: var(--saffron-t);
}
.request p {
  flex: 1 1 320px;
  margin: 0;
}
</style>
