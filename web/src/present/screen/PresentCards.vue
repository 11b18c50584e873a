<script setup lang="ts">
import { t } from '@/i18n'
import { computed } from 'vue'
import CalculatorCard from '@/present/cards/CalculatorCard.vue'
import GroupsCard from '@/present/cards/GroupsCard.vue'
import OtherDays from '@/present/cards/OtherDays.vue'
import PageStrip from '@/present/cards/PageStrip.vue'
import PictureCard from '@/present/cards/PictureCard.vue'
import RecordCard from '@/present/cards/RecordCard.vue'
import RecordingsDialog from '@/present/cards/RecordingsDialog.vue'
import ScreenKeyboard from '@/present/cards/ScreenKeyboard.vue'
import StudentPicker from '@/present/cards/StudentPicker.vue'
import TimerCard from '@/present/cards/TimerCard.vue'
import TurnCard from '@/present/cards/TurnCard.vue'
import type { Presentation } from '@/present/model/presentation'
import LeaveDialog from '@/work/page/LeaveDialog.vue'
import { usePresent } from './present'

/** The cards and dialogs that lie over the page while they are open. */
const props = defineProps<{
  show: Presentation
  /** How large the place of the page is, in pixels. */
  room: { width: number; height: number }
}>()
const { tools, timers, told, tabs, leading, panels, pages, wall, ink, pictures, recording } = usePresent()
const { taken } = pictures
const { card, list, made } = recording
const { days } = ink
const { offered } = tabs
const { leaving } = pages
/** At the right edge, where the least of a page is hidden. */
const timersAt = computed(() => Math.max(0, props.room.width + 70 - 262))
</script>

<template>
  <PageStrip
    v-if="panels.strip.value"
    :pages="show.pages.value"
    :index="show.index.value"
    @go="((panels.strip.value = false), pages.go($event))"
  />
  <TimerCard
    v-for="(timer, i) in timers.timers.value"
    :key="timer.id"
    :timer="timer"
    :now="timers.now.value"
    :x="timersAt - i * 30"
    :y="44 + i * 90"
    @pause="timers.pause(timer.id)"
    @again="timers.again(timer.id)"
    :shared="show.classId ? leading.onTablets.value.includes(timer.id) : undefined"
    @tablets="leading.toggle(timer.id)"
    @close="timers.remove(timer.id)"
  />
  <StudentPicker
    v-if="wall.choosing.value && show.classId"
    :activity-id="show.activityId"
    :class-id="show.classId"
    :x="90"
    :y="60"
    @show="wall.put"
    @close="wall.choosing.value = false"
  />
  <PictureCard
    v-if="taken"
    :picture="taken"
    :activity-id="show.activityId"
    :page-id="show.page.value.id"
    :x="90"
    :y="60"
    @put="pictures.wasPut"
    @close="taken = null"
  />
  <RecordCard
    v-if="card"
    :recorder="recording.recorder"
    :x="Math.max(0, room.width - 220)"
    :y="60"
    @end="recording.end"
    @list="((card = false), (list = true))"
    @close="card = false"
  />
  <RecordingsDialog
    v-if="list"
    :activity-id="show.activityId"
    :page-id="show.page.value.id"
    :first="made"
    @put="((list = false), pictures.wasPut($event))"
    @close="((list = false), (made = null))"
  />
  <ScreenKeyboard
    v-if="panels.typing.value"
    :name="tools.settings.value.keyboard"
    :x="Math.max(0, (room.width - 830) / 2)"
    :y="Math.max(50, room.height - 450)"
    @choose="tools.set({ keyboard: $event })"
    @close="panels.typing.value = false"
  />
  <GroupsCard
    v-if="panels.grouping.value && show.classId"
    :key="`groups-${show.lesson.id}`"
    :lesson-id="show.lesson.id"
    :class-id="show.classId"
    :groups="show.groups.value"
    @change="show.setGroups"
    :x="120"
    :y="60"
    @close="panels.grouping.value = false"
  />
  <CalculatorCard
    v-if="panels.calculating.value"
    :x="90"
    :y="60"
    @put="pictures.putLines"
    @close="panels.calculating.value = false"
  />
  <TurnCard
    v-if="panels.turns.value && show.classId"
    :key="show.lesson.id"
    :lesson-id="show.lesson.id"
    :class-id="show.classId"
    :x="90"
    :y="90"
    @close="panels.turns.value = false"
    @wrong="told.wrong.value = $event"
  />
  <div
    v-if="tools.has('blank')"
    class="blank"
    role="button"
    tabindex="0"
    :aria-label="t('present.the-screen-is-blank-press-to')"
    @click="tools.toggle('blank')"
    @keydown.enter="tools.toggle('blank')"
    @keydown.space.prevent="tools.toggle('blank')"
  />
  <OtherDays v-if="days" :days="days" :today="show.lesson.id" @take="ink.takeInk" @close="days = null" />
  <div
    v-if="offered"
    class="choose"
    role="dialog"
    :aria-label="t('present.another-activity')"
    @keydown.esc="offered = null"
  >
    <h2>{{ t('present.another-activity') }}</h2>
    <button v-for="one in offered" :key="one.id" class="btn" @click="tabs.add(one)">{{ one.title }}</button>
    <button class="btn quiet" @click="offered = null">{{ t('shared.cancel') }}</button>
  </div>
  <LeaveDialog v-if="leaving" :address="leaving" @close="leaving = ''" />
</template>

<style scoped>
.blank {
  position: absolute;
  z-index: 6;
  inset: 0;
  background: #0a1518;
}
.choose {
  position: absolute;
  z-index: 5;
  top: 50px;
  left: 50%;
  display: grid;
  gap: 8px;
  width: min(420px, 90vw);
  max-height: 80vh;
  padding: 16px;
  overflow: auto;
  border-radius: 16px 16px 16px 5px;
  background: #fffdf8;
  color: var(--ink);
  transform: translateX(-50%);
}
</style>
