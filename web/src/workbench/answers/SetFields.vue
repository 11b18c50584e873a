<script setup lang="ts">
import { t } from '@/i18n'
import { computed } from 'vue'
import { newId } from '@/api/id'
import type { Zone, ZoneSet } from '@/api/schema'
import { letter } from '@/page/geometry'
import { itemName } from '@/page/names'
import type { Deciding } from './deciding'

/** Zones that are answered together: in any arrangement, or as a pair. */
const props = defineProps<{ deciding: Deciding; zone: Zone }>()
const { key, zones, pieces } = props.deciding
const sets = computed(() => key.value.sets ?? [])
const own = computed(() => sets.value.find((set) => set.zoneIds.includes(props.zone.id)))
const others = computed(() =>
  zones.value.filter(
    (zone) =>
      zone !== props.zone && !sets.value.some((set) => set !== own.value && set.zoneIds.includes(zone.id)),
  ),
)
const nameOf = (id: string) => {
  const index = zones.value.findIndex((zone) => zone.id === id)
  return index < 0 ? id : letter(index)
}

function change(to: ZoneSet | null) {
  const rest = sets.value.filter((set) => set !== own.value)
  props.deciding.setSets(to ? [...rest, to] : rest)
}
function join(zoneId: string, on: boolean) {
  const ids = own.value?.zoneIds ?? [props.zone.id]
  const wanted = zones.value.map((zone) => zone.id).filter((id) => (id === zoneId ? on : ids.includes(id)))
  if (wanted.length < 2) change(null)
  else change({ id: own.value?.id ?? newId(), zoneIds: wanted, anyOrder: own.value?.anyOrder ?? true })
}
const fits = (zoneId: string) => {
  const zone = zones.value.find((one) => one.id === zoneId)!
  return pieces.value.filter((piece) => props.deciding.said(piece, zone) === 'BELONGS')
}
const choices = computed(() => own.value?.choices ?? [])
function setChoices(to: string[][]) {
  const { choices: _, ...rest } = own.value!
  change(to.length ? { ...rest, choices: to } : rest)
}
const addChoice = () => setChoices([...choices.value, own.value!.zoneIds.map((id) => fits(id)[0]?.id ?? '')])
const mayAdd = computed(() => own.value?.zoneIds.every((id) => fits(id).length > 0) ?? false)
const setPiece = (row: number, column: number, id: string) =>
  setChoices(
    choices.value.map((choice, r) =>
      r === row ? choice.map((one, c) => (c === column ? id : one)) : choice,
    ),
  )
</script>

<template>
  <template v-if="others.length">
    <h4>{{ t('workbench.answered-together-with') }}</h4>
    <p class="buttons">
      <label v-for="other in others" :key="other.id" class="chosen"
        ><input
          type="checkbox"
          :checked="Boolean(own?.zoneIds.includes(other.id))"
          @change="join(other.id, ($event.target as HTMLInputElement).checked)"
        /><b class="letter">{{ nameOf(other.id) }}</b
        >{{ itemName(other) }}</label
      >
    </p>
    <template v-if="own">
      <label class="wide"
        >{{ t('workbench.pieces-lie') }}
        <select
          :value="own.anyOrder ? 'any' : 'own'"
          @change="change({ ...own!, anyOrder: ($event.target as HTMLSelectElement).value === 'any' })"
        >
          <option value="any">{{ t('workbench.in-any-arrangement-as-factors-of') }}</option>
          <option value="own">{{ t('workbench.each-in-its-own-zone-as') }}</option>
        </select></label
      >
      <div v-for="(choice, r) in choices" :key="r" class="wide choice">
        <label v-for="(id, c) in choice" :key="c"
          >{{ nameOf(own.zoneIds[c]!) }}
          <select
            :value="id"
            :aria-label="t('workbench.choice-r-zone-c', { r: r + 1, c: nameOf(own.zoneIds[c]!) })"
            @change="setPiece(r, c, ($event.target as HTMLSelectElement).value)"
          >
            <option v-for="piece in fits(own.zoneIds[c]!)" :key="piece.id" :value="piece.id">
              {{ itemName(piece) }}
            </option>
          </select></label
        >
        <button class="btn" @click="setChoices(choices.filter((_, i) => i !== r))">
          {{ t('shared.remove') }}
        </button>
      </div>
      <p class="buttons">
        <button class="btn" :disabled="!mayAdd" @click="addChoice">
          {{ t('workbench.add-what-goes-together') }}
        </button>
        <span v-if="!choices.length" class="soft small">{{
          t('workbench.until-then-anything-that-belongs-goes')
        }}</span>
      </p>
    </template>
  </template>
</template>

<style scoped src="./panel.css"></style>
<style scoped>
.chosen {
  display: flex;
  gap: 6px;
  align-items: center;
  padding: 4px 9px;
  border: 1px solid var(--line);
  border-radius: var(--tile-s);
  background: #fff;
}
.choice {
  display: flex;
  gap: 8px;
  align-items: end;
}
.choice label {
  flex: 1;
}
</style>
