<script setup lang="ts">
const shown = defineModel<boolean>({ required: true })
const KEYS = [
  ['Tab, Shift+Tab', 'walk the items of the page'],
  ['Arrow keys', 'nudge by 5 units, with Shift by 50'],
  ['Enter', 'write in the selected words; Esc ends it'],
  ['Delete', 'take the selected item away'],
  ['[ and ]', 'further down, further up'],
  ['Ctrl+Z, Ctrl+Shift+Z', 'undo, redo'],
  ['Page Up, Page Down', 'the page before, the page after'],
  ['Alt+1 to Alt+4', 'the steps'],
  ['Space in the answers table', 'belongs, turned away, undecided'],
]
</script>

<template>
  <el-dialog v-model="shown" title="Keys" width="520px">
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
  text-align: left;
  white-space: nowrap;
}
</style>
