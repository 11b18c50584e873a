<script setup lang="ts">
import { computed } from 'vue'
import type { Item, ZoneLook, ZoneScale } from '@/api/types'
import { lookOf } from '@/page/zones'
import type { Bench } from './bench'
import DraftField from './DraftField.vue'

/** The form and the look of drop zones: of one, or of several at once. */
const props = defineProps<{ bench: Bench; zones: Extract<Item, { kind: 'zone' }>[] }>()
type Zone = Extract<Item, { kind: 'zone' }>

function same<V>(read: (zone: Zone) => V): V | null {
  const value = read(props.zones[0]!)
  return props.zones.every((zone) => read(zone) === value) ? value : null
}
const form = computed(() => same((zone) => zone.shape?.kind ?? 'BOX'))
const look = computed(() => same((zone) => lookOf(zone).kind))
const label = computed(() => same((zone) => lookOf(zone).label ?? 'TAB'))
const value = (event: Event) => (event.target as HTMLInputElement).value

function setLook(change: Partial<ZoneLook>) {
  props.bench.setBodies((item) => {
    if (item.kind !== 'zone') return null
    const next: Record<string, unknown> = { ...lookOf(item), ...change }
    for (const [name, part] of Object.entries(next)) if (part === undefined) delete next[name]
    return { ...item, look: next as unknown as ZoneLook }
  })
}
function setForm(to: string) {
  const [zone] = props.zones
  if (to === 'POLYGON') {
    props.bench.take({ is: 'area', zoneId: zone!.id })
    return
  }
  props.bench.setBodies((item) => {
    if (item.kind !== 'zone') return null
    const { shape: _, ...rest } = item
    return to === 'ELLIPSE' ? { ...rest, shape: { kind: 'ELLIPSE' } } : rest
  })
}
const scale = computed(() => props.zones[0]!.scale ?? null)
const LINE: ZoneScale = { from: 0, to: 10, step: 1, numbered: 1, snaps: true }
const PARTS = [
  ['from', 'From'],
  ['to', 'To'],
  ['step', 'A tick every'],
  ['numbered', 'A number every … ticks'],
] as const
const TICKS = 200
function setScale(to: ZoneScale | null) {
  props.bench.setBodies((item) => {
    if (item.kind !== 'zone') return null
    const { scale: _, ...rest } = item
    return to ? { ...rest, scale: to } : rest
  })
}
/** What would be no scale is told, and nothing changes. */
function setPart(part: (typeof PARTS)[number][0], text: string) {
  const typed = Number(text.replace(',', '.').replace('−', '-'))
  const next = { ...scale.value!, [part]: part === 'numbered' ? Math.round(typed) : typed }
  if (!Number.isFinite(typed) || next.from === next.to || next.step < 0.001 || next.numbered < 1)
    props.bench.editing.tell('That is no number line. It is as it was.')
  else if (Math.abs(next.to - next.from) / next.step > TICKS || next.numbered > TICKS)
    props.bench.editing.tell(`A number line has at most ${TICKS} ticks. It is as it was.`)
  else setScale(next)
}
const checked = (event: Event) => (event.target as HTMLInputElement).checked
const LOOKS = [
  ['TRAY', 'Tray'],
  ['GLASS', 'Glass'],
  ['LINE', 'Line around it'],
  ['DASHED', 'Broken line'],
  ['HIDDEN', 'Nothing is seen'],
] as const
const LABELS = [
  ['TAB', 'on a tab'],
  ['INSIDE', 'inside, at its top'],
  ['ABOVE', 'above it'],
  ['BELOW', 'below it'],
  ['NONE', 'nowhere'],
] as const
</script>

<template>
  <section class="zone-look">
    <h3>Look</h3>
    <label
      >Form
      <select :value="form ?? ''" @change="setForm(value($event))">
        <option v-if="form === null" value="" disabled>mixed</option>
        <option value="BOX">Box</option>
        <option value="ELLIPSE">Round</option>
        <option v-if="form === 'POLYGON' || zones.length === 1" value="POLYGON">Drawn by hand</option>
      </select></label
    >
    <button
      v-if="form === 'POLYGON' && zones.length === 1"
      class="btn"
      @click="bench.take({ is: 'area', zoneId: zones[0]!.id })"
    >
      Draw it anew
    </button>
    <label
      >Looks like
      <select :value="look ?? ''" @change="setLook({ kind: value($event) as ZoneLook['kind'] })">
        <option v-if="look === null" value="" disabled>mixed</option>
        <option v-for="[kind, name] in LOOKS" :key="kind" :value="kind">{{ name }}</option>
      </select></label
    >
    <p v-if="look === 'HIDDEN'" class="soft">
      Students see only what lies beneath it. Keyboards and screen readers call it a place, without its name.
    </p>
    <template v-else>
      <label
        >Its label stands
        <select :value="label ?? ''" @change="setLook({ label: value($event) as ZoneLook['label'] })">
          <option v-if="label === null" value="" disabled>mixed</option>
          <option v-for="[at, name] in LABELS" :key="at" :value="at">{{ name }}</option>
        </select></label
      >
      <div class="two">
        <label
          >Colour
          <input
            type="color"
            :value="same((zone) => lookOf(zone).colour) ?? '#68406b'"
            @change="setLook({ colour: value($event) })"
        /></label>
        <label
          >Inside
          <input
            type="color"
            :value="same((zone) => lookOf(zone).fill) ?? '#ece4d6'"
            @change="setLook({ fill: value($event) })"
        /></label>
        <button class="btn wide" @click="setLook({ colour: undefined, fill: undefined })">
          Usual colours
        </button>
      </div>
    </template>
    <template v-if="zones.length === 1">
      <label class="line"
        ><input type="checkbox" :checked="Boolean(scale)" @change="setScale(checked($event) ? LINE : null)" />
        A number line</label
      >
      <template v-if="scale">
        <div class="two">
          <label v-for="[part, name] in PARTS" :key="part"
            >{{ name
            }}<DraftField
              :key="`${part}${zones[0]!.id}`"
              inputmode="decimal"
              :value="scale[part]"
              @commit="setPart(part, $event)"
          /></label>
        </div>
        <label class="line"
          ><input
            type="checkbox"
            :checked="Boolean(scale.snaps)"
            @change="setScale({ ...scale, snaps: checked($event) })"
          />
          Pieces lie at ticks only</label
        >
        <p class="soft">Each piece gets its value in Answers, under labels and value.</p>
      </template>
    </template>
  </section>
</template>

<style scoped>
.zone-look {
  display: grid;
  gap: 8px;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
}
.line {
  display: flex;
  gap: 8px;
  align-items: center;
}
.wide {
  grid-column: 1 / -1;
}
label {
  display: grid;
  gap: 3px;
  font-size: 14px;
}
</style>
