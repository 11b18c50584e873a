<script setup lang="ts">
import { computed } from 'vue'
import { count } from '@/page/count'
import { FONTS } from '@/page/fonts'
import { fontsReady } from '@/page/wordFit'
import { composite } from '@/workbench/edits/copies'
import type { Editing } from '@/workbench/edits/editing'
import { LABELS } from '@/workbench/edits/zoneLooks'
import { FIELDS, restyled, roleOn, ROLES, TITLE_SIZE, type Role, type RoleLook } from './roles'

/** How titles, text, cards, drop zones, labels and lines look, each changed in one place for all pages. */
const props = defineProps<{ editing: Editing }>()
const emit = defineEmits<{ close: [] }>()

const NAMES: Record<Role, [name: string, one: string, hint: string]> = {
  TITLE: ['Titles', 'title', 'Large bold words that stay where they are'],
  TEXT: ['Text', 'text', 'All other words that stay where they are'],
  CARD: ['Word cards', 'card', 'Words that students move'],
  ZONE: ['Drop zones', 'drop zone', 'All but circles of glass and unseen ones'],
  LABEL: ['Labels', 'label', 'What is written on drop zones'],
  LINE: ['Lines', 'line', 'Lines, arrows and connectors'],
}
const KINDS = [
  ['TRAY', 'Tray'],
  ['LINE', 'Line around it'],
  ['DASHED', 'Broken line'],
] as const
const USUAL = { ZONE: { colour: '#68406b', fill: '#ece4d6' } } as Partial<Record<Role, RoleLook>>

const pages = computed(() => props.editing.activity.value.pages)
const rows = computed(() =>
  ROLES.map((role) => {
    const { count: n, look } = roleOn(pages.value, role)
    return { role, n, look: { ...USUAL[role], ...defined(look) }, fields: FIELDS[role] }
  }),
)
const defined = (look: RoleLook) =>
  Object.fromEntries(Object.entries(look).filter(([, value]) => value !== undefined)) as RoleLook
/** More edits than this make a step that is too large to send. */
const MOST = 3_500

async function set(role: Role, change: RoleLook) {
  // Letters that are not there yet would be measured as others.
  if (change.font || change.bold) await fontsReady([change.font])
  const each = restyled(pages.value, role, change).filter((edits) => edits.length > 0)
  const all = each.flat()
  if (all.length === 0) return
  if (all.length <= MOST) props.editing.edit(composite(all))
  else each.forEach((edits) => props.editing.edit(composite(edits)))
}
const least = (role: Role) => (role === 'TITLE' ? TITLE_SIZE : 14)
</script>

<template>
  <el-dialog :model-value="true" title="Styles of all pages" width="640px" @close="emit('close')">
    <p class="soft">What you choose here holds for all pages at once. One Undo takes each step back.</p>
    <fieldset v-for="{ role, n, look, fields } in rows" :key="role" :disabled="n === 0">
      <legend>{{ NAMES[role][0] }}</legend>
      <p class="soft">
        {{ n ? `${count(n, NAMES[role][1])}: ` : 'None yet: ' }}{{ NAMES[role][2].toLowerCase() }}
      </p>
      <div v-if="n" class="fields">
        <el-select
          v-if="fields.includes('font')"
          :model-value="look.font"
          :aria-label="`Letters of ${NAMES[role][0].toLowerCase()}`"
          @change="set(role, { font: $event })"
        >
          <el-option v-for="one in FONTS" :key="one.font" :value="one.font" :label="one.name" />
        </el-select>
        <el-input-number
          v-if="fields.includes('size')"
          :model-value="look.size"
          :min="least(role)"
          :max="200"
          :step="2"
          :aria-label="`Size of ${NAMES[role][0].toLowerCase()}`"
          @change="set(role, { size: $event ?? least(role) })"
        />
        <el-checkbox
          v-if="fields.includes('bold')"
          :model-value="look.bold"
          @change="set(role, { bold: Boolean($event) })"
          >Bold</el-checkbox
        >
        <el-select
          v-if="fields.includes('kind')"
          :model-value="look.kind"
          aria-label="What drop zones look like"
          @change="set(role, { kind: $event })"
        >
          <el-option v-for="[kind, name] in KINDS" :key="kind" :value="kind" :label="name" />
        </el-select>
        <el-select
          v-if="fields.includes('label')"
          :model-value="look.label"
          aria-label="Where labels stand"
          @change="set(role, { label: $event })"
        >
          <el-option v-for="[at, name] in LABELS" :key="at" :value="at" :label="name" />
        </el-select>
        <el-input-number
          v-if="fields.includes('thickness')"
          :model-value="look.thickness"
          :min="1"
          :max="60"
          aria-label="Thickness of lines"
          @change="set(role, { thickness: $event ?? 1 })"
        />
        <label v-if="fields.includes('colour')" class="colour"
          >Colour<input
            type="color"
            :value="look.colour"
            :aria-label="`Colour of ${NAMES[role][0].toLowerCase()}`"
            @change="set(role, { colour: ($event.target as HTMLInputElement).value })"
        /></label>
        <label v-if="fields.includes('fill')" class="colour"
          >Inside<input
            type="color"
            :value="look.fill"
            aria-label="Inside of drop zones"
            @change="set(role, { fill: ($event.target as HTMLInputElement).value })"
        /></label>
      </div>
    </fieldset>
    <template #footer><button class="btn pri" @click="emit('close')">Done</button></template>
  </el-dialog>
</template>

<style scoped>
fieldset {
  margin: 10px 0 0;
  padding: 8px 12px 12px;
  border: 1px solid var(--line);
  border-radius: var(--tile-s);
}
legend {
  padding: 0 6px;
  font-weight: 700;
}
p {
  margin: 0 0 8px;
}
.fields {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
.fields .el-select {
  width: 190px;
}
.colour {
  display: flex;
  gap: 6px;
  align-items: center;
}
</style>
