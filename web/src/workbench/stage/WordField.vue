<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref } from 'vue'
import type { Frame, WordContent } from '@/api/schema'
import { familyOf } from '@/page/fonts'
import { PAGE } from '@/page/geometry'
import { fitSaid, heightOf, PADDING, startOf, type Said } from '@/page/wordFit'
import { makeWriter, type Writer } from '@/workbench/words/writer'

/** Words typed in place: a field that lies exactly on its box and grows as it does. */
const props = defineProps<{
  content: WordContent
  frame: Frame
  /** The field is as wide as its box; else it grows with its words. */
  wraps: boolean
  /** The words lie in the middle of their box rather than at its top. */
  middle: boolean
  /** Tab goes on to the field beside it. */
  tabs?: boolean
}>()
const emit = defineEmits<{
  done: [said: Said, how: 'done' | 'left']
  ready: [writer: Writer | null]
  tooLong: []
  next: [by: 1 | -1]
}>()

const place = ref<HTMLElement>()
let writer: Writer | null = null
let over = false
const said = ref<Said>(props.content)
const fit = computed(() => fitSaid(said.value, props.wraps ? props.frame.width : null))
const style = computed(() => props.content.style)

/** Page units as a part of the page's width, whatever size it is shown at. */
const units = (n: number) => `${(n / PAGE.width) * 100}cqw`
const shape = computed(() => {
  const width = Math.max(fit.value.width, props.wraps ? props.frame.width : style.value.size)
  const free = props.middle ? Math.max(0, (props.frame.height - heightOf(fit.value.content)) / 2) : 0
  return {
    left: units(startOf(props.frame, fit.value)),
    top: units(props.frame.y),
    width: units(width + (fit.value.content.wraps ? 0 : style.value.size * 0.6)),
    minHeight: units(Math.max(props.middle ? props.frame.height : 0, fit.value.height)),
    padding: `${units(PADDING + free)} ${units(PADDING)} ${units(PADDING)}`,
    fontSize: units(style.value.size),
    fontFamily: familyOf(style.value.font),
    fontWeight: style.value.bold ? 700 : 400,
    lineHeight: String(style.value.spacing ?? 1.35),
    color: style.value.colour,
    textAlign: ({ LEFT: 'left', CENTRE: 'center', RIGHT: 'right' } as const)[style.value.align],
    transform: `rotate(${props.frame.turn}deg)`,
    '--unit': units(1),
  }
})

onMounted(() => {
  writer = makeWriter(place.value!, props.content, {
    changed: () => (said.value = writer!.said()),
    left: onLeft,
    done: () => finish('done'),
    tooLong: () => emit('tooLong'),
    next(by) {
      if (!props.tabs) return false
      finish('left')
      emit('next', by)
      return true
    },
  })
  writer.focus()
  writer.selectAll()
  emit('ready', writer)
})
onBeforeUnmount(() => {
  finish('left')
  emit('ready', null)
  writer?.destroy()
})

/** Somebody who goes to the controls for the words has not finished writing. */
function onLeft() {
  setTimeout(() => {
    const now = document.activeElement
    if (over || now?.closest('[data-words-controls]') || place.value?.contains(now)) return
    finish('left')
  })
}

function finish(how: 'done' | 'left') {
  if (over || !writer) return
  over = true
  emit('done', writer.said(), how)
}
</script>

<template>
  <div ref="place" class="words" :style="shape"></div>
</template>

<style scoped>
.words {
  position: absolute;
  outline: 3px solid var(--saffron);
  background: #ffffffd9;
  transform-origin: center;
  cursor: text;
}
.words :deep(.ProseMirror) {
  outline: none;
  white-space: pre-wrap;
  overflow-wrap: anywhere;
}
.words :deep(p) {
  margin: 0;
}
.words :deep(p[data-align='LEFT']) {
  text-align: start;
}
.words :deep(p[data-align='CENTRE']) {
  text-align: center;
}
.words :deep(p[data-align='RIGHT']) {
  text-align: end;
}
.words :deep(p[data-list]) {
  display: list-item;
  margin-inline-start: 1.2em;
  list-style: disc;
}
.words :deep(p[data-list='NUMBER']) {
  list-style: decimal;
}
.words :deep(sub),
.words :deep(sup) {
  font-size: 0.65em;
  line-height: 0;
}
</style>
