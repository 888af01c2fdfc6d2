/** How a cell of the sheet is drawn, and how wide its column has to be. */
import { refusedKey } from './refused';
import type { RefusedCell, SheetColumn, SheetRow } from './sheet';

type Draw = (tag: string, data: object | null, children?: unknown) => unknown;
type RefusedAt = (row: SheetRow, columnId: string) => RefusedCell | undefined;

/** What a cell holds, and beside it what its other end needs, or that it was not taken. */
export const cellTemplate =
  ({ id, spaces }: SheetColumn, refusedAt: RefusedAt) =>
  (h: Draw, { model }: { model: SheetRow }): unknown => {
    const refused = refusedAt(model, id);
    const expects = model.expects[id];
    const text = refused ? refused.text : String(model[id] ?? '');
    // Spaces are told apart from nothing; what is copied keeps them as they are.
    const parts: unknown[] = [h('span', { class: 'value' }, spaces && !refused ? text.replaceAll(' ', '·') : text)];
    const word = id === 'receive-list' ? 'lacks ' : 'needs ';
    if (refused) parts.push(h('span', { class: 'expects', title: refused.problem }, 'not taken'));
    else if (expects !== undefined) {
      // An arrow stands for the word: it is for those who are read to, and columns stay narrow.
      const said = [h('span', { class: 'visually-hidden' }, word), String(expects)];
      parts.push(h('span', { class: 'expects is-needed', title: word + expects }, said));
    }
    return h('div', { class: `cell${refused || expects !== undefined ? ' cell--off' : ''}` }, parts);
  };

/** A column is made wider for what it needs up to this, px: further, and it would push others out of view. */
const WIDEST = 178;
/** What a letter takes, and the arrow with the edges of the cell, px. */
const LETTER = 7;
const BESIDE = 50;

/** Widths in px by column: one in which something disagrees is as wide as both values need, within bounds. */
export function columnWidths(
  columns: readonly SheetColumn[],
  rows: readonly SheetRow[],
  refused: ReadonlyMap<string, RefusedCell>,
): Record<string, number> {
  const letters = new Map<string, number>();
  const need = (row: SheetRow, column: string, beside: string) => {
    const both = String(row[column] ?? '').length + beside.length;
    if (both > (letters.get(column) ?? 0)) letters.set(column, both);
  };
  for (const row of rows) {
    for (const column in row.expects) need(row, column, row.expects[column]!);
    if (refused.size === 0) continue;
    for (const { id } of columns) {
      const cell = refused.get(refusedKey({ channelId: row.id, columnId: id }));
      if (cell) need(row, id, cell.text);
    }
  }
  return Object.fromEntries(
    columns.map(({ id, width }) => {
      const both = letters.get(id);
      return [id, both === undefined ? width : Math.max(width, Math.min(WIDEST, both * LETTER + BESIDE))];
    }),
  );
}
