<script setup lang="ts">
import {
  PhEraser,
  PhHandPointing,
  PhHighlighter,
  PhMicrophone,
  PhPencilSimple,
  PhStop,
  PhTrash,
} from '@phosphor-icons/vue'
import { useMicrophone } from '@/page/microphone'
import { COLOURS, type Hand, type Tool } from './drawingTool'

/** Beside the page: move, pen, tint, rub out, and a microphone where the teacher wants one. */
defineProps<{
  hand: Hand
  draw: boolean
  /** Whether there is something that may be rubbed away. */
  erase: boolean
  record: boolean
  /** Whether there is ink on the page. */
  inked: boolean
}>()
const emit = defineEmits<{ said: [sound: Blob, seconds: number]; say: [words: string] }>()
const LONGEST = 180
const { recorder, seconds, wrong, begin, end } = useMicrophone(LONGEST, (sound, length) =>
  emit('said', sound, length),
)
const TOOLS: { tool: Tool; name: string; icon: typeof PhEraser }[] = [
  { tool: 'move', name: 'Move', icon: PhHandPointing },
  { tool: 'pen', name: 'Pen', icon: PhPencilSimple },
  { tool: 'highlighter', name: 'Highlighter', icon: PhHighlighter },
  { tool: 'eraser', name: 'Eraser', icon: PhEraser },
]
async function listen() {
  await begin()
  if (wrong.value) emit('say', `${wrong.value} Ask your teacher.`)
}
</script>

<template>
  <div class="hand-rack" role="toolbar" aria-label="Your hand" aria-orientation="vertical">
    <template v-if="draw || erase">
      <button
        v-for="one in draw ? TOOLS : TOOLS.filter(({ tool }) => tool === 'move' || tool === 'eraser')"
        :key="one.tool"
        class="btn"
        :aria-pressed="hand.tool.value === one.tool"
        @click="hand.take(one.tool)"
      >
        <component :is="one.icon" :size="26" aria-hidden="true" />{{ one.name }}
      </button>
      <div v-if="hand.tool.value === 'pen'" class="colours" role="group" aria-label="Colour of the pen">
        <button
          v-for="one in COLOURS"
          :key="one.name"
          class="colour"
          :style="{ '--colour': one.colour }"
          :aria-label="one.name"
          :title="one.name"
          :aria-pressed="hand.colour.value === one.colour"
          @click="hand.dip(one.colour)"
        ></button>
      </div>
      <button v-if="draw && hand.tool.value === 'eraser'" class="btn" :disabled="!inked" @click="hand.wipe()">
        <PhTrash :size="26" aria-hidden="true" />All my ink
      </button>
    </template>
    <template v-if="record">
      <button v-if="!recorder" class="btn" @click="listen">
        <PhMicrophone :size="26" aria-hidden="true" />Say it
      </button>
      <button v-else class="btn pri" @click="end">
        <PhStop :size="26" weight="fill" aria-hidden="true" />Stop, {{ seconds }} s
      </button>
    </template>
  </div>
</template>

<style scoped>
.hand-rack {
  display: flex;
  flex-direction: column;
  gap: 6px;
}
.btn {
  display: grid;
  gap: 2px;
  justify-items: center;
  width: 92px;
  min-height: 56px;
  padding: 5px 2px;
  font-size: 13px;
}
.colours {
  display: grid;
  grid-template-columns: repeat(2, 44px);
  gap: 6px;
  justify-content: center;
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
.colour[aria-pressed='true'] {
  box-shadow: 0 0 0 3px var(--saffron);
}
@media (forced-colors: active) {
  .btn[aria-pressed='true'],
  .colour[aria-pressed='true'] {
    outline: 4px solid Highlight;
  }
  .colour {
    forced-color-adjust: none;
  }
}
@media (max-aspect-ratio: 1/1) {
  .hand-rack {
    flex-flow: row wrap;
    justify-content: center;
  }
  .colours {
    grid-template-columns: repeat(4, 44px);
    align-content: center;
  }
}
@media (max-width: 640px) and (orientation: portrait) {
  .btn {
    width: 84px;
  }
}
</style>
