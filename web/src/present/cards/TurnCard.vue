<script setup lang="ts">
import { t } from '@/i18n'
import { onMounted, ref, shallowRef } from 'vue'
import { get, post, errorText } from '@/api/client'
import type { TurnDrawn } from '@/api/schema'
import { absentIn } from '@/present/model/absent'
import PresentCard from './PresentCard.vue'
import WhoIsAway from './WhoIsAway.vue'

/** Whose turn it is: nobody twice before all have come; who is away is left out. */
const props = defineProps<{ lessonId: string; classId: string; x: number; y: number }>()
const emit = defineEmits<{ close: []; wrong: [words: string] }>()
const turn = shallowRef<TurnDrawn | null>(null)
const drawing = ref(false)
const choosing = ref(false)
const students = shallowRef<{ id: string; name: string }[]>([])
const absent = absentIn(props.lessonId)

async function draw() {
  drawing.value = true
  try {
    turn.value = await post(`/api/v1/lessons/${props.lessonId}/turns`, { absent: absent.value })
  } catch (error) {
    emit('wrong', errorText(error))
  }
  drawing.value = false
}
onMounted(async () => {
  try {
    students.value = (await get(`/api/v1/classes/${props.classId}`)).students
  } catch (error) {
    emit('wrong', errorText(error))
  }
})
</script>

<template>
  <PresentCard :title="t('present.whose-turn')" :x="x" :y="y" @close="emit('close')">
    <p class="name" aria-live="polite">{{ turn ? (turn.name ?? t('present.nobody-is-there')) : '…' }}</p>
    <p v-if="turn" class="left">
      {{ t('present.left-of-present-not-yet-drawn', { left: turn.left, present: turn.present }) }}
    </p>
    <div class="row">
      <button class="btn pri" :disabled="drawing" @click="draw">{{ t('present.draw-a-name') }}</button>
      <button class="btn" :aria-expanded="choosing" @click="choosing = !choosing">
        {{ absent.length ? t('present.absent-away', { absent: absent.length }) : t('present.who-is-away') }}
      </button>
    </div>
    <WhoIsAway v-if="choosing" v-model="absent" :students="students" />
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
</style>
