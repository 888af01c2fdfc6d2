<script setup lang="ts">
/** The sheet: keyboard, ranges, fill down; cells that disagree show what their other end expects. */
import type { ColumnRegular } from '@revolist/revogrid';
import VGrid from '@revolist/vue3-datagrid';
import { computed, nextTick, shallowRef, useTemplateRef, watch } from 'vue';
import { compareCells } from './compare-cells';
import { type Paste, spread } from './paste';
import { refusedKey } from './refused';
import type { RefusedCell, SheetColumn, SheetRow, TypedCell } from './sheet';
import { columnWidths } from './sheet-cells';
import { parseTsv, writeTsv } from './tsv';
import { type EditDetail, useCellEditor } from './use-cell-editor';
import { useKeyOrder } from './use-key-order';
import { usePainter } from './use-painter';
import { type Range, type Selected, useSelection } from './use-selection';

const props = defineProps<{
  rows: SheetRow[];
  /** The first is frozen. */
  shown: readonly SheetColumn[];
  refused: ReadonlyMap<string, RefusedCell>;
  selected: string | null;
}>();
const emit = defineEmits<{
  type: [cells: TypedCell[], label: string];
  paste: [paste: Paste, likeId: string | null];
  giveUp: [cell: TypedCell];
  /** The channel that is looked at, and all of the range. */
  select: [channelId: string, all: string[]];
}>();

const FROZEN = 1;
const grid = shallowRef<{ $el: HTMLRevoGridElement } | null>(null);
const element = (): HTMLRevoGridElement => grid.value!.$el;
const {
  selected: range,
  takesName,
  remember,
  selectAll,
  extendsOverEdge,
  pressedOverEdge,
  beginAnew,
} = useSelection(grid, FROZEN);
const refusedAt = (row: SheetRow, column: string) =>
  props.refused.get(refusedKey({ channelId: row.id, columnId: column }));
const columnIds = computed(() => props.shown.map((column) => column.id));
const titleOf = (columnId: string) => props.shown.find((one) => one.id === columnId)?.title.toLowerCase() ?? 'cell';

const { typing, onEditStart, onLeave, openCell, leaveByEscape } = useCellEditor({
  element,
  look: remember,
  last: () => range.value,
  columns: () => props.shown,
  refusedAt,
  type: (cell) => emit('type', [cell], titleOf(cell.columnId)),
  giveUp: (cell) => emit('giveUp', cell),
});
const keys = useKeyOrder({
  element: () => grid.value?.$el ?? null,
  isTyping: () => typing.value !== null,
  place: () => {
    const now = range.value;
    return now && { x: now.range.x, y: now.range.y, columns: props.shown.length, rows: now.visible.length };
  },
  focus: focusCell,
  forget: () => (typing.value = null),
});
/** The rows that are shown, and as the grid was last given all of them. */
const source = shallowRef(props.rows);
const given = shallowRef(props.rows);
watch([() => props.rows, typing], () => take(props.rows));
/** What the grid keeps its rows in, once it is there: asked for each time, an answer could come after the next rows. */
let kept: Awaited<ReturnType<HTMLRevoGridElement['getProviders']>> = undefined;
watch(grid, async (one) => (kept = await one?.$el.getProviders()));

/** Where only some rows are others, the grid is given those: a whole new sheet would cost it its sorting, and time. */
function take(rows: SheetRow[]): void {
  if (typing.value || source.value === rows) return;
  const before = source.value;
  source.value = rows;
  const isSameList = rows.length === before.length && rows.every((row, at) => row.id === before[at]!.id);
  if (!isSameList || !kept) given.value = rows;
  else {
    const { store } = kept.data.stores.rgRow;
    const now = [...store.get('source')];
    rows.forEach((row, at) => row !== before[at] && (now[at] = row));
    store.set('source', now);
  }
}
/** The grid hands over the rows themselves. */
const compareOf = (columnId: string) => {
  const compare = compareCells(columnId);
  return (_: unknown, a: SheetRow, b: SheetRow) => compare(a, b);
};
/**
 * Columns are made anew only where one changes: the grid draws itself anew for that. One that was made wider stays so
 * as long as the same columns are shown: what is mended must not move the rest from under the hand.
 */
let wide: { of: readonly SheetColumn[]; widths: Record<string, number> } = { of: [], widths: {} };
const widths = computed<string>(() => {
  const now = columnWidths(props.shown, source.value, props.refused);
  if (wide.of === props.shown) for (const id in now) now[id] = Math.max(now[id]!, wide.widths[id] ?? 0);
  wide = { of: props.shown, widths: now };
  return JSON.stringify(now);
});
const columns = computed(() => {
  const widthOf = JSON.parse(widths.value) as Record<string, number>;
  return props.shown.map((column, at) => ({
    prop: column.id,
    name: column.title,
    size: widthOf[column.id],
    sortable: true,
    cellCompare: compareOf(column.id),
    readonly: !column.editable,
    ...(at < FROZEN ? { pin: 'colPinStart' } : {}),
    columnProperties: () => ({ class: { 'is-right': column.right } }),
  })) as unknown as ColumnRegular[];
});

const painter = usePainter({
  root: useTemplateRef('root'),
  pinned: FROZEN,
  columns: () => props.shown,
  selected: () => props.selected,
  refusedAt,
  isTakenIn: (y) => takesName.value && isInRange(y),
});
const isInRange = (y: number) => range.value !== null && y >= range.value.range.y && y <= range.value.range.y1;

function onEdit(event: CustomEvent): void {
  const { models, data, model, prop, val } = event.detail as EditDetail;
  event.preventDefault();
  typing.value = null;
  if (models && data) {
    const cells = Object.entries(data).flatMap(([at, values]) =>
      Object.entries(values).map(([columnId, text]) => ({
        channelId: models[Number(at)]!.id,
        columnId,
        text: String(text ?? ''),
      })),
    );
    emit('type', cells, `${cells.length} cells`);
  } else if (model && prop)
    emit('type', [{ channelId: model.id, columnId: prop, text: String(val ?? '') }], titleOf(prop));
}

const spreadOver = (block: readonly (readonly string[])[], { visible }: Selected, over: Range): Paste =>
  spread(
    block,
    visible.map((row) => row.id),
    columnIds.value,
    over,
  );

/** The grid's own paste does not read quoted cells, so ours comes first. */
async function onPaste(event: ClipboardEvent): Promise<void> {
  if ((event.target as HTMLElement).tagName === 'INPUT') return;
  const text = event.clipboardData?.getData('text/plain');
  if (!text) return;
  event.preventDefault();
  event.stopPropagation();
  const now = await remember();
  if (now) emit('paste', spreadOver(parseTsv(text), now, now.range), now.visible.at(-1)?.id ?? null);
}

function textOf({ range, visible: then }: Selected): string {
  // Which rows they are was remembered; what they hold is as it is now.
  const rowOf = new Map(source.value.map((row) => [row.id, row]));
  const visible = then.map((row) => rowOf.get(row.id));
  const table = [];
  for (let y = range.y; y <= range.y1; y += 1)
    table.push(columnIds.value.slice(range.x, range.x1 + 1).map((column) => String(visible[y]?.[column] ?? '')));
  return writeTsv(table);
}

/** A clipboard event must be answered at once, so the range is remembered when it changes. */
function onCopy(event: ClipboardEvent): void {
  if ((event.target as HTMLElement).tagName === 'INPUT' || !range.value) return;
  event.preventDefault();
  event.stopPropagation();
  event.clipboardData?.setData('text/plain', textOf(range.value));
}

async function tellSelection(): Promise<void> {
  const now = await remember();
  const ids = now?.visible.slice(now.range.y, now.range.y1 + 1).map((row) => row.id) ?? [];
  if (ids[0] !== undefined) emit('select', ids[0], ids);
}

/** The grid tells of a range before it has it, and of one that a key extends some time after the key. */
const tellSelectionSoon = () => void requestAnimationFrame(() => void tellSelection());

/** The grid leaves the focus nowhere when a cell is given up. */
function focusCell(): void {
  const now = range.value?.range;
  if (!now) return;
  const [side, x] = now.x < FROZEN ? ['.colPinStart', now.x] : ['.rgCol:not(.colPinStart)', now.x - FROZEN];
  element().querySelector<HTMLElement>(`${side} .rgCell[data-rgrow="${now.y}"][data-rgcol="${x}"]`)?.focus();
}

function onFocus(): void {
  keys.moved();
  void tellSelection();
}

/** The grid marks cells and headings for screen readers, but not the row that holds the headings. */
function nameRoles(): void {
  for (const row of element().querySelectorAll('.header-rgRow.actual-rgRow')) row.setAttribute('role', 'row');
  // What scrolls must be reachable by keyboard.
  for (const region of element().querySelectorAll('revogr-viewport-scroll.rgCol')) {
    region.setAttribute('role', 'rowgroup');
    region.setAttribute('tabindex', '0');
  }
  for (const inner of element().querySelectorAll('.vertical-inner'))
    inner.querySelector('.rgCell')?.setAttribute('tabindex', '0');
}

function onPress(event: MouseEvent): void {
  if (pressedOverEdge(event)) {
    event.preventDefault();
    event.stopPropagation();
  } else if (!event.shiftKey) beginAnew();
}

/** The first row of the range into the rows below it. */
async function fillDown(): Promise<void> {
  const now = await remember();
  if (!now || now.range.y === now.range.y1) return;
  const { x, y, x1, y1 } = now.range;
  const first = columnIds.value.slice(x, x1 + 1).map((column) => String(now.visible[y]![column] ?? ''));
  const block = Array.from({ length: y1 - y }, () => first);
  emit('type', spreadOver(block, now, { x, y: y + 1, x1, y1 }).cells, 'fill down');
}

/** What was not taken in the cell under the eye is given up: its value is as before. */
function giveUp(): void {
  const now = range.value;
  const row = now?.visible[now.range.y];
  const columnId = now && columnIds.value[now.range.x];
  const refused = row && columnId ? refusedAt(row, columnId) : undefined;
  if (refused) emit('giveUp', refused);
}

function onKey(event: KeyboardEvent): void {
  const isTyping = (event.target as HTMLElement).tagName === 'INPUT';
  keys.mind(event);
  if (event.key === 'Escape' && isTyping) leaveByEscape();
  const command = event.ctrlKey || event.metaKey;
  // While a cell is open these keys belong to its text.
  if (isTyping) return command ? event.stopPropagation() : undefined;
  const key = event.key.toLowerCase();
  if (event.key === 'F2') return keys.opens(openCell());
  if (event.key === 'Escape') return giveUp();
  if (event.key.startsWith('Arrow') && !event.shiftKey) beginAnew();
  if (command && key === 'd') void fillDown();
  else if (command && key === 'a') void selectAll(props.shown.length).then(tellSelection);
  else if (!extendsOverEdge(event)) return;
  event.preventDefault();
  event.stopPropagation();
}

watch([() => props.refused, () => props.selected, takesName, range], () => painter.redraw());

/** The grid draws its first rows some frames after it was made. */
const MOST_FRAMES = 60;
const aFrame = () => new Promise((resolve) => requestAnimationFrame(resolve));

async function visibleRows(): Promise<SheetRow[]> {
  for (let tried = 0; tried < MOST_FRAMES; tried += 1) {
    const rows = await grid.value?.$el.getVisibleSource?.();
    if (rows && rows.length > 0 && element().querySelector('revogr-data .rgCell')) return rows as SheetRow[];
    await aFrame();
  }
  return [];
}

/** Whether somebody is at work outside the sheet: a field, a list that is open. */
function isElsewhere(): boolean {
  const { activeElement } = document;
  return activeElement !== null && activeElement !== document.body && activeElement.id !== 'work';
}

/**
 * Brings a cell into view and puts the focus there.
 * @param politely not while the focus is elsewhere: whoever came by a link may have begun something before the sheet
 * was there
 */
async function goTo(
  { channelId, columnId }: Pick<TypedCell, 'channelId' | 'columnId'>,
  politely = false,
): Promise<void> {
  const visible = await visibleRows();
  if (politely && isElsewhere()) return;
  const y = visible.findIndex((row) => row.id === channelId);
  const at = columnIds.value.indexOf(columnId);
  if (y < 0 || at < 0) return;
  beginAnew();
  await element().scrollToCoordinate({ x: Math.max(0, at - FROZEN), y });
  await nextTick();
  if (politely && isElsewhere()) return;
  const x = at < FROZEN ? at : at - FROZEN;
  await element().setCellsFocus({ x, y }, { x, y }, at < FROZEN ? 'colPinStart' : 'rgCol', 'rgRow');
  element().querySelector<HTMLElement>('revogr-focus')?.focus();
  await tellSelection();
}
defineExpose({ goTo });
</script>

<template>
  <div
    ref="root"
    class="sheet"
    @paste.capture="onPaste"
    @copy.capture="onCopy"
    @keydown.capture="onKey"
    @keyup="tellSelection"
    @mousedown.capture="onPress"
    @mouseup="tellSelection"
    @setrange="tellSelectionSoon"
    @focusout.capture="onLeave"
  >
    <VGrid
      ref="grid"
      class="grid"
      theme="compact"
      :source="given"
      :columns="columns"
      :range="true"
      :filter="false"
      :resize="true"
      :row-size="29"
      :use-clipboard="true"
      :can-move-columns="false"
      hide-attribution
      @beforeeditstart="onEditStart"
      @beforeedit="onEdit"
      @beforerangeedit="onEdit"
      @afterfocus="onFocus"
      @aftergridrender="nameRoles"
    />
  </div>
</template>

<style src="./codeplug-sheet.css"></style>
