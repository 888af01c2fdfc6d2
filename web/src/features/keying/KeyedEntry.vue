<script setup lang="ts">
/** One memory of a keying sheet: what is pressed for each of its settings, to tick off. */
import { computed } from 'vue';
import type { SheetEntry } from '@relay/core/keying/sheet';
import PressRow from './PressRow.vue';
import { doesWords, stepTitle, storeTitle } from './words';

const props = defineProps<{
  entry: SheetEntry;
  done: boolean;
  /** How many of its presses were played. */
  played: number;
}>();
const emit = defineEmits<{ tick: [on: boolean] }>();
/** How many presses stand before each setting. */
const before = computed(() => {
  let sum = 0;
  return props.entry.steps.map(({ presses }) => (sum += presses.length) - presses.length);
});
</script>

<template>
  <li class="entry" :class="{ done }" data-testid="keyed">
    <label class="head"
      ><input type="checkbox" :checked="done" @change="emit('tick', ($event.target as HTMLInputElement).checked)" />
      <strong
        ><span v-if="entry.stores !== 'channel'">{{ storeTitle(entry.stores) }} </span
        ><span class="mono">{{ entry.number }}</span> {{ entry.name }}</strong
      >
      <span class="soft">{{ doesWords(entry) }}</span></label
    >
    <dl class="steps">
      <template v-for="(step, at) in entry.steps" :key="at">
        <dt>
          {{ stepTitle(entry.stores, step) }} <span v-if="step.value" class="mono value">{{ step.value }}</span>
        </dt>
        <dd>
          <PressRow :presses="step.presses" :played="played - before[at]!" />
          <p v-if="step.trap" class="trap">{{ step.trap }}</p>
        </dd>
      </template>
    </dl>
  </li>
</template>

<style scoped>
.entry {
  padding: 8px 12px;
  background: var(--raised);
  border: 1px solid var(--hairline);
  border-left: 4px solid var(--yellow);
  border-radius: 3px;
  break-inside: avoid;
  content-visibility: auto;
  contain-intrinsic-size: auto 260px;
}

.entry.done {
  border-left-color: var(--good);
}

.head {
  display: flex;
  gap: 8px;
  align-items: baseline;
}

input[type='checkbox'] {
  width: 16px;
  height: 16px;
  accent-color: var(--ink);
}

.steps {
  display: grid;
  grid-template-columns: 150px minmax(0, 1fr);
  gap: 6px 12px;
  margin: 8px 0 0;
}

.steps dd {
  min-width: 0;
  margin: 0;
}

.value {
  display: block;
}

.trap {
  margin: 0;
  padding: 4px 8px;
  background: var(--yellow-pale);
  border-left: 3px solid var(--doubtful);
}

.steps .trap {
  margin-top: 4px;
}

@media (max-width: 560px) {
  .steps {
    grid-template-columns: minmax(0, 1fr);
    gap: 2px;
  }

  .value {
    display: inline;
  }
}

@media print {
  .entry {
    content-visibility: visible;
  }
}
</style>
