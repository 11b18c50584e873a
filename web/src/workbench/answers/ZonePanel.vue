<script setup lang="ts">
import { t } from '@/i18n'
import { computed } from 'vue'
import type { Frame, Zone, ZoneRule } from '@/api/schema'
import { letter, outline } from '@/page/geometry'
import { traitsOf } from '@/page/items'
import { itemName } from '@/page/names'
import DraftField from '@/workbench/panels/DraftField.vue'
import { ruleOf } from '@/workbench/edits/answerKey'
import type { Deciding } from './deciding'
import RepliesFields from './RepliesFields.vue'
import SetFields from './SetFields.vue'
import { hasLetters } from './spelling'
import ZoneAcceptFields from './ZoneAcceptFields.vue'
import ZoneOrder from './ZoneOrder.vue'
import ZoneSpelling from './ZoneSpelling.vue'

/** Everything that one drop zone wants, does and says. */
const props = defineProps<{ deciding: Deciding; zone: Zone }>()
const { key, zones, pieces, labels } = props.deciding
const rule = computed(() => ruleOf(key.value, props.zone.id))
const wants = computed(() => rule.value.wants ?? {})
const belonging = computed(() =>
  pieces.value.filter((piece) => props.deciding.said(piece, props.zone) === 'BELONGS'),
)
const supplies = computed(() => belonging.value.filter((piece) => traitsOf(piece).supply))
/** The other zones that it lies over or under. */
const across = computed(() =>
  zones.value.filter(
    (other) =>
      other.id !== props.zone.id &&
      meets(other.frame, props.zone.frame) &&
      !other.carried &&
      !props.zone.carried,
  ),
)
const meets = (a: Frame, b: Frame) => {
  const [one, two] = [outline(a), outline(b)]
  return one.left < two.right && two.left < one.right && one.top < two.bottom && two.top < one.bottom
}
const crosses = computed(() => across.value.map(itemName).join(', '))
/** One alone has nothing to cross: the others are told too. */
function setCrossing(on: boolean) {
  set({ crossing: on || undefined })
  for (const other of across.value) props.deciding.setRule(other, { crossing: on || undefined })
}
const set = (change: Partial<ZoneRule>) => props.deciding.setRule(props.zone, change)

const whole = (text: string, least: number, most: number) => {
  const n = Math.round(Number(text))
  return text.trim() === '' || !Number.isFinite(n) || n < least ? undefined : Math.min(most, n)
}
const take = (label: string, on: boolean) =>
  props.deciding.setWants(props.zone, {
    takes: on
      ? [...(wants.value.takes ?? []), label].sort()
      : wants.value.takes?.filter((one) => one !== label),
  })

function setTotal(text: string) {
  const total = Number(text.replace(',', '.'))
  props.deciding.setWants(props.zone, {
    total: text.trim() === '' || !Number.isFinite(total) ? undefined : Math.round(total * 1000) / 1000,
  })
}
function setCount(id: string, text: string) {
  const counts: Record<string, number> = { ...wants.value.counts }
  const n = whole(text, 1, 200)
  if (n) counts[id] = n
  else delete counts[id]
  props.deciding.setWants(props.zone, { counts })
}
const said = computed(() => {
  const { capacity } = wants.value
  return t('workbench.holds', { capacity: capacity ?? 0, ordered: wants.value.sequence ? 'yes' : 'no' })
})
const checked = (event: Event) => (event.target as HTMLInputElement).checked
const value = (event: Event) => (event.target as HTMLSelectElement).value
</script>

<template>
  <section :aria-label="t('workbench.rules-of-zone', { zone: itemName(zone) })">
    <h3>
      <span class="letter">{{ letter(zones.indexOf(zone)) }}</span>{{ itemName(zone) }}
      <span class="chip n">{{ said }}</span>
    </h3>
    <ZoneSpelling v-if="hasLetters(pieces)" :deciding="deciding" :zone="zone" />
    <ZoneAcceptFields :deciding="deciding" :zone="zone" :rule="rule" @set="set" />
    <template v-if="crosses">
      <label class="line">
        <input type="checkbox" :checked="Boolean(rule.crossing)" @change="setCrossing(checked($event))" />{{
          t('workbench.where-it-crosses-crosses-a-piece', { crosses })
        }}</label
      >
      <p v-if="rule.crossing" class="soft">{{ t('workbench.what-belongs-in-both-goes-where') }}</p>
    </template>
    <label
      >{{ t('workbench.when-it-does-not') }}
      <select :value="rule.reject" @change="set({ reject: value($event) as ZoneRule['reject'] })">
        <option value="GOES_BACK">{{ t('workbench.goes-back') }}</option>
        <option value="STAYS">{{ t('workbench.stays') }}</option>
      </select></label
    >
    <label
      >{{ t('workbench.checked') }}
      <select
        :value="rule.timing ?? 'AT_ONCE'"
        @change="set({ timing: value($event) as ZoneRule['timing'] })"
      >
        <option value="AT_ONCE">{{ t('workbench.at-once') }}</option>
        <option value="ON_CHECK">{{ t('workbench.with-check') }}</option>
        <option value="ON_HAND_IN">{{ t('workbench.on-hand-in') }}</option>
      </select></label
    >
    <label v-if="rule.timing === 'ON_CHECK'"
      >{{ t('workbench.a-check-shows') }}
      <select
        :value="rule.feedback ?? 'WHICH'"
        @change="set({ feedback: value($event) as ZoneRule['feedback'] })"
      >
        <option value="WHICH">{{ t('workbench.which-are-right') }}</option>
        <option value="HOW_MANY">{{ t('workbench.only-how-many') }}</option>
      </select></label
    >
    <label
      >{{ t('workbench.holds-at-most') }}
      <DraftField
        :key="`c${zone.id}`"
        type="number"
        min="1"
        max="2000"
        :placeholder="t('workbench.no-limit')"
        :value="wants.capacity ?? ''"
        @commit="deciding.setWants(zone, { capacity: whole($event, 1, 2000) })"
    /></label>
    <label v-if="wants.capacity" class="line wide">
      <input
        type="checkbox"
        :checked="Boolean(rule.showsRoom)"
        @change="set({ showsRoom: checked($event) || undefined })"
      />{{ t('workbench.students-see-how-many-more-it') }}</label
    >
    <label
      >{{ t('workbench.tries') }}
      <DraftField
        :key="`t${zone.id}`"
        type="number"
        min="1"
        max="100"
        :placeholder="t('workbench.no-limit')"
        :value="rule.tries ?? ''"
        @commit="set({ tries: whole($event, 1, 100) })"
    /></label>
    <label
      >{{ t('workbench.points-each') }}
      <DraftField
        :key="`p${zone.id}`"
        type="number"
        min="0"
        max="1000"
        :placeholder="t('workbench.as-set-for-the-page')"
        :value="rule.worth ?? ''"
        @commit="set({ worth: whole($event, 0, 1000) })"
    /></label>
    <label
      >{{ t('workbench.values-add-up-to') }}
      <DraftField
        :key="`s${zone.id}`"
        inputmode="decimal"
        :placeholder="t('workbench.no-total')"
        :value="wants.total ?? ''"
        @commit="setTotal"
    /></label>
    <label class="line">
      <input
        type="checkbox"
        :checked="Boolean(wants.allOf)"
        @change="deciding.setWants(zone, { allOf: checked($event) || undefined })"
      />{{ t('workbench.counts-as-one-once-all-that') }}</label
    >
    <p class="buttons">
      <button class="btn" @click="deciding.column(zone, 'BELONGS')">{{ t('workbench.all-belong') }}</button>
      <button class="btn" @click="deciding.column(zone, 'DOES_NOT_BELONG')">
        {{ t('workbench.none-of-them-belongs') }}
      </button>
      <button class="btn" @click="deciding.column(zone, 'UNDECIDED')">
        {{ t('workbench.clear-its-column') }}
      </button>
    </p>

    <template v-if="labels.length">
      <h4>{{ t('workbench.takes-all-that-are-labelled') }}</h4>
      <p class="buttons">
        <label v-for="label in labels" :key="label" class="chosen"
          ><input
            type="checkbox"
            :checked="Boolean(wants.takes?.includes(label))"
            @change="take(label, checked($event))"
          />{{ label }}</label
        >
      </p>
    </template>

    <template v-if="supplies.length">
      <h4>{{ t('workbench.how-many-copies') }}</h4>
      <label v-for="piece in supplies" :key="piece.id"
        >{{ itemName(piece) }}
        <DraftField
          :key="`n${zone.id}${piece.id}`"
          type="number"
          min="1"
          max="200"
          :placeholder="t('workbench.not-counted')"
          :value="wants.counts?.[piece.id] ?? ''"
          @commit="setCount(piece.id, $event)"
      /></label>
    </template>

    <ZoneOrder :deciding="deciding" :zone="zone" :wants="wants" :belonging="belonging" />

    <SetFields :deciding="deciding" :zone="zone" />
    <h4>{{ t('workbench.says') }}</h4>
    <RepliesFields :replies="rule.replies" :of="zone.id" @set="set({ replies: $event })" />
  </section>
</template>

<style scoped src="./panel.css"></style>
<style scoped>
.chip {
  margin-inline-start: auto;
  font-weight: 400;
}
.chosen {
  display: flex;
  gap: 6px;
  align-items: center;
  padding: 4px 9px;
  border: 1px solid var(--line);
  border-radius: var(--tile-s);
  background: #fff;
}
</style>
