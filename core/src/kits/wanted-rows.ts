/**
 * Which rows of a long table are read: those that something names, and those that a codeplug has too. A radio may hold
 * hundreds of thousands of contacts; a plan holds those that its channels call.
 */
import { MODE_IDS } from '../plan/modes';
import type { KitRole, NamedBy } from '../plan/kit';
import { recordsOf } from '../plan/records';
import type { RecordRow } from '../plan/record-kind';
import { rows } from '../plan/table';
import type { Codeplug } from '../plan/types';
import type { KitModes, RecordRole } from './kit-field';
import { cellOf, type KitTable } from './kit-tables';
import { memberTexts, nameBy, plainName, type RowNames } from './refs';

/** Tables of more rows than this are long. */
const LONG_TABLE = 5000;

export const isLong = ({ table }: KitTable): boolean => table.rows.length > LONG_TABLE;

/** By what other tables name the rows of a role. */
export function namedIn(tables: readonly KitTable[], role: KitRole): (row: RowNames) => boolean {
  const texts = new Map<NamedBy, Set<string>>();
  const put = (by: NamedBy, text: string) => {
    const known = texts.get(by) ?? new Set<string>();
    texts.set(by, known.add(plainName(by, text)));
  };
  for (const table of tables) {
    const naming = table.columns.flatMap((column) => {
      const { codec } = column.layout;
      return codec?.as === 'named' && codec.role === role ? [{ column, by: codec.by }] : [];
    });
    const lists = table.columns.some(({ layout: { codec } }) => codec?.as === 'members' && codec.role === role);
    if (naming.length === 0 && !lists) continue;
    table.table.rows.forEach((_, row) => {
      for (const { column, by } of naming) put(by, cellOf(table, row, column));
      if (lists) for (const { by, text } of memberTexts(table, (column) => cellOf(table, row, column))) put(by, text);
    });
  }
  const ways = [...texts];
  return (row) => ways.some(([by, known]) => known.has(plainName(by, nameBy(by, row))));
}

/** What is the same as a row of a codeplug, or as what its channels and lists mean. */
export function sameAs(codeplug: Codeplug, modes: KitModes, role: RecordRole): (row: RecordRow) => boolean {
  const { kit } = modes[role.mode];
  const mine = recordsOf(codeplug).filter(({ mode }) => mode === role.mode);
  const tableOf = (of: RecordRole) => mine.find(({ kind }) => kind.key === of.key)!.table;
  const links = MODE_IDS.flatMap((mode) => modes[mode].kit.links).filter((link) => link.role === role.role);
  const meant = rows(codeplug.channels).flatMap((channel) =>
    links.flatMap((link) => {
      const row = channel.mode === role.mode ? link.means(channel) : null;
      return row !== null && typeof row === 'object' ? [row as RecordRow] : [];
    }),
  );
  const listed = kit.roles.flatMap((list) =>
    list.lists === role.role
      ? rows(tableOf(list)).flatMap((row) => list.cells(row).members?.map((number) => role.member?.(number)) ?? [])
      : [],
  );
  const known = new Set(
    [...rows(tableOf(role)), ...meant, ...listed.filter((row) => row !== undefined)].map((row) =>
      role.same(row as RecordRow),
    ),
  );
  return (row) => known.has(role.same(row));
}
