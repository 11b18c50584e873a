<script setup lang="ts">
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

const names = new Intl.ListFormat('en', { type: 'conjunction' })
const listed = (one: StudentRequest) => {
  const some = one.students.slice(0, 8).map((student) => student.name)
  const more = one.students.length - some.length
  return names.format(more ? [...some, `${more} more`] : some)
}

async function answer(one: StudentRequest, yes: boolean) {
  busy.value = true
  wrong.value = ''
  try {
    await put(`/api/v1/student-requests/${one.classId}`, { yes })
    told.value = yes
      ? `${listed(one)} can now work in ${one.className} too.`
      : `Nothing was changed for ${listed(one)}.`
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
  <section v-if="!looksOnly && (all.length || told || wrong)" class="requests" aria-label="Colleagues ask">
    <div v-for="one in all" :key="one.classId" class="request">
      <p>
        <strong>{{ one.by }} asks: may {{ listed(one) }} be in {{ one.className }} too?</strong><br />
        <span class="soft"
          >With a yes, {{ one.by }} can see what they do in that class and give them new PINs.</span
        >
      </p>
      <button type="button" class="btn pri" :disabled="busy" @click="answer(one, true)">Yes, share</button>
      <button type="button" class="btn" :disabled="busy" @click="answer(one, false)">No</button>
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
