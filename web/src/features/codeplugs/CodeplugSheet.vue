<script setup lang="ts">
/** The sheet: keyboard, ranges, fill down; cells that disagree show what their other end expects. */
import type { ColumnRegular } from '@revolist/revogrid';
import VGrid from '@revolist/vue3-datagrid';
import { computed, ref, watch } from 'vue';
import { type RefusedCell, type SheetColumn, type SheetRow, type TypedCell } from './sheet';
import { parseTsv, pasteInto, writeTsv } from './tsv';

const props = defineProps<{
  rows: SheetRow[];
  shown: readonly SheetColumn[];
  refused: ReadonlyMap<string, RefusedCell>;
  selected: string | null;
}>();
const emit = defineEmits<{ type: [cells: TypedCell[], label: string]; select: [channelId: string] }>();

interface Range {
  x: number;
  y: number;
  x1: number;
  y1: number;
}

const grid = ref<{ $el: HTMLRevoGridElement } | null>(null);
const element = (): HTMLRevoGridElement => grid.value!.$el;
const refusedAt = (row: SheetRow, column: string) => props.refused.get(`${row.id}/${column}`);

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
  if (refused) parts.push(h('span', { class: 'expects', title: refused.problem }, 'not taken'));
  else if (expects !== undefined)
    parts.push(h('span', { class: 'expects' }, column === 'receive-list' ? `lacks ${expects}` : `needs ${expects}`));
  return h('div', { class: `cell${refused || expects !== undefined ? ' cell--off' : ''}` }, parts);
}

/** A column in which something disagrees is made as wide as both values need. */
function widthOf(column: SheetColumn): number {
  let most = 0;
  for (const row of props.rows) {
    const expects = row.expects[column.id] ?? refusedAt(row, column.id)?.text;
    if (expects !== undefined) most = Math.max(most, String(row[column.id] ?? '').length + expects.length);
  }
  return most === 0 ? column.width : Math.max(column.width, Math.ceil(most * 8) + 92);
}

const columns = computed(
  () =>
    props.shown.map((column) => ({
      prop: column.id,
      name: column.title,
      size: widthOf(column),
      sortable: true,
      readonly: !column.editable,
      cellTemplate,
      cellProperties: ({ model }: { model: SheetRow }) => ({
        class: {
          'is-right': column.right,
          'is-spaced': column.spaces === true,
          'is-name': column.id === 'name',
          'is-selected': model.id === props.selected,
        },
      }),
      columnProperties: () => ({ class: { 'is-right': column.right } }),
    })) as unknown as ColumnRegular[],
);

function onEdit(event: CustomEvent): void {
  const detail = event.detail as {
    model?: SheetRow;
    prop?: string;
    val?: unknown;
    models?: Record<number, SheetRow>;
    data?: Record<number, Record<string, unknown>>;
  };
  event.preventDefault();
  typing = null;
  if (detail.models && detail.data) {
    const cells = Object.entries(detail.data).flatMap(([at, values]) =>
      Object.entries(values).map(([columnId, text]) => ({
        channelId: detail.models![Number(at)]!.id,
        columnId,
        text: String(text ?? ''),
      })),
    );
    emit('type', cells, `${cells.length} cells`);
  } else if (detail.model && detail.prop)
    emit(
      'type',
      [{ channelId: detail.model.id, columnId: detail.prop, text: String(detail.val ?? '') }],
      props.shown.find((one) => one.id === detail.prop)?.title.toLowerCase() ?? 'cell',
    );
}

/** The cell that is open for typing. */
let typing: { channelId: string; columnId: string } | null = null;

function onEditStart(event: CustomEvent): void {
  const { model, prop } = event.detail as { model?: SheetRow; prop?: string };
  const row = model ?? lastSelection.value?.visible[lastSelection.value.range.y];
  typing = row && prop ? { channelId: row.id, columnId: prop } : null;
}

/** Whatever takes the focus away, another step or a button: what was typed stays. */
function onLeave(event: FocusEvent): void {
  const { target } = event;
  if (!typing || !(target instanceof HTMLInputElement) || !target.closest('revogr-edit')) return;
  const cell = { ...typing, text: target.value };
  typing = null;
  const row = props.rows.find((one) => one.id === cell.channelId);
  if (row && String(row[cell.columnId] ?? '') === cell.text) return;
  emit('type', [cell], props.shown.find((one) => one.id === cell.columnId)?.title.toLowerCase() ?? 'cell');
}

async function selection(): Promise<{ range: Range; visible: SheetRow[] } | null> {
  const range = (await element().getSelectedRange()) as Range | null;
  const focused = range ? null : await element().getFocused();
  const visible = (await element().getVisibleSource()) as SheetRow[];
  if (range) return { range, visible };
  if (!focused) return null;
  const { x, y } = focused.cell;
  return { range: { x, y, x1: x, y1: y }, visible };
}

const toCells = (cells: { row: SheetRow; column: SheetColumn; text: string }[]): TypedCell[] =>
  cells.map(({ row, column, text }) => ({ channelId: row.id, columnId: column.id, text }));

/** The grid's own paste does not read quoted cells, so ours comes first. */
async function onPaste(event: ClipboardEvent): Promise<void> {
  if ((event.target as HTMLElement).tagName === 'INPUT') return;
  const text = event.clipboardData?.getData('text/plain');
  if (!text) return;
  event.preventDefault();
  event.stopPropagation();
  const now = await selection();
  if (now) emit('type', toCells(pasteInto(parseTsv(text), now.visible, props.shown, now.range)), 'paste');
}

function textOf({ range, visible }: { range: Range; visible: SheetRow[] }): string {
  const table = [];
  for (let y = range.y; y <= range.y1; y += 1)
    table.push(props.shown.slice(range.x, range.x1 + 1).map((column) => String(visible[y]?.[column.id] ?? '')));
  return writeTsv(table);
}

async function onCopy(event: ClipboardEvent): Promise<void> {
  if ((event.target as HTMLElement).tagName === 'INPUT' || !lastSelection.value) return;
  event.preventDefault();
  event.stopPropagation();
  event.clipboardData?.setData('text/plain', textOf(lastSelection.value));
}

/** A clipboard event must be answered at once, so the range is remembered when it changes. */
const lastSelection = ref<{ range: Range; visible: SheetRow[] } | null>(null);
async function remember(): Promise<void> {
  lastSelection.value = await selection();
  const row = lastSelection.value?.visible[lastSelection.value.range.y];
  if (row) emit('select', row.id);
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

async function onKey(event: KeyboardEvent): Promise<void> {
  if (event.key === 'Escape') typing = null;
  const command = event.ctrlKey || event.metaKey;
  // While a cell is open these keys belong to its text.
  if (command && (event.target as HTMLElement).tagName === 'INPUT') return event.stopPropagation();
  if (event.key === 'F2') {
    // Enter opens the cell; F2 is what hands remember.
    const focused = await element().getFocused();
    if (focused) await element().setCellEdit(focused.cell.y, props.shown[focused.cell.x]!.id);
    return;
  }
  if (!command || event.key.toLowerCase() !== 'd') return;
  event.preventDefault();
  event.stopPropagation();
  const now = await selection();
  if (!now || now.range.y === now.range.y1) return;
  const { x, y, x1, y1 } = now.range;
  const first = props.shown.slice(x, x1 + 1).map((column) => String(now.visible[y]![column.id] ?? ''));
  const block = Array.from({ length: y1 - y }, () => first);
  emit('type', toCells(pasteInto(block, now.visible, props.shown, { x, y: y + 1, x1, y1 })), 'fill down');
}

watch(
  () => props.refused,
  () => void grid.value?.$el.refresh('all'),
);
</script>

<template>
  <div
    class="sheet"
    @paste.capture="onPaste"
    @copy.capture="onCopy"
    @keydown.capture="onKey"
    @keyup="remember"
    @mouseup="remember"
    @focusout.capture="onLeave"
  >
    <VGrid
      ref="grid"
      class="grid"
      theme="compact"
      :source="rows"
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
      @afterfocus="remember"
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
