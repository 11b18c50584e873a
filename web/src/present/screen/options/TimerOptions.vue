<script setup lang="ts">
import { t } from '@/i18n'
import { usePresent } from '@/present/screen/present'

const { timers } = usePresent()
const MINUTES = [1, 2, 3, 5, 10, 20]
</script>

<template>
  <button
    v-for="minutes in MINUTES"
    :key="minutes"
    class="btn"
    @click="timers.add('countdown', minutes * 60_000)"
  >
    {{ t('shared.minutes-min', { minutes }) }}
  </button>
  <button class="btn" @click="timers.add('stopwatch')">{{ t('present.stopwatch') }}</button>
  <button class="btn" @click="timers.add('clock')">{{ t('present.clock') }}</button>
</template>
