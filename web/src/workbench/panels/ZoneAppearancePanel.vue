<script setup lang="ts">
import { t } from '@/i18n'
import { PhImage } from '@phosphor-icons/vue'
import { computed } from 'vue'
import type { Item, ZoneLook, ZoneScale } from '@/api/schema'
import { middle } from '@/page/geometry'
import { valueFrom, valueWords } from '@/page/scales'
import { lookOf } from '@/page/zones'
import type { Workbench } from '@/workbench/useWorkbench'
import { labelPlaces } from '@/workbench/edits/zoneLooks'
import DraftField from './DraftField.vue'

/** The form and the look of drop zones: of one, or of several at once. */
const props = defineProps<{ workbench: Workbench; zones: Extract<Item, { kind: 'zone' }>[] }>()
defineEmits<{ picture: [] }>()
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
  props.workbench.setBodies((item) => {
    if (item.kind !== 'zone') return null
    const next: Record<string, unknown> = { ...lookOf(item), ...change }
    for (const [name, part] of Object.entries(next)) if (part === undefined) delete next[name]
    return { ...item, look: next as unknown as ZoneLook }
  })
}
function setForm(to: string) {
  const [zone] = props.zones
  if (to === 'POLYGON') {
    props.workbench.take({ is: 'area', zoneId: zone!.id })
    return
  }
  props.workbench.setBodies((item) => {
    if (item.kind !== 'zone') return null
    const { shape: _, ...rest } = item
    return to === 'ELLIPSE' ? { ...rest, shape: { kind: 'ELLIPSE' } } : rest
  })
}
const filled = computed(() => Boolean(lookOf(props.zones[0]!).picture))
/** Of a round one alone; page units. */
const reach = computed(() => {
  const { frame, shape } = props.zones[0]!
  const round = shape?.kind === 'ELLIPSE' && Math.abs(frame.width - frame.height) < 1
  return props.zones.length === 1 && round ? Math.round(frame.width / 2) : null
})
function setReach(text: string) {
  const [zone] = props.zones
  const far = valueFrom(text)
  if (far === null || far < 12 || far > 500) {
    props.workbench.editing.tell(t('workbench.a-place-reaches-from-12-to'))
    return
  }
  const at = middle(zone!.frame)
  props.workbench.setFrame(zone!.id, {
    ...zone!.frame,
    x: at.x - far,
    y: at.y - far,
    width: 2 * far,
    height: 2 * far,
  })
}
const scale = computed(() => props.zones[0]!.scale ?? null)
const up = computed(() => props.zones[0]!.up ?? null)
const LINE: ZoneScale = { from: 0, to: 10, step: 1, numbered: 1, snaps: true }
const AXIS: ZoneScale = { from: -5, to: 5, step: 1, numbered: 1, snaps: true }
/** The lines that there are: along the zone, and of a pair of axes the upright one. */
const lines = computed(() => [
  { is: 'scale' as const, name: up.value ? t('workbench.across') : '', scale: scale.value! },
  ...(up.value ? [{ is: 'up' as const, name: t('workbench.up'), scale: up.value }] : []),
])
const values = computed(() => (up.value ? 'AXES' : scale.value ? 'LINE' : 'NONE'))
function setValues(to: string) {
  setBody(to === 'NONE' ? {} : to === 'LINE' ? { scale: scale.value ?? LINE } : { scale: AXIS, up: AXIS })
}
const PARTS = [
  ['from', t('workbench.from')],
  ['to', t('shared.to')],
  ['step', t('workbench.a-tick-every')],
  ['numbered', t('workbench.a-number-every-ticks')],
] as const
const TICKS = 200
function setBody(to: { scale?: ZoneScale; up?: ZoneScale }) {
  props.workbench.setBodies((item) => {
    if (item.kind !== 'zone') return null
    const { scale: _, up: __, ...rest } = item
    return { ...rest, ...to }
  })
}
const setScale = (line: 'scale' | 'up', to: ZoneScale) =>
  setBody({ scale: scale.value!, ...(up.value ? { up: up.value } : {}), [line]: to })
const READS = [
  ['NUMBER', t('workbench.number-numbers')],
  ['FRACTION', t('workbench.fraction-fractions')],
  ['TIME', t('workbench.times-of-the-day')],
] as const
/** Times are counted in minutes, so that a line for them begins anew. */
const DAY: ZoneScale = { from: 480, to: 960, step: 30, numbered: 2, snaps: true, reads: 'TIME' }
function setReads(line: 'scale' | 'up', of: ZoneScale, to: string) {
  const { reads: _, ...plain } = of
  if (to === 'TIME') setScale(line, DAY)
  else
    setScale(line, {
      ...(of.reads === 'TIME' ? LINE : plain),
      ...(to === 'FRACTION' ? { reads: 'FRACTION' as const } : {}),
    })
}
/** What would be no scale is told, and nothing changes. */
function setPart(line: 'scale' | 'up', of: ZoneScale, part: (typeof PARTS)[number][0], text: string) {
  const typed = valueFrom(text) ?? NaN
  const next = { ...of, [part]: part === 'numbered' ? Math.round(typed) : typed }
  if (!Number.isFinite(typed) || next.from === next.to || next.step < 0.001 || next.numbered < 1)
    props.workbench.editing.tell(t('workbench.that-is-no-number-line-it'))
  else if (Math.abs(next.to - next.from) / next.step > TICKS || next.numbered > TICKS)
    props.workbench.editing.tell(t('workbench.too-many-ticks', { most: TICKS }))
  else if (of.reads === 'TIME' && Math.min(next.from, next.to) < 0)
    props.workbench.editing.tell(t('workbench.times-of-the-day-run-from'))
  else setScale(line, next)
}
const checked = (event: Event) => (event.target as HTMLInputElement).checked
const LOOKS = [
  ['TRAY', t('workbench.tray')],
  ['GLASS', t('workbench.glass')],
  ['LINE', t('workbench.line-around-it')],
  ['DASHED', t('shared.broken-line')],
  ['HIDDEN', t('workbench.nothing-is-seen')],
] as const
</script>

<template>
  <section class="zone-look">
    <h3>{{ t('workbench.appearance') }}</h3>
    <label
      >{{ t('workbench.shape') }}
      <select :value="form ?? ''" @change="setForm(value($event))">
        <option v-if="form === null" value="" disabled>{{ t('workbench.mixed') }}</option>
        <option value="BOX">{{ t('workbench.box') }}</option>
        <option value="ELLIPSE">{{ t('workbench.round') }}</option>
        <option v-if="form === 'POLYGON' || zones.length === 1" value="POLYGON">
          {{ t('workbench.drawn-by-hand') }}
        </option>
      </select></label
    >
    <button
      v-if="form === 'POLYGON' && zones.length === 1"
      class="btn"
      @click="workbench.take({ is: 'area', zoneId: zones[0]!.id })"
    >
      {{ t('workbench.draw-it-anew') }}
    </button>
    <label v-if="reach !== null"
      >{{ t('workbench.how-far-it-reaches-from-its') }}
      <DraftField :key="zones[0]!.id" inputmode="numeric" :value="reach" @commit="setReach"
    /></label>
    <label
      >{{ t('workbench.looks-like') }}
      <select :value="look ?? ''" @change="setLook({ kind: value($event) as ZoneLook['kind'] })">
        <option v-if="look === null" value="" disabled>{{ t('workbench.mixed') }}</option>
        <option v-for="[kind, name] in LOOKS" :key="kind" :value="kind">{{ name }}</option>
      </select></label
    >
    <p v-if="look === 'HIDDEN'" class="soft">{{ t('workbench.students-see-only-what-lies-beneath') }}</p>
    <template v-else>
      <label
        >{{ t('workbench.its-label-stands') }}
        <select :value="label ?? ''" @change="setLook({ label: value($event) as ZoneLook['label'] })">
          <option v-if="label === null" value="" disabled>{{ t('workbench.mixed') }}</option>
          <option v-for="[at, name] in labelPlaces()" :key="at" :value="at">{{ name }}</option>
        </select></label
      >
      <div class="two">
        <label
          >{{ t('shared.colour') }}
          <input
            type="color"
            :value="same((zone) => lookOf(zone).colour) ?? '#68406b'"
            @change="setLook({ colour: value($event) })"
        /></label>
        <label
          >{{ t('workbench.inside') }}
          <input
            type="color"
            :value="same((zone) => lookOf(zone).fill) ?? '#ece4d6'"
            @change="setLook({ fill: value($event) })"
        /></label>
        <button class="btn wide" @click="setLook({ colour: undefined, fill: undefined })">
          {{ t('workbench.usual-colours') }}
        </button>
      </div>
    </template>
    <template v-if="zones.length === 1 && look !== 'HIDDEN'">
      <div class="two">
        <button class="btn wide" @click="$emit('picture')">
          <PhImage :size="17" aria-hidden="true" />{{
            filled ? t('workbench.another-picture') : t('workbench.fill-it-with-a-picture')
          }}
        </button>
        <button v-if="filled" class="btn wide" @click="setLook({ picture: undefined, credit: undefined })">
          {{ t('workbench.no-picture-2') }}
        </button>
      </div>
      <label v-if="filled"
        >{{ t('workbench.whose-picture-it-is-licence-source') }}
        <DraftField
          :key="`c${zones[0]!.id}`"
          :value="lookOf(zones[0]!).credit ?? ''"
          maxlength="300"
          :placeholder="t('workbench.name-licence-where-from')"
          @commit="setLook({ credit: $event || undefined })"
      /></label>
    </template>
    <template v-if="zones.length === 1">
      <label
        >{{ t('workbench.places-in-it-have-a-value') }}
        <select :value="values" @change="setValues(value($event))">
          <option value="NONE">{{ t('workbench.no') }}</option>
          <option value="LINE">{{ t('workbench.along-a-number-line') }}</option>
          <option value="AXES">{{ t('workbench.on-a-pair-of-axes') }}</option>
        </select></label
      >
      <template v-for="line in scale ? lines : []" :key="line.is">
        <h4 v-if="line.name">{{ line.name }}</h4>
        <label
          >{{ t('workbench.values-are-read-as') }}
          <select
            :value="line.scale.reads ?? 'NUMBER'"
            @change="setReads(line.is, line.scale, value($event))"
          >
            <option v-for="[reads, name] in READS" :key="reads" :value="reads">{{ name }}</option>
          </select></label
        >
        <div class="two">
          <label v-for="[part, name] in PARTS" :key="part"
            >{{ name
            }}<DraftField
              :key="`${line.is}${part}${zones[0]!.id}`"
              :value="part === 'numbered' ? line.scale[part] : valueWords(line.scale, line.scale[part])"
              @commit="setPart(line.is, line.scale, part, $event)"
          /></label>
        </div>
        <label class="line"
          ><input
            type="checkbox"
            :checked="Boolean(line.scale.snaps)"
            @change="setScale(line.is, { ...line.scale, snaps: checked($event) })"
          />
          {{ t('workbench.pieces-lie-at-ticks-only') }}</label
        >
      </template>
      <p v-if="scale" class="soft">{{ t('workbench.each-piece-gets-its-value-in') }}</p>
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
