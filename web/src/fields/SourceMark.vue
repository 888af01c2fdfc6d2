<script setup lang="ts">
/** Beside a field: whether its value is this profile’s own or its base’s, and the press that changes that. */
import { computed, inject } from 'vue';
import type { PathKey } from '@relay/core/plan/patches';
import { SOURCE } from './source';

const props = defineProps<{ at: readonly PathKey[]; label: string }>();
const source = inject(SOURCE, null);
const mark = computed(() => source?.of(props.at) ?? null);
</script>

<template>
  <span v-if="mark" class="mark" :class="{ own: mark.isOwn }" data-testid="source">
    <span>{{ mark.isOwn ? 'set here' : `from ${mark.from}` }}</span>
    <button
      v-if="mark.isOwn"
      type="button"
      :aria-label="`${label}: set back to ${mark.from}`"
      @click="source!.setBack(at, label)"
    >
      Set back
    </button>
    <button v-else type="button" :aria-label="`${label}: keep as it is here`" @click="source!.takeOver(at, label)">
      Keep here
    </button>
  </span>
</template>

<style scoped>
.mark {
  display: inline-flex;
  gap: 8px;
  align-items: center;
  color: var(--ink-soft);
  font-size: 12px;
  white-space: nowrap;
}

.own {
  padding-left: 6px;
  color: var(--ink);
  font-weight: 600;
  border-left: 4px solid var(--yellow);
}

button {
  padding: 1px 4px;
  color: var(--ink-soft);
  background: none;
  border: 1px solid transparent;
  border-radius: 3px;
  font: inherit;
  font-weight: 400;
  text-decoration: underline;
  cursor: pointer;
}

button:hover {
  color: var(--ink);
}
</style>
