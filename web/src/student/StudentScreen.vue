<script setup lang="ts">
import { PhCloudCheck, PhCloudSlash, PhCloudArrowUp, PhSignOut, PhUser } from '@phosphor-icons/vue'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { useRouter } from 'vue-router'
import { get, post, Refusal, said } from '@/api/client'
import type { AttemptView, Me } from '@/api/types'
import BrandMark from '@/accounts/BrandMark.vue'
import WorkPages from './WorkPages.vue'
import { attemptWork, type Work } from './work'

const props = defineProps<{ assignmentId: string }>()
const work = shallowRef<Work | null>(null)
const wrong = ref('')
const name = ref('')
const router = useRouter()

const kept = computed(() => work.value?.kept.value ?? 'kept')
const keptWords = computed(() =>
  kept.value === 'kept' ? 'Kept' : kept.value === 'waiting' ? 'Keeping' : kept.value,
)

onMounted(async () => {
  try {
    name.value = (await get<Me>('/api/me')).name
    work.value = attemptWork(await post<AttemptView>('/api/attempts', { assignmentId: props.assignmentId }))
  } catch (error) {
    const out = error instanceof Refusal && (error.status === 401 || error.status === 403)
    if (out) await router.replace('/join')
    else wrong.value = said(error)
  }
})

async function leave() {
  await post('/api/sign-out')
  await router.push('/join')
}
</script>

<template>
  <div class="student">
    <header>
      <BrandMark class="mark" />
      <h1>{{ work?.view.title ?? '' }}</h1>
      <span class="kept" role="status" :class="{ bad: kept !== 'kept' && kept !== 'waiting' }">
        <PhCloudCheck v-if="kept === 'kept'" :size="20" aria-hidden="true" />
        <PhCloudArrowUp v-else-if="kept === 'waiting'" :size="20" aria-hidden="true" />
        <PhCloudSlash v-else :size="20" aria-hidden="true" />
        {{ keptWords }}
      </span>
      <span class="who"><PhUser :size="18" aria-hidden="true" />{{ name }}</span>
      <button class="btn" @click="leave"><PhSignOut :size="18" aria-hidden="true" />I am done for now</button>
    </header>
    <main>
      <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
      <WorkPages v-if="work" :work="work" :may-hand-in="true" />
    </main>
  </div>
</template>

<style scoped>
.student {
  display: grid;
  grid-template-rows: auto 1fr;
  height: 100%;
  min-height: 560px;
}
header {
  display: flex;
  align-items: center;
  gap: 14px;
  padding: 9px 20px;
  border-bottom: 1px solid var(--line);
  background: var(--paper);
}
.mark {
  color: var(--petrol);
}
h1 {
  font-size: 18px;
  overflow-wrap: anywhere;
}
.kept {
  display: flex;
  align-items: center;
  gap: 6px;
  margin-left: auto;
  color: var(--soft);
}
.kept.bad {
  color: #7c2c19;
}
.who {
  display: flex;
  align-items: center;
  gap: 6px;
  font-weight: 700;
}
main {
  min-height: 0;
}
</style>
