<script setup lang="ts">
/** The sheet: keyboard, ranges, fill down; cells that disagree show what their other end expects. */
import type { ColumnRegular } from '@revolist/revogrid';
import VGrid from '@revolist/vue3-datagrid';
import { computed, nextTick, ref, shallowRef, watch } from 'vue';
import { type Paste, spread } from './paste';
import { refusedKey } from './refused';
import { type RefusedCell, type SheetColumn, type SheetRow, type TypedCell } from './sheet';
import { parseTsv, writeTsv } from './tsv';
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
/** A cell is made wider for what it needs up to this, px: further, and it would push others out of view. */
const WIDEST = 206;

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

/** The cell that is open for typing. Meanwhile the sheet stands still: redrawing it would close the cell. */
const typing = ref<{ channelId: string; columnId: string } | null>(null);
const source = shallowRef(props.rows);
watch([() => props.rows, typing], () => void take(props.rows));

/** Where only some rows are others, the grid is given those: a whole new sheet would cost it its sorting, and time. */
async function take(rows: SheetRow[]): Promise<void> {
  if (typing.value || source.value === rows) return;
  const before = source.value;
  source.value = rows;
  const isSameList = rows.length === before.length && rows.every((row, at) => row.id === before[at]!.id);
  if (!isSameList || !grid.value) given.value = rows;
  else {
    const providers = await element().getProviders();
    const store = providers!.data.stores.rgRow.store;
    const now = [...store.get('source')];
    rows.forEach((row, at) => row !== before[at] && (now[at] = row));
    store.set('source', now);
  }
}
/** The rows as the grid was last given them. */
const given = shallowRef(props.rows);

function cellTemplate(
  h: (tag: string, data: object | null, children?: unknown) => unknown,
  { model, prop }: { model: SheetRow; prop: string | number },
): unknown {
  const column = String(prop);
  const refused = refusedAt(model, column);
  const expects = model.expects[column];
  const text = refused ? refused.text : String(model[column] ?? '');
  const spaced = props.shown.find((one) => one.id === column)?.spaces === true;
  // Spaces are told apart from nothing; what is copied keeps them as they are.
  const parts: unknown[] = [h('span', { class: 'value' }, spaced && !refused ? text.replaceAll(' ', '·') : text)];
  const needs = column === 'receive-list' ? `lacks ${expects}` : `needs ${expects}`;
  if (refused) parts.push(h('span', { class: 'expects', title: refused.problem }, 'not taken'));
  else if (expects !== undefined) parts.push(h('span', { class: 'expects', title: needs }, needs));
  return h('div', { class: `cell${refused || expects !== undefined ? ' cell--off' : ''}` }, parts);
}

/** A column in which something disagrees is made as wide as both values need, within bounds. */
function neededWidths(): Map<string, number> {
  const most = new Map<string, number>();
  const need = (row: SheetRow, column: string, beside: string) => {
    const letters = String(row[column] ?? '').length + beside.length;
    if (letters > (most.get(column) ?? 0)) most.set(column, letters);
  };
  for (const row of source.value) for (const column in row.expects) need(row, column, row.expects[column]!);
  for (const { channelId, columnId, text } of props.refused.values()) {
    const row = source.value.find((one) => one.id === channelId);
    if (row) need(row, columnId, text);
  }
  return most;
}

/** Columns are made anew only where one changes: the grid draws itself anew for that. */
const widths = computed<string>((before) => {
  const needed = neededWidths();
  const widthOf = ({ id, width }: SheetColumn) =>
    needed.has(id) ? Math.max(width, Math.min(WIDEST, Math.ceil(needed.get(id)! * 8) + 78)) : width;
  const now = props.shown.map((column) => `${column.id}:${widthOf(column)}`).join();
  return before === now ? before : now;
});
const columns = computed(() => {
  const widthById = new Map(widths.value.split(',').map((one) => one.split(':') as [string, string]));
  return props.shown.map((column, at) => ({
    prop: column.id,
    name: column.title,
    size: Number(widthById.get(column.id)),
    sortable: true,
    readonly: !column.editable,
    ...(at < FROZEN ? { pin: 'colPinStart' } : {}),
    cellTemplate,
    cellProperties: ({ model, rowIndex }: { model: SheetRow; rowIndex: number }) => ({
      class: {
        'is-right': column.right,
        'is-spaced': column.spaces === true,
        'is-name': column.id === 'name',
        'is-selected': model.id === props.selected,
        'is-taken-in': at < FROZEN && takesName.value && isInRange(rowIndex),
      },
    }),
    columnProperties: () => ({ class: { 'is-right': column.right } }),
  })) as unknown as ColumnRegular[];
});
const isInRange = (y: number) => range.value !== null && y >= range.value.range.y && y <= range.value.range.y1;

interface EditDetail {
  model?: SheetRow;
  prop?: string;
  val?: unknown;
  models?: Record<number, SheetRow>;
  data?: Record<number, Record<string, unknown>>;
}

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

/** Puts a text into the cell that is about to open. */
async function putIntoEditor(text: string): Promise<void> {
  for (let frame = 0; frame < 10; frame += 1) {
    await new Promise((go) => requestAnimationFrame(go));
    const input = element().querySelector<HTMLInputElement>('revogr-edit input');
    if (!input) continue;
    input.value = text;
    input.select();
    return;
  }
}

function onEditStart(event: CustomEvent): void {
  const detail = event.detail as EditDetail;
  const { model, prop, val } = detail;
  const row = model ?? range.value?.visible[range.value.range.y];
  typing.value = row && prop ? { channelId: row.id, columnId: prop } : null;
  // What was not taken is there to be corrected.
  const refused = row && prop ? refusedAt(row, prop) : undefined;
  if (refused && !val) void putIntoEditor(refused.text);
}

/** Whatever takes the focus away, another step or a button: what was typed stays. */
function onLeave(event: FocusEvent): void {
  const { target } = event;
  if (!typing.value || !(target instanceof HTMLInputElement) || !target.closest('revogr-edit')) return;
  const cell = { ...typing.value, text: target.value };
  typing.value = null;
  const row = props.rows.find((one) => one.id === cell.channelId);
  if (row && String(row[cell.columnId] ?? '') === cell.text) return;
  emit('type', [cell], titleOf(cell.columnId));
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

function textOf({ range, visible }: Selected): string {
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

/** The grid marks cells and headings for screen readers, but not the row that holds the headings. */
function nameRoles(): void {
  for (const row of element().querySelectorAll('.header-rgRow.actual-rgRow')) row.setAttribute('role', 'row');
  // What scrolls must be reachable by keyboard.
  for (const region of element().querySelectorAll('revogr-viewport-scroll.rgCol')) {
    region.setAttribute('role', 'rowgroup');
    region.setAttribute('tabindex', '0');
  }
  element().querySelector('.vertical-inner .rgCell')?.setAttribute('tabindex', '0');
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

async function openCell(): Promise<void> {
  const now = await remember();
  const columnId = now && columnIds.value[now.range.x];
  const row = now?.visible[now.range.y];
  if (!now || !columnId || !row) return;
  typing.value = { channelId: row.id, columnId };
  await element().setCellEdit(now.range.y, columnId);
  const refused = refusedAt(row, columnId);
  if (refused) await putIntoEditor(refused.text);
}

function onKey(event: KeyboardEvent): void {
  const isTyping = (event.target as HTMLElement).tagName === 'INPUT';
  if (event.key === 'Escape' && isTyping) {
    // The value is as it was before anything was typed, now or earlier.
    const refused = typing.value && props.refused.get(refusedKey(typing.value));
    typing.value = null;
    if (refused) emit('giveUp', refused);
  }
  const command = event.ctrlKey || event.metaKey;
  // While a cell is open these keys belong to its text.
  if (isTyping) return command ? event.stopPropagation() : undefined;
  const key = event.key.toLowerCase();
  if (event.key === 'F2') return void openCell();
  if (event.key === 'Escape') return giveUp();
  if (event.key.startsWith('Arrow') && !event.shiftKey) beginAnew();
  if (command && key === 'd') void fillDown();
  else if (command && key === 'a') void selectAll(props.shown.length).then(tellSelection);
  else if (!extendsOverEdge(event)) return;
  event.preventDefault();
  event.stopPropagation();
}

watch([() => props.refused, takesName, range], (now, before) => {
  if (now[0] !== before[0] || now[1] || before[1]) void grid.value?.$el.refresh('all');
});

/** Brings a cell into view and puts the focus there. */
async function goTo({ channelId, columnId }: Pick<TypedCell, 'channelId' | 'columnId'>): Promise<void> {
  const visible = (await element().getVisibleSource()) as SheetRow[];
  const y = visible.findIndex((row) => row.id === channelId);
  const at = columnIds.value.indexOf(columnId);
  if (y < 0 || at < 0) return;
  beginAnew();
  await element().scrollToCoordinate({ x: Math.max(0, at - FROZEN), y });
  await nextTick();
  const x = at < FROZEN ? at : at - FROZEN;
  await element().setCellsFocus({ x, y }, { x, y }, at < FROZEN ? 'colPinStart' : 'rgCol', 'rgRow');
  element().querySelector<HTMLElement>('revogr-focus')?.focus();
  await tellSelection();
}
defineExpose({ goTo });
</script>

<template>
  <div
    class="sheet"
    @paste.capture="onPaste"
    @copy.capture="onCopy"
    @keydown.capture="onKey"
    @keyup="tellSelection"
    @mousedown.capture="onPress"
    @mouseup="tellSelection"
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
      @afterfocus="tellSelection"
      @aftergridrender="nameRoles"
    />
  </div>
</template>

<style>
.sheet,
.sheet .grid {
  height: 100%;
  min-height: 0;
}

.sheet revo-grid {
  --revo-grid-text: var(--ink);
  --revo-grid-primary: var(--ink);
  --revo-grid-primary-transparent: rgb(255 196 0 / 35%);
  --revo-grid-background: var(--paper);
  --revo-grid-foreground: var(--ink);
  --revo-grid-header-bg: var(--sunk);
  --revo-grid-header-color: var(--ink);
  --revo-grid-header-border: var(--rule);
  --revo-grid-cell-border: var(--hairline);
  --revo-grid-focused-bg: var(--yellow-pale);
  --revo-grid-row-hover: var(--sunk);
  --revo-grid-row-headers-bg: transparent;
  --revo-grid-row-headers-color: var(--ink-soft);
  font-family: 'Archivo Variable', sans-serif;
  font-size: 13px;
}

.sheet .rgCell,
.sheet .rgHeaderCell {
  font-size: 13px;
}

.sheet .rgHeaderCell {
  font-weight: 600;
}

/* What follows from other cells is told by its softer ink, not by another ground. */
.sheet .rgCell.disabled {
  color: var(--ink-soft);
  background: none;
}

.sheet .rgCell.is-right,
.sheet .rgCell.is-spaced,
.sheet edit-cell input {
  font-family: var(--mono);
}

.sheet .rgCell.is-name {
  font-weight: 600;
}

.sheet .rgCell.is-selected {
  background: var(--yellow-pale);
}

.sheet .rgCell.is-taken-in {
  background: rgb(255 196 0 / 35%);
}

/* The frozen column has an edge, also where nothing is scrolled. */
.sheet .colPinStart {
  border-right: 1px solid var(--rule);
}

.sheet .cell {
  display: flex;
  gap: 8px;
  width: 100%;
  height: 24px;
  align-items: center;
  overflow: hidden;
  white-space: nowrap;
  line-height: 20px;
}

.sheet .rgCell.is-right .cell {
  justify-content: flex-end;
}

.sheet .rgCell.is-right .cell--off,
.sheet .cell--off {
  justify-content: flex-start;
  padding: 0 5px;
  border: 2px solid var(--broken);
}

.sheet .expects {
  color: var(--broken);
  font-family: 'Archivo Variable', sans-serif;
  font-size: 12px;
}
</style>
