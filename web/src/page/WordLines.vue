<script setup lang="ts">
import type { WordContent, WordLine } from '@/api/schema'
import { familyOf, wholeLook } from './fonts'
import { inject } from 'vue'
import { LEADING } from './leading'
import { lineStart } from './wordFit'

/** Words as they were measured: each line where it was broken, each run in its look. */
const props = defineProps<{ content: WordContent; width: number }>()
const runs = (line: WordLine) => line.runs ?? [{ text: line.text, x: 0, look: {} }]
const look = (part: ReturnType<typeof runs>[number]) => wholeLook(props.content.style, part.look)

/** Where words lead on: given by the page that a student works on; elsewhere they are only shown. */
const leading = inject(LEADING, null)
function follow(part: ReturnType<typeof runs>[number], event: Event) {
  if (!leading || !part.look.link) return
  event.stopPropagation()
  event.preventDefault()
  leading.follow(part.look.link)
}
</script>

<template>
  <g class="said">
    <g
      v-for="(line, i) in content.lines"
      :key="i"
      :transform="`translate(${lineStart(content, line, width)} ${line.baseline})`"
    >
      <text
        v-if="line.mark"
        :x="-content.style.size * 0.35"
        text-anchor="end"
        :font-size="content.style.size"
        :fill="content.style.colour"
        :font-family="familyOf(content.style.font)"
        >{{ line.mark }}</text
      >
      <g
        v-for="(part, r) in runs(line)"
        :key="r"
        v-bind="
          leading && part.look.link
            ? {
                role: 'link',
                tabindex: 0,
                class: 'link',
                'aria-label': leading.name(part.text, part.look.link),
              }
            : {}
        "
        @pointerdown="leading && part.look.link && $event.stopPropagation()"
        @click="follow(part, $event)"
        @keydown.enter="follow(part, $event)"
      >
        <text
          :x="part.x"
          :y="look(part).drop"
          :font-size="look(part).size"
          :font-weight="look(part).bold ? 700 : 400"
          :font-style="look(part).italic ? 'italic' : undefined"
          :text-decoration="look(part).underline ? 'underline' : undefined"
          :font-family="familyOf(look(part).font)"
          :fill="look(part).colour"
          >{{ part.text }}</text
        >
      </g>
    </g>
  </g>
</template>

<style scoped>
.said text {
  /* On the text itself: browsers have a rule of their own for it, which draws several spaces as one. */
  white-space: pre;
  /* Letters as wide as they were measured, at any size: else runs of one line drift apart. */
  text-rendering: geometricPrecision;
}
.link {
  cursor: pointer;
}
.link:focus-visible {
  outline: 4px solid var(--saffron);
}
</style>
