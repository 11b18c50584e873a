<script setup lang="ts">
import { computed } from 'vue'
import { t } from '@/i18n'
import { PhArrowUUpLeft, PhFlagCheckered, PhHouse } from '@phosphor-icons/vue'
import type { Page } from '@/api/schema'
import PageThumb from '@/workbench/pages/PageThumb.vue'

/** One page on the page map, with what it is there: the start, an end, not linked, archived. */
const props = defineProps<{
  page: Page
  number: number
  sign: '' | 'start' | 'end' | 'unlinked' | 'archived'
  /** Whether it links back to the start. */
  goesHome: boolean
  chosen: boolean
  /** Whether an arrow that is drawn ends here. */
  aimed: boolean | undefined
}>()
const SIGNS = {
  '': '',
  start: t('workbench.sign-start'),
  end: t('workbench.sign-end'),
  unlinked: t('workbench.sign-unlinked'),
  archived: t('shared.is-archived'),
}
const signSays = computed(() => SIGNS[props.sign])
</script>

<template>
  <button
    class="card"
    :class="{
      here: chosen,
      aimed,
      lost: sign === 'unlinked',
      aside: sign === 'archived',
    }"
    :aria-pressed="chosen"
  >
    <PageThumb class="thumb" :page="page" />
    <span class="unseen">{{
      t('workbench.map-card', {
        n: number,
        page: page.name,
        signed: sign ? 'yes' : 'no',
        sign: signSays,
        goesHome: goesHome ? 'yes' : 'no',
      })
    }}</span>
    <span class="name" aria-hidden="true"
      ><b>{{ number }} · {{ page.name }}</b>
      <span v-if="goesHome && !sign" class="sign" :title="t('workbench.it-links-to-the-start')"
        ><PhArrowUUpLeft :size="12" aria-hidden="true" /><PhHouse :size="12" aria-hidden="true"
      /></span>
      <span v-if="sign" class="sign" :class="{ bad: sign === 'unlinked' }">
        <PhHouse v-if="sign === 'start'" :size="12" aria-hidden="true" />
        <PhFlagCheckered v-else-if="sign === 'end'" :size="12" aria-hidden="true" />
        {{ signSays }}</span
      ></span
    >
  </button>
</template>

<style scoped>
.card {
  display: grid;
  width: 170px;
  min-height: 134px;
  padding: 7px 7px 5px;
  border: 1.5px solid var(--line);
  border-radius: var(--tile);
  background: #fff;
  box-shadow: 0 3px 0 #cfc6b4;
  cursor: grab;
  text-align: start;
  touch-action: none;
  user-select: none;
}
.card.here {
  border: 2.5px solid var(--petrol);
}
.card.aimed {
  border: 2.5px solid var(--plum);
}
.card.lost {
  border: 2px dashed var(--clay);
}
.card.aside {
  border: 1.5px dashed var(--soft);
  opacity: 0.75;
}
.thumb {
  height: 96px;
  overflow: hidden;
  border-radius: 5px;
  pointer-events: none;
}
.thumb :deep(svg) {
  height: 96px;
}
.name {
  display: flex;
  min-width: 0;
  gap: 6px;
  justify-content: space-between;
  align-items: baseline;
  padding-top: 3px;
  font-size: 13px;
}
.name b {
  min-width: 0;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.sign {
  display: inline-flex;
  gap: 3px;
  align-items: center;
  flex: none;
  padding: 0 5px;
  border-radius: 5px;
  background: var(--petrol-t);
  color: var(--petrol-d);
  font-size: 12px;
}
.sign.bad {
  background: none;
  color: #7c2c19;
}
</style>
