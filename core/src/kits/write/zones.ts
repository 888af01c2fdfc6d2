/** Zones into the files: as lists of channels, or as a column of the channels. */
import { rows } from '../../plan/table';
import type { Id, Zone } from '../../plan/types';
import { kitNames } from './kit-names';
import { leaveMembers } from './lists';
import { memberNaming, mostMembers, writeMembers } from './members';
import { pairRows } from './pair';
import type { Handle, WorkTable } from './work-table';
import { nameAt, type Place, type Writing } from './writing';

/** A zone as it goes into the files: a long one goes on in others. */
export interface ZonePart {
  zone: Zone;
  /** What it is called in the files. */
  name: string;
  channelIds: readonly Id[];
}

/** The name of the first zone of each channel: a column of the channels can say one. */
export function firstZones(zones: readonly Zone[]): ReadonlyMap<Id, string> {
  return new Map([...zones].reverse().flatMap(({ name, channelIds }) => channelIds.map((id) => [id, name] as const)));
}

/** @returns the zones that tables of zones are to say now */
export function writeZones(writing: Writing): ZonePart[] {
  const { zones } = writing.codeplug;
  const [table] = writing.tablesOf('zones');
  const isInColumn = writing.tablesOf('channels').some((one) => one.has('zone'));
  if (!table && !isInColumn && zones.order.length > 0) writing.lose('Zones', 'no column');
  if (isInColumn) writeZoneColumn(writing, table !== undefined);
  return table ? writeZoneTables(writing, table) : [];
}

/** The channels that stand in the files, and of more than a table has columns for as many as go into each row. */
function partsOf(writing: Writing, table: WorkTable): { zone: Zone; wish: string; channelIds: Id[] }[] {
  const most = mostMembers(table);
  return rows(writing.codeplug.zones).flatMap((zone) => {
    const ids = zone.channelIds.filter((id) => writing.placed.has(id));
    if (most === null || ids.length <= most) return [{ zone, wish: zone.name, channelIds: ids }];
    return Array.from({ length: Math.ceil(ids.length / most) }, (_, at) => ({
      zone,
      wish: at === 0 ? zone.name : `${zone.name} ${at + 1}`,
      channelIds: ids.slice(at * most, (at + 1) * most),
    }));
  });
}

function writeZoneTables(writing: Writing, table: WorkTable): ZonePart[] {
  const there = rows(writing.content.codeplug.zones).filter(({ id }) => writing.placesOf(id).length > 0);
  const fit = kitNames(writing.rulesOf(table));
  const parts = partsOf(writing, table).map((part) => ({ ...part, name: fit(part.wish) }));
  const pairs = pairRows(parts, there, [
    { of: ({ name }) => name, there: ({ name }) => name },
    { of: ({ wish }) => wish, there: ({ name }) => name },
  ]);
  const paired = new Set(pairs.values());
  const others = writing.keepOrRemove(there.filter((zone) => !paired.has(zone)));
  const written = parts.flatMap((part): ZonePart[] => {
    const other = pairs.get(part);
    const places = other ? writing.placesOf(other.id) : newRow(writing, part.zone);
    if (places.length === 0) return [];
    const name = other?.name ?? part.name;
    if (part.wish !== name) writing.renamed.push({ from: part.wish, to: name });
    const left = nameMembers(
      writing,
      places,
      name,
      part.channelIds.map((id) => writing.placed.get(id)!),
    );
    return left > 0 ? [] : [{ zone: part.zone, name, channelIds: part.channelIds }];
  });
  // Zones that only the files have: what they name is named by its new name, and what is gone goes.
  for (const { id, name, channelIds } of others)
    nameMembers(
      writing,
      writing.placesOf(id),
      name,
      channelIds.flatMap((one) => writing.stands.get(one) ?? []),
    );
  return written;
}

function newRow(writing: Writing, zone: Zone): Place[] {
  const room = writing.roomFor('zones', () => null);
  if ('table' in room) return [{ table: room.table, handle: room.table.add() }];
  writing.leave('zones', zone.name, room.why);
  return [];
}

/** @returns how many members have no place */
function nameMembers(writing: Writing, places: readonly Place[], name: string, members: readonly Place[]): number {
  const { table, handle } = places[0]!;
  const handles: Handle[] = places.map((place) => place.handle);
  const naming = memberNaming(table);
  table.say(handle, 'name', name);
  if (!naming) return 0;
  const left = writeMembers(
    table,
    handles,
    name,
    members.map((member) => nameAt(naming.by, member)),
  );
  leaveMembers(writing, table, name, left);
  return left.length;
}

/** A column names the first zone of a channel. `isRepeated`: a table of zones says the others. */
function writeZoneColumn(writing: Writing, isRepeated: boolean): void {
  const zones = rows(writing.codeplug.zones);
  const zoneOf = firstZones(zones);
  const counts = new Map<Id, number>();
  for (const { channelIds } of zones) for (const id of channelIds) counts.set(id, (counts.get(id) ?? 0) + 1);
  for (const { id } of rows(writing.codeplug.channels)) {
    const at = writing.placed.get(id);
    if (!at?.table.has('zone')) continue;
    at.table.say(at.handle, 'zone', zoneOf.get(id) ?? '');
    if ((counts.get(id) ?? 0) > 1 && !isRepeated) writing.lose('Further zones of a channel', 'no column');
  }
}
