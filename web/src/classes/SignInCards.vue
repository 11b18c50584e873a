<script setup lang="ts">
import { t } from '@/i18n'
import { PhPrinter } from '@phosphor-icons/vue'
import { pictureNamed } from '@/shared/secretPictures'
import type { SignInCard } from './signInCard'

/** The cards of those who got a PIN or pictures just now, to be printed or written down. */
defineProps<{ cards: SignInCard[]; ofClass: string }>()
const print = () => window.print()
</script>

<template>
  <section class="cards" :aria-label="t('classes.sign-in-cards')">
    <div class="row screen-only">
      <h2>{{ t('classes.sign-in-cards') }}</h2>
      <button class="btn" @click="print">
        <PhPrinter :size="18" aria-hidden="true" />{{ t('classes.print-them') }}
      </button>
    </div>
    <ul>
      <li v-for="card in cards" :key="card.id" class="card">
        <strong>{{ card.name }}</strong>
        <span>{{ ofClass }}</span>
        <span v-if="card.pictures" class="secret">
          <span v-for="one in card.pictures" :key="one" :title="one">
            <component :is="pictureNamed(one)" :size="30" aria-hidden="true" /><span class="unseen">{{
              one
            }}</span>
          </span>
        </span>
        <span v-else
          >{{ t('classes.pin') }} <b>{{ card.pin }}</b></span
        >
      </li>
    </ul>
  </section>
</template>

<style scoped>
.row {
  display: flex;
  gap: 14px;
  align-items: center;
}
ul {
  display: grid;
  gap: 8px;
  margin: 8px 0 0;
  padding: 0;
  list-style: none;
}
.cards ul {
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
}
.card {
  display: grid;
  padding: 12px 14px;
  border: 1.5px dashed var(--soft);
  border-radius: var(--tile);
  background: #fff;
  break-inside: avoid;
  overflow-wrap: anywhere;
}
.card strong {
  font-size: 19px;
}
.card b {
  font-size: 19px;
  letter-spacing: 2px;
}
.secret {
  display: flex;
  gap: 8px;
}
@media print {
  .screen-only {
    display: none;
  }
}
</style>
