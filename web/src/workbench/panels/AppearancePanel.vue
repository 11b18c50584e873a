<script setup lang="ts">
import { t } from '@/i18n'
import { computed } from 'vue'
import type { Item } from '@/api/schema'
import { FORMS } from '@/page/shapes'
import type { Workbench } from '@/workbench/useWorkbench'
import { dashNames } from './lineLooks'
import DraftField from './DraftField.vue'
import { noteColours } from '@/workbench/edits/make'
import ToneButtons from './ToneButtons.vue'
import ZoneAppearancePanel from './ZoneAppearancePanel.vue'

/** Colours, outlines and the like: of one item, or of several of a kind at once. */
const props = defineProps<{ workbench: Workbench; items: Item[] }>()
defineEmits<{ picture: [] }>()

type Of<K extends Item['kind']> = Extract<Item, { kind: K }>
const of = <K extends Item['kind']>(kind: K) =>
  props.items.filter((item): item is Of<K> => item.kind === kind)
const shapes = computed(() => of('shape'))
const linesOnly = computed(() => of('line'))
const notes = computed(() => of('note'))
const covers = computed(() => of('cover'))
const lenses = computed(() => of('lens'))
const zones = computed(() => of('zone'))

/** What all have, or null where they differ. */
function same<T, V>(all: T[], read: (one: T) => V): V | null {
  const [first] = all
  if (!first) return null
  const value = read(first)
  return all.every((one) => read(one) === value) ? value : null
}
const look = <T extends Of<'shape'> | Of<'line'>>(item: T, change: object): T => {
  const next: Record<string, unknown> = { ...item.look, ...change }
  for (const [name, value] of Object.entries(next)) if (value === undefined) delete next[name]
  return { ...item, look: next } as T
}
const drawn = computed(() => [...shapes.value, ...linesOnly.value])
const setDrawn = (change: object) =>
  props.workbench.setBodies((item) =>
    item.kind === 'shape' || item.kind === 'line' ? look(item, change) : null,
  )
const setShapes = (change: object) =>
  props.workbench.setBodies((item) => (item.kind === 'shape' ? look(item, change) : null))
const setLines = (change: object) =>
  props.workbench.setBodies((item) => (item.kind === 'line' ? look(item, change) : null))
const value = (event: Event) => (event.target as HTMLInputElement).value
const DASHES = dashNames()
const ENDS = [
  ['PLAIN', t('workbench.plain-plain')],
  ['ARROW', t('workbench.arrow-arrow')],
  ['DOT', t('workbench.dot-dot')],
  ['BAR', t('workbench.bar-bar')],
] as const
const WIDTHS = [1, 2, 3, 4, 5, 6, 8, 10, 14, 20, 30]
const thickness = computed(() => same(drawn.value, (item) => item.look.thickness))
</script>

<template>
  <ZoneAppearancePanel
    v-if="zones.length"
    :workbench="workbench"
    :zones="zones"
    @picture="$emit('picture')"
  />
  <section v-if="drawn.length || notes.length || covers.length || lenses.length" class="look">
    <h3>{{ t('workbench.appearance') }}</h3>
    <template v-if="shapes.length">
      <label
        >{{ t('workbench.shape') }}
        <select :value="same(shapes, (s) => s.look.form) ?? ''" @change="setShapes({ form: value($event) })">
          <option v-if="same(shapes, (s) => s.look.form) === null" value="" disabled>
            {{ t('workbench.mixed') }}
          </option>
          <option v-for="one in FORMS" :key="one.form" :value="one.form">{{ one.name }}</option>
        </select></label
      >
      <label v-if="same(shapes, (s) => s.look.form) === 'POLYGON'"
        >{{ t('workbench.sides') }}
        <DraftField
          :key="shapes.map((s) => s.id).join()"
          type="number"
          min="3"
          max="20"
          :value="same(shapes, (s) => s.look.sides) ?? ''"
          @commit="setShapes({ sides: Math.min(20, Math.max(3, Math.round(Number($event) || 3))) })"
      /></label>
      <ToneButtons
        :of="t('workbench.light-tones-for-its-inside')"
        small
        :colour="same(shapes, (s) => s.look.fill)"
        @take="setShapes({ fill: $event })"
      />
      <div class="two">
        <label
          >{{ t('workbench.fill') }}
          <input
            type="color"
            :value="same(shapes, (s) => s.look.fill) ?? '#ffffff'"
            @change="setShapes({ fill: value($event) })"
        /></label>
        <label
          >{{ t('workbench.outline') }}
          <input
            type="color"
            :value="same(shapes, (s) => s.look.outline) ?? '#07444b'"
            @change="setShapes({ outline: value($event) })"
        /></label>
        <button
          class="btn"
          :aria-pressed="shapes.every((s) => !s.look.fill)"
          @click="setShapes({ fill: undefined })"
        >
          {{ t('workbench.hollow') }}
        </button>
        <button
          class="btn"
          :aria-pressed="shapes.every((s) => !s.look.outline)"
          @click="setShapes({ outline: undefined })"
        >
          {{ t('workbench.no-outline') }}
        </button>
      </div>
    </template>
    <label v-if="linesOnly.length"
      >{{ t('shared.colour') }}
      <input
        type="color"
        :value="same(linesOnly, (l) => l.look.colour) ?? '#07444b'"
        @change="setLines({ colour: value($event) })"
    /></label>
    <div v-if="drawn.length" class="two">
      <label
        >{{ t('workbench.thickness') }}
        <select :value="thickness ?? ''" @change="setDrawn({ thickness: Number(value($event)) })">
          <option v-if="thickness === null" value="" disabled>{{ t('workbench.mixed') }}</option>
          <option v-else-if="!WIDTHS.includes(thickness)" :value="thickness">{{ thickness }}</option>
          <option v-for="n in WIDTHS" :key="n" :value="n">{{ n }}</option>
        </select></label
      >
      <label
        >{{ t('workbench.dashes') }}
        <select :value="same(drawn, (d) => d.look.dash) ?? ''" @change="setDrawn({ dash: value($event) })">
          <option v-if="same(drawn, (d) => d.look.dash) === null" value="" disabled>
            {{ t('workbench.mixed') }}
          </option>
          <option v-for="[dash, name] in DASHES" :key="dash" :value="dash">{{ name }}</option>
        </select></label
      >
    </div>
    <template v-if="linesOnly.length">
      <div class="two">
        <label v-for="end in ['start', 'end'] as const" :key="end"
          >{{ end === 'start' ? t('workbench.begins') : t('workbench.ends') }}
          <select
            :value="same(linesOnly, (l) => l.look[end]) ?? ''"
            @change="setLines({ [end]: value($event) })"
          >
            <option v-if="same(linesOnly, (l) => l.look[end]) === null" value="" disabled>
              {{ t('workbench.mixed') }}
            </option>
            <option v-for="[one, name] in ENDS" :key="one" :value="one">{{ name }}</option>
          </select></label
        >
      </div>
      <p class="soft small">{{ t('workbench.pull-an-end-over-something-and') }}</p>
    </template>
    <div v-if="notes.length" class="slips" role="group" :aria-label="t('workbench.colour-of-the-note')">
      <button
        v-for="[colour, name] in noteColours()"
        :key="colour"
        :style="{ background: colour }"
        :aria-label="name"
        :title="name"
        :aria-pressed="same(notes, (n) => n.colour) === colour"
        @click="workbench.setBodies((item) => (item.kind === 'note' ? { ...item, colour } : null))"
      ></button>
    </div>
    <label v-if="notes.length" class="switch"
      >{{ t('workbench.students-write-on-it') }}
      <input
        type="checkbox"
        :checked="notes.every((n) => n.writable)"
        @change="
          workbench.setBodies((item) =>
            item.kind === 'note' ? { ...item, writable: ($event.target as HTMLInputElement).checked } : null,
          )
        "
    /></label>
    <template v-if="covers.length">
      <label
        >{{ t('shared.colour') }}
        <input
          type="color"
          :value="same(covers, (c) => c.colour) ?? '#0b5d66'"
          @change="
            workbench.setBodies((item) => (item.kind === 'cover' ? { ...item, colour: value($event) } : null))
          "
      /></label>
      <label
        >{{ t('workbench.slides') }}
        <select
          :value="same(covers, (c) => c.direction) ?? ''"
          @change="
            workbench.setBodies((item) =>
              item.kind === 'cover' ? { ...item, direction: value($event) as 'LEFT' } : null,
            )
          "
        >
          <option value="LEFT">{{ t('workbench.to-the-left') }}</option>
          <option value="RIGHT">{{ t('workbench.to-the-right') }}</option>
          <option value="UP">{{ t('workbench.up-2') }}</option>
          <option value="DOWN">{{ t('workbench.down-2') }}</option>
        </select></label
      >
      <label
        >{{ t('workbench.written-on-it') }}
        <input
          type="text"
          maxlength="300"
          :value="same(covers, (c) => c.label) ?? ''"
          @change="
            workbench.setBodies((item) => (item.kind === 'cover' ? { ...item, label: value($event) } : null))
          "
      /></label>
    </template>
    <label v-if="lenses.length"
      >{{ t('workbench.border') }}
      <input
        type="color"
        :value="same(lenses, (l) => l.colour) ?? '#68406b'"
        @change="
          workbench.setBodies((item) => (item.kind === 'lens' ? { ...item, colour: value($event) } : null))
        "
    /></label>
  </section>
</template>

<style scoped>
.look {
  display: grid;
  gap: 8px;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
}
label {
  display: grid;
  gap: 3px;
  font-size: 14px;
}
.switch {
  grid-template-columns: 1fr auto;
  align-items: center;
}
.switch input {
  width: 18px;
  height: 18px;
  accent-color: var(--petrol);
}
select,
input[type='number'],
input[type='text'] {
  width: 100%;
  min-width: 0;
  padding: 5px 6px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: #fff;
}
input[type='color'] {
  width: 100%;
  height: 32px;
}
.btn {
  padding: 4px 6px;
  font-size: 13px;
}
.slips {
  display: grid;
  grid-template-columns: repeat(6, 1fr);
  gap: 6px;
}
.slips button {
  height: 30px;
  border: 1.5px solid var(--line);
  border-radius: 3px;
  cursor: pointer;
}
.slips button[aria-pressed='true'] {
  border-color: var(--petrol);
  box-shadow: inset 0 -4px var(--petrol);
}
.small {
  font-size: 13px;
}
</style>
