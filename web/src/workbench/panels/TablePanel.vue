<script setup lang="ts">
import { t } from '@/i18n'
import { computed, ref } from 'vue'
import { newId } from '@/api/id'
import type { Table, TableCell } from '@/api/schema'
import { pictureUrl } from '@/page/pictures'
import type { Workbench } from '@/workbench/useWorkbench'
import DraftField from './DraftField.vue'

/** A table: its rows and columns, and what is in each cell. */
const props = defineProps<{ workbench: Workbench; item: Table }>()
const emit = defineEmits<{ picture: [row: number, column: number] }>()

const at = ref<[number, number]>([0, 0])
const row = computed(() => Math.min(at.value[0], props.item.rows.length - 1))
const column = computed(() => Math.min(at.value[1], props.item.columns.length - 1))
const cell = computed(() => props.item.cells[row.value]![column.value]!)
const MOST = 40

function reshaped(rows: number[], columns: number[], cells: TableCell[][]) {
  const sum = (sizes: number[]) => sizes.reduce((a, b) => a + b, 0)
  const { frame } = props.item
  const pageId = props.workbench.page.value.id
  props.workbench.all([
    { kind: 'set-body', pageId, item: { ...props.item, rows, columns, cells } },
    {
      kind: 'set-frame',
      pageId,
      itemId: props.item.id,
      frame: {
        ...frame,
        width: (frame.width * sum(columns)) / sum(props.item.columns),
        height: (frame.height * sum(rows)) / sum(props.item.rows),
      },
    },
  ])
}
/** One row or one column by number; the table grows by as much. */
const sizeOf = (way: 'rows' | 'columns', index: number) => {
  const all = props.item[way]
  const whole = way === 'columns' ? props.item.frame.width : props.item.frame.height
  return Math.round((all[index]! * whole) / all.reduce((a, b) => a + b, 0))
}
function setSize(way: 'rows' | 'columns', index: number, text: string) {
  const typed = Number(text)
  if (!Number.isFinite(typed)) return
  const to = Math.min(1600, Math.max(24, typed))
  const sizes = props.item[way].map((size, i) => (i === index ? (size * to) / sizeOf(way, i) : size))
  if (way === 'rows') reshaped(sizes, props.item.columns, props.item.cells)
  else reshaped(props.item.rows, sizes, props.item.cells)
}
const inserted = <T,>(list: T[], index: number, one: T) => [
  ...list.slice(0, index),
  one,
  ...list.slice(index),
]
const without = <T,>(list: T[], index: number) => list.filter((_, i) => i !== index)

function addRow() {
  const { rows, columns, cells } = props.item
  const i = row.value
  if (rows.length >= MOST) return
  reshaped(
    inserted(rows, i + 1, rows[i]!),
    columns,
    inserted(
      cells,
      i + 1,
      columns.map(() => ({})),
    ),
  )
}
function addColumn() {
  const { rows, columns, cells } = props.item
  const i = column.value
  if (columns.length >= MOST) return
  reshaped(
    rows,
    inserted(columns, i + 1, columns[i]!),
    cells.map((one) => inserted(one, i + 1, {})),
  )
}
function removeRow() {
  const { rows, columns, cells } = props.item
  if (rows.length > 1) reshaped(without(rows, row.value), columns, without(cells, row.value))
}
function removeColumn() {
  const { rows, columns, cells } = props.item
  if (columns.length > 1) {
    reshaped(
      rows,
      without(columns, column.value),
      cells.map((one) => without(one, column.value)),
    )
  }
}

function change(to: Partial<TableCell>) {
  const next: TableCell = { ...cell.value, ...to }
  for (const [name, value] of Object.entries(next))
    if (value === undefined) delete next[name as keyof TableCell]
  props.workbench.setCell(props.item, row.value, column.value, next)
}
const name = (r: number, c: number) => {
  const one = props.item.cells[r]![c]!
  const what =
    one.words?.text ||
    (one.picture ? t('workbench.cell-picture') : '') ||
    (one.zoneId ? t('workbench.drop-zone-2') : t('workbench.cell-empty'))
  return t('workbench.row-r-column-c-what', { r: r + 1, c: c + 1, what })
}
</script>

<template>
  <section class="table">
    <h3>{{ t('workbench.table') }}</h3>
    <div
      class="small"
      role="group"
      :aria-label="t('workbench.cells')"
      :style="{ gridTemplateColumns: `repeat(${item.columns.length}, 1fr)` }"
    >
      <template v-for="(cells, r) in item.cells" :key="r">
        <button
          v-for="(one, c) in cells"
          :key="c"
          :aria-label="name(r, c)"
          :title="name(r, c)"
          :aria-pressed="row === r && column === c"
          :style="{ background: one.fill ?? '#fff' }"
          @click="at = [r, c]"
        >
          <span v-if="one.zoneId" class="ring" aria-hidden="true"></span>
          <template v-else>{{ one.words ? 'a' : one.picture ? '▣' : '' }}</template>
        </button>
      </template>
    </div>
    <p class="soft hint">{{ t('workbench.row-row-column-column', { row: row + 1, column: column + 1 }) }}</p>
    <button class="btn" @click="workbench.write({ id: item.id, cell: [row, column] })">
      {{ t('workbench.write-in-this-cell') }}
    </button>
    <button class="btn" @click="emit('picture', row, column)">
      {{ t('workbench.picture-in-this-cell') }}
    </button>
    <p v-if="cell.picture" class="pic">
      <img :src="pictureUrl(cell.picture)" alt="" width="34" height="34" />
      <button class="btn" @click="change({ picture: undefined, credit: undefined })">
        {{ t('workbench.no-picture-2') }}
      </button>
    </p>
    <label class="line"
      >{{ t('workbench.drop-zone') }}
      <input
        type="checkbox"
        :checked="Boolean(cell.zoneId)"
        @change="change({ zoneId: ($event.target as HTMLInputElement).checked ? newId() : undefined })"
    /></label>
    <label class="line"
      >{{ t('workbench.fill') }}
      <input
        type="color"
        :value="cell.fill ?? '#ffffff'"
        @change="change({ fill: ($event.target as HTMLInputElement).value })"
    /></label>
    <div class="two">
      <button class="btn" @click="addRow">{{ t('workbench.row-below') }}</button>
      <button class="btn" @click="addColumn">{{ t('workbench.column-after') }}</button>
      <button class="btn" :disabled="item.rows.length === 1" @click="removeRow">
        {{ t('workbench.remove-row') }}
      </button>
      <button class="btn" :disabled="item.columns.length === 1" @click="removeColumn">
        {{ t('workbench.remove-column') }}
      </button>
    </div>
    <div class="two">
      <label
        >{{ t('workbench.row-height') }}
        <DraftField
          :key="`${item.id} ${row}`"
          type="number"
          min="24"
          max="1600"
          :value="sizeOf('rows', row)"
          @commit="setSize('rows', row, $event)"
      /></label>
      <label
        >{{ t('workbench.column-width') }}
        <DraftField
          :key="`${item.id} ${column}`"
          type="number"
          min="24"
          max="1600"
          :value="sizeOf('columns', column)"
          @commit="setSize('columns', column, $event)"
      /></label>
    </div>
    <p class="soft hint">{{ t('workbench.or-pull-the-lines-on-the') }}</p>
  </section>
</template>

<style scoped>
.table {
  display: grid;
  gap: 8px;
}
.small {
  display: grid;
  gap: 2px;
}
.small button {
  min-height: 26px;
  overflow: hidden;
  padding: 0;
  border: 1.5px solid var(--line);
  border-radius: 3px;
  cursor: pointer;
  font-size: 12px;
}
.small button[aria-pressed='true'] {
  border-color: var(--petrol);
  box-shadow: inset 0 -3px var(--petrol);
}
.ring {
  display: inline-block;
  width: 14px;
  height: 10px;
  border: 2px dashed var(--plum);
  border-radius: 3px;
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
  font-size: 14px;
}
.line input[type='checkbox'] {
  width: 18px;
  height: 18px;
  accent-color: var(--petrol);
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
}
.two .btn {
  padding: 4px 6px;
  font-size: 13px;
}
.pic {
  display: flex;
  gap: 8px;
  align-items: center;
}
.hint {
  font-size: 13px;
}
</style>
