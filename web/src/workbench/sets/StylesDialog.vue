<script setup lang="ts">
import { t } from '@/i18n'
import { computed } from 'vue'
import { FONTS } from '@/page/fonts'
import { fontsReady } from '@/page/wordFit'
import { composite } from '@/workbench/edits/copies'
import type { Editing } from '@/workbench/edits/editing'
import { labelPlaces } from '@/workbench/edits/zoneLooks'
import { FIELDS, restyled, roleOn, ROLES, TITLE_SIZE, type Role, type RoleLook } from './roles'

/** How titles, text, cards, drop zones, labels and lines look, each changed in one place for all pages. */
const props = defineProps<{ editing: Editing }>()
const emit = defineEmits<{ close: [] }>()

/** What each is called, and what it is said of. */
const NAMES: Record<Role, [name: string, hint: (n: number) => string]> = {
  TITLE: [t('workbench.titles'), (n) => t('workbench.style-titles', { n })],
  TEXT: [t('shared.text'), (n) => t('workbench.style-texts', { n })],
  CARD: [t('workbench.word-cards'), (n) => t('workbench.style-cards', { n })],
  ZONE: [t('workbench.drop-zones'), (n) => t('workbench.style-zones', { n })],
  LABEL: [t('workbench.labels'), (n) => t('workbench.style-labels', { n })],
  LINE: [t('workbench.lines'), (n) => t('workbench.style-lines', { n })],
}
const KINDS = [
  ['TRAY', t('workbench.tray')],
  ['LINE', t('workbench.line-around-it')],
  ['DASHED', t('shared.broken-line')],
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
  <el-dialog
    :model-value="true"
    :title="t('workbench.styles-of-all-pages')"
    width="640px"
    @close="emit('close')"
  >
    <p class="soft">{{ t('workbench.what-you-choose-here-holds-for') }}</p>
    <fieldset v-for="{ role, n, look, fields } in rows" :key="role" :disabled="n === 0">
      <legend>{{ NAMES[role][0] }}</legend>
      <p class="soft">
        {{ NAMES[role][1](n) }}
      </p>
      <div v-if="n" class="fields">
        <el-select
          v-if="fields.includes('font')"
          :model-value="look.font"
          :aria-label="t('workbench.style-letters', { what: NAMES[role][0] })"
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
          :aria-label="t('workbench.style-size', { what: NAMES[role][0] })"
          @change="set(role, { size: $event ?? least(role) })"
        />
        <el-checkbox
          v-if="fields.includes('bold')"
          :model-value="look.bold"
          @change="set(role, { bold: Boolean($event) })"
          >{{ t('workbench.bold') }}</el-checkbox
        >
        <el-select
          v-if="fields.includes('kind')"
          :model-value="look.kind"
          :aria-label="t('workbench.what-drop-zones-look-like')"
          @change="set(role, { kind: $event })"
        >
          <el-option v-for="[kind, name] in KINDS" :key="kind" :value="kind" :label="name" />
        </el-select>
        <el-select
          v-if="fields.includes('label')"
          :model-value="look.label"
          :aria-label="t('workbench.where-labels-stand')"
          @change="set(role, { label: $event })"
        >
          <el-option v-for="[at, name] in labelPlaces()" :key="at" :value="at" :label="name" />
        </el-select>
        <el-input-number
          v-if="fields.includes('thickness')"
          :model-value="look.thickness"
          :min="1"
          :max="60"
          :aria-label="t('workbench.thickness-of-lines')"
          @change="set(role, { thickness: $event ?? 1 })"
        />
        <label v-if="fields.includes('colour')" class="colour"
          >{{ t('shared.colour')
          }}<input
            type="color"
            :value="look.colour"
            :aria-label="t('workbench.style-colour', { what: NAMES[role][0] })"
            @change="set(role, { colour: ($event.target as HTMLInputElement).value })"
        /></label>
        <label v-if="fields.includes('fill')" class="colour"
          >{{ t('workbench.inside')
          }}<input
            type="color"
            :value="look.fill"
            :aria-label="t('workbench.inside-of-drop-zones')"
            @change="set(role, { fill: ($event.target as HTMLInputElement).value })"
        /></label>
      </div>
    </fieldset>
    <template #footer
      ><button class="btn pri" @click="emit('close')">{{ t('shared.done') }}</button></template
    >
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
