<script setup lang="ts">
import { PhArrowDown, PhArrowUp } from '@phosphor-icons/vue'
import { computed, ref } from 'vue'
import { post, said as wrongSaid } from '@/api/client'
import type { Frame, Sequence, Zone, ZoneRule } from '@/api/schema'
import { letter, outline } from '@/page/geometry'
import { traitsOf } from '@/page/items'
import { itemName } from '@/page/names'
import { valueFrom, valueWords } from '@/page/scales'
import DraftField from '@/workbench/panels/DraftField.vue'
import { factsOf, ruleOf } from '@/workbench/edits/answerKey'
import type { Deciding } from './deciding'
import RepliesFields from './RepliesFields.vue'
import SetFields from './SetFields.vue'
import { hasLetters, wordOf } from './spelling'

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

/** The pieces that belong, in their order; those without a place come last. */
const ordered = computed(() => {
  const places = wants.value.sequence?.places ?? {}
  return [...belonging.value].sort((a, b) => (places[a.id] ?? 1e6) - (places[b.id] ?? 1e6))
})
function setOrder(ids: string[]) {
  const places = Object.fromEntries(ids.map((id, i) => [id, i + 1]))
  props.deciding.setWants(props.zone, { sequence: { ...wants.value.sequence, places } as Sequence })
}
const byPosition = () =>
  [...belonging.value].sort((a, b) => a.frame.y - b.frame.y || a.frame.x - b.frame.x).map((piece) => piece.id)
const byValue = () =>
  [...belonging.value]
    .sort((a, b) => (factsOf(key.value, a.id).value ?? 0) - (factsOf(key.value, b.id).value ?? 0))
    .map((piece) => piece.id)
function move(index: number, by: number) {
  const ids = ordered.value.map((piece) => piece.id)
  const [id] = ids.splice(index, 1)
  ids.splice(index + by, 0, id!)
  setOrder(ids)
}
function setWay(way: string) {
  const { direction: _, ...rest } = wants.value.sequence!
  props.deciding.setWants(props.zone, {
    sequence: way === 'RIGHTWARDS' ? rest : { ...rest, direction: way as Sequence['direction'] },
  })
}
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
function setTolerance(text: string) {
  const off = valueFrom(text)
  if (off === null || off < 0) set({ tolerance: undefined, relative: undefined })
  else set({ tolerance: rule.value.relative ? Math.min(1, off / 100) : off })
}
/** In the scale's own unit, or as a share of what is right; of times there is no share. */
function setShare(to: string) {
  set(to === 'share' ? { tolerance: 0.1, relative: true } : { tolerance: undefined, relative: undefined })
}
const offBy = computed(() => {
  const { tolerance, relative } = rule.value
  if (tolerance === undefined) return ''
  return relative ? Math.round(tolerance * 100_000) / 1000 : valueWords(props.zone.scale!, tolerance)
})
const lacking = ref('')
/** Letters as a reader counts them: an accent belongs to its letter. */
async function spell(word: string) {
  lacking.value = ''
  if (word.trim() === '') return
  try {
    const { letters } = await post('/api/v1/word-cuts', { text: word.trim() })
    const missing = props.deciding.spell(props.zone, letters)
    if (missing.length > 0)
      lacking.value = `There are not enough pieces with ${missing.map((one) => `“${one}”`).join(', ')}. Nothing changed.`
  } catch (error) {
    lacking.value = wrongSaid(error)
  }
}
const said = computed(() => {
  const { capacity } = wants.value
  const order = wants.value.sequence ? ', in order' : ''
  return (capacity ? `holds ${capacity}` : 'no limit') + order
})
const LAYOUTS = [
  ['', 'wherever there is room'],
  ['ROW', 'in a row'],
  ['COLUMN', 'in a column'],
  ['GRID', 'in a grid'],
  ['CIRCLE', 'in a circle'],
  ['STACK', 'on a stack'],
  ['HEAP', 'in a heap'],
] as const
/** Where an order, a value or a crossing says where a piece lies, no layout does. */
const laysOut = computed(
  () =>
    (rule.value.accept === 'IN_SLOT' || rule.value.accept === 'TURNS_OVER') &&
    !wants.value.sequence &&
    !rule.value.crossing &&
    !props.zone.scale,
)
const checked = (event: Event) => (event.target as HTMLInputElement).checked
const value = (event: Event) => (event.target as HTMLSelectElement).value
</script>

<template>
  <section :aria-label="`Rules of ${itemName(zone)}`">
    <h3>
      <span class="letter">{{ letter(zones.indexOf(zone)) }}</span>{{ itemName(zone) }}
      <span class="chip n">{{ said }}</span>
    </h3>
    <label v-if="hasLetters(pieces)" class="wide"
      >Spells the word
      <DraftField
        :key="`w${zone.id}`"
        :value="wordOf(wants.sequence, pieces)"
        maxlength="60"
        placeholder="with the letters on this page"
        @commit="spell"
      />
      <span v-if="lacking" class="note" role="alert">{{ lacking }}</span>
    </label>
    <label
      >When it belongs
      <select :value="rule.accept" @change="set({ accept: value($event) as ZoneRule['accept'] })">
        <option value="IN_SLOT">Moves into a slot</option>
        <option value="STAYS">Stays where it is put</option>
        <option value="DISAPPEARS">Disappears</option>
        <option value="TURNS_OVER">Turns over</option>
      </select></label
    >
    <label v-if="zone.scale" class="line wide">
      <input
        type="checkbox"
        :checked="Boolean(rule.saysSide)"
        @change="set({ saysSide: checked($event) || undefined })"
      />{{ zone.up ? 'Say which way it is off' : 'Say whether it is too low or too high' }}</label
    >
    <label v-if="laysOut"
      >They lie
      <select
        :value="rule.layout ?? ''"
        @change="set({ layout: (value($event) || undefined) as ZoneRule['layout'] })"
      >
        <option v-for="[layout, name] in LAYOUTS" :key="layout" :value="layout">{{ name }}</option>
      </select></label
    >
    <label v-if="laysOut" class="line wide">
      <input
        type="checkbox"
        :checked="Boolean(rule.fitted)"
        @change="set({ fitted: checked($event) || undefined })"
      />Large pieces are drawn smaller in it</label
    >
    <label
      >Put in it counts
      <select :value="rule.inside ?? 'MIDDLE'" @change="set({ inside: value($event) as ZoneRule['inside'] })">
        <option value="MIDDLE">by the middle of a piece</option>
        <option value="TOUCHES">when a piece touches it</option>
        <option value="MOSTLY">with more than half of a piece</option>
        <option value="WHOLLY">only with all of a piece</option>
      </select></label
    >
    <label v-if="zone.scale"
      >May be off by
      <DraftField
        :key="`o${zone.id}`"
        inputmode="decimal"
        :placeholder="`half a step, ${valueWords(zone.scale, zone.scale.step / 2)}`"
        :value="offBy"
        @commit="setTolerance"
    /></label>
    <label v-if="zone.scale && rule.tolerance !== undefined && zone.scale.reads !== 'TIME'"
      >That is
      <select :value="rule.relative ? 'share' : 'unit'" @change="setShare(value($event))">
        <option value="unit">so much on the line</option>
        <option value="share">so many % of the right value</option>
      </select></label
    >
    <template v-if="crosses">
      <label class="line">
        <input
          type="checkbox"
          :checked="Boolean(rule.crossing)"
          @change="setCrossing(checked($event))"
        />Where it crosses {{ crosses }}, a piece lies in both</label
      >
      <p v-if="rule.crossing" class="soft">
        What belongs in both goes where they cross. What belongs in one goes beside the other.
      </p>
    </template>
    <label
      >When it does not
      <select :value="rule.reject" @change="set({ reject: value($event) as ZoneRule['reject'] })">
        <option value="GOES_BACK">Goes back</option>
        <option value="STAYS">Stays</option>
      </select></label
    >
    <label
      >Checked
      <select
        :value="rule.timing ?? 'AT_ONCE'"
        @change="set({ timing: value($event) as ZoneRule['timing'] })"
      >
        <option value="AT_ONCE">At once</option>
        <option value="ON_CHECK">With Check</option>
        <option value="ON_HAND_IN">On hand-in</option>
      </select></label
    >
    <label v-if="rule.timing === 'ON_CHECK'"
      >A check shows
      <select
        :value="rule.feedback ?? 'WHICH'"
        @change="set({ feedback: value($event) as ZoneRule['feedback'] })"
      >
        <option value="WHICH">which are right</option>
        <option value="HOW_MANY">only how many</option>
      </select></label
    >
    <label
      >Holds at most
      <DraftField
        :key="`c${zone.id}`"
        type="number"
        min="1"
        max="2000"
        placeholder="No limit"
        :value="wants.capacity ?? ''"
        @commit="deciding.setWants(zone, { capacity: whole($event, 1, 2000) })"
    /></label>
    <label v-if="wants.capacity" class="line wide">
      <input
        type="checkbox"
        :checked="Boolean(rule.showsRoom)"
        @change="set({ showsRoom: checked($event) || undefined })"
      />Students see how many more it takes</label
    >
    <label
      >Tries
      <DraftField
        :key="`t${zone.id}`"
        type="number"
        min="1"
        max="100"
        placeholder="No limit"
        :value="rule.tries ?? ''"
        @commit="set({ tries: whole($event, 1, 100) })"
    /></label>
    <label
      >Points each
      <DraftField
        :key="`p${zone.id}`"
        type="number"
        min="0"
        max="1000"
        placeholder="As set for the page"
        :value="rule.worth ?? ''"
        @commit="set({ worth: whole($event, 0, 1000) })"
    /></label>
    <label
      >Values add up to
      <DraftField
        :key="`s${zone.id}`"
        inputmode="decimal"
        placeholder="no total"
        :value="wants.total ?? ''"
        @commit="setTotal"
    /></label>
    <label class="line">
      <input
        type="checkbox"
        :checked="Boolean(wants.allOf)"
        @change="deciding.setWants(zone, { allOf: checked($event) || undefined })"
      />Counts as one, once all that belong are there</label
    >
    <p class="buttons">
      <button class="btn" @click="deciding.column(zone, 'BELONGS')">All belong</button>
      <button class="btn" @click="deciding.column(zone, 'DOES_NOT_BELONG')">None of them belongs</button>
      <button class="btn" @click="deciding.column(zone, 'UNDECIDED')">Clear its column</button>
    </p>

    <template v-if="labels.length">
      <h4>Takes all that are labelled</h4>
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
      <h4>How many copies</h4>
      <label v-for="piece in supplies" :key="piece.id"
        >{{ itemName(piece) }}
        <DraftField
          :key="`n${zone.id}${piece.id}`"
          type="number"
          min="1"
          max="200"
          placeholder="not counted"
          :value="wants.counts?.[piece.id] ?? ''"
          @commit="setCount(piece.id, $event)"
      /></label>
    </template>

    <label class="line">
      <input
        type="checkbox"
        :checked="Boolean(wants.sequence)"
        @change="checked($event) ? setOrder(byPosition()) : deciding.setWants(zone, { sequence: undefined })"
      />Order matters</label
    >
    <template v-if="wants.sequence">
      <label
        >It runs
        <select :value="wants.sequence.direction ?? 'RIGHTWARDS'" @change="setWay(value($event))">
          <option value="RIGHTWARDS">from left to right</option>
          <option value="LEFTWARDS">from right to left</option>
          <option value="DOWNWARDS">from top to bottom</option>
        </select></label
      >
      <button class="btn" @click="setOrder(byValue())">Order by value</button>
      <ol class="wide order">
        <li v-for="(piece, i) in ordered" :key="piece.id">
          <span>{{ itemName(piece) }}</span>
          <button
            class="btn quiet"
            :disabled="i === 0"
            :aria-label="`${itemName(piece)} earlier`"
            @click="move(i, -1)"
          >
            <PhArrowUp :size="16" aria-hidden="true" />
          </button>
          <button
            class="btn quiet"
            :disabled="i === ordered.length - 1"
            :aria-label="`${itemName(piece)} later`"
            @click="move(i, 1)"
          >
            <PhArrowDown :size="16" aria-hidden="true" />
          </button>
        </li>
      </ol>
    </template>

    <SetFields :deciding="deciding" :zone="zone" />
    <h4>Says</h4>
    <RepliesFields :replies="rule.replies" :of="zone.id" @set="set({ replies: $event })" />
  </section>
</template>

<style scoped src="./panel.css"></style>
<style scoped>
.chip {
  margin-left: auto;
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
.order {
  display: grid;
  gap: 2px;
  margin: 0;
  padding: 0 0 0 24px;
}
.order li span {
  display: inline-block;
  width: calc(100% - 100px);
  overflow-wrap: anywhere;
}
.order .btn {
  min-height: 28px;
  padding: 3px 8px;
}
</style>
