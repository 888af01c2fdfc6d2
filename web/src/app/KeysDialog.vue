<script setup lang="ts">
const open = defineModel<boolean>({ required: true });

const KEYS: readonly [string, string][] = [
  ['Ctrl K', 'Find anything'],
  ['Ctrl Z / Ctrl Shift Z', 'Undo / redo'],
  ['?', 'These keys'],
  ['↑ ↓', 'Agreement: choose a finding'],
  ['.', 'Agreement: mend the finding'],
  ['t', 'Agreement: show its path'],
  ['Arrows, Enter or F2', 'Sheet: move, edit'],
  ['Ctrl C / Ctrl V', 'Sheet: copy and paste ranges, also to and from a spreadsheet'],
  ['Ctrl D', 'Sheet: fill the range down from its first row'],
  ['Ctrl A, Shift and arrows', 'Sheet: select all, or a range'],
  ['Esc', 'Sheet: give up what was not taken in a cell'],
];
</script>

<template>
  <el-dialog v-model="open" title="Keys" width="480px">
    <dl>
      <template v-for="[key, does] in KEYS" :key="key">
        <dt class="mono">{{ key }}</dt>
        <dd>{{ does }}</dd>
      </template>
    </dl>
  </el-dialog>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 6px 20px;
  margin: 0;
}

dd {
  margin: 0;
}
</style>
