<script setup lang="ts">
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
import { ref } from 'vue'
import { RouterLink } from 'vue-router'
import { post, said } from '@/api/client'
import type { Quilt } from '@/api/types'
import SayDialog from './SayDialog.vue'

/** What a teacher does with everybody at once. */
const props = defineProps<{ quilt: Quilt; stuckFirst: boolean }>()
const emit = defineEmits<{ changed: []; sort: []; renew: []; wrong: [words: string] }>()
const saying = ref<'word' | 'hold' | null>(null)
const more = ref(false)
const withdrawing = ref(false)
const address = (tail: string) => `/api/assignments/${props.quilt.assignmentId}${tail}`

async function act(tail: string) {
  more.value = false
  withdrawing.value = false
  try {
    await post(address(tail))
    emit('changed')
  } catch (error) {
    emit('wrong', said(error))
  }
}
</script>

<template>
  <div class="control">
    <template v-if="!looksOnly">
      <button v-if="quilt.control.heldAt" class="btn acc" @click="act('/go-on')">
        <PhPlay :size="18" weight="fill" aria-hidden="true" />Let them go on
      </button>
      <button v-else class="btn" @click="saying = 'hold'">
        <PhHandPalm :size="18" aria-hidden="true" />Hold everyone
      </button>
      <button class="btn" @click="saying = 'word'">
        <PhChatCircleText :size="18" aria-hidden="true" />Say to all
      </button>
    </template>
    <button class="btn" :aria-pressed="stuckFirst" @click="emit('sort')">
      <PhSortDescending :size="18" aria-hidden="true" />Most stuck first
    </button>
    <RouterLink v-if="!looksOnly" class="btn" :to="`/present/${quilt.activityId}?class=${quilt.classId}`">
      <PhPresentation :size="18" aria-hidden="true" />Present
    </RouterLink>
    <div v-if="!looksOnly" class="more">
      <button class="btn" :aria-expanded="more" @click="more = !more">
        <PhDotsThree :size="20" weight="bold" aria-hidden="true" />More
      </button>
      <div v-if="more" class="menu" @keydown.esc="more = false">
        <button v-if="quilt.control.shutAt" class="btn quiet" @click="act('/open-again')">
          <PhLockOpen :size="18" aria-hidden="true" />Open editing again
        </button>
        <button v-else class="btn quiet" @click="act('/shut')">
          <PhLock :size="18" aria-hidden="true" />Close editing
        </button>
        <button class="btn quiet" @click="((more = false), emit('renew'))">
          <PhArrowsClockwise :size="18" aria-hidden="true" />Renew to the newest edition
        </button>
        <button class="btn quiet" @click="act('/code')">
          <PhKey :size="18" aria-hidden="true" />A new join code
        </button>
        <button v-if="quilt.control.withdrawnAt" class="btn quiet" @click="act('/give-again')">
          <PhArrowUUpLeft :size="18" aria-hidden="true" />Give it out again
        </button>
        <button v-else-if="!withdrawing" class="btn quiet" @click="withdrawing = true">
          <PhEyeSlash :size="18" aria-hidden="true" />Withdraw it
        </button>
        <template v-else>
          <p class="soft">
            No student sees it any more. What they did is kept, and you can give it out again.
          </p>
          <button class="btn" @click="act('/withdraw')">Withdraw now</button>
        </template>
      </div>
    </div>
    <SayDialog
      v-if="saying === 'word'"
      head="Say to all"
      button="Say it"
      :address="address('/words')"
      :body="{}"
      @close="saying = null"
    />
    <SayDialog
      v-if="saying === 'hold'"
      head="Hold everyone: what stands on their pages"
      button="Hold everyone"
      optional
      :address="address('/hold')"
      :body="{}"
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
  margin-left: auto;
}
.more {
  position: relative;
}
.menu {
  position: absolute;
  z-index: 8;
  top: calc(100% + 6px);
  right: 0;
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
