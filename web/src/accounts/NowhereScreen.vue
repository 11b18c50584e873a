<script setup lang="ts">
import { t } from '@/i18n'
import { RouterLink } from 'vue-router'
</script>

<template>
  <main class="nowhere">
    <h1>{{ t('accounts.there-is-nothing-at-this-address') }}</h1>
    <p>{{ t('accounts.nothing-was-lost-perhaps-the-address') }}</p>
    <p>
      <RouterLink class="btn pri" to="/activities">{{ t('accounts.to-the-activities') }}</RouterLink>
    </p>
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
