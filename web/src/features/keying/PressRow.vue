<script setup lang="ts">
/** The presses of one setting, each with what the display shows after it. */
import type { ShownPress } from '@relay/core/keying/sheet';
import { untilWords } from './words';

defineProps<{
  presses: readonly ShownPress[];
  /** How many of them were played. */
  played?: number;
}>();
</script>

<template>
  <ol class="presses">
    <li v-for="(one, at) in presses" :key="at" :class="{ played: played !== undefined && at < played }">
      <span class="cap mono">{{ one.key }}</span>
      <span v-if="one.times > 1" class="times mono">×{{ one.times }}</span>
      <span v-if="one.until !== null" class="times">until {{ untilWords(one.until) }}</span>
      <span class="shows mono" aria-label="shows">{{ one.shows.trim() === '' ? '·' : one.shows }}</span>
    </li>
  </ol>
</template>

<style scoped>
.presses {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 8px;
  margin: 0;
  padding: 0;
  list-style: none;
}

.presses li {
  display: grid;
  grid-template-columns: auto auto;
  column-gap: 3px;
  align-items: baseline;
  justify-content: start;
}

.cap {
  min-width: 22px;
  padding: 1px 5px;
  text-align: center;
  border: 1px solid var(--ink);
  border-radius: 3px;
}

.played .cap {
  color: var(--slate);
  background: var(--yellow);
}

.times {
  font-size: 12px;
}

.shows {
  grid-column: 1 / -1;
  font-size: 11px;
  color: var(--ink-soft);
  white-space: pre;
}
</style>
