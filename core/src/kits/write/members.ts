/** The members of a list in its rows, in the way of its table: in one cell, in columns, or one row each. */
import { columnsOfField } from '../kit-tables';
import { membersCell } from '../refs';
import type { Handle, WorkTable } from './work-table';

const areSame = (one: readonly string[], other: readonly string[]) =>
  one.length === other.length && one.every((text, at) => text === other[at]);

const textsIn = (table: WorkTable, row: Handle) => table.members(row).map(({ text }) => text);

/** How the cells of a table of lists name members; `null` where it has none. */
export function memberNaming(table: WorkTable) {
  const codec = columnsOfField(table.of, 'member')[0]?.layout.codec;
  return codec?.as === 'named' || codec?.as === 'members' ? codec : null;
}

/** How many members a list can have; `null`: any number. */
export function mostMembers(table: WorkTable): number | null {
  const isOneEach = memberNaming(table)?.as === 'named' && !table.of.layout.rowPerMember;
  return isOneEach ? columnsOfField(table.of, 'member').length : null;
}

/** `rows`: those of the list, at least one. @returns what has no place any more */
export function writeMembers(
  table: WorkTable,
  rows: readonly Handle[],
  name: string,
  texts: readonly string[],
): readonly string[] {
  const codec = memberNaming(table);
  const columns = columnsOfField(table.of, 'member').map(({ at }) => at);
  const was = rows.flatMap((row) => textsIn(table, row));
  if (codec === null || areSame(was, texts)) return [];
  const [row] = rows;
  if (table.of.layout.rowPerMember) return inRows(table, rows, columns[0]!, name, texts, codec);
  if (codec.as === 'members') table.set(row!, columns[0]!, membersCell(codec, texts));
  else columns.forEach((at, place) => setMember(table, row!, at, texts[place], codec.none));
  return codec.as === 'members' ? [] : texts.slice(columns.length);
}

/** A cell that says nothing already stays as it is. */
function setMember(table: WorkTable, row: Handle, at: number, text: string | undefined, none: string): void {
  const cell = table.cell(row, at);
  const isSaid = text === undefined ? cell.trim() === '' || cell === none : cell.trim() === text;
  if (!isSaid) table.set(row, at, text ?? none);
}

function inRows(
  table: WorkTable,
  rows: readonly Handle[],
  at: number,
  name: string,
  texts: readonly string[],
  codec: NonNullable<ReturnType<typeof memberNaming>>,
): readonly string[] {
  const none = codec.as === 'named' ? codec.none : membersCell(codec, []);
  // A list of nothing keeps one row, so that it is still there.
  for (const row of rows.slice(Math.max(1, texts.length))) table.remove(row);
  if (texts.length === 0) table.set(rows[0]!, at, none);
  for (const [place, text] of texts.entries()) {
    const known = rows[place];
    if (known === undefined && !table.hasRoom) return texts.slice(place);
    const row = known ?? table.add();
    table.say(row, 'name', name);
    table.set(row, at, codec.as === 'named' ? text : membersCell(codec, [text]));
  }
  return [];
}
