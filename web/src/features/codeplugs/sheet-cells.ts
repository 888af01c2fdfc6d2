/** What a cell of the sheet says, and how wide its column has to be. */
import { refusedKey } from './refused';
import type { RefusedCell, SheetColumn, SheetRow } from './sheet';

type RefusedAt = (row: SheetRow, columnId: string) => RefusedCell | undefined;

/** What stands in a cell beside its value. */
interface Beside {
  text: string;
  title: string;
  /** For those who are read to. */
  word: string;
  isNeeded: boolean;
}

export interface CellContent {
  text: string;
  /** What its other end needs, or that it was not taken; `null`: it is in order. */
  beside: Beside | null;
}

export function contentOf({ id, spaces }: SheetColumn, row: SheetRow, refusedAt: RefusedAt): CellContent {
  const refused = refusedAt(row, id);
  if (refused) {
    const beside = { text: 'not taken', title: refused.problem, word: '', isNeeded: false };
    return { text: refused.text, beside };
  }
  const value = String(row[id] ?? '');
  // Spaces are told apart from nothing; what is copied keeps them as they are.
  const text = spaces ? value.replaceAll(' ', '·') : value;
  const expects = row.expects[id];
  if (expects === undefined) return { text, beside: null };
  // An arrow stands for the word: it is for those who are read to, and columns stay narrow.
  const word = id === 'receive-list' ? 'lacks ' : 'needs ';
  return { text, beside: { text: expects, title: word + expects, word, isNeeded: true } };
}

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
