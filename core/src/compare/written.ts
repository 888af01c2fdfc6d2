/** What was last written to a radio, held apart from what is planned; the difference is what must be reprogrammed. */
import { CHANNEL_FIELDS, valuesOf } from '../codeplug/channel-fields';
import { placeOf } from '../path/place';
import type { PlanIndex } from '../path/types';
import { rows, tableOf } from '../plan/table';
import { sameJson } from '../plan/patches';
import type { Codeplug, Id, Plan, Table, Written } from '../plan/types';

/** A snapshot of a codeplug's values. `at`: RFC 3339, UTC. */
export function snapshot(codeplug: Codeplug, at: string): Written {
  const { zones, contacts, receiveLists, rooms } = codeplug;
  const channels = tableOf(rows(codeplug.channels).map((channel) => ({ id: channel.id, ...valuesOf(channel) })));
  return structuredClone({ at, channels, zones, contacts, receiveLists, rooms });
}

/** Records in a draft that a radio holds its codeplug as planned now. */
export function markWritten(plan: Plan, radioId: Id, at: string): void {
  // The draft is read through plain JSON: a snapshot must not change with what it was taken of.
  plan.written[radioId] = snapshot(JSON.parse(JSON.stringify(plan.codeplugs[radioId]!)) as Codeplug, at);
}

export interface ChannelChange {
  channelId: Id;
  /** As planned; as written where it goes. */
  name: string;
  kind: 'new' | 'changed' | 'gone';
  changes: { field: string; from: string; to: string }[];
  /** Where its call comes out now: `Lantern 417`; empty when nowhere. */
  place: string;
}

export interface RowChange {
  name: string;
  kind: 'new' | 'changed' | 'gone';
  from: string;
  to: string;
}

export interface Reprogramming {
  radioId: Id;
  radioName: string;
  /** `null`: nothing was ever written, so everything is new. */
  writtenAt: string | null;
  channels: ChannelChange[];
  contacts: RowChange[];
  receiveLists: RowChange[];
  zones: RowChange[];
  rooms: RowChange[];
}

function changedRows<T extends { id: Id; name: string }>(before: Table<T>, after: Table<T>, show: (row: T) => string): RowChange[] {
  const gone = rows(before).filter((row) => !(row.id in after.byId)).map((row): RowChange => ({ name: row.name, kind: 'gone', from: show(row), to: '' }));
  const others = rows(after).flatMap((row): RowChange[] => {
    const old = before.byId[row.id];
    if (old && sameJson(old, row)) return [];
    return [{ name: row.name, kind: old ? 'changed' : 'new', from: old ? show(old) : '', to: show(row) }];
  });
  return [...others, ...gone];
}

function places(index: PlanIndex, radioId: Id): Map<Id, string> {
  const mine = index.paths().filter(({ path }) => path.radioId === radioId);
  return new Map(mine.map(({ context }) => [context.channel.id, placeOf(context)]));
}

function changedChannels(index: PlanIndex, radioId: Id, codeplug: Codeplug, written: Written): ChannelChange[] {
  const place = places(index, radioId);
  const now = rows(codeplug.channels).flatMap((channel): ChannelChange[] => {
    const old = written.channels.byId[channel.id];
    const changes = CHANNEL_FIELDS.map((field) => ({ field: field.title, from: old ? field.show(old, written) : '', to: field.show(channel, codeplug) })).filter((one) => one.from !== one.to);
    if (changes.length === 0) return [];
    return [{ channelId: channel.id, name: channel.name, kind: old ? 'changed' : 'new', changes, place: place.get(channel.id) ?? '' }];
  });
  const gone = rows(written.channels).filter((old) => !(old.id in codeplug.channels.byId)).map((old): ChannelChange => ({ channelId: old.id, name: old.name, kind: 'gone', changes: [], place: '' }));
  return [...now, ...gone];
}

const NOTHING: Omit<Written, 'at'> = { channels: tableOf([]), zones: tableOf([]), contacts: tableOf([]), receiveLists: tableOf([]), rooms: tableOf([]) };

/** What must be written to one radio, `null` when it holds what is planned. */
export function reprogramming(index: PlanIndex, radioId: Id): Reprogramming | null {
  const { plan } = index;
  const codeplug = plan.codeplugs[radioId]!;
  const written = plan.written[radioId] ?? { at: '', ...NOTHING };
  const names = new Map([...rows(written.channels), ...rows(codeplug.channels)].map((channel) => [channel.id, channel.name]));
  const found: Reprogramming = {
    radioId,
    radioName: plan.radios.byId[radioId]!.name,
    writtenAt: plan.written[radioId]?.at ?? null,
    channels: changedChannels(index, radioId, codeplug, written),
    contacts: changedRows(written.contacts, codeplug.contacts, (one) => `${one.name}, ${one.kind} ${one.number}`),
    receiveLists: changedRows(written.receiveLists, codeplug.receiveLists, (one) => one.groups.join(', ')),
    zones: changedRows(written.zones, codeplug.zones, (one) => one.channelIds.map((id) => names.get(id) ?? id).join(', ')),
    rooms: changedRows(written.rooms, codeplug.rooms, (one) => `${one.number}, category ${one.category}`),
  };
  const { channels, contacts, receiveLists, zones, rooms } = found;
  return channels.length + contacts.length + receiveLists.length + zones.length + rooms.length > 0 ? found : null;
}

/** Every radio that must be written to, in the plan's order. */
export function reprogrammingList(index: PlanIndex): Reprogramming[] {
  return index.plan.radios.order.map((id) => reprogramming(index, id)).filter((one) => one !== null);
}
