/** What was last written to a radio, held apart from what is planned; the difference is what must be reprogrammed. */
import { channelFields, valuesOf } from '../codeplug/channel-fields';
import type { CodeplugModes } from '../codeplug/mode-codeplug';
import { placeOf } from '../path/place';
import type { PlanIndex } from '../path/types';
import { emptyCodeplug } from '../plan/create';
import { MODE_IDS } from '../plan/modes';
import { sameJson } from '../plan/patches';
import type { RecordRow } from '../plan/record-kind';
import { recordsOf } from '../plan/records';
import { rows, tableOf } from '../plan/table';
import type { Codeplug, CodeplugBlocks, Id, Plan, ScanList, Table, Written, Zone } from '../plan/types';

function blocksOf(codeplug: CodeplugBlocks): CodeplugBlocks {
  return Object.fromEntries(MODE_IDS.map((mode) => [mode, codeplug[mode]])) as unknown as CodeplugBlocks;
}

/** A snapshot of a codeplug's values. `at`: RFC 3339, UTC. `readBack`: fingerprint of the files that hold it. */
export function snapshot(codeplug: Codeplug, at: string, readBack: string | null = null): Written {
  const channels = tableOf(rows(codeplug.channels).map((channel) => ({ id: channel.id, ...valuesOf(channel) })));
  const { zones, scanLists, homeId, quickKeys } = codeplug;
  return structuredClone({ at, readBack, channels, zones, scanLists, homeId, quickKeys, ...blocksOf(codeplug) });
}

/** Records in a draft that a radio holds its codeplug as planned now. */
export function markWritten(plan: Plan, radioId: Id, at: string, readBack: string | null = null): void {
  // The draft is read through plain JSON: a snapshot must not change with what it was taken of.
  plan.written[radioId] = snapshot(JSON.parse(JSON.stringify(plan.codeplugs[radioId]!)) as Codeplug, at, readBack);
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

/** Rows of one kind that must be written. */
export interface RecordChanges {
  /** One of them: `receive list`. */
  what: string;
  changes: RowChange[];
}

export interface Reprogramming {
  radioId: Id;
  radioName: string;
  /** `null`: nothing was ever written, so everything is new. */
  writtenAt: string | null;
  channels: ChannelChange[];
  /** Contacts, lists, rooms, then zones and scan lists; what has no changes is left out. */
  records: RecordChanges[];
}

function changedRows<T extends { id: Id; name: string }>(
  before: Table<T>,
  after: Table<T>,
  show: (row: T) => string,
  isSame: (a: T, b: T) => boolean = sameJson,
): RowChange[] {
  const gone = rows(before)
    .filter((row) => !(row.id in after.byId))
    .map((row): RowChange => ({ name: row.name, kind: 'gone', from: show(row), to: '' }));
  const others = rows(after).flatMap((row): RowChange[] => {
    const old = before.byId[row.id];
    if (old && isSame(old, row)) return [];
    return [{ name: row.name, kind: old ? 'changed' : 'new', from: old ? show(old) : '', to: show(row) }];
  });
  return [...others, ...gone];
}

type ChannelList = Pick<Zone, 'id' | 'name' | 'channelIds'>;

/** Rules and patterns are the plan's: a radio holds only what came of them. */
const isSameList = (a: ChannelList, b: ChannelList): boolean =>
  a.name === b.name && sameJson(a.channelIds, b.channelIds);
const isSameScanList = (a: ScanList, b: ScanList): boolean =>
  isSameList(a, b) && a.priorityId === b.priorityId && a.talkBack === b.talkBack;

/** `Head, Quay; first Quay; answers on the selected one`. */
const scanWords =
  (names: ReadonlyMap<Id, string>) =>
  ({ channelIds, priorityId, talkBack }: ScanList): string =>
    [
      channelIds.map((id) => names.get(id) ?? id).join(', '),
      ...(priorityId === null ? [] : [`first ${names.get(priorityId) ?? priorityId}`]),
      ...(talkBack === null ? [] : [`answers on the ${talkBack} one`]),
    ].join('; ');

function places(index: PlanIndex, radioId: Id): Map<Id, string> {
  const mine = index.paths().filter(({ path }) => path.radioId === radioId);
  return new Map(mine.map(({ context }) => [context.channel.id, placeOf(context)]));
}

function changedChannels(
  index: PlanIndex,
  modes: CodeplugModes,
  radioId: Id,
  codeplug: Codeplug,
  written: Omit<Written, 'at' | 'readBack'>,
): ChannelChange[] {
  const place = places(index, radioId);
  const now = rows(codeplug.channels).flatMap((channel): ChannelChange[] => {
    const old = written.channels.byId[channel.id];
    const changes = channelFields(modes)
      .map((field) => ({
        field: field.title,
        from: old ? field.show(old, written) : '',
        to: field.show(channel, codeplug),
      }))
      .filter((one) => one.from !== one.to);
    if (changes.length === 0) return [];
    return [
      {
        channelId: channel.id,
        name: channel.name,
        kind: old ? 'changed' : 'new',
        changes,
        place: place.get(channel.id) ?? '',
      },
    ];
  });
  const gone = rows(written.channels)
    .filter((old) => !(old.id in codeplug.channels.byId))
    .map((old): ChannelChange => ({ channelId: old.id, name: old.name, kind: 'gone', changes: [], place: '' }));
  return [...now, ...gone];
}

/** What a radio holds before it was ever written to. */
const nothing = (): Omit<Written, 'at' | 'readBack'> => emptyCodeplug();

function changedRecords(
  modes: CodeplugModes,
  written: Omit<Written, 'at' | 'readBack'>,
  codeplug: Codeplug,
): RecordChanges[] {
  const before = recordsOf(written);
  const names = new Map(
    [...rows(written.channels), ...rows(codeplug.channels)].map((channel) => [channel.id, channel.name]),
  );
  const records = recordsOf(codeplug).map(({ mode, kind, table }, at): RecordChanges => {
    const show = (row: RecordRow) => modes[mode].files[kind.key]!.show(row);
    return { what: kind.what, changes: changedRows(before[at]!.table, table, show) };
  });
  const members = ({ channelIds }: { channelIds: readonly Id[] }) =>
    channelIds.map((id) => names.get(id) ?? id).join(', ');
  const zones = changedRows(written.zones, codeplug.zones, members, isSameList);
  const lists = changedRows(written.scanLists, codeplug.scanLists, scanWords(names), isSameScanList);
  return [...records, { what: 'zone', changes: zones }, { what: 'scan list', changes: lists }].filter(
    (one) => one.changes.length > 0,
  );
}

/** What must be written to one radio, `null` when it holds what is planned. */
export function reprogramming(index: PlanIndex, modes: CodeplugModes, radioId: Id): Reprogramming | null {
  const { plan } = index;
  const codeplug = plan.codeplugs[radioId]!;
  const last = plan.written[radioId];
  const written = last ?? nothing();
  const channels = changedChannels(index, modes, radioId, codeplug, written);
  const records = changedRecords(modes, written, codeplug);
  if (channels.length + records.length === 0) return null;
  return { radioId, radioName: plan.radios.byId[radioId]!.name, writtenAt: last?.at ?? null, channels, records };
}

/** Every radio that must be written to, in the plan's order. */
export function reprogrammingList(index: PlanIndex, modes: CodeplugModes): Reprogramming[] {
  return index.plan.radios.order.map((id) => reprogramming(index, modes, id)).filter((one) => one !== null);
}
