<script setup lang="ts">
import { computed } from 'vue';
import type { PathKey } from '@relay/core/plan/patches';
import SourceMark from './SourceMark.vue';

/**
 * One row of a form: a label, what is set beside it, and under that what is said of it. The grid of every form is here.
 * `for`: the id of the one control that the label is for; `labelId`: the label's own id, for a control that names its
 * label. Without either, the row is a group of controls under its label. `at`: where its value stands in a profile.
 */
const props = defineProps<{ label: string; for?: string; labelId?: string; bare?: boolean; at?: readonly PathKey[] }>();
const isGroup = computed(() => props.for === undefined && props.labelId === undefined);
</script>

<template>
  <div
    class="row"
    :class="{ 'row--bare': bare }"
    :role="isGroup ? 'group' : undefined"
    :aria-label="isGroup ? label : undefined"
  >
    <span v-if="isGroup" aria-hidden="true">{{ label }}</span>
    <label v-else :id="labelId" :for="$props.for" :class="{ 'visually-hidden': bare }">{{ label }}</label>
    <div class="control"><slot /><SourceMark v-if="at" :at="at" :label="label" /></div>
    <div v-if="$slots['notes']" class="notes"><slot name="notes" /></div>
  </div>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: var(--form-label) minmax(0, 1fr);
  gap: 2px 12px;
  align-items: center;
}

.control {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 8px;
  align-items: center;
  min-width: 0;
}

.notes {
  grid-column: 2;
  max-width: 56ch;
  font-size: 12px;
}

.row--bare {
  grid-template-columns: 1fr;
}

.row--bare .notes {
  grid-column: 1;
}

@media (max-width: 760px) {
  .row {
    grid-template-columns: 1fr;
  }

  .notes {
    grid-column: 1;
  }
}
</style>
