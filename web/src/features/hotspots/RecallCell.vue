<script setup lang="ts">
/** Whether a radio recalls a slot: a line from the radio to the slot that is whole, has a gap, or is not drawn yet. */
import { computed } from 'vue';
import type { RecallCell } from '@relay/core/builder/recall';

const props = defineProps<{ cell: RecallCell }>();
const WORDS = {
  'no call': 'no call said',
  'no room': 'no room in the radio',
  missing: 'missing',
  wrong: 'sends something else',
} as const;
const words = computed(() => (props.cell.lack === null ? 'there' : WORDS[props.cell.lack]));
const tone = computed(() =>
  props.cell.lack === null ? 'is-whole' : props.cell.lack === 'no call' ? 'soft' : 'is-broken',
);
</script>

<template>
  <span class="cell">
    <svg viewBox="0 0 64 12" aria-hidden="true">
      <line v-if="cell.lack === null" x1="6" x2="58" y1="6" y2="6" class="yellow" />
      <line v-else-if="cell.lack === 'no call'" x1="6" x2="58" y1="6" y2="6" class="pale" />
      <template v-else>
        <line x1="6" x2="26" y1="6" y2="6" class="yellow" />
        <path d="M31 0 l4 3 l-4 3 l4 3 l-4 3" class="zigzag" />
      </template>
      <circle cx="6" cy="6" r="4" class="dot" />
      <circle cx="58" cy="6" r="4" :class="cell.lack === null ? 'dot' : 'after'" />
    </svg>
    <span :class="tone">{{ words }}</span>
    <span v-if="cell.entry" class="soft entry">{{ cell.entry }}</span>
  </span>
</template>

<style scoped src="../../relay-line/strip.css"></style>
<style scoped>
.cell {
  display: grid;
  gap: 1px;
  font-size: 12px;
}

svg {
  width: 64px;
  height: 12px;
}

.pale {
  stroke-dasharray: 3 4;
}

.entry {
  overflow-wrap: anywhere;
}
</style>
