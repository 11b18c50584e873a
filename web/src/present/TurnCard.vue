<script setup lang="ts">
import { onMounted, ref, shallowRef } from 'vue'
import { get, post, said } from '@/api/client'
import type { ClassView, TurnDrawn } from '@/api/types'
import PresentCard from './PresentCard.vue'

/** Whose turn it is: nobody twice before all have come; who is away is left out. */
const props = defineProps<{ lessonId: string; classId: string; x: number; y: number }>()
const emit = defineEmits<{ close: []; wrong: [words: string] }>()
const turn = shallowRef<TurnDrawn | null>(null)
const drawing = ref(false)
const choosing = ref(false)
const students = shallowRef<{ id: string; name: string }[]>([])
const absent = ref<string[]>([])

async function draw() {
  drawing.value = true
  try {
    turn.value = await post<TurnDrawn>(`/api/lessons/${props.lessonId}/turns`, { absent: absent.value })
  } catch (error) {
    emit('wrong', said(error))
  }
  drawing.value = false
}
onMounted(async () => {
  try {
    students.value = (await get<ClassView>(`/api/classes/${props.classId}`)).students
  } catch (error) {
    emit('wrong', said(error))
  }
})
const away = (id: string) =>
  (absent.value = absent.value.includes(id)
    ? absent.value.filter((one) => one !== id)
    : [...absent.value, id])
</script>

<template>
  <PresentCard title="Whose turn" :x="x" :y="y" @close="emit('close')">
    <p class="name" aria-live="polite">{{ turn ? (turn.name ?? 'Nobody is there') : '…' }}</p>
    <p v-if="turn" class="left">{{ turn.left }} of {{ turn.present }} not yet drawn</p>
    <div class="row">
      <button class="btn pri" :disabled="drawing" @click="draw">Draw a name</button>
      <button class="btn" :aria-expanded="choosing" @click="choosing = !choosing">
        {{ absent.length ? `${absent.length} away` : 'Who is away?' }}
      </button>
    </div>
    <ul v-if="choosing" class="students">
      <li v-for="one in students" :key="one.id">
        <label
          ><input type="checkbox" :checked="absent.includes(one.id)" @change="away(one.id)" />{{
            one.name
          }}</label
        >
      </li>
    </ul>
  </PresentCard>
</template>

<style scoped>
.name {
  margin: 0;
  max-width: 340px;
  font-size: 44px;
  font-weight: 700;
  line-height: 1.15;
  overflow-wrap: anywhere;
}
.left {
  margin: 0;
  color: #55656b;
}
.row {
  display: flex;
  gap: 8px;
}
.students {
  display: grid;
  max-height: 40vh;
  margin: 0;
  padding: 0;
  overflow: auto;
  list-style: none;
}
.students label {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 40px;
}
.students input {
  width: 22px;
  height: 22px;
}
</style>
