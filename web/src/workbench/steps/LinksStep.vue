<script setup lang="ts">
import { t } from '@/i18n'
import { PhFootprints, PhGraph, PhTable, PhTreeStructure } from '@phosphor-icons/vue'
import { computed, ref } from 'vue'
import { get } from '@/api/client'
import { linksOf } from '@/page/pageOrder'
import type { Editing } from '@/workbench/edits/editing'
import LinkDialog from '@/workbench/links/LinkDialog.vue'
import { placeOn, setWays, tidied, tileTo } from '@/workbench/links/mapEdits'
import PageMapDrawing from '@/workbench/links/PageMap.vue'
import PageMapPanel from '@/workbench/links/PageMapPanel.vue'
import TryPath from '@/workbench/links/TryPath.vue'
import LinksTable from '@/workbench/links/LinksTable.vue'
import { watchFor } from '@/workbench/watching'

/** How the pages lead to one another: as a map or as a table, with what is wrong with it; and walked as a student. */
const props = defineProps<{ editing: Editing }>()
const emit = defineEmits<{ edit: [pageId: string] }>()

const { found, failed } = watchFor(props.editing, () =>
  get(`/api/v1/activities/${props.editing.id}/page-map`),
)
const activity = computed(() => props.editing.activity.value)
/** A page may have come since the server looked; it is on the map as soon as it has looked again. */
const map = computed(() => found.value)
const chosen = ref<string | null>(null)
const asTable = ref(false)
const walking = ref(false)
const linking = ref<{ from: string; to: string } | null>(null)
const page = (id: string) => activity.value.pages.find((one) => one.id === id)!
const moved = computed(() => activity.value.pages.some((one) => linksOf(one).spot))

function tidy() {
  const edit = tidied(activity.value)
  if (edit) props.editing.edit(edit)
}
function link(by: 'tile' | 'next' | 'first') {
  const { from, to } = linking.value!
  linking.value = null
  if (by === 'tile') props.editing.edit(tileTo(page(from), page(to)))
  else if (by === 'next') props.editing.edit(setWays(page(from), { to, ends: false }))
  else
    props.editing.edit(
      setWays(page(from), { first: to, ends: false, opens: linksOf(page(from)).opens ?? { kind: 'solved' } }),
    )
}
</script>

<template>
  <div class="routes">
    <TryPath v-if="walking" :editing="editing" @close="walking = false" />
    <template v-else>
      <PageMapPanel
        :editing="editing"
        :map="map"
        :failed="failed"
        :chosen="chosen"
        @choose="chosen = $event"
        @edit="emit('edit', $event)"
      />
      <div class="ground" data-region :aria-label="t('workbench.the-map')">
        <template v-if="map">
          <LinksTable
            v-if="asTable"
            :activity="activity"
            :map="map"
            :chosen="chosen"
            @choose="chosen = $event"
          />
          <PageMapDrawing
            v-else
            :activity="activity"
            :map="map"
            :chosen="chosen"
            :may-edit="editing.mayEdit"
            @choose="chosen = $event"
            @open="emit('edit', $event)"
            @move="(id, spot) => editing.edit(placeOn(page(id), spot))"
            @link="(from, to) => (linking = { from, to })"
          />
        </template>
        <div class="tools">
          <button class="btn" @click="asTable = !asTable">
            <component :is="asTable ? PhGraph : PhTable" :size="19" aria-hidden="true" />{{
              asTable ? t('workbench.as-a-map') : t('workbench.as-a-table')
            }}
          </button>
          <button v-if="!asTable" class="btn" :disabled="!moved" @click="tidy">
            <PhTreeStructure :size="19" aria-hidden="true" />{{ t('workbench.tidy') }}
          </button>
          <button class="btn" @click="walking = true">
            <PhFootprints :size="19" aria-hidden="true" />{{ t('workbench.try-the-path') }}
          </button>
        </div>
      </div>
    </template>
    <LinkDialog
      v-if="linking"
      :activity="activity"
      :from="linking.from"
      :to="linking.to"
      @tile="link('tile')"
      @next="link('next')"
      @first="link('first')"
      @close="linking = null"
    />
  </div>
</template>

<style scoped>
.routes {
  display: grid;
  grid-column: 1 / -1;
  grid-template-columns: auto minmax(0, 1fr);
  min-height: 0;
}
.ground {
  position: relative;
  min-width: 0;
  overflow: hidden;
}
.tools {
  position: absolute;
  inset-inline-end: 16px;
  bottom: 14px;
  display: flex;
  gap: 9px;
}
</style>
