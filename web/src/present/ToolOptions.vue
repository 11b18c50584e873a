<script setup lang="ts">
import { computed, ref } from 'vue'
import { pens, setPen } from '@/workbench/edits/pens'
import type { InstrumentKind } from './instruments'
import type { LiveKind } from './liveSource'
import type { Panel } from './PresentDock.vue'
import type { Presentation } from './presentation'
import type { Timers } from './timers'
import type { Manner } from './strokes'
import { inOrder, moved, type TileName } from './tiles'
import type { Tools } from './tools'

/** What the tool in the hand, or what lies over the page, can be set to. */
const props = defineProps<{
  panel: Panel
  tools: Tools
  timers: Timers
  show: Presentation
  classes: { id: string; name: string }[]
  /** Whether the class's tablets turn to the page that is shown. */
  following: boolean
  /** Whether the page is larger than it fits. */
  zoomed: boolean
}>()
const emit = defineEmits<{
  wipe: []
  all: []
  again: []
  everything: []
  names: []
  follow: []
  student: []
  class: [id: string]
  screen: []
  larger: []
  smaller: []
  whole: []
  lessons: []
  keyboard: []
  picture: []
  live: [kind: LiveKind]
  round: [round: boolean]
  calculator: []
  scale: []
  shape: [corners: number]
  groups: []
  cover: [what: string | File]
  away: []
  instrument: [kind: InstrumentKind]
  close: []
}>()
const pageId = computed(() => props.show.surface.value)
const scale = computed(() => props.show.scaleOf(pageId.value))
/** An inch is 2.54 cm, as it is defined. */
function setUnit(typed: string) {
  const unit = typed === 'own' ? 'km' : typed.trim()
  const was = scale.value
  const per =
    was.unit === 'cm' && unit === 'inch'
      ? was.per * 2.54
      : was.unit === 'inch' && unit === 'cm'
        ? was.per / 2.54
        : was.per
  props.show.setScale(pageId.value, { unit, per })
}
function coverFile(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (file) emit('cover', file)
}
function newShape(event: Event) {
  const field = event.target as HTMLSelectElement
  if (field.value) emit('shape', Number(field.value))
  field.value = ''
}
const COVERS = ['#3c4d55', '#0c343b', '#f4e7c8', '#a8432b', '#68406b', '#ffffff']
const ordering = ref(false)
const shift = (name: TileName, by: number) =>
  props.tools.set({ order: moved(settings.value.order, name, by) })
const settings = computed(() => props.tools.settings.value)
const number = (event: Event) => Number((event.target as HTMLInputElement).value)
const COLOURS = ['#1f2d33', '#a8432b', '#0b5d66', '#1d4e9e', '#68406b', '#8a6100', '#ffffff']
const TINTS = ['#ffe27a', '#b9e3c6', '#f6c1cf', '#bcd9f2']
const WIDTHS = [3, 6, 12, 20]
const PENS = [
  ['pen1', 'Pen 1'],
  ['pen2', 'Pen 2'],
  ['pen3', 'Pen 3'],
] as const
const HIGHLIGHTERS = [
  ['tint1', 'Highlighter 1'],
  ['tint2', 'Highlighter 2'],
] as const
const chosen = computed(() =>
  props.panel === 'highlighter' ? settings.value.highlighter : settings.value.pen,
)
const pen = computed(() => pens[chosen.value]!)
const choose = (name: string) =>
  props.tools.set(props.panel === 'highlighter' ? { highlighter: name } : { pen: name })
const INSTRUMENTS: [InstrumentKind, string][] = [
  ['RULER', 'Ruler'],
  ['SET_SQUARE_45', 'Set square 45°'],
  ['SET_SQUARE_30_60', 'Set square 30°, 60°'],
  ['PROTRACTOR', 'Protractor'],
  ['FULL_PROTRACTOR', 'Full protractor'],
  ['COMPASSES', 'Compasses'],
]
const MANNERS: [Manner, string][] = [
  ['PEN', 'a line'],
  ['ARROW', 'an arrow'],
  ['BRUSH', 'with a brush'],
  ['STAR', 'stars'],
  ['HEART', 'hearts'],
  ['TICK', 'ticks'],
  ['DOT', 'rings'],
]
const MINUTES = [1, 2, 3, 5, 10, 20]
const spot = computed(() => props.show.spot.value)
</script>

<template>
  <div class="options" @keydown.esc.stop="emit('close')">
    <template v-if="panel === 'pen' || panel === 'fading' || panel === 'highlighter'">
      <button
        v-for="[name, label] in panel === 'highlighter' ? HIGHLIGHTERS : PENS"
        :key="name"
        class="btn"
        :aria-pressed="chosen === name"
        @click="choose(name)"
      >
        <span class="dot" :style="{ background: pens[name]!.colour }" aria-hidden="true" />{{ label }}
      </button>
      <span class="group" role="group" aria-label="Colour">
        <button
          v-for="colour in panel === 'highlighter' ? TINTS : COLOURS"
          :key="colour"
          class="colour"
          :style="{ '--colour': colour }"
          :aria-label="`Colour ${colour}`"
          :aria-pressed="pen.colour === colour"
          @click="setPen(chosen, { colour })"
        />
      </span>
      <span v-if="panel !== 'highlighter'" class="group" role="group" aria-label="Width">
        <button
          v-for="width in WIDTHS"
          :key="width"
          class="width"
          :aria-label="`Width ${width}`"
          :aria-pressed="pen.width === width"
          @click="setPen(chosen, { width })"
        >
          <span :style="{ width: `${width + 2}px`, height: `${width + 2}px` }" />
        </button>
      </span>
      <button
        v-if="panel === 'pen'"
        class="btn"
        :aria-pressed="pen.dash === 'DASHED'"
        @click="setPen(chosen, { dash: pen.dash === 'DASHED' ? 'SOLID' : 'DASHED' })"
      >
        Broken line
      </button>
      <label v-if="panel === 'pen'"
        >Draws
        <select
          :value="settings.manner"
          @change="tools.set({ manner: ($event.target as HTMLSelectElement).value as Manner })"
        >
          <option v-for="[manner, name] in MANNERS" :key="manner" :value="manner">{{ name }}</option>
        </select></label
      >
      <label v-if="panel === 'pen'" class="line"
        ><input type="checkbox" :checked="settings.neat" @change="tools.set({ neat: !settings.neat })" />Offer
        neat shapes</label
      >
      <span v-if="panel === 'pen'" class="hint"
        >Hold still while you draw, and the line becomes straight, a shape neat.</span
      >
      <span v-if="panel === 'fading'" class="hint">It is gone after a few seconds.</span>
    </template>
    <template v-else-if="panel === 'eraser'">
      <button
        class="btn"
        :aria-pressed="!settings.wholeStrokes && !settings.encircles"
        @click="tools.set({ wholeStrokes: false, encircles: false })"
      >
        Eraser
      </button>
      <button
        class="btn"
        :aria-pressed="settings.wholeStrokes && !settings.encircles"
        @click="tools.set({ wholeStrokes: true, encircles: false })"
      >
        Eraser for whole strokes
      </button>
      <button class="btn" :aria-pressed="settings.encircles" @click="tools.set({ encircles: true })">
        What I encircle
      </button>
      <label
        >Size
        <input
          type="range"
          min="10"
          max="90"
          step="5"
          :value="settings.eraser"
          @input="tools.set({ eraser: number($event) })"
      /></label>
    </template>
    <template v-else-if="panel === 'lasso'">
      <span class="hint">Draw around ink to move, size, copy or keep it.</span>
      <button class="btn" :disabled="!show.strokes.value.length" @click="emit('all')">
        All the ink on this page
      </button>
    </template>
    <template v-else-if="panel === 'cover'">
      <span class="group" role="group" aria-label="Colour of the cover">
        <button
          v-for="colour in COVERS"
          :key="colour"
          class="colour"
          :style="{ '--colour': colour }"
          :aria-label="`Colour ${colour}`"
          :aria-pressed="settings.cover === colour"
          @click="emit('cover', colour)"
        />
      </span>
      <label
        >A picture
        <input type="file" accept="image/png,image/jpeg,image/webp" @change="coverFile" />
      </label>
      <span class="hint">Draw it back at any of its four sides.</span>
    </template>
    <template v-else-if="panel === 'spotlight'">
      <button class="btn" :aria-pressed="spot.round" @click="emit('round', true)">Circle</button>
      <button class="btn" :aria-pressed="!spot.round" @click="emit('round', false)">Box</button>
      <label
        >Dimness
        <input
          type="range"
          min="30"
          max="100"
          step="5"
          :value="settings.dim"
          @input="tools.set({ dim: number($event) })"
      /></label>
    </template>
    <template v-else-if="panel === 'magnifier'">
      <label
        >{{ settings.magnify }} times
        <input
          type="range"
          min="1.5"
          max="8"
          step="0.5"
          :value="settings.magnify"
          @input="tools.set({ magnify: number($event) })"
      /></label>
    </template>
    <template v-else-if="panel === 'measure'">
      <button
        v-for="[kind, name] in INSTRUMENTS"
        :key="kind"
        class="btn"
        :aria-pressed="show.instruments.value.some((one) => one.kind === kind)"
        @click="emit('instrument', kind)"
      >
        {{ name }}
      </button>
      <label
        >Shape
        <select :value="''" @change="newShape">
          <option value="">with corners to pull</option>
          <option value="2">a line</option>
          <option value="3">a triangle</option>
          <option value="4">four corners</option>
          <option value="5">five corners</option>
          <option value="6">six corners</option>
        </select></label
      >
      <label class="line"
        ><input
          type="checkbox"
          :checked="settings.readings"
          @change="tools.set({ readings: !settings.readings })"
        />Write lengths and angles on shapes</label
      >
      <label
        >Measured in
        <select
          :value="['cm', 'inch'].includes(scale.unit) ? scale.unit : 'own'"
          @change="setUnit(($event.target as HTMLSelectElement).value)"
        >
          <option value="cm">centimetres</option>
          <option value="inch">inches</option>
          <option value="own">a scale of my own</option>
        </select></label
      >
      <label v-if="!['cm', 'inch'].includes(scale.unit)"
        >Called
        <input
          class="units"
          maxlength="12"
          :value="scale.unit"
          @change="setUnit(($event.target as HTMLInputElement).value)"
      /></label>
      <label
        >One is
        <input
          type="number"
          class="units"
          min="8"
          max="400"
          :value="Math.round(scale.per * 100) / 100"
          @change="show.setScale(pageId, { ...scale, per: number($event) })"
        />
        page units</label
      >
      <button class="btn" @click="emit('scale')">By a known length</button>
      <button class="btn" @click="emit('calculator')">Calculator</button>
      <span class="hint">A pen that begins beside an edge follows it.</span>
    </template>
    <template v-else-if="panel === 'timer'">
      <button
        v-for="minutes in MINUTES"
        :key="minutes"
        class="btn"
        @click="timers.add('countdown', minutes * 60_000)"
      >
        {{ minutes }} min
      </button>
      <button class="btn" @click="timers.add('stopwatch')">Stopwatch</button>
      <button class="btn" @click="timers.add('clock')">Clock</button>
    </template>
    <template v-else-if="panel === 'class'">
      <label
        >Class
        <select
          :value="show.classId ?? ''"
          @change="emit('class', ($event.target as HTMLSelectElement).value)"
        >
          <option value="">no class</option>
          <option v-for="one in classes" :key="one.id" :value="one.id">{{ one.name }}</option>
        </select></label
      >
      <button class="btn pri" :disabled="!show.classId" @click="emit('names')">Draw a name</button>
      <button class="btn" :disabled="!show.classId" @click="emit('groups')">Groups</button>
      <button class="btn" :disabled="!show.classId" :aria-pressed="following" @click="emit('follow')">
        Follow me
      </button>
      <button class="btn" :disabled="!show.classId" @click="emit('student')">Show a student's page</button>
      <span v-if="!show.classId" class="hint">Choose the class first.</span>
      <span v-else class="hint"
        >Follow me turns the class's tablets to this page, each time you turn it.</span
      >
    </template>
    <template v-else-if="panel === 'clear'">
      <button class="btn" :disabled="!show.strokes.value.length" @click="emit('wipe')">Ink</button>
      <button class="btn" :disabled="!show.moved.value" @click="emit('again')">Things that were moved</button>
      <button
        class="btn"
        :disabled="!show.moved.value && !show.strokes.value.length"
        @click="emit('everything')"
      >
        Everything
      </button>
      <span class="hint">Undo brings it back.</span>
    </template>
    <template v-else-if="panel === 'more'">
      <button class="btn" :aria-pressed="tools.has('blank')" @click="tools.toggle('blank')">
        Blank screen
      </button>
      <button class="btn" @click="emit('screen')">Full screen</button>
      <button class="btn" @click="emit('larger')">Page larger</button>
      <button class="btn" :disabled="!zoomed" @click="emit('smaller')">Page smaller</button>
      <button class="btn" :disabled="!zoomed" @click="emit('whole')">Whole page</button>
      <button class="btn" @click="emit('away')">Hide the tools</button>
      <button class="btn" @click="emit('keyboard')">Keyboard</button>
      <button class="btn" @click="emit('lessons')">Ink of other days</button>
      <button class="btn" @click="emit('picture')">Picture of the screen</button>
      <button class="btn" @click="emit('live', 'camera')">Camera</button>
      <button class="btn" @click="emit('live', 'window')">Another window</button>
      <label
        >Page
        <select
          :value="settings.fit"
          @change="tools.set({ fit: ($event.target as HTMLSelectElement).value as never })"
        >
          <option value="page">as large as it fits</option>
          <option value="width">as wide as the screen</option>
          <option value="height">as high as the screen</option>
        </select></label
      >
      <label
        >Tools stand
        <select
          :value="settings.side"
          @change="tools.set({ side: ($event.target as HTMLSelectElement).value as never })"
        >
          <option value="bottom">at the bottom</option>
          <option value="left">on the left</option>
          <option value="right">on the right</option>
        </select></label
      >
      <button class="btn" :aria-expanded="ordering" @click="ordering = !ordering">Order of the tools</button>
      <ol v-if="ordering" class="order" aria-label="Order of the tools">
        <li v-for="tile in inOrder(settings.order)" :key="tile.name">
          <span>{{ tile.says }}</span>
          <button class="btn" :aria-label="`${tile.says}: earlier`" @click="shift(tile.name, -1)">↑</button>
          <button class="btn" :aria-label="`${tile.says}: later`" @click="shift(tile.name, 1)">↓</button>
        </li>
        <li><button class="btn" @click="tools.set({ order: [] })">As usual</button></li>
      </ol>
      <label class="line"
        ><input
          type="checkbox"
          :checked="settings.large"
          @change="tools.set({ large: !settings.large })"
        />Large tools</label
      >
    </template>
  </div>
</template>

<style scoped>
.options {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  max-width: 100%;
  padding: 8px 12px;
  border-radius: 14px 14px 14px 4px;
  background: #fffdf8;
  box-shadow: 0 6px 18px #0006;
  color: var(--ink);
}
.btn {
  display: inline-flex;
  gap: 8px;
  align-items: center;
  min-height: 44px;
}
.btn[aria-pressed='true'] {
  border-color: var(--petrol);
  background: var(--petrol-t);
  box-shadow: inset 0 -3px var(--petrol);
}
.dot {
  width: 18px;
  height: 18px;
  border: 1px solid #0003;
  border-radius: 50%;
}
.group {
  display: flex;
  gap: 4px;
}
.colour {
  width: 44px;
  height: 44px;
  border: 3px solid #fff;
  border-radius: 50% 50% 50% 6px;
  background: var(--colour);
  box-shadow: 0 0 0 1px var(--line);
  cursor: pointer;
}
.colour[aria-pressed='true'],
.width[aria-pressed='true'] {
  box-shadow: 0 0 0 3px var(--saffron);
}
.width {
  display: grid;
  place-items: center;
  width: 44px;
  height: 44px;
  border: 0;
  border-radius: 10px;
  background: none;
  cursor: pointer;
}
.width span {
  border-radius: 50%;
  background: var(--ink);
}
label {
  display: flex;
  gap: 8px;
  align-items: center;
}
.line input {
  width: 22px;
  height: 22px;
}
.order {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(216px, 1fr));
  gap: 4px 18px;
  width: 100%;
  max-height: 40vh;
  margin: 0;
  padding: 0;
  overflow: auto;
  list-style: none;
}
.order li {
  display: flex;
  gap: 6px;
  align-items: center;
}
.order span {
  flex: 1;
}
.units {
  width: 84px;
  min-height: 40px;
}
.hint {
  color: #55656b;
}
</style>
