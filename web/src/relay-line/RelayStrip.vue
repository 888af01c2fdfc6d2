<script setup lang="ts">
/** One line high, for tables: six stations, the gap where the path breaks. */
import type { HopId, Verdict } from '@relay/core/path/types';
import { stripWords } from './strip-words';

const props = defineProps<{ verdict: Verdict; at: HopId | null; replyOnly: boolean }>();
const HOPS: readonly HopId[] = ['radio', 'air', 'site', 'gateway', 'network', 'destination'];
const place = (id: HopId) => 8 + HOPS.indexOf(id) * 24;
</script>

<template>
  <svg class="strip" viewBox="0 0 136 16" role="img" :aria-label="stripWords(props)">
    <line v-if="verdict === 'whole'" x1="8" x2="128" y1="8" y2="8" class="yellow" />
    <template v-else-if="verdict === 'doubtful'"><line x1="8" x2="128" y1="8" y2="8" class="yellow dashed" /></template>
    <template v-else>
      <line x1="8" :x2="Math.max(8, place(at!) - 15)" y1="8" y2="8" class="yellow" />
      <line :x1="place(at!)" x2="128" y1="8" y2="8" class="pale" />
      <path v-if="at !== 'radio'" :d="`M${place(at!) - 14} 1 l4 3.5 l-4 3.5 l4 3.5 l-4 3.5`" class="zigzag" />
    </template>
    <circle
      v-for="hop in HOPS"
      :key="hop"
      :cx="place(hop)"
      cy="8"
      :r="hop === at ? 5 : 4"
      :class="
        hop === at ? `mark mark--${verdict}` : at && verdict === 'broken' && place(hop) > place(at) ? 'after' : 'dot'
      "
    />
  </svg>
</template>

<style scoped src="./strip.css"></style>
<style scoped>
.strip {
  width: 136px;
  height: 16px;
}

.dashed {
  stroke-dasharray: 7 5;
}

.mark {
  fill: var(--raised);
  stroke-width: 2.5;
}

.mark--broken {
  stroke: var(--broken);
}

.mark--doubtful {
  stroke: var(--doubtful);
  stroke-dasharray: 3 2;
}
</style>
