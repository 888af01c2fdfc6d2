<script setup lang="ts">
/** Cells that were not taken: row, column, what was typed and why; each leads to its place. */
import { computed } from 'vue';
import type { RefusedWords } from './refused';

const props = defineProps<{ cells: readonly RefusedWords[]; canGo?: boolean }>();
defineEmits<{ go: [cell: RefusedWords]; giveUp: [cell: RefusedWords] }>();
const MOST = 50;
const more = computed(() => props.cells.length - MOST);
</script>

<template>
  <ul class="refused" tabindex="0" aria-label="Cells that were not taken" data-testid="refused-cells">
    <li v-for="cell in cells.slice(0, MOST)" :key="cell.key">
      <span
        ><b>Row {{ cell.row }}, {{ cell.column }}</b> <span class="soft">{{ cell.channel }}</span>
        {{ cell.problem }}</span
      >
      <template v-if="canGo">
        <el-button link :aria-label="`Go to row ${cell.row}, ${cell.column}`" @click="$emit('go', cell)"
          >Go there</el-button
        >
        <el-button link :aria-label="`Leave row ${cell.row}, ${cell.column} as it was`" @click="$emit('giveUp', cell)"
          >Leave as it was</el-button
        >
      </template>
    </li>
    <li v-if="more > 0">and {{ more }} more</li>
  </ul>
</template>

<style scoped>
.refused {
  max-height: 132px;
  margin: 0;
  padding: 0;
  overflow-y: auto;
  list-style: none;
}

li {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 10px;
  align-items: baseline;
  padding: 3px 0;
  border-bottom: 1px solid var(--hairline);
}

li > span {
  flex: 1 1 220px;
}
</style>
