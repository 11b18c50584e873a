<script setup lang="ts">
import { t } from '@/i18n'
import { PhDeviceTablet, PhPlus, PhRecord, PhX } from '@phosphor-icons/vue'
import { usePresent } from './present'

/** Along the top: what is open, what is said, and what goes on just now. */
const { tabs, told, leading, wall, pages, recording, leave } = usePresent()
const { tabs: all, at, show } = tabs
const { student } = wall
</script>

<template>
  <header class="tabs">
    <div
      v-for="(tab, i) in all"
      :key="`${tab.activityId}-${tab.classId}`"
      class="tab"
      :class="{ here: i === at }"
    >
      <button :aria-current="i === at ? 'true' : undefined" @click="at = i">
        {{ tab.work.view.title }}
      </button>
      <button
        class="x"
        :aria-label="t('present.close-title', { title: tab.work.view.title })"
        :title="t('shared.close')"
        @click="tabs.close(i)"
      >
        <PhX :size="14" aria-hidden="true" />
      </button>
    </div>
    <button
      class="plus"
      :aria-label="t('present.another-activity')"
      :title="t('present.another-activity')"
      @click="tabs.choose"
    >
      <PhPlus :size="18" aria-hidden="true" />
    </button>
    <span class="told" role="status">{{
      show?.ink.wrong.value ||
      show?.notKept.value ||
      told.wrong.value ||
      leading.words.value ||
      told.words.value
    }}</span>
    <div v-if="student" class="on-wall">
      <strong>{{ student.title.value }}</strong>
      <label><input v-model="student.named.value" type="checkbox" />{{ t('present.with-the-name') }}</label>
      <button @click="wall.takeDown">{{ t('present.back-to-our-page') }}</button>
    </div>
    <div v-else-if="show?.document.value" class="on-wall">
      <strong>{{ show.document.value.file.name || t('present.a-document') }}</strong>
      <span v-if="show.document.value.pages > 1">{{
        t('present.page-of-pages', { page: show.document.value.page + 1, pages: show.document.value.pages })
      }}</span>
      <button @click="pages.closeDocument">{{ t('present.back-to-our-page') }}</button>
    </div>
    <button
      v-if="recording.recorder.standing.value === 'on' && !recording.card.value"
      class="plus led"
      @click="recording.card.value = true"
    >
      <PhRecord :size="18" weight="fill" aria-hidden="true" />{{ t('shared.recording') }}
    </button>
    <button v-if="leading.following.value" class="plus led" @click="leading.following.value = false">
      <PhDeviceTablet :size="18" weight="fill" aria-hidden="true" />{{ t('present.tablets-follow-stop') }}
    </button>
    <button class="plus end" @click="leave">{{ t('present.leave') }}</button>
  </header>
</template>

<style scoped>
.tabs {
  display: flex;
  grid-area: tabs;
  gap: 4px;
  align-items: center;
  min-height: 38px;
  padding: 2px 8px;
  overflow: hidden;
}
.tab {
  display: flex;
  align-items: center;
  max-width: 300px;
  border-radius: 10px 10px 10px 3px;
}
.tab.here {
  background: #ffffff1c;
}
.tabs button {
  min-height: 34px;
  padding: 2px 10px;
  overflow: hidden;
  border: 0;
  border-radius: 8px;
  background: none;
  color: inherit;
  font: inherit;
  text-overflow: ellipsis;
  white-space: nowrap;
  cursor: pointer;
}
.tab .x {
  padding: 2px 8px;
}
.told {
  flex: 1;
  min-width: 0;
  overflow: hidden;
  text-align: center;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.led {
  display: inline-flex;
  gap: 6px;
  align-items: center;
}
.tabs .led {
  background: var(--saffron);
  color: #1c2b33;
  font-weight: 700;
}
.on-wall {
  display: flex;
  flex: none;
  gap: 10px;
  align-items: center;
  max-width: 60vw;
  padding: 0 4px 0 12px;
  border-radius: 10px 10px 10px 3px;
  background: #fffdf8;
  color: var(--ink);
}
.on-wall strong {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.on-wall button {
  color: var(--petrol);
  font-weight: 700;
}
.on-wall label {
  display: flex;
  gap: 6px;
  align-items: center;
}
.on-wall input {
  width: 20px;
  height: 20px;
}
</style>
