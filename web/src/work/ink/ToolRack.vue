<script setup lang="ts">
import { t, type MessageKey } from '@/i18n'
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

/** Below the page: move, pen, highlighter, eraser, and a microphone where the teacher wants one. */
defineProps<{
  hand: Hand
  draw: boolean
  /** Whether there is something that may be erased. */
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
const TOOLS: { tool: Tool; name: MessageKey; icon: typeof PhEraser }[] = [
  { tool: 'move', name: 'hand.move', icon: PhHandPointing },
  { tool: 'pen', name: 'hand.pen', icon: PhPencilSimple },
  { tool: 'highlighter', name: 'hand.highlighter', icon: PhHighlighter },
  { tool: 'eraser', name: 'hand.eraser', icon: PhEraser },
]
async function listen() {
  await begin()
  if (wrong.value) emit('say', t('hand.no-microphone'))
}
</script>

<template>
  <div class="hand-rack" role="toolbar" :aria-label="t('hand.label')">
    <template v-if="draw || erase">
      <button
        v-for="one in draw ? TOOLS : TOOLS.filter(({ tool }) => tool === 'move' || tool === 'eraser')"
        :key="one.tool"
        class="btn"
        :aria-pressed="hand.tool.value === one.tool"
        @click="hand.take(one.tool)"
      >
        <component :is="one.icon" :size="24" aria-hidden="true" />{{ t(one.name) }}
      </button>
      <!-- Above the tiles, so that the page keeps its size when a tool is taken. -->
      <div v-if="hand.tool.value === 'pen'" class="more" role="group" :aria-label="t('hand.pen-colour')">
        <button
          v-for="one in COLOURS"
          :key="one.name"
          class="colour"
          :style="{ '--colour': one.colour }"
          :aria-label="t(`colour.${one.name}`)"
          :title="t(`colour.${one.name}`)"
          :aria-pressed="hand.colour.value === one.colour"
          @click="hand.dip(one.colour)"
        ></button>
      </div>
      <div v-if="draw && hand.tool.value === 'eraser'" class="more">
        <button class="btn" :disabled="!inked" @click="hand.wipe()">
          <PhTrash :size="24" aria-hidden="true" />{{ t('hand.all-ink') }}
        </button>
      </div>
    </template>
    <template v-if="record">
      <button v-if="!recorder" class="btn" @click="listen">
        <PhMicrophone :size="24" aria-hidden="true" />{{ t('hand.say-it') }}
      </button>
      <button v-else class="btn pri" @click="end">
        <PhStop :size="24" weight="fill" aria-hidden="true" />{{ t('hand.stop-seconds', { seconds }) }}
      </button>
    </template>
  </div>
</template>

<style scoped>
.hand-rack {
  position: relative;
  display: flex;
  gap: 6px;
}
.btn {
  display: grid;
  gap: 1px;
  justify-items: center;
  min-width: 74px;
  min-height: 56px;
  padding: 4px 6px;
  font-size: 13px;
  line-height: 1.15;
}
.more {
  position: absolute;
  z-index: 4;
  bottom: calc(100% + 8px);
  inset-inline-start: 0;
  display: flex;
  gap: 8px;
  padding: 8px;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: var(--paper);
  box-shadow: 0 6px 24px #0000002b;
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
@media (max-width: 640px) and (orientation: portrait) {
  .hand-rack {
    flex: 1 0 100%;
    flex-wrap: wrap;
    justify-content: center;
    order: -2;
  }
  /* Here the page above keeps its size whatever comes below it. */
  .more {
    position: static;
    flex: 0 0 auto;
  }
}
@media (max-height: 480px) and (orientation: landscape) {
  .hand-rack {
    flex: 1 0 100%;
    flex-wrap: wrap;
    order: -1;
    justify-content: center;
  }
  .btn {
    width: 62px;
    min-width: 0;
    min-height: 44px;
    padding: 2px;
    font-size: 12px;
  }
  .more {
    position: static;
    padding: 4px;
  }
}
</style>
