<script setup lang="ts">
import { t, type MessageKey } from '@/i18n'
import {
  PhCloudArrowUp,
  PhCloudCheck,
  PhCloudSlash,
  PhEye,
  PhHouse,
  PhUser,
  PhUsersThree,
} from '@phosphor-icons/vue'
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import BrandMark from '@/shared/BrandMark.vue'
import { dueWords } from '@/shared/times'
import type { AttemptWork } from '@/work/attempt/work'

/** Along the top: what is worked on, until when and with whom, and whether it is saved. */
const props = defineProps<{ work: AttemptWork | null; name: string }>()
const emit = defineEmits<{ easier: [] }>()
const around = computed(() => props.work?.around.value)
const kept = computed(() => props.work?.kept.value ?? 'kept')
const KEPT: Record<string, MessageKey> = {
  kept: 'saved.kept',
  waiting: 'saved.waiting',
  device: 'saved.device',
  fleeting: 'saved.fleeting',
  held: 'saved.device',
  'sign-in': 'saved.device',
}
/** What is none of them is what went wrong, as it was told. */
const keptWords = computed(() => {
  const key = KEPT[kept.value]
  return key ? t(key) : kept.value
})
const safe = computed(() => kept.value in KEPT && kept.value !== 'fleeting')
const handedIn = computed(() => props.work?.state.value.standing === 'HANDED_IN')
const due = computed(() => (around.value ? dueWords(around.value.window.dueAt, around.value.now) : ''))
</script>

<template>
  <header>
    <BrandMark class="mark" />
    <RouterLink class="btn" to="/home"
      ><PhHouse :size="20" aria-hidden="true" />{{ t('common.my-work') }}</RouterLink
    >
    <h1>{{ work?.view.title ?? '' }}</h1>
    <span v-if="around && around.round > 1" class="chip">{{ t('bar.round', { n: around.round }) }}</span>
    <span v-if="due && !handedIn" class="chip" :class="{ w: around!.stage === 'LATE' }">{{ due }}</span>
    <span v-if="around?.with" class="with" :title="around.with.join(', ')"
      ><PhUsersThree :size="20" aria-hidden="true" />{{ around.with.join(', ') }}</span
    >
    <span class="kept" role="status" :class="{ bad: !safe }">
      <PhCloudCheck v-if="kept === 'kept'" :size="20" aria-hidden="true" />
      <PhCloudArrowUp v-else-if="safe" :size="20" aria-hidden="true" />
      <PhCloudSlash v-else :size="20" aria-hidden="true" />
      {{ keptWords }}
    </span>
    <button class="btn" data-ease @click="emit('easier')">
      <PhEye :size="20" aria-hidden="true" />{{ t('bar.easier') }}
    </button>
    <span class="who"><PhUser :size="18" aria-hidden="true" />{{ name }}</span>
  </header>
</template>

<style scoped>
header {
  display: flex;
  gap: 12px;
  align-items: center;
  padding: 8px 16px;
  border-bottom: 1px solid var(--line);
  background: var(--paper);
}
.mark {
  flex: none;
  color: var(--petrol);
}
h1 {
  overflow: hidden;
  font-size: 18px;
  text-overflow: ellipsis;
  white-space: nowrap;
}
header .chip,
header .btn {
  flex: none;
}
.with {
  display: flex;
  gap: 6px;
  align-items: center;
  overflow: hidden;
  max-width: 220px;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.kept {
  flex: none;
  max-width: 100%;
  display: flex;
  gap: 6px;
  align-items: center;
  margin-inline-start: auto;
  color: var(--soft);
}
.kept.bad {
  color: #7c2c19;
}
.who {
  display: flex;
  flex: none;
  gap: 6px;
  align-items: center;
  font-weight: 700;
}
@media (max-width: 640px) and (orientation: portrait) {
  header {
    flex-wrap: wrap;
    gap: 6px 10px;
    padding: 6px 10px;
  }
  h1 {
    flex: 1 0 100%;
    order: -1;
    white-space: normal;
  }
}
</style>
