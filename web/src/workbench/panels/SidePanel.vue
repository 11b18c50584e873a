<script setup lang="ts">
import { t } from '@/i18n'
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
      >{{ t('workbench.other-side') }}
      <input
        type="checkbox"
        :checked="Boolean(side)"
        @change="set(($event.target as HTMLInputElement).checked ? {} : null)"
    /></label>
    <template v-if="side">
      <label
        >{{ t('workbench.says') }}
        <DraftField :key="item.id" :value="side.words?.text ?? ''" maxlength="300" @commit="say" />
      </label>
      <div class="two">
        <button class="btn" @click="emit('picture')">{{ t('shared.picture') }}</button>
        <input
          type="color"
          :aria-label="t('workbench.colour-of-the-other-side')"
          :value="side.colour"
          @change="set({ colour: ($event.target as HTMLInputElement).value })"
        />
      </div>
      <p v-if="side.picture" class="two">
        <img :src="pictureUrl(side.picture)" alt="" width="34" height="34" />
        <button class="btn" @click="set({ picture: undefined })">{{ t('workbench.no-picture-2') }}</button>
      </p>
      <label class="line"
        >{{ t('workbench.students-may-turn-it-over') }}
        <input
          type="checkbox"
          :checked="side.byTap"
          @change="set({ byTap: ($event.target as HTMLInputElement).checked })"
      /></label>
      <label v-if="side.picture"
        >{{ t('workbench.for-those-who-do-not-see') }}
        <DraftField
          :key="item.id"
          :value="side.description ?? ''"
          maxlength="300"
          @commit="set({ description: $event.trim() || undefined })"
        />
      </label>
      <p class="soft small">{{ t('workbench.a-tap-turns-what-stays-what') }}</p>
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
