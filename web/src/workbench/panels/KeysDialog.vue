<script setup lang="ts">
const shown = defineModel<boolean>({ required: true })
const KEYS = [
  ['F6, Shift+F6', 'go round: settings, page, pages, rack'],
  ['Tab, Shift+Tab', 'walk the items of the page, then the grips of what is selected'],
  ['Arrow keys', 'nudge by 5 units, with Shift by 50'],
  ['Enter', 'write in the selected words; Esc ends it'],
  ['Shift+click', 'select one more'],
  ['Shift+Space', 'keep what is selected, walk on with Tab, take one more'],
  ['Ctrl+click', 'select what lies beneath'],
  ['Ctrl+A', 'select everything on the page'],
  ['Ctrl+C, Ctrl+X, Ctrl+V', 'copy, cut, paste; Ctrl+Shift+V in place'],
  ['Ctrl+Shift+V in words', 'paste without the style it had'],
  ['Ctrl+D', 'duplicate'],
  ['Ctrl+G, Ctrl+Shift+G', 'group, ungroup'],
  ['Delete', 'take what is selected away'],
  ['[ and ]', 'further down, further up'],
  ['Alt while dragging', 'no guides'],
  ['Shift while pulling', 'keep the ratio; turn by 15°'],
  ['Ctrl+wheel, Space+drag', 'zoom, move the page'],
  ['Ctrl+Z, Ctrl+Shift+Z', 'undo, redo'],
  ['Page Up, Page Down', 'the page before, the page after'],
  ['Alt+Up, Alt+Down on a page', 'move it earlier, later'],
  ['Alt+1 to Alt+4', 'the steps'],
  ['F8', 'present to the class'],
  ['Space in the answers table', 'belongs, does not belong, undecided'],
  ['R, T, O on a piece', 'students: turn it, turn it over, open it'],
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
