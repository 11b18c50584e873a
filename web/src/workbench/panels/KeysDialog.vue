<script setup lang="ts">
import { t } from '@/i18n'
const shown = defineModel<boolean>({ required: true })
const KEYS = [
  ['F6, Shift+F6', t('workbench.go-round-settings-page-pages-rack')],
  [t('workbench.tab-shift-tab'), t('workbench.walk-the-items-of-the-page')],
  [t('workbench.arrow-keys'), t('workbench.nudge-by-5-units-with-shift')],
  ['Enter', t('workbench.write-in-the-selected-words-esc')],
  ['Shift+click', t('workbench.select-one-more')],
  ['Shift+Space', t('workbench.keep-what-is-selected-walk-on')],
  ['Ctrl+click', t('workbench.select-what-lies-beneath')],
  ['Ctrl+A', t('workbench.select-everything-on-the-page')],
  ['Ctrl+C, Ctrl+X, Ctrl+V', t('workbench.copy-cut-paste-ctrl-shift-v')],
  [t('workbench.keys-paste-words'), t('workbench.paste-without-the-style-it-had')],
  ['Ctrl+D', t('workbench.keys-duplicate')],
  ['Ctrl+G, Ctrl+Shift+G', t('workbench.group-ungroup')],
  ['Delete', t('workbench.take-what-is-selected-away')],
  [t('workbench.keys-brackets'), t('workbench.further-down-further-up')],
  [t('workbench.alt-while-dragging'), t('workbench.no-guides')],
  [t('workbench.shift-while-pulling'), t('workbench.keep-the-ratio-turn-by-15')],
  ['Ctrl+wheel, Space+drag', t('workbench.zoom-move-the-page')],
  ['Ctrl+Z, Ctrl+Shift+Z', t('workbench.undo-redo')],
  [t('workbench.page-up-page-down'), t('workbench.the-page-before-the-page-after')],
  [t('workbench.keys-move-page'), t('workbench.move-it-earlier-later')],
  [t('workbench.keys-steps'), t('workbench.the-steps')],
  ['F8', t('workbench.present-to-the-class')],
  [t('workbench.space-in-the-answers-table'), t('workbench.belongs-does-not-belong-undecided')],
  [t('workbench.r-t-o-on-a-piece'), t('workbench.students-turn-it-turn-it-over')],
]
</script>

<template>
  <el-dialog v-model="shown" :title="t('workbench.keys')" width="520px">
    <table>
      <tbody>
        <tr v-for="[keys, what] in KEYS" :key="keys">
          <th scope="row">{{ keys }}</th>
          <td>{{ what }}</td>
        </tr>
      </tbody>
    </table>
  </el-dialog>
</template>

<style scoped>
th {
  padding: 4px 20px 4px 0;
  text-align: start;
  white-space: nowrap;
}
</style>
