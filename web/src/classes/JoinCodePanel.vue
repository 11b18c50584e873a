<script setup lang="ts">
import { t } from '@/i18n'
import { PhArchive, PhArrowsClockwise, PhImages, PhPrinter } from '@phosphor-icons/vue'
import { ref } from 'vue'
import { looksOnly } from '@/accounts/me'
import type { ClassView } from '@/api/schema'
import { spaced } from '@/page/code'

/** How students come into a class: its code, and cards for everybody. */
defineProps<{ view: ClassView }>()
const emit = defineEmits<{ code: []; archive: []; print: [withPictures: boolean] }>()
/** New secrets for everybody are asked for twice, since the old cards are waste paper then. */
const all = ref<'pins' | 'pictures' | null>(null)
function printAll() {
  emit('print', all.value === 'pictures')
  all.value = null
}
</script>

<template>
  <section class="door" :aria-label="t('classes.how-students-come-in')">
    <img :src="`/api/v1/qr/${view.joinCode}`" :alt="t('classes.the-code-of-the-class-as')" />
    <div>
      <h2 class="small-head">{{ t('shared.join-code') }}</h2>
      <p class="code">{{ spaced(view.joinCode) }}</p>
      <div v-if="!looksOnly" class="row">
        <button class="btn" @click="emit('code')">
          <PhArrowsClockwise :size="17" aria-hidden="true" />{{ t('classes.a-new-code') }}
        </button>
        <button
          v-if="view.signIn !== 'PICTURES'"
          class="btn"
          :disabled="view.students.length === 0"
          @click="all = 'pins'"
        >
          <PhPrinter :size="17" aria-hidden="true" />{{ t('classes.cards-with-pins') }}
        </button>
        <button
          v-if="view.signIn !== 'PIN'"
          class="btn"
          :disabled="view.students.length === 0"
          @click="all = 'pictures'"
        >
          <PhImages :size="17" aria-hidden="true" />{{ t('classes.cards-with-pictures') }}
        </button>
        <button class="btn quiet" @click="emit('archive')">
          <PhArchive :size="17" aria-hidden="true" />{{
            view.archived ? t('shared.restore') : t('shared.archive')
          }}
        </button>
      </div>
      <p v-if="all" class="ask" role="alert">
        {{ t('classes.everybody-gets-pins-old-cards-no', { pins: all === 'pins' ? 'yes' : 'no' }) }}
        <button class="btn acc" @click="printAll">{{ t('classes.make-the-pdf') }}</button>
        <button class="btn" @click="all = null">{{ t('shared.cancel') }}</button>
      </p>
      <p v-if="view.archived" class="soft">{{ t('classes.this-class-is-archived-its-code') }}</p>
    </div>
  </section>
</template>

<style scoped>
.row {
  display: flex;
  gap: 14px;
  align-items: center;
}
.door {
  display: flex;
  gap: 20px;
  align-items: center;
  padding: 14px 18px;
  border-radius: var(--tile);
  background: var(--plum-t);
}
.door img {
  width: 120px;
  border-radius: 6px;
}
.door .row {
  flex-wrap: wrap;
}
.code {
  margin-bottom: 8px;
  font-size: 34px;
  font-weight: 700;
  letter-spacing: 4px;
}
.ask {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  margin-top: 8px;
}
</style>
