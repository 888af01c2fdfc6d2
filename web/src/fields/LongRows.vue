<script setup lang="ts" generic="T">
/** A table or list that is too long to be drawn whole: only the rows in view are, and the one that has the focus. */
import { type Rect, useVirtualizer, type Virtualizer } from '@tanstack/vue-virtual';
import { computed, nextTick, onBeforeUnmount, onMounted, onUpdated, ref, shallowRef, watch } from 'vue';

const props = defineProps<{
  rows: readonly T[];
  keyOf: (row: T) => string;
  height: number;
  as: 'tbody' | 'ul' | 'div';
  gap: number;
}>();

/** Rows drawn beyond the edges of the view, so that keys and wheels find them there. */
const OVERSCAN = 3;
const SPACER = { tbody: 'tr', ul: 'li', div: 'div' } as const;

const body = ref<HTMLElement | null>(null);
const scroller = shallowRef<HTMLElement | null>(null);
const margin = ref(0);
const focused = ref(-1);

/** What scrolls up and down says so itself: a table that scrolls sideways looks the same to a style sheet. */
function scrollerOf(element: HTMLElement): HTMLElement {
  return element.closest<HTMLElement>('[data-scrolls], .el-drawer__body, .el-dialog__body') ?? document.documentElement;
}

/** How far below the top of what scrolls these rows begin: what stands above them may grow. */
function lookWhereItBegins(): void {
  if (!body.value || !scroller.value) return;
  const from = scroller.value === document.documentElement ? 0 : scroller.value.getBoundingClientRect().top;
  const begins = Math.round(body.value.getBoundingClientRect().top - from + scroller.value.scrollTop);
  if (Math.abs(begins - margin.value) > 1) margin.value = begins;
}

const virtual = useVirtualizer<HTMLElement, HTMLElement>(
  computed(() => ({
    count: props.rows.length,
    getScrollElement: () => scroller.value,
    estimateSize: () => props.height,
    getItemKey: (at: number) => props.keyOf(props.rows[at]!),
    overscan: OVERSCAN,
    gap: props.gap,
    scrollMargin: margin.value,
    initialRect: { width: 0, height: window.innerHeight } satisfies Rect,
    rangeExtractor: ({ startIndex, endIndex, count, overscan }) => {
      const [first, last] = [Math.max(0, startIndex - overscan), Math.min(count - 1, endIndex + overscan)];
      const indexes = Array.from({ length: Math.max(0, last - first + 1) }, (_, at) => first + at);
      if (focused.value >= 0 && focused.value < count && !indexes.includes(focused.value)) indexes.push(focused.value);
      return indexes.sort((a, b) => a - b);
    },
    onChange: (now: Virtualizer<HTMLElement, HTMLElement>) => void (now.isScrolling && lookWhereItBegins()),
  })),
);

type Drawn = { kind: 'row'; key: string; at: number; row: T } | { kind: 'gap'; key: string; px: number };

const drawn = computed<Drawn[]>(() => {
  const row = (at: number): Drawn => ({ kind: 'row', key: props.keyOf(props.rows[at]!), at, row: props.rows[at]! });
  const found: Drawn[] = [];
  let end = margin.value;
  // The list's grid leaves its own space on each side of the empty row.
  const empty = (to: number, key: string, sides: number) => {
    const px = to - end - sides * props.gap;
    if (px > 0) found.push({ kind: 'gap', key, px });
  };
  for (const item of virtual.value.getVirtualItems()) {
    // A list that just became shorter is drawn before the virtualizer knows.
    if (item.index >= props.rows.length) break;
    empty(item.start, `gap-${item.index}`, found.length > 0 ? 2 : 1);
    found.push(row(item.index));
    end = item.end;
  }
  empty(virtual.value.getTotalSize() + margin.value, 'gap-end', 1);
  return found;
});

const rowElements = () => body.value?.querySelectorAll<HTMLElement>(':scope > [data-index]') ?? [];

/** What screen readers cannot count is told them. */
function measure(): void {
  const inTable = props.as === 'tbody';
  if (inTable) body.value?.closest('table')?.setAttribute('aria-rowcount', String(props.rows.length + 1));
  for (const element of rowElements()) {
    const at = Number(element.dataset['index']);
    if (inTable) element.setAttribute('aria-rowindex', String(at + 2));
    else {
      element.setAttribute('aria-posinset', String(at + 1));
      element.setAttribute('aria-setsize', String(props.rows.length));
    }
    virtual.value.measureElement(element);
  }
}

const indexOf = (target: EventTarget | null) =>
  Number((target as HTMLElement | null)?.closest<HTMLElement>('[data-index]')?.dataset['index'] ?? -1);

let sizes: ResizeObserver | null = null;
onMounted(() => {
  scroller.value = scrollerOf(body.value!);
  sizes = new ResizeObserver(lookWhereItBegins);
  for (const child of scroller.value.children) sizes.observe(child);
  lookWhereItBegins();
});
onBeforeUnmount(() => sizes?.disconnect());
onUpdated(() => {
  lookWhereItBegins();
  measure();
});
watch(scroller, () => void nextTick(measure));

/** Brings a row into view. */
async function show(at: number): Promise<void> {
  virtual.value.scrollToIndex(at, { align: 'auto' });
  await nextTick();
  const element = [...rowElements()].find((one) => Number(one.dataset['index']) === at);
  element?.scrollIntoView({ block: 'nearest' });
}
defineExpose({ show });
</script>

<template>
  <component
    :is="as"
    ref="body"
    @focusin="focused = indexOf($event.target)"
    @focusout="focused = indexOf($event.relatedTarget)"
  >
    <template v-for="one in drawn" :key="one.key">
      <slot v-if="one.kind === 'row'" :row="one.row" :at="one.at" />
      <component :is="SPACER[as]" v-else class="gap" aria-hidden="true"
        ><td v-if="as === 'tbody'" colspan="99" :style="{ height: `${one.px}px` }" />
        <span v-else :style="{ height: `${one.px}px` }"
      /></component>
    </template>
  </component>
</template>

<style scoped>
.gap,
.gap > td {
  padding: 0 !important;
  border: 0 !important;
}

.gap > span {
  display: block;
}
</style>
