<script setup lang="ts">
import { t } from '@/i18n'
import { computed, ref } from 'vue'
import { usePull } from '@/gesture/usePull'
import type { Cover } from '@/api/schema'
import { farthestOf, slidFrame } from '@/page/placedItems'
import { placed, turned, type Point } from '@/page/geometry'
import ItemBody from '@/page/ItemBody.vue'
import { itemName } from '@/page/names'

/** A cover that is slid aside: pulled along its way, or tapped; Enter does the same. */
const props = defineProps<{
  item: Cover
  home: Cover
  share: number
  resting: boolean
  pointAt: (event: PointerEvent) => Point
}>()
const emit = defineEmits<{ slide: [share: number] }>()

const { pull } = usePull()
const pulled = ref<number | null>(null)
let from: { at: Point; share: number } | null = null
/** All the way: nothing beneath it is hidden any more. Where it would leave the page, its edge stays within reach. */
const farthest = computed(() => farthestOf(props.home))
const shown = computed(() => pulled.value ?? props.share)
const frame = computed(() => slidFrame(props.home, shown.value))
const said = computed(() =>
  t(shown.value > 0.5 ? 'thing.cover-aside' : 'thing.cover-hides', { name: itemName(props.home) }),
)

function shareAt(event: PointerEvent) {
  const at = props.pointAt(event)
  const by = turned({ x: at.x - from!.at.x, y: at.y - from!.at.y }, -props.home.frame.turn)
  const { width, height } = props.home.frame
  const along = { LEFT: -by.x / width, RIGHT: by.x / width, UP: -by.y / height, DOWN: by.y / height }[
    props.home.direction
  ]
  return Math.min(farthest.value, Math.max(0, from!.share + along))
}

function press(event: PointerEvent) {
  if (props.resting || event.button !== 0) return
  event.stopPropagation()
  event.preventDefault()
  from = { at: props.pointAt(event), share: props.share }
  pull({ move, up: lift, cancel: quiet })
}
const TAP = 0.02
const move = (event: PointerEvent) => (pulled.value = shareAt(event))
function lift(event: PointerEvent) {
  const share = shareAt(event)
  const tapped = Math.abs(share - from!.share) < TAP
  quiet()
  emit('slide', tapped ? toggled() : share)
}
const toggled = () => (props.share > 0.5 ? 0 : farthest.value)
function quiet() {
  pulled.value = null
  from = null
}
function key(event: KeyboardEvent) {
  if (props.resting || (event.key !== 'Enter' && event.key !== ' ')) return
  event.preventDefault()
  emit('slide', toggled())
}
</script>

<template>
  <g
    class="cover"
    :class="{ gliding: pulled === null }"
    :transform="placed(frame)"
    role="button"
    :tabindex="resting ? undefined : 0"
    :aria-label="said"
    :data-cover="item.id"
    @pointerdown="press"
    @keydown="key"
  >
    <ItemBody :item="item" />
  </g>
</template>

<style scoped>
.cover {
  cursor: grab;
  outline: none;
}
.cover:focus-visible {
  outline: 3px solid var(--saffron);
}
</style>
