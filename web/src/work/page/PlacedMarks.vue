<script setup lang="ts">
import { computed } from 'vue'
import type { AttemptState, StudentPage } from '@/api/schema'
import type { PlacedItem } from '@/page/placedItems'
import { tilePath } from '@/page/geometry'

/** What lies right and what does not, on a page that is only looked at. */
const props = defineProps<{ drawn: PlacedItem[]; state: AttemptState; page: StudentPage }>()
const marked = computed(() => props.drawn.filter((one) => props.state.pieces[one.id]?.zoneId))
const typed = computed(() =>
  props.page.items.flatMap((item) => {
    const gap = props.state.typed?.[item.id]
    return gap ? [{ item, gap }] : []
  }),
)
</script>

<template>
  <g v-for="{ item, gap } in typed" :key="item.id" :transform="`translate(${item.frame.x} ${item.frame.y})`">
    <text x="10" :y="item.frame.height * 0.7" :font-size="item.frame.height * 0.55" fill="#1f2d33">
      {{ gap.text }}
    </text>
    <circle
      v-if="gap.says === 'DOES_NOT_BELONG'"
      r="16"
      fill="#fff"
      stroke="#a8432b"
      stroke-width="4"
      stroke-dasharray="6 4"
    />
    <template v-else-if="gap.says === 'BELONGS'">
      <path :d="tilePath(38, 38, 10, 3)" fill="#0b5d66" transform="translate(-19 -19)" />
      <path d="M-9 1l6 6 13-14" fill="none" stroke="#fff" stroke-width="4" />
    </template>
  </g>
  <g
    v-for="{ item, id } in marked"
    :key="id"
    :transform="`translate(${item.frame.x - 10} ${item.frame.y + item.frame.height - 28})`"
  >
    <template v-if="state.pieces[id]?.settled">
      <path :d="tilePath(38, 38, 10, 3)" fill="#0b5d66" />
      <path d="M10 20l6 6 13-14" fill="none" stroke="#fff" stroke-width="4" />
    </template>
    <circle
      v-else
      cx="19"
      cy="19"
      r="16"
      fill="#fff"
      stroke="#a8432b"
      stroke-width="4"
      stroke-dasharray="6 4"
    />
  </g>
</template>
