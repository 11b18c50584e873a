<script setup lang="ts">
import { t } from '@/i18n'
import { PhEye } from '@phosphor-icons/vue'
import { computed, ref } from 'vue'
import type { StudentPage } from '@/api/schema'
import { isPiece, piecesOf, zonesOf } from '@/page/items'
import { itemName } from '@/page/names'
import type { Work } from '@/work/attempt/work'

/** Shows the solution where the teacher allows it: of the whole page, or of one thing that is chosen. */
const props = defineProps<{ work: Work; page: StudentPage; handedIn: boolean }>()
const emit = defineEmits<{ show: [itemId: string | null] }>()
const open = ref(false)

const shows = computed(() => props.work.view.shows)
const state = computed(() => props.work.state.value)
const left = computed(() => props.page.placements - (props.work.progress.value.on[props.page.id] ?? 0))

/** Everything on the page that was tried often enough and is not right; the server knows whether it can be shown. */
const choices = computed(() => {
  const enough = (tries: number) => props.handedIn || tries >= (shows.value?.after ?? Infinity)
  const done = new Set(state.value.shown ?? [])
  const all: { id: string; name: string }[] = []
  const offer = (id: string, name: string, tries: number, solved: boolean) => {
    if (enough(tries) && !solved && !done.has(id)) all.push({ id, name })
  }
  for (const piece of piecesOf(props.page.items)) {
    const now = state.value.pieces[piece.id]
    if (isPiece(piece) && (now || props.handedIn))
      offer(piece.id, itemName(piece), now?.tries ?? 0, now?.settled ?? false)
  }
  for (const zone of zonesOf(props.page.items)) {
    const now = state.value.zones?.[zone.id]
    if (now) offer(zone.id, itemName(zone), now.refusals, now.solvedAt > 0)
  }
  for (const item of props.page.items) {
    const now = state.value.typed?.[item.id]
    if (item.kind === 'gap' && (now || props.handedIn))
      offer(item.id, itemName(item), now?.tries ?? 0, now?.says === 'BELONGS')
  }
  return all
})
const may = computed(() => {
  if (!shows.value || left.value === 0) return false
  if (shows.value.when === 'AFTER_HAND_IN') return props.handedIn
  return choices.value.length > 0
})

function press() {
  if (shows.value?.oneByOne) open.value = !open.value
  else emit('show', null)
}
function choose(id: string) {
  open.value = false
  emit('show', id)
}
</script>

<template>
  <div v-if="may" class="show">
    <button class="btn big" :aria-expanded="shows?.oneByOne ? open : undefined" @click="press">
      <PhEye :size="22" aria-hidden="true" />{{ t('button.solution') }}
    </button>
    <ul v-if="open" :aria-label="t('button.solution-of')">
      <li v-for="one in choices" :key="one.id">
        <button class="btn" @click="choose(one.id)">{{ one.name }}</button>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.show {
  position: relative;
}
ul {
  position: absolute;
  bottom: 60px;
  z-index: 3;
  display: grid;
  gap: 6px;
  max-height: 320px;
  margin: 0;
  padding: 10px;
  overflow-y: auto;
  border: 1px solid var(--line);
  border-radius: var(--tile-s);
  background: var(--paper);
  list-style: none;
  box-shadow: 0 6px 24px #0000002b;
}
</style>
