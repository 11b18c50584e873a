<script setup lang="ts">
import { t } from '@/i18n'
import { looksOnly } from '@/accounts/me'
import {
  PhArrowsClockwise,
  PhArrowUUpLeft,
  PhChatCircleText,
  PhDotsThree,
  PhEyeSlash,
  PhHandPalm,
  PhKey,
  PhLock,
  PhLockOpen,
  PhPlay,
  PhPresentation,
  PhSortDescending,
} from '@phosphor-icons/vue'
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { post, put, remove, errorText } from '@/api/client'
import type { ProgressTable } from '@/api/schema'
import MessageDialog from './MessageDialog.vue'

/** What a teacher does with everybody at once. */
const props = defineProps<{ table: ProgressTable; stuckFirst: boolean }>()
const emit = defineEmits<{ changed: []; sort: []; renew: []; wrong: [words: string] }>()
const saying = ref<'word' | 'hold' | null>(null)
const more = ref(false)
const withdrawing = ref(false)
const at = computed(() => `/api/v1/assignments/${props.table.assignmentId}` as const)

async function act(ask: () => Promise<unknown>) {
  more.value = false
  withdrawing.value = false
  try {
    await ask()
    emit('changed')
  } catch (error) {
    emit('wrong', errorText(error))
  }
}
</script>

<template>
  <div class="control">
    <template v-if="!looksOnly">
      <button v-if="table.control.pausedAt" class="btn acc" @click="act(() => remove(`${at}/pause`))">
        <PhPlay :size="18" weight="fill" aria-hidden="true" />{{ t('progress.resume') }}
      </button>
      <button v-else class="btn" @click="saying = 'hold'">
        <PhHandPalm :size="18" aria-hidden="true" />{{ t('progress.pause-everyone') }}
      </button>
      <button class="btn" @click="saying = 'word'">
        <PhChatCircleText :size="18" aria-hidden="true" />{{ t('progress.message-everyone') }}
      </button>
    </template>
    <button class="btn" :aria-pressed="stuckFirst" @click="emit('sort')">
      <PhSortDescending :size="18" aria-hidden="true" />{{ t('progress.sort-by-who-needs-help') }}
    </button>
    <RouterLink v-if="!looksOnly" class="btn" :to="`/present/${table.activityId}?class=${table.classId}`">
      <PhPresentation :size="18" aria-hidden="true" />{{ t('shared.present') }}
    </RouterLink>
    <div v-if="!looksOnly" class="more">
      <button class="btn" :aria-expanded="more" @click="more = !more">
        <PhDotsThree :size="20" weight="bold" aria-hidden="true" />{{ t('shared.more') }}
      </button>
      <div v-if="more" class="menu" @keydown.esc="more = false">
        <button
          v-if="table.control.closedAt"
          class="btn quiet"
          @click="act(() => remove(`${at}/editing-lock`))"
        >
          <PhLockOpen :size="18" aria-hidden="true" />{{ t('progress.reopen-editing') }}
        </button>
        <button v-else class="btn quiet" @click="act(() => put(`${at}/editing-lock`))">
          <PhLock :size="18" aria-hidden="true" />{{ t('progress.close-editing') }}
        </button>
        <button class="btn quiet" @click="((more = false), emit('renew'))">
          <PhArrowsClockwise :size="18" aria-hidden="true" />{{ t('progress.update-to-the-latest-version') }}
        </button>
        <button class="btn quiet" @click="act(() => post(`${at}/join-codes`))">
          <PhKey :size="18" aria-hidden="true" />{{ t('progress.a-new-join-code') }}
        </button>
        <button
          v-if="table.control.withdrawnAt"
          class="btn quiet"
          @click="act(() => remove(`${at}/withdrawal`))"
        >
          <PhArrowUUpLeft :size="18" aria-hidden="true" />{{ t('progress.assign-again') }}
        </button>
        <button v-else-if="!withdrawing" class="btn quiet" @click="withdrawing = true">
          <PhEyeSlash :size="18" aria-hidden="true" />{{ t('progress.withdraw-it') }}
        </button>
        <template v-else>
          <p class="soft">{{ t('progress.no-student-sees-it-any-more') }}</p>
          <button class="btn" @click="act(() => put(`${at}/withdrawal`))">
            {{ t('progress.withdraw-now') }}
          </button>
        </template>
      </div>
    </div>
    <MessageDialog
      v-if="saying === 'word'"
      :head="t('progress.message-everyone')"
      button="Send"
      :send="(words) => post(`${at}/messages`, { words })"
      @close="saying = null"
    />
    <MessageDialog
      v-if="saying === 'hold'"
      :head="t('progress.pause-everyone-what-stands-on-their')"
      :button="t('progress.pause-everyone')"
      optional
      :send="(words) => put(`${at}/pause`, { words })"
      @done="emit('changed')"
      @close="saying = null"
    />
  </div>
</template>

<style scoped>
.control {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin-inline-start: auto;
}
.more {
  position: relative;
}
.menu {
  position: absolute;
  z-index: 8;
  top: calc(100% + 6px);
  inset-inline-end: 0;
  display: grid;
  gap: 4px;
  width: 270px;
  padding: 10px;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: var(--paper);
  box-shadow: 0 10px 30px #0003;
}
.menu .btn {
  justify-content: flex-start;
}
</style>
