/** Lists of records, and scan lists, into the files. Zones are in a file of their own. */
import type { KitRole } from '../../plan/kit';
import { columnsOfField } from '../kit-tables';
import type { RecordRole } from '../kit-field';
import { memberNaming, mostMembers, writeMembers } from './members';
import { placeFor } from './records';
import type { Handle, WorkTable } from './work-table';
import { nameAt, type Writing } from './writing';

/** Tells what a list has no place for. */
export function leaveMembers(writing: Writing, table: WorkTable, list: string, left: readonly string[]): void {
  const most = mostMembers(table);
  const why = most === null ? `${writing.noRoom(table)}, which ends within ${list}` : `${list} has room for ${most}`;
  for (const name of left) writing.leave(table.of.layout.role, name, why);
}

/** The members of lists that a mode keeps, such as receive lists; the lists have their rows already. */
export function writeRecordLists(writing: Writing, role: RecordRole): void {
  const listed = writing.modes[role.mode].kit.roles.find((one) => one.role === role.lists)!;
  for (const row of writing.records(role).mine.all) {
    const at = writing.placed.get(row.id);
    const naming = at && memberNaming(at.table);
    if (!at || !naming) continue;
    const list = writing.names.get(row.id) ?? row.name;
    const texts: string[] = [];
    for (const number of role.cells(row).members ?? []) {
      const like = role.member!(number);
      const place = placeFor(writing, listed, like);
      if (place) texts.push(nameAt(naming.by, place));
      else {
        writing.short.add(row.id);
        writing.leave(role.role, like.name, `${list} names it, and the files have no place for it`);
      }
    }
    const left = writeMembers(at.table, writing.rowsAt(row.id, at), list, texts);
    if (left.length > 0) writing.short.add(row.id);
    leaveMembers(writing, at.table, list, left);
  }
}

/** Lists of a table that only the files have, each with its rows. */
function listsOf(table: WorkTable): { name: string; rows: Handle[] }[] {
  const [nameColumn] = columnsOfField(table.of, 'name');
  const lists = new Map<string, { name: string; rows: Handle[] }>();
  for (const row of table.rows()) {
    const name = nameColumn ? table.cell(row, nameColumn.at).trim() : '';
    const key = table.of.layout.rowPerMember ? name : String(row);
    const list = lists.get(key) ?? { name, rows: [] };
    list.rows.push(row);
    lists.set(key, list);
  }
  return [...lists.values()];
}

/** Scan lists are not in the plan: they follow what becomes of the channels. */
export function followScanLists(writing: Writing): void {
  const role: KitRole = 'channels';
  if (writing.tablesOf(role).length === 0) return;
  const find = writing.before(role);
  for (const table of writing.tablesOf('scan lists'))
    for (const { name, rows } of listsOf(table)) {
      const texts = rows.flatMap((row) =>
        table.members(row).flatMap(({ text, by }) => {
          const channel = find(by, text);
          // What names no channel, such as the one that is selected, stays.
          if (!channel) return [text];
          return writing.follow(channel).map((place) => nameAt(by, place));
        }),
      );
      writeMembers(table, rows, name, texts);
    }
}
