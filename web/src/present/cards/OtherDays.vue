<script setup lang="ts">
import { t } from '@/i18n'
import { dayAndMonth } from '@/i18n/format'
import { ref } from 'vue'
import { get, errorText } from '@/api/client'
import type { DrawnStroke, LessonHead } from '@/api/schema'

/** The ink of lessons on other days, to be shown again. */
const props = defineProps<{ days: LessonHead[]; today: string }>()
const emit = defineEmits<{ take: [ink: Record<string, DrawnStroke[]>]; close: [] }>()
const wrong = ref('')
const others = () => props.days.filter((one) => one.id !== props.today && one.strokes > 0)
const dayOf = (one: LessonHead) => dayAndMonth(new Date(`${one.heldOn}T12:00:00`), true)
async function take(one: LessonHead) {
  try {
    emit('take', (await get(`/api/v1/lessons/${one.id}`)).ink)
  } catch (error) {
    wrong.value = errorText(error)
  }
}
</script>

<template>
  <div class="days" role="dialog" :aria-label="t('present.ink-of-other-days')" @keydown.esc="emit('close')">
    <h2>{{ t('present.ink-of-other-days') }}</h2>
    <p v-if="wrong" role="alert">{{ wrong }}</p>
    <p v-if="!others().length">{{ t('present.nothing-was-written-on-this-activity') }}</p>
    <button v-for="one in others()" :key="one.id" class="btn" @click="take(one)">
      {{ dayOf(one) }}{{ one.className ? `, ${one.className}` : '' }}:
      {{ t('present.strokes-count', { n: one.strokes }) }}
    </button>
    <button class="btn quiet" @click="emit('close')">{{ t('shared.close') }}</button>
  </div>
</template>

<style scoped>
.days {
  position: absolute;
  z-index: 5;
  top: 50px;
  left: 50%;
  display: grid;
  gap: 8px;
  width: min(460px, 90vw);
  max-height: 80vh;
  padding: 16px;
  overflow: auto;
  border-radius: 16px 16px 16px 5px;
  background: #fffdf8;
  color: var(--ink);
  transform: translateX(-50%);
}
</style>
