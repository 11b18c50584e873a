<script setup lang="ts">
import { t } from '@/i18n'
import {
  PhBuildings,
  PhCards,
  PhClipboardText,
  PhExport,
  PhSignOut,
  PhUserCircle,
  PhUsersThree,
} from '@phosphor-icons/vue'
import { RouterLink } from 'vue-router'
import NoticeBell from '@/notices/NoticeBell.vue'
import BrandMark from '@/shared/BrandMark.vue'
import { me, signOut } from './me'
</script>

<template>
  <header class="bar">
    <RouterLink class="brand" to="/activities"><BrandMark /> Glad Tile</RouterLink>
    <nav :aria-label="t('accounts.main')">
      <RouterLink to="/activities"
        ><PhCards :size="18" aria-hidden="true" />{{ t('shared.activities') }}</RouterLink
      >
      <RouterLink to="/classes"
        ><PhUsersThree :size="18" aria-hidden="true" />{{ t('shared.classes') }}</RouterLink
      >
      <RouterLink to="/assigned"
        ><PhExport :size="18" aria-hidden="true" />{{ t('shared.assigned') }}</RouterLink
      >
      <RouterLink to="/review"
        ><PhClipboardText :size="18" aria-hidden="true" />{{ t('shared.to-review') }}</RouterLink
      >
      <RouterLink v-if="me?.role === 'ADMINISTRATOR'" to="/school"
        ><PhBuildings :size="18" aria-hidden="true" />{{ t('shared.school') }}</RouterLink
      >
    </nav>
    <span v-if="me?.role === 'ASSISTANT'" class="looking">{{ t('accounts.looking-only') }}</span>
    <NoticeBell v-if="me" class="ring" teacher />
    <RouterLink class="who" to="/account" :title="t('accounts.your-password-and-where-you-are')"
      ><PhUserCircle :size="20" aria-hidden="true" />{{ me?.name }}</RouterLink
    >
    <button class="btn quiet out" @click="signOut">
      <PhSignOut :size="18" aria-hidden="true" />{{ t('accounts.sign-out') }}
    </button>
  </header>
</template>

<style scoped>
.looking {
  padding: 3px 9px;
  border: 1px solid #ffffff80;
  border-radius: 7px 7px 7px 2px;
}
.bar {
  position: sticky;
  top: 0;
  z-index: 10;
  display: flex;
  align-items: center;
  gap: 14px;
  min-height: 54px;
  padding: 0 16px;
  background: var(--petrol-d);
  color: #fff;
}
.brand {
  display: flex;
  align-items: center;
  gap: 12px;
  margin-inline-end: 20px;
  color: #fff;
  font-weight: 700;
  font-size: 17px;
  text-decoration: none;
}
nav {
  display: flex;
  gap: 4px;
  padding: 4px;
  border-radius: var(--tile-s);
  background: #0003;
}
nav a {
  display: flex;
  align-items: center;
  gap: 7px;
  padding: 6px 14px;
  border-radius: var(--tile-s);
  color: #cfe3e2;
  text-decoration: none;
}
nav a.router-link-active {
  background: var(--paper);
  color: var(--petrol-d);
  font-weight: 700;
}
.ring {
  margin-inline-start: auto;
  color: #dcebea;
}
.who {
  color: #fff;
  text-decoration: none;
  display: flex;
  align-items: center;
  gap: 8px;
}
.out {
  color: #dcebea;
}
</style>
