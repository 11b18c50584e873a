<script setup lang="ts">
import { t } from '@/i18n'
import { computed } from 'vue'
import type { OpenReview } from './useReview'

/** The points of each piece on a page, as the rules gave them and as the teacher changes them. */
const props = defineProps<{
  desk: OpenReview
  parts: NonNullable<OpenReview['work']['value']>['parts']
}>()
const review = computed(() => props.desk.review.value)
const number = (event: Event) => {
  const typed = (event.target as HTMLInputElement).value
  return typed === '' ? null : Number(typed)
}
const reasonOf = (itemId: string) => review.value.marks?.[itemId]?.reason ?? ''
</script>

<template>
  <details class="marks">
    <summary>{{ t('review.points-on-this-page') }}</summary>
    <table>
      <tbody>
        <tr v-for="one in parts" :key="one.placement.itemId">
          <th scope="row">{{ one.placement.name }}</th>
          <td>
            <input
              class="field points"
              type="number"
              step="0.5"
              :aria-label="t('review.points-for-placement', { placement: one.placement.name })"
              :placeholder="String(one.points)"
              :value="review.marks?.[one.placement.itemId]?.points ?? ''"
              @change="desk.mark(one.placement.itemId, number($event), reasonOf(one.placement.itemId))"
            />
            / {{ one.most }}
            <input
              v-if="review.marks?.[one.placement.itemId]"
              class="field why"
              maxlength="500"
              :placeholder="t('review.why')"
              :aria-label="t('review.why-for-placement', { placement: one.placement.name })"
              :value="reasonOf(one.placement.itemId)"
              @change="
                desk.mark(
                  one.placement.itemId,
                  review.marks![one.placement.itemId]!.points,
                  ($event.target as HTMLInputElement).value,
                )
              "
            />
          </td>
        </tr>
      </tbody>
    </table>
  </details>
</template>

<style scoped>
.marks {
  max-height: 190px;
  overflow-y: auto;
}
.marks table {
  width: 100%;
  font-size: 13px;
}
.marks th {
  max-width: 92px;
  overflow: hidden;
  font-weight: 400;
  text-align: start;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.points {
  width: 64px;
}
.why {
  width: 100%;
}
</style>
