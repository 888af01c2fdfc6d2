/** Taking over what another codeplug says, channel by channel, in either direction. */
import { channelFields } from '../codeplug/channel-fields';
import type { CodeplugModes } from '../codeplug/mode-codeplug';
import { freshName } from '../plan/fresh-name';
import { freeId, putRow, removeRow, rows } from '../plan/table';
import type { Channel, ChannelValues, Codeplug, Id, Table } from '../plan/types';
import type { ChannelMatch } from './meaning';

/** A codeplug that was read: a file's, another radio's, an older version's. */
export interface Other {
  codeplug: Codeplug;
  /** Fields that are said of each of its channels; without: all. */
  said?: ReadonlyMap<Id, ReadonlySet<string>>;
}

type RowTable = Table<{ id: Id; name: string }>;

/** The table of a mode's block that holds a row, by its key. */
function tableWith(block: object, id: Id): { key: string; table: RowTable } | null {
  const found = Object.entries(block as Record<string, RowTable>).find(([, table]) => id in table.byId);
  return found ? { key: found[0], table: found[1] } : null;
}

/** What a row holds beside its id and name. */
function contentOf(row: { id: Id; name: string }): string {
  return JSON.stringify({ ...row, id: '', name: '' });
}

/** Rows that a channel names: those that say the same are taken for the same, others come along. */
function takeLinked(
  modes: CodeplugModes,
  into: Codeplug,
  channel: Channel,
  from: ChannelValues,
  other: Codeplug,
): void {
  for (const field of channelFields(modes)) {
    if (!field.link || (field.modes && !field.modes.includes(channel.mode))) continue;
    const id = field.link.get(from);
    if (id === null) {
      field.link.set(channel, null);
      continue;
    }
    const there = tableWith(other[channel.mode], id);
    if (!there) continue;
    const row = there.table.byId[id]!;
    const table = (into[channel.mode] as unknown as Record<string, RowTable>)[there.key]!;
    const same = rows(table).find((one) => contentOf(one) === contentOf(row));
    const kept = same ?? {
      ...structuredClone(row),
      id: freeId(row.id, (taken) => taken in table.byId),
      name: freshName(
        rows(table).map(({ name }) => name),
        (n) => (n === 1 ? row.name : `${row.name} ${n}`),
      ),
    };
    if (!same) putRow(table, kept);
    field.link.set(channel, kept.id);
  }
}

/** Puts what a channel of the other codeplug says into one of this. */
function takeValues(
  modes: CodeplugModes,
  into: Codeplug,
  channel: Channel,
  from: ChannelValues & { id: Id },
  other: Other,
): void {
  const said = other.said?.get(from.id);
  for (const field of channelFields(modes)) {
    if (said && !said.has(field.id)) continue;
    if (field.modes && !(field.modes.includes(channel.mode) && field.modes.includes(from.mode))) continue;
    if (!field.link) field.copy(channel, from);
  }
  const links = channelFields(modes).filter(({ link }) => link);
  if (links.every(({ id }) => !said || said.has(id))) takeLinked(modes, into, channel, from, other.codeplug);
}

/** Does, in a codeplug of a draft, what makes these channels as the other codeplug has them. */
export function takeFrom(modes: CodeplugModes, into: Codeplug, matches: readonly ChannelMatch[], other: Other): void {
  for (const { hereId, thereId } of matches) {
    const from = thereId === null ? undefined : other.codeplug.channels.byId[thereId];
    if (!from) {
      if (hereId === null) continue;
      removeRow(into.channels, hereId);
      for (const list of [...Object.values(into.zones.byId), ...Object.values(into.scanLists.byId)])
        list.channelIds = list.channelIds.filter((id) => id !== hereId);
      continue;
    }
    const here = hereId === null ? undefined : into.channels.byId[hereId];
    if (here && here.mode === from.mode) {
      takeValues(modes, into, here, from, other);
      continue;
    }
    const id = here?.id ?? freeId(`taken-${from.id}`, (taken) => taken in into.channels.byId);
    const fresh = {
      ...structuredClone(from),
      id,
      siteId: null,
      destination: null,
      wantId: null,
      built: null,
    } as Channel;
    putRow(into.channels, fresh);
    takeLinked(modes, into, fresh, from, other.codeplug);
  }
}
