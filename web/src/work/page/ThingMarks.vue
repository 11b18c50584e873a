<script setup lang="ts">
import { t } from '@/i18n'
import type { Link } from '@/api/schema'
import { areaPath } from '@/page/geometry'
import { isPiece, traitsOf } from '@/page/items'
import { leadsTo, linkOf } from '@/page/links'
import { itemName } from '@/page/names'
import type { PlacedItem } from '@/page/placedItems'
import type { Work } from '@/work/attempt/work'
import { speak } from '@/work/media/speak'
import SpeakMark from '@/work/media/SpeakMark.vue'
import type { useThings } from '@/work/rules/things'
import LinkMark from './LinkMark.vue'

/** On everything that leads somewhere or says something: a mark to be pressed. */
const props = defineProps<{ work: Work; things: ReturnType<typeof useThings>; dragged: string | null }>()
const emit = defineEmits<{ follow: [link: Link, itemId: string] }>()
const { drawn, disappeared, opens } = props.things
const closed = (one: PlacedItem) => Boolean(props.work.course.value.closed?.[one.id])
const name = (one: PlacedItem) => {
  const where = leadsTo(linkOf(one.item)!, props.work.view.pages, t('link.another'))
  const name = t('thing.leads', { name: itemName(one.item), where })
  return closed(one) ? t('thing.link-closed', { name }) : name
}
</script>

<template>
  <template v-for="one in drawn" :key="`to-${one.id}`">
    <LinkMark
      v-if="linkOf(one.item) && !one.source && !disappeared(one.lead) && dragged !== one.lead"
      :frame="one.item.frame"
      :whole="!isPiece(one.item) && !opens(one) && one.item.kind !== 'video'"
      :area="one.item.kind === 'area' ? areaPath(one.item) : undefined"
      :unmarked="traitsOf(one.item).unmarked && !isPiece(one.item)"
      :closed="closed(one)"
      :name="name(one)"
      @follow="emit('follow', linkOf(one.item)!, one.id)"
    />
    <SpeakMark
      v-if="traitsOf(one.item).speech && !one.source && !disappeared(one.lead) && dragged !== one.lead"
      :frame="one.item.frame"
      :area="one.item.kind === 'area' && !linkOf(one.item) ? areaPath(one.item) : undefined"
      :name="`Listen: ${itemName(one.item)}`"
      @speak="speak(traitsOf(one.item).speech!)"
    />
  </template>
</template>
