<script setup lang="ts">
import {
  PhArrowsInLineVertical,
  PhListBullets,
  PhListNumbers,
  PhPencilSimple,
  PhTextAlignCenter,
  PhTextAlignLeft,
  PhTextAlignRight,
  PhTextB,
  PhTextItalic,
  PhTextSubscript,
  PhTextSuperscript,
  PhTextUnderline,
} from '@phosphor-icons/vue'
import { computed } from 'vue'
import type { Item, Look, Paragraph, WordContent, WordStyle } from '@/api/schema'
import { FONTS } from '@/page/fonts'
import { fontsReady, relaid, type Said } from '@/page/wordFit'
import type { Workbench } from '@/workbench/useWorkbench'
import WordLinkField from './WordLinkField.vue'
import type { MarkName } from '@/workbench/words/schema'
import { shrunk } from '@/workbench/words/shrink'

/** How words look: of the letters that are selected while writing, else of the whole box. */
const props = defineProps<{ bench: Workbench; item: Item }>()

const writer = computed(() => props.bench.writer.value)
const content = computed<WordContent | null>(() => {
  const { item } = props
  if (item.kind === 'words') return item.content
  return item.kind === 'note' || item.kind === 'shape' ? (item.words ?? null) : null
})
const style = computed<WordStyle | null>(
  () =>
    (props.bench.writing.value && props.bench.wordsOf(props.bench.writing.value)?.content.style) ||
    content.value?.style ||
    null,
)
const marks = computed(() => writer.value?.marks.value ?? whole.value)
/** What the whole text has in common, beyond its style. */
const whole = computed<Partial<Record<MarkName, string | number | boolean>>>(() => {
  const spans = content.value?.spans ?? []
  const text = content.value?.text ?? ''
  return spans.length === 1 && spans[0]!.from === 0 && spans[0]!.to === text.length
    ? (spans[0]!.look as never)
    : {}
})
const paragraph = computed<Paragraph>(
  () => writer.value?.paragraph.value ?? content.value?.paragraphs?.[0] ?? {},
)
const mixed = (name: MarkName) =>
  !writer.value &&
  (content.value?.spans ?? []).some((span) => span.look[name] !== undefined) &&
  whole.value[name] === undefined

const SIZES = [20, 24, 32, 44, 60, 80, 110, 150, 200]
const sizeNow = computed(() => Number(marks.value.size ?? style.value?.size ?? 44))

/** The whole box in another style: what its letters said otherwise on that point is taken back. */
function restyle(change: Partial<WordStyle>, cleared?: MarkName) {
  const now = content.value
  if (!now) return
  const spans = (now.spans ?? [])
    .map((span) => {
      const look: Look = { ...span.look }
      if (cleared) delete look[cleared]
      return { ...span, look }
    })
    .filter((span) => Object.keys(span.look).length > 0)
  setSaid({ style: { ...now.style, ...change }, spans })
}
function setSaid(change: Partial<Said>) {
  const { item } = props
  if (item.kind === 'words') props.bench.setWords(item, change)
  else if (item.kind === 'note') {
    props.bench.setBody({ ...item, words: relaid(item.words, change, item.frame.width - 28).content })
  } else if (item.kind === 'shape' && item.words) {
    props.bench.setBody({ ...item, words: relaid(item.words, change, item.frame.width).content })
  }
}

function setSize(size: number) {
  if (writer.value) writer.value.set('size', size === style.value?.size ? null : size)
  else restyle({ size }, 'size')
}
function setColour(colour: string) {
  if (writer.value) writer.value.set('colour', colour)
  else restyle({ colour }, 'colour')
}
async function setFont(font: NonNullable<WordStyle['font']>) {
  if (writer.value) {
    // At once: whoever types on means the next letter already. It is measured when they are done.
    writer.value.set('font', font)
    await fontsReady([font])
    return
  }
  const { id } = props.item
  await fontsReady([font])
  if (props.item.id === id) restyle({ font: font === 'ANDIKA' ? undefined : font }, 'font')
}
/** Looks that only letters have are set on all of them. */
function toggle(name: 'bold' | 'italic' | 'underline') {
  if (writer.value) writer.value.toggle(name)
  else if (name === 'bold') restyle({ bold: !style.value!.bold }, 'bold')
  else onAll({ [name]: whole.value[name] ? undefined : true })
}
function script(which: 'SUB' | 'SUPER') {
  if (writer.value) writer.value.set('script', marks.value.script === which ? null : which)
  else onAll({ script: whole.value.script === which ? undefined : which })
}
function onAll(change: Look) {
  const now = content.value
  if (!now || now.text === '') return
  const looks = (now.spans ?? []).length ? now.spans! : []
  const edges = [...new Set([0, now.text.length, ...looks.flatMap((span) => [span.from, span.to])])].sort(
    (a, b) => a - b,
  )
  const spans = edges.slice(0, -1).flatMap((from, i) => {
    const to = edges[i + 1]!
    const was = looks.find((span) => span.from <= from && span.to >= to)?.look ?? {}
    const look = Object.fromEntries(
      Object.entries({ ...was, ...change }).filter(([, v]) => v !== undefined),
    ) as Look
    return Object.keys(look).length ? [{ from, to, look }] : []
  })
  setSaid({ spans })
}
function align(to: WordStyle['align']) {
  if (writer.value) writer.value.setParagraph({ align: to === style.value?.align ? null : to })
  else {
    const paragraphs = content.value?.paragraphs?.map(({ align: _, ...rest }) => rest)
    setSaid({ style: { ...content.value!.style, align: to }, ...(paragraphs ? { paragraphs } : {}) })
  }
}
function list(kind: 'BULLET' | 'NUMBER') {
  const on = paragraph.value.list === kind
  if (writer.value) writer.value.setParagraph({ list: on ? null : kind })
  else {
    const count = content.value!.text.split('\n').length
    const was = content.value!.paragraphs ?? []
    const paragraphs = [...Array(count).keys()].map((i) => {
      const rest = { ...was[i] }
      delete rest.list
      return on ? rest : { ...rest, list: kind }
    })
    setSaid({ paragraphs })
  }
}
/** Null where the words fit, or would not in letters that can be read. */
const smaller = computed(() => shrunk(props.item))
const SPACINGS = [1, 1.2, 1.35, 1.6, 2]
const ALIGN = [
  { align: 'LEFT', name: 'Left', icon: PhTextAlignLeft },
  { align: 'CENTRE', name: 'Centre', icon: PhTextAlignCenter },
  { align: 'RIGHT', name: 'Right', icon: PhTextAlignRight },
] as const
const alignNow = computed(() => paragraph.value.align ?? style.value?.align)
/** Keeps the letters selected while a button is pressed. */
const keep = (event: Event) => event.preventDefault()
</script>

<template>
  <section class="words" data-words-controls>
    <h3>Words</h3>
    <button v-if="!writer" class="btn" @click="bench.write({ id: item.id })">
      <PhPencilSimple :size="18" aria-hidden="true" />Write
    </button>
    <template v-if="style">
      <div class="row">
        <select
          class="field"
          aria-label="Font"
          :value="marks.font ?? style.font ?? 'ANDIKA'"
          @change="setFont(($event.target as HTMLSelectElement).value as 'ANDIKA')"
        >
          <option v-for="one in FONTS" :key="one.font" :value="one.font">{{ one.name }}</option>
        </select>
        <select
          class="field"
          aria-label="Letter size"
          :value="mixed('size') ? '' : sizeNow"
          @change="setSize(Number(($event.target as HTMLSelectElement).value))"
        >
          <option v-if="mixed('size')" value="" disabled>mixed</option>
          <option v-if="!mixed('size') && !SIZES.includes(sizeNow)" :value="sizeNow">{{ sizeNow }}</option>
          <option v-for="one in SIZES" :key="one" :value="one">{{ one }}</option>
        </select>
        <input
          type="color"
          aria-label="Colour of the words"
          :value="marks.colour ?? style.colour"
          @change="setColour(($event.target as HTMLInputElement).value)"
        />
      </div>
      <div class="seg" role="group" aria-label="Letters" @mousedown="keep">
        <button
          aria-label="Bold"
          title="Bold (Ctrl+B)"
          :aria-pressed="Boolean(marks.bold ?? style.bold)"
          @click="toggle('bold')"
        >
          <PhTextB :size="18" aria-hidden="true" />
        </button>
        <button
          aria-label="Italic"
          title="Italic (Ctrl+I)"
          :aria-pressed="Boolean(marks.italic)"
          @click="toggle('italic')"
        >
          <PhTextItalic :size="18" aria-hidden="true" />
        </button>
        <button
          aria-label="Underlined"
          title="Underlined (Ctrl+U)"
          :aria-pressed="Boolean(marks.underline)"
          @click="toggle('underline')"
        >
          <PhTextUnderline :size="18" aria-hidden="true" />
        </button>
        <button
          aria-label="Subscript"
          title="Subscript"
          :aria-pressed="marks.script === 'SUB'"
          @click="script('SUB')"
        >
          <PhTextSubscript :size="18" aria-hidden="true" />
        </button>
        <button
          aria-label="Superscript"
          title="Superscript"
          :aria-pressed="marks.script === 'SUPER'"
          @click="script('SUPER')"
        >
          <PhTextSuperscript :size="18" aria-hidden="true" />
        </button>
      </div>
      <div class="seg" role="group" aria-label="Paragraphs" @mousedown="keep">
        <button
          v-for="one in ALIGN"
          :key="one.align"
          :aria-label="one.name"
          :title="one.name"
          :aria-pressed="alignNow === one.align"
          @click="align(one.align)"
        >
          <component :is="one.icon" :size="18" aria-hidden="true" />
        </button>
        <button
          aria-label="Bullets"
          title="Bullets"
          :aria-pressed="paragraph.list === 'BULLET'"
          @click="list('BULLET')"
        >
          <PhListBullets :size="18" aria-hidden="true" />
        </button>
        <button
          aria-label="Numbers"
          title="Numbers"
          :aria-pressed="paragraph.list === 'NUMBER'"
          @click="list('NUMBER')"
        >
          <PhListNumbers :size="18" aria-hidden="true" />
        </button>
      </div>
      <WordLinkField v-if="writer" :bench="bench" :writer="writer" />
      <label v-if="!writer && content" class="line"
        >Line spacing
        <select
          class="field"
          :value="content.style.spacing ?? 1.35"
          @change="restyle({ spacing: Number(($event.target as HTMLSelectElement).value) })"
        >
          <option v-for="one in SPACINGS" :key="one" :value="one">{{ one }}</option>
        </select></label
      >
      <button v-if="smaller && !writer" class="btn" @click="setSaid(smaller)">
        <PhArrowsInLineVertical :size="17" aria-hidden="true" />Shrink to fit
      </button>
      <div v-if="item.kind === 'words' && !writer" class="line">
        <button
          v-if="item.content.wraps"
          class="btn"
          @click="
            bench.edit({
              kind: 'set-words',
              pageId: bench.page.value.id,
              itemId: item.id,
              content: relaid(item.content, {}, null).content,
              frame: {
                ...item.frame,
                width: relaid(item.content, {}, null).width,
                height: relaid(item.content, {}, null).height,
              },
            })
          "
        >
          As wide as its words
        </button>
        <button
          class="btn"
          @click="
            bench.edit({ kind: 'set-page-words', pageId: bench.page.value.id, words: item.content.style })
          "
        >
          New words on this page like this
        </button>
      </div>
    </template>
  </section>
</template>

<style scoped>
.words {
  display: grid;
  gap: 8px;
}
.row {
  display: grid;
  grid-template-columns: 1fr 70px 40px;
  gap: 6px;
}
.row input {
  width: 100%;
  height: 34px;
}
.line {
  display: grid;
  gap: 6px;
  font-size: 14px;
}
</style>
