<script setup lang="ts">
import { computed } from 'vue'
import type { Item, OtherSide } from '@/api/schema'
import { traitsOf } from '@/page/items'
import { pictureUrl } from '@/page/pictures'
import { fitWithin } from '@/page/wordFit'
import type { Workbench } from '@/workbench/useWorkbench'
import DraftField from './DraftField.vue'
import { styleOf } from '@/workbench/edits/make'

/** The other side of an item: what stands on it, and when students see it. */
const props = defineProps<{ workbench: Workbench; item: Item }>()
const emit = defineEmits<{ picture: [] }>()
const side = computed(() => traitsOf(props.item).otherSide)

function set(change: Partial<OtherSide> | null) {
  props.workbench.setTraits(({ otherSide, ...rest }) => {
    if (change === null) return rest
    const next = { ...(otherSide ?? { colour: '#ffffff', byTap: true }), ...change }
    for (const [name, value] of Object.entries(next))
      if (value === undefined) delete next[name as keyof typeof next]
    return { ...rest, otherSide: next }
  })
}
function say(text: string) {
  const style = { ...styleOf(props.workbench.page.value), size: 32, align: 'CENTRE' as const }
  set({
    words: text.trim() ? fitWithin(text, style, props.item.frame.width, props.item.frame.height) : undefined,
  })
}
</script>

<template>
  <section class="side">
    <label class="line"
      >Other side
      <input
        type="checkbox"
        :checked="Boolean(side)"
        @change="set(($event.target as HTMLInputElement).checked ? {} : null)"
    /></label>
    <template v-if="side">
      <label
        >Says
        <DraftField :key="item.id" :value="side.words?.text ?? ''" maxlength="300" @commit="say" />
      </label>
      <div class="two">
        <button class="btn" @click="emit('picture')">Picture</button>
        <input
          type="color"
          aria-label="Colour of the other side"
          :value="side.colour"
          @change="set({ colour: ($event.target as HTMLInputElement).value })"
        />
      </div>
      <p v-if="side.picture" class="two">
        <img :src="pictureUrl(side.picture)" alt="" width="34" height="34" />
        <button class="btn" @click="set({ picture: undefined })">No picture</button>
      </p>
      <label class="line"
        >Students may turn it over
        <input
          type="checkbox"
          :checked="side.byTap"
          @change="set({ byTap: ($event.target as HTMLInputElement).checked })"
      /></label>
      <label v-if="side.picture"
        >For those who do not see the picture
        <DraftField
          :key="item.id"
          :value="side.description ?? ''"
          maxlength="300"
          @commit="set({ description: $event.trim() || undefined })"
        />
      </label>
      <p class="soft small">
        A tap turns what stays; what can be moved has a button at its corner. It shows under a lens too, and
        when a drop zone turns it over.
      </p>
    </template>
  </section>
</template>

<style scoped>
.side {
  display: grid;
  gap: 8px;
}
label {
  display: grid;
  gap: 3px;
  font-size: 14px;
}
.line {
  display: flex;
  align-items: center;
  justify-content: space-between;
}
.line input {
  width: 18px;
  height: 18px;
  accent-color: var(--petrol);
}
.two {
  display: grid;
  grid-template-columns: 1fr 60px;
  gap: 6px;
}
.two input {
  width: 100%;
  height: 34px;
}
.small {
  font-size: 13px;
}
</style>
