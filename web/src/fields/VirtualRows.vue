<script setup lang="ts" generic="T">
/**
 * The rows of a table or list. A short one is drawn whole, and so is every one that is printed; of a long one only what
 * is in view. The slot draws one row; its outermost element carries `data-index`.
 */
import { computed, defineAsyncComponent, onBeforeUnmount, onMounted, ref } from 'vue';

const props = withDefaults(
  defineProps<{
    rows: readonly T[];
    keyOf: (row: T) => string;
    /** How high a row commonly is, px; each is measured when it is drawn. */
    height: number;
    as?: 'tbody' | 'ul' | 'div';
    /** Space that the list's own grid leaves between rows, px. */
    gap?: number;
  }>(),
  { as: 'tbody', gap: 0 },
);

/** Loaded when there is a long list: the first screen shown has none. */
const LongRows = defineAsyncComponent(() => import('./LongRows.vue'));
const FEW = 80;

const isPrinted = ref(false);
const isLong = computed(() => props.rows.length > FEW && !isPrinted.value);
const body = ref<HTMLElement | { show: (at: number) => Promise<void> } | null>(null);
const printing = () => void (isPrinted.value = true);
const printed = () => void (isPrinted.value = false);
onMounted(() => {
  window.addEventListener('beforeprint', printing);
  window.addEventListener('afterprint', printed);
});
onBeforeUnmount(() => {
  window.removeEventListener('beforeprint', printing);
  window.removeEventListener('afterprint', printed);
});

/** Brings a row into view. */
async function show(at: number): Promise<void> {
  if (!body.value) return;
  if ('show' in body.value) await body.value.show(at);
  else body.value.querySelector(`:scope > [data-index="${at}"]`)?.scrollIntoView({ block: 'nearest' });
}
defineExpose({ show });
</script>

<template>
  <LongRows
    v-if="isLong"
    ref="body"
    v-slot="{ row, at }"
    :rows="rows"
    :key-of="keyOf as (row: unknown) => string"
    :height="height"
    :as="as"
    :gap="gap"
  >
    <slot :row="row as T" :at="at as number" />
  </LongRows>
  <component :is="as" v-else ref="body">
    <slot v-for="(row, at) in rows" :key="keyOf(row)" :row="row" :at="at" />
  </component>
</template>
