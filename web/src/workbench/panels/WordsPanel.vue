<script setup lang="ts">
import { t } from '@/i18n'
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
import type { Item } from '@/api/schema'
import { FONTS } from '@/page/fonts'
import { relaid } from '@/page/wordFit'
import type { Workbench } from '@/workbench/useWorkbench'
import WordLinkField from './WordLinkField.vue'
import { shrunk } from '@/workbench/words/shrink'
import { useWordStyle } from './useWordStyle'

/** How words look: of the letters that are selected while writing, else of the whole box. */
const props = defineProps<{ workbench: Workbench; item: Item }>()

const {
  writer,
  content,
  style,
  marks,
  paragraph,
  mixed,
  sizeNow,
  restyle,
  setWording,
  setSize,
  setColour,
  setFont,
  toggle,
  script,
  align,
  list,
} = useWordStyle(props)
/** Null where the words fit, or would not in letters that can be read. */
const smaller = computed(() => shrunk(props.item))
const SIZES = [20, 24, 32, 44, 60, 80, 110, 150, 200]
const SPACINGS = [1, 1.2, 1.35, 1.6, 2]
const ALIGN = [
  { align: 'LEFT', name: t('workbench.left'), icon: PhTextAlignLeft },
  { align: 'CENTRE', name: t('workbench.centre'), icon: PhTextAlignCenter },
  { align: 'RIGHT', name: t('workbench.right'), icon: PhTextAlignRight },
] as const
const alignNow = computed(() => paragraph.value.align ?? style.value?.align)
/** Keeps the letters selected while a button is pressed. */
const keep = (event: Event) => event.preventDefault()
</script>

<template>
  <section class="words" data-words-controls>
    <h3>{{ t('shared.words') }}</h3>
    <button v-if="!writer" class="btn" @click="workbench.write({ id: item.id })">
      <PhPencilSimple :size="18" aria-hidden="true" />{{ t('workbench.write') }}
    </button>
    <template v-if="style">
      <div class="row">
        <select
          class="field"
          :aria-label="t('workbench.font')"
          :value="marks.font ?? style.font ?? 'ANDIKA'"
          @change="setFont(($event.target as HTMLSelectElement).value as 'ANDIKA')"
        >
          <option v-for="one in FONTS" :key="one.font" :value="one.font">{{ one.name }}</option>
        </select>
        <select
          class="field"
          :aria-label="t('workbench.letter-size')"
          :value="mixed('size') ? '' : sizeNow"
          @change="setSize(Number(($event.target as HTMLSelectElement).value))"
        >
          <option v-if="mixed('size')" value="" disabled>{{ t('workbench.mixed') }}</option>
          <option v-if="!mixed('size') && !SIZES.includes(sizeNow)" :value="sizeNow">{{ sizeNow }}</option>
          <option v-for="one in SIZES" :key="one" :value="one">{{ one }}</option>
        </select>
        <input
          type="color"
          :aria-label="t('workbench.colour-of-the-words')"
          :value="marks.colour ?? style.colour"
          @change="setColour(($event.target as HTMLInputElement).value)"
        />
      </div>
      <div class="seg" role="group" :aria-label="t('workbench.letters')" @mousedown="keep">
        <button
          :aria-label="t('workbench.bold')"
          :title="t('workbench.bold-ctrl-b')"
          :aria-pressed="Boolean(marks.bold ?? style.bold)"
          @click="toggle('bold')"
        >
          <PhTextB :size="18" aria-hidden="true" />
        </button>
        <button
          :aria-label="t('workbench.italic')"
          :title="t('workbench.italic-ctrl-i')"
          :aria-pressed="Boolean(marks.italic)"
          @click="toggle('italic')"
        >
          <PhTextItalic :size="18" aria-hidden="true" />
        </button>
        <button
          :aria-label="t('workbench.underlined')"
          :title="t('workbench.underlined-ctrl-u')"
          :aria-pressed="Boolean(marks.underline)"
          @click="toggle('underline')"
        >
          <PhTextUnderline :size="18" aria-hidden="true" />
        </button>
        <button
          :aria-label="t('workbench.subscript')"
          :title="t('workbench.subscript')"
          :aria-pressed="marks.script === 'SUB'"
          @click="script('SUB')"
        >
          <PhTextSubscript :size="18" aria-hidden="true" />
        </button>
        <button
          :aria-label="t('workbench.superscript')"
          :title="t('workbench.superscript')"
          :aria-pressed="marks.script === 'SUPER'"
          @click="script('SUPER')"
        >
          <PhTextSuperscript :size="18" aria-hidden="true" />
        </button>
      </div>
      <div class="seg" role="group" :aria-label="t('workbench.paragraphs')" @mousedown="keep">
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
          :aria-label="t('workbench.bullets')"
          :title="t('workbench.bullets')"
          :aria-pressed="paragraph.list === 'BULLET'"
          @click="list('BULLET')"
        >
          <PhListBullets :size="18" aria-hidden="true" />
        </button>
        <button
          :aria-label="t('workbench.numbers')"
          :title="t('workbench.numbers')"
          :aria-pressed="paragraph.list === 'NUMBER'"
          @click="list('NUMBER')"
        >
          <PhListNumbers :size="18" aria-hidden="true" />
        </button>
      </div>
      <WordLinkField v-if="writer" :workbench="workbench" :writer="writer" />
      <label v-if="!writer && content" class="line"
        >{{ t('workbench.line-spacing') }}
        <select
          class="field"
          :value="content.style.spacing ?? 1.35"
          @change="restyle({ spacing: Number(($event.target as HTMLSelectElement).value) })"
        >
          <option v-for="one in SPACINGS" :key="one" :value="one">{{ one }}</option>
        </select></label
      >
      <button v-if="smaller && !writer" class="btn" @click="setWording(smaller)">
        <PhArrowsInLineVertical :size="17" aria-hidden="true" />{{ t('workbench.shrink-to-fit') }}
      </button>
      <div v-if="item.kind === 'words' && !writer" class="line">
        <button
          v-if="item.content.wraps"
          class="btn"
          @click="
            workbench.edit({
              kind: 'set-words',
              pageId: workbench.page.value.id,
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
          {{ t('workbench.as-wide-as-its-words') }}
        </button>
        <button
          class="btn"
          @click="
            workbench.edit({
              kind: 'set-page-words',
              pageId: workbench.page.value.id,
              words: item.content.style,
            })
          "
        >
          {{ t('workbench.new-words-on-this-page-like') }}
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
