/** A table while it is being learnt. */
import type { KitRole } from '../../plan/kit';
import type { ModeId } from '../../plan/types';
import type { FileTable } from '../../tables/table-file';
import { decodeCell } from '../codec';
import { plainTitle } from '../plain';
import type { Candidate } from './candidates';
import { type Column, columnsOf } from './column';
import type { Members } from './find-members';
import type { Target } from './targets';

export interface Draft {
  file: string;
  table: FileTable;
  columns: Column[];
  /** Titles of the file and its part, plain. */
  called: string;
  role: KitRole;
  roleConfidence: number;
  all: Candidate[];
  taken: Candidate[];
  members: Members | null;
  mode: ModeId | null;
}

/** A table of which nothing is known yet. */
export function draftOf(name: string, table: FileTable): Draft {
  return {
    file: name,
    table,
    columns: columnsOf(table),
    called: plainTitle(`${name.replace(/\.[a-z0-9]{2,5}$/i, '')} ${table.part.split('/').slice(-2).join(' ')}`),
    role: 'other',
    roleConfidence: 0,
    all: [],
    taken: [],
    members: null,
    mode: null,
  };
}

/** Rows that hold a number and nothing that a channel needs are free places. */
export function freeRowsOf(table: FileTable, taken: readonly Candidate[]): (row: number) => boolean {
  const keys = taken.filter(({ field }) => field.id === 'name' || field.id === 'rx' || field.id === 'number');
  const columns = keys.map(({ column }) => column.at);
  const isNone = (text: string) => /^[0.,\s]*$/.test(text);
  return (row) => columns.length > 0 && columns.every((at) => isNone(table.rows[row]!.cells[at] ?? ''));
}

/** Learns the columns again from rows that are no free places. */
export function withoutFreeRows(draft: Draft, learn: () => void): void {
  const isFree = freeRowsOf(draft.table, draft.taken);
  if (!draft.table.rows.some((_, at) => isFree(at))) return;
  draft.columns = columnsOf(draft.table, (at) => !isFree(at));
  learn();
}

/** Known by table and by what its columns were taken for: long tables are gone through once. */
const targets = new WeakMap<FileTable, { by: string; target: Target }>();

/** A table as others may name its rows. */
export function targetOf({ role, table, taken }: Draft): Target {
  const of = (id: string) => taken.find(({ field }) => field.id === id);
  const at = ['name', 'number', 'row'].map((id) => of(id)?.column.at ?? -1);
  // What a channel calls is no name for it.
  const numberCodec = role === 'channels' ? undefined : of('number')?.codec;
  const by = JSON.stringify([role, at, numberCodec]);
  const known = targets.get(table);
  if (known?.by === by) return known.target;
  const [names, numbers, keys] = [new Set<string>(), new Set<string>(), new Set<string>()];
  const put = (into: Set<string>, text: string | undefined) => text !== undefined && text !== '' && into.add(text);
  for (const { cells } of table.rows) {
    const [name, number, key] = at.map((column) => (column < 0 ? undefined : (cells[column] ?? '').trim()));
    put(names, name);
    if (numberCodec && number !== undefined) put(numbers, decodeCell(numberCodec, number));
    put(keys, key);
  }
  const target = { role, names, numbers, keys, rows: table.rows.length };
  targets.set(table, { by, target });
  return target;
}
