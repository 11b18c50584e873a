<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import type { Words } from '@/api/types'
import { PAGE } from '@/page/geometry'
import { fitWords, PADDING } from '@/page/wordFit'

/** Words typed in place: a field that lies exactly on the box and grows as it does. */
const props = defineProps<{ item: Words }>()
const emit = defineEmits<{ done: [text: string, how: 'done' | 'left'] }>()

const field = ref<HTMLTextAreaElement>()
const text = ref(props.item.content.text)
let over = false

const style = computed(() => props.item.content.style)
const fit = computed(() =>
  fitWords(text.value, style.value, props.item.content.wraps ? props.item.frame.width : null),
)
const ROOM = 40

/** Page units as a part of the page's width, whatever size it is shown at. */
const units = (n: number) => `${(n / PAGE.width) * 100}cqw`
const shape = computed(() => ({
  left: units(props.item.frame.x),
  top: units(props.item.frame.y),
  width: units(Math.max(fit.value.width, ROOM) + (props.item.content.wraps ? 0 : style.value.size)),
  height: units(fit.value.height),
  padding: units(PADDING),
  fontSize: units(style.value.size),
  fontWeight: style.value.bold ? 700 : 400,
  color: style.value.colour,
  textAlign: ({ LEFT: 'left', CENTRE: 'center', RIGHT: 'right' } as const)[style.value.align],
  transform: `rotate(${props.item.frame.turn}deg)`,
}))

onMounted(() => {
  field.value?.focus()
  field.value?.select()
})

function done(how: 'done' | 'left') {
  if (over) return
  over = true
  emit('done', text.value, how)
}

function key(event: KeyboardEvent) {
  event.stopPropagation()
  if (event.key === 'Escape') {
    event.preventDefault()
    done('done')
  }
}
</script>

<template>
  <textarea
    ref="field"
    v-model="text"
    class="words"
    aria-label="Words"
    maxlength="20000"
    spellcheck="true"
    dir="auto"
    :style="shape"
    @keydown="key"
    @blur="done('left')"
  ></textarea>
</template>

<style scoped>
.words {
  position: absolute;
  border: 0;
  outline: 3px solid var(--saffron);
  outline-offset: 0;
  background: #ffffffd9;
  font-family: var(--page-type);
  line-height: 1.35;
  resize: none;
  overflow: hidden;
  transform-origin: center;
}
</style>
