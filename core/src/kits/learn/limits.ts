/** What a radio's files show of its limits. Guesses that somebody may correct. */
import type { TableLayout } from '../../plan/kit';
import type { FileTable } from '../../tables/table-file';
import { nameLength } from '../../codeplug/names';
import type { Column } from './column';

/** So many names of the greatest length, and clearly more than one letter shorter, say that they were cut there. */
const CUT_NAMES = 4;
const LEAST_NAMES = 12;

type Limits = Pick<TableLayout, 'mostRows' | 'nameLength' | 'letters' | 'fixedRows'>;

/** `name`: the column of names; `free`: how many rows are free places. */
export function limitsOf(table: FileTable, name: Column | null, free: number): Limits {
  const fixedRows = free > 0;
  const names = (name?.texts ?? []).map(({ text }) => text.trim());
  const lengths = names.map(nameLength);
  const most = Math.max(0, ...lengths);
  const cut = lengths.filter((length) => length === most).length;
  const shorter = lengths.filter((length) => length === most - 1).length;
  const enough = names.length >= LEAST_NAMES;
  const isPlain = names.every((text) => /^[\x20-\x7e]*$/.test(text));
  return {
    fixedRows,
    mostRows: fixedRows ? table.rows.length : null,
    nameLength: enough && cut >= CUT_NAMES && cut > shorter * 1.5 && most >= 4 ? most : null,
    letters: enough && isPlain && names.every((text) => text === text.toUpperCase()) ? 'capitals' : 'any',
  };
}
