/** Contacts, rooms, codes and lists into the files: what is the same stays in its row, what is new gets one. */
import type { RecordRow } from '../../plan/record-kind';
import type { RecordRole } from '../kit-field';
import { pairRows } from './pair';
import type { WorkTable } from './work-table';
import type { Loss, Place, Writing } from './writing';

interface Saying {
  /** Whether it is still the same thing. */
  isSame: boolean;
  /** Fields that would not be said. */
  lost: { title: string; why: Loss['why'] }[];
}

/** What a table would say of a row. */
function sayingOf(role: RecordRole, table: WorkTable, row: RecordRow): Saying {
  if (role.lists) return { isSame: true, lost: [] };
  const { texts } = role.cells(row);
  const said = Object.fromEntries(
    Object.entries(texts).flatMap(([field, text]): [string, string][] => {
      const is = !table.has(field) ? undefined : table.canSay(field, text) ? text : table.usuallySays(field);
      return is === undefined ? [] : [[field, is]];
    }),
  );
  const read = role.row(said, []);
  const again = read && ({ ...read, id: row.id, name: row.name } as RecordRow);
  const meant = again ? role.cells(again).texts : {};
  const lost = Object.keys(texts).filter((field) => meant[field] !== texts[field]);
  return {
    isSame: again !== null && role.same(again) === role.same(row),
    lost: lost.map((field) => ({
      title: role.fields.find(({ id }) => id === field)?.title ?? field,
      why: table.has(field) ? 'no word' : 'no column',
    })),
  };
}

function unfit(role: RecordRole, table: WorkTable, row: RecordRow): string | null {
  const { isSame, lost } = sayingOf(role, table, row);
  return isSame ? null : `the file has ${lost.map(({ title, why }) => `${why} for “${title}”`).join(', ')}`;
}

/** Gives a row of the plan its place; `null` where there is none, which is told. */
function placeRecord(writing: Writing, role: RecordRole, row: RecordRow, other: RecordRow | undefined): Place | null {
  const at = other && writing.placesOf(other.id)[0];
  const room = at ?? writing.roomFor(role.role, (table) => unfit(role, table, row));
  if ('why' in room) {
    writing.leave(role.role, row.name, room.why);
    return null;
  }
  const { table } = room;
  const place = at ?? { table, handle: table.add() };
  table.say(place.handle, 'name', writing.nameIn(table, row, other?.name));
  for (const [field, text] of Object.entries(role.cells(row).texts)) table.say(place.handle, field, text);
  for (const { title, why } of sayingOf(role, table, row).lost) writing.lose(title, why);
  writing.placed.set(row.id, place);
  if (other) {
    writing.matched.set(row.id, other.id);
    writing.stands.set(other.id, place);
  }
  return place;
}

/** Every row of a kind: matched with the one that is the same thing, else new. */
export function writeRecords(writing: Writing, role: RecordRole): void {
  const { mine, there, what } = writing.records(role);
  if (writing.tablesOf(role.role).length === 0) {
    if (mine.all.length > 0) writing.lose(`${what}s`, 'no column');
    return;
  }
  const { same } = role;
  const named = (row: RecordRow) => `${row.name}\n${same(row)}`;
  const pairs = pairRows(mine.all, there.all, [
    { of: named, there: named },
    { of: same, there: same },
    // A list is the same list when other members are in it.
    ...(role.lists ? [{ of: ({ name }: RecordRow) => name, there: ({ name }: RecordRow) => name }] : []),
  ]);
  const paired = new Set(pairs.values());
  // Before any name is given: what goes has none any more.
  writing.keepOrRemovePassed(role.role);
  writing.keepOrRemove(there.all.filter((row) => !paired.has(row)));
  for (const row of mine.all) placeRecord(writing, role, row, pairs.get(row));
}

/**
 * The row for what a channel or a list names: one of the plan, one that only the files have, or one that is made for
 * it. `null` where there is no table for it, or no room, which is told once.
 */
export function placeFor(writing: Writing, role: RecordRole, like: Omit<RecordRow, 'id'>): Place | null {
  const row = { ...like, id: `made for ${role.role}: ${role.same(like as RecordRow)}` } as RecordRow;
  const { mine, there } = writing.records(role);
  const own = mine.bySame.get(role.same(row));
  if (own) return writing.placed.get(own.id) ?? null;
  const known = writing.placed.get(row.id);
  if (known) return known;
  const other = there.bySame.get(role.same(row));
  const kept = other && writing.others.has(other.id) ? writing.stands.get(other.id) : undefined;
  if (kept) return kept;
  if (writing.tablesOf(role.role).length === 0 || writing.refused.has(row.id)) return null;
  const made = placeRecord(writing, role, row, undefined);
  // What had no room is not told again for each that names it.
  if (made === null) writing.refused.add(row.id);
  return made;
}
