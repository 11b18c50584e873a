<script setup lang="ts">
import { computed } from 'vue'
import type { StrokeStyle } from '@/page/ink'
import CoverBoard from '@/present/boards/CoverBoard.vue'
import DocumentBoard from '@/present/boards/DocumentBoard.vue'
import InkBoard from '@/present/boards/InkBoard.vue'
import InstrumentBoard from '@/present/boards/InstrumentBoard.vue'
import LassoBoard from '@/present/boards/LassoBoard.vue'
import LiveBoard from '@/present/boards/LiveBoard.vue'
import MagnifierBoard from '@/present/boards/MagnifierBoard.vue'
import PageOnWall from '@/present/boards/PageOnWall.vue'
import PictureBoard from '@/present/boards/PictureBoard.vue'
import PolygonBoard from '@/present/boards/PolygonBoard.vue'
import ScaleBoard from '@/present/boards/ScaleBoard.vue'
import SpotlightBoard from '@/present/boards/SpotlightBoard.vue'
import type { Presentation } from '@/present/model/presentation'
import { NEAT_WORDS } from '@/present/model/strokes'
import StudentPage from '@/work/page/StudentPage.vue'
import { pens } from '@/workbench/edits/pens'
import { usePresent } from './present'

/** The page, and all that lies over it, from the lowest up. */
defineProps<{
  show: Presentation
  /** The drawings that the magnifier shows again, by their ids. */
  seen: string[]
}>()
const { tools, told, wall, pages, ink, live, over, pictures } = usePresent()
const { words } = told
const { student } = wall
const { source } = live
const { covered, scale } = over
const { offered } = ink
const look = computed<StrokeStyle>(() => {
  const { settings, tool } = tools
  const pen = pens[tool.value === 'highlighter' ? settings.value.highlighter : settings.value.pen]!
  return { tool: pen.tool, colour: pen.colour, width: pen.width, dash: pen.dash }
})
</script>

<template>
  <PageOnWall v-if="student" :page-id="show.page.value.id" :shown="student.shown.value" />
  <StudentPage
    v-else
    :page="show.page.value"
    :work="show.work"
    :resting="false"
    :erased="[]"
    @say="words = $event"
    @hint="words = $event"
    @follow="pages.follow"
    @remember="show.rememberAct"
  />
  <DocumentBoard
    v-if="show.document.value"
    :key="show.document.value.file.sha256"
    :open="show.document.value"
    @pages="pages.setDocumentPages"
  />
  <LiveBoard v-if="source" :key="source.stream.id" :source="source" @close="live.close" />
  <InkBoard
    :key="show.surface.value"
    :ink="ink.below.value"
    :encircles="tools.settings.value.encircles"
    :manner="tools.settings.value.manner"
    :neat="tools.settings.value.neat"
    :tool="tools.tool.value"
    :style="look"
    :eraser="tools.settings.value.eraser"
    :whole-strokes="tools.settings.value.wholeStrokes"
    :instruments="show.instruments.value"
    @change="ink.draw"
    @offer="ink.offered.value = $event"
  />
  <LassoBoard
    v-if="tools.tool.value === 'lasso'"
    :key="`lasso-${show.surface.value}`"
    :ink="show.strokes.value"
    :chosen="ink.lassoed.value"
    @choose="ink.lassoed.value = $event"
    @change="show.draw"
    @keep="ink.keep"
    @say="words = $event"
  />
  <button v-if="offered" class="btn neat control" :style="ink.offerAt.value" @click="ink.takeOffer">
    {{ NEAT_WORDS[offered.kind] }}
  </button>
  <PolygonBoard
    v-if="over.reshapable.value.length && !student && !show.document.value"
    of-page
    :all="over.corners.value"
    :per-unit="scale.per"
    :unit="scale.unit"
    :holds="tools.tool.value === 'move'"
    :quiet="!tools.settings.value.readings"
    @began="show.rememberShapes"
    @change="over.reshape"
  />
  <PolygonBoard
    v-if="over.polygons.value.length"
    :all="over.polygons.value"
    :per-unit="scale.per"
    :unit="scale.unit"
    :holds="tools.tool.value === 'move'"
    :quiet="!tools.settings.value.readings"
    @change="over.setPolygons"
  />
  <InstrumentBoard
    v-if="show.instruments.value.length"
    :all="show.instruments.value"
    :per-unit="scale.per"
    :unit="scale.unit"
    :holds="tools.tool.value === 'move'"
    @change="over.setInstrument"
    @remove="over.removeInstrument"
  />
  <MagnifierBoard
    v-if="tools.has('magnifier')"
    :at="show.lens.value"
    :times="tools.settings.value.magnify"
    :seen="seen"
    @move="over.moveLens"
  />
  <SpotlightBoard
    v-if="tools.has('spotlight')"
    :spot="show.spot.value"
    :dim="tools.settings.value.dim"
    @change="over.setSpot"
  />
  <CoverBoard
    v-if="covered"
    :covered="covered"
    :made-of="tools.settings.value.cover"
    @change="over.drawCover"
  />
  <ScaleBoard
    v-if="over.scaling.value"
    :unit="scale.unit"
    @set="((over.scaling.value = false), show.setScale(show.surface.value, $event))"
    @cancel="over.scaling.value = false"
  />
  <PictureBoard
    v-if="pictures.choosing.value"
    @take="pictures.take"
    @cancel="pictures.choosing.value = false"
  />
</template>

<style scoped>
.neat {
  position: absolute;
  z-index: 2;
  min-height: 44px;
  background: #fffdf8;
  box-shadow: 0 4px 14px #0005;
}
</style>
