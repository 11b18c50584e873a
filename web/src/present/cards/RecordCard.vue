<script setup lang="ts">
import { t } from '@/i18n'
import { PhMicrophone, PhPause, PhPlay, PhRecord, PhStop } from '@phosphor-icons/vue'
import { computed, onMounted } from 'vue'
import PresentCard from './PresentCard.vue'
import type { Recorder } from '@/present/recording/recorder'
import { clockWords } from '@/present/model/timers'

/** Records the page with what is said. */
const props = defineProps<{ recorder: Recorder; x: number; y: number }>()
const emit = defineEmits<{ close: []; end: []; list: [] }>()
const { standing, left, elapsed, level, words, microphones, microphone } = props.recorder
const running = computed(() => standing.value === 'on' || standing.value === 'paused')
onMounted(() => {
  if (standing.value === 'off') void props.recorder.listen()
})
function close() {
  if (standing.value === 'off') props.recorder.hush()
  emit('close')
}
</script>

<template>
  <PresentCard :title="t('shared.record')" :x="x" :y="y" class="record" @close="close">
    <template v-if="standing === 'off'">
      <label
        ><PhMicrophone :size="22" aria-hidden="true" />
        <select v-model="microphone" :aria-label="t('present.microphone')" @change="recorder.listen()">
          <option value="">{{ t('present.the-usual-microphone') }}</option>
          <option v-for="one in microphones" :key="one.id" :value="one.id">{{ one.name }}</option>
        </select></label
      >
      <meter min="0" max="1" :value="level" :aria-label="t('present.how-loud-it-is')">{{ level }}</meter>
      <div class="row">
        <button class="btn pri" @click="recorder.begin()">
          <PhRecord :size="22" weight="fill" aria-hidden="true" />{{ t('present.start-recording') }}
        </button>
        <button class="btn" @click="emit('list')">{{ t('present.recordings') }}</button>
      </div>
    </template>
    <p v-else-if="standing === 'counting'" class="time" role="status">{{ left }}</p>
    <template v-else-if="running">
      <p class="time" role="timer">
        <PhRecord v-if="standing === 'on'" class="red" :size="28" weight="fill" aria-hidden="true" />
        {{ clockWords(elapsed, true) }}
      </p>
      <meter min="0" max="1" :value="level" :aria-label="t('present.how-loud-it-is')">{{ level }}</meter>
      <div class="row">
        <button class="btn" @click="recorder.pause()">
          <component :is="standing === 'on' ? PhPause : PhPlay" :size="22" aria-hidden="true" />
          {{ standing === 'on' ? t('shared.pause') : t('shared.go-on') }}
        </button>
        <button class="btn pri" @click="emit('end')">
          <PhStop :size="22" weight="fill" aria-hidden="true" />{{ t('shared.stop') }}
        </button>
      </div>
      <p class="soft">{{ t('present.the-page-the-ink-and-your') }}</p>
    </template>
    <p v-else role="status">{{ t('present.the-last-seconds-are-on-their') }}</p>
    <p v-if="words" class="words" role="status">{{ words }}</p>
  </PresentCard>
</template>

<style scoped>
.record {
  width: 268px;
}
label,
.row {
  display: flex;
  gap: 8px;
  align-items: center;
}
select {
  flex: 1;
  min-width: 0;
  min-height: 44px;
}
meter {
  width: 100%;
  height: 14px;
}
.btn {
  display: inline-flex;
  flex: 1;
  gap: 6px;
  align-items: center;
  justify-content: center;
  min-height: 44px;
}
.time {
  display: flex;
  gap: 8px;
  align-items: center;
  margin: 0;
  font-size: 44px;
  font-weight: 700;
  font-variant-numeric: tabular-nums;
}
.red {
  color: var(--clay);
}
.soft,
.words {
  margin: 0;
  font-size: 15px;
}
.soft {
  color: #55656b;
}
</style>
