<script setup lang="ts">
import { dateTime } from '@/i18n/format'
import { t } from '@/i18n'
import { passOver } from '@/shared/passOver'
import { PhBell } from '@phosphor-icons/vue'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { RouterLink } from 'vue-router'
import { getAll, put } from '@/api/client'
import type { Notice } from '@/api/schema'
import { noticeWords, noticeWay } from './noticeText'

/** What waits for somebody: a bell with how many are new, and below it the list. */
const props = defineProps<{ teacher?: boolean }>()
const all = shallowRef<Notice[]>([])
const open = ref(false)
const fresh = computed(() => all.value.filter((one) => !one.seen).length)

// Without them everything works; a bell that cannot ring says nothing.
const load = async () => (all.value = await getAll('/api/v1/notices').catch(() => all.value))
onMounted(load)

async function toggle() {
  open.value = !open.value
  if (!open.value) return
  await load()
  if (fresh.value) await put('/api/v1/notices/seen').catch(passOver('they are marked as seen the next time'))
}
async function close() {
  open.value = false
  await load()
}
</script>

<template>
  <div class="bell" @keydown.esc="close">
    <button
      class="btn quiet ring"
      :aria-expanded="open"
      :aria-label="fresh ? t('notice.label-new', { count: fresh }) : t('notice.label')"
      :title="t('notice.label')"
      @click="toggle"
    >
      <PhBell :size="20" aria-hidden="true" /><b v-if="fresh" class="new">{{ fresh }}</b>
    </button>
    <div v-if="open" class="list" role="dialog" :aria-label="t('notice.label')">
      <p v-if="all.length === 0" class="soft">{{ t('notice.none') }}</p>
      <ul>
        <li v-for="one in all" :key="one.id" :class="{ fresh: !one.seen }">
          <RouterLink :to="noticeWay(one)" @click="close">{{ noticeWords(one) }}</RouterLink>
          <span class="soft">{{ dateTime(new Date(one.at)) }}</span>
        </li>
      </ul>
      <RouterLink v-if="props.teacher" class="soft" to="/outbox" @click="close">{{
        t('notice.email-preview')
      }}</RouterLink>
    </div>
  </div>
</template>

<style scoped>
.bell {
  position: relative;
}
.ring {
  position: relative;
  color: inherit;
}
.new {
  position: absolute;
  top: 0;
  inset-inline-end: 0;
  min-width: 18px;
  border-radius: 6px 6px 6px 2px;
  background: var(--saffron);
  color: #2b1d00;
  font-size: 12px;
  line-height: 18px;
  text-align: center;
}
.list {
  position: absolute;
  z-index: 12;
  top: calc(100% + 8px);
  inset-inline-end: 0;
  display: grid;
  gap: 8px;
  width: 330px;
  max-height: 60vh;
  padding: 14px 16px;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: var(--paper);
  box-shadow: 0 10px 30px #0003;
  color: var(--ink);
  overflow-y: auto;
}
ul {
  display: grid;
  gap: 8px;
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  overflow-wrap: anywhere;
}
li a {
  color: var(--petrol);
}
.fresh a {
  font-weight: 700;
}
li .soft {
  font-size: 13px;
}
</style>
