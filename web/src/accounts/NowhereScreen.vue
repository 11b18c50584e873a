<script setup lang="ts">
import { RouterLink } from 'vue-router'
</script>

<template>
  <main class="nowhere">
    <h1>There is nothing at this address</h1>
    <p>Nothing was lost. Perhaps the address was typed by hand.</p>
    <p><RouterLink class="btn pri" to="/activities">To the activities</RouterLink></p>
  </main>
</template>

<style scoped>
.nowhere {
  display: grid;
  gap: 16px;
  max-width: 500px;
  margin: 80px auto;
  padding: 0 20px;
}
</style>
