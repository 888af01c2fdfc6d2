/** Zones and scan lists into the files: as lists of channels; zones also as a column of the channels. */
import { rows } from '../../plan/table';
import type { Codeplug, Id, Table, Zone } from '../../plan/types';
import { kitNames } from './kit-names';
import { followScanLists, leaveMembers } from './lists';
import { memberNaming, mostMembers, writeMembers } from './members';
import { pairRows } from './pair';
import type { Handle, WorkTable } from './work-table';
import { nameAt, type Place, type Writing } from './writing';

/** What lists channels, by the role of its tables. */
export type ChannelListRole = 'zones' | 'scan lists';

type ChannelList = Pick<Zone, 'id' | 'name' | 'channelIds'>;

/** The zones or the scan lists of a codeplug. */
export const channelLists = (role: ChannelListRole, { zones, scanLists }: Codeplug): Table<ChannelList> =>
  role === 'zones' ? zones : scanLists;

/** A zone or scan list as it goes into the files: a long one goes on in others. */
export interface ListPart {
  /** What it is called in the files. */
  name: string;
  channelIds: readonly Id[];
}

/** The name of the first zone of each channel: a column of the channels can say one. */
export function firstZones(zones: readonly Zone[]): ReadonlyMap<Id, string> {
  return new Map([...zones].reverse().flatMap(({ name, channelIds }) => channelIds.map((id) => [id, name] as const)));
}

/** @returns the zones that tables of zones are to say now */
export function writeZones(writing: Writing): ListPart[] {
  const { zones } = writing.codeplug;
  const [table] = writing.tablesOf('zones');
  const isInColumn = writing.tablesOf('channels').some((one) => one.has('zone'));
  if (!table && !isInColumn && zones.order.length > 0) writing.lose('Zones', 'no column');
  if (isInColumn) writeZoneColumn(writing, table !== undefined);
  return table ? writeListTables(writing, 'zones', table) : [];
}

/**
 * Where a plan has no scan lists, those in the files follow what becomes of the channels.
 * @returns the lists that tables of scan lists are to say now
 */
export function writeScanLists(writing: Writing): ListPart[] {
  const [table] = writing.tablesOf('scan lists');
  if (writing.codeplug.scanLists.order.length === 0) {
    followScanLists(writing);
    return [];
  }
  if (table) return writeListTables(writing, 'scan lists', table);
  writing.lose('Scan lists', 'no column');
  return [];
}

/** The channels that stand in the files, and of more than a table has columns for as many as go into each row. */
function partsOf(writing: Writing, role: ChannelListRole, table: WorkTable): { wish: string; channelIds: Id[] }[] {
  const most = mostMembers(table);
  return rows(channelLists(role, writing.codeplug)).flatMap((zone) => {
    const ids = zone.channelIds.filter((id) => writing.placed.has(id));
    if (most === null || ids.length <= most) return [{ wish: zone.name, channelIds: ids }];
    return Array.from({ length: Math.ceil(ids.length / most) }, (_, at) => ({
      wish: at === 0 ? zone.name : `${zone.name} ${at + 1}`,
      channelIds: ids.slice(at * most, (at + 1) * most),
    }));
  });
}

function writeListTables(writing: Writing, role: ChannelListRole, table: WorkTable): ListPart[] {
  const there = rows(channelLists(role, writing.content.codeplug)).filter(({ id }) => writing.placesOf(id).length > 0);
  const fit = kitNames(writing.rulesOf(table));
  const parts = partsOf(writing, role, table).map((part) => ({ ...part, name: fit(part.wish) }));
  const pairs = pairRows(parts, there, [
    { of: ({ name }) => name, there: ({ name }) => name },
    { of: ({ wish }) => wish, there: ({ name }) => name },
  ]);
  const paired = new Set(pairs.values());
  const others = writing.keepOrRemove(there.filter((one) => !paired.has(one)));
  const written = parts.flatMap((part): ListPart[] => {
    const other = pairs.get(part);
    const places = other ? writing.placesOf(other.id) : newRow(writing, role, part.wish);
    if (places.length === 0) return [];
    const name = other?.name ?? part.name;
    if (part.wish !== name) writing.renamed.push({ from: part.wish, to: name });
    const left = nameMembers(
      writing,
      role,
      places,
      name,
      part.channelIds.map((id) => writing.placed.get(id)!),
    );
    return left > 0 ? [] : [{ name, channelIds: part.channelIds }];
  });
  // Lists that only the files have: what they name is named by its new name, and what is gone goes.
  for (const { id, name, channelIds } of others)
    nameMembers(
      writing,
      role,
      writing.placesOf(id),
      name,
      channelIds.flatMap((one) => writing.stands.get(one) ?? []),
    );
  return written;
}

function newRow(writing: Writing, role: ChannelListRole, name: string): Place[] {
  const room = writing.roomFor(role, () => null);
  if ('table' in room) return [{ table: room.table, handle: room.table.add() }];
  writing.leave(role, name, room.why);
  return [];
}

/** What a scan list names that is no channel, such as the one that is selected: it stays, at its head. */
function notChannels(writing: Writing, role: ChannelListRole, places: readonly Place[]): string[] {
  if (role === 'zones') return [];
  const find = writing.before('channels');
  return places.flatMap(({ table, handle }) =>
    table.members(handle).flatMap(({ text, by }) => (find(by, text) ? [] : [text])),
  );
}

/** @returns how many members have no place */
function nameMembers(
  writing: Writing,
  role: ChannelListRole,
  places: readonly Place[],
  name: string,
  members: readonly Place[],
): number {
  const { table, handle } = places[0]!;
  const handles: Handle[] = places.map((place) => place.handle);
  const naming = memberNaming(table);
  const kept = notChannels(writing, role, places);
  table.say(handle, 'name', name);
  if (!naming) return 0;
  const left = writeMembers(table, handles, name, [...kept, ...members.map((member) => nameAt(naming.by, member))]);
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
