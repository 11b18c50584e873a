<script setup lang="ts">
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
    {{ minutes }} min
  </button>
  <button class="btn" @click="timers.add('stopwatch')">Stopwatch</button>
  <button class="btn" @click="timers.add('clock')">Clock</button>
</template>
