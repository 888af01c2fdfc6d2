/** Begins the codeplug of a radio with a borrowed one, as it was reviewed, in one edit. */
import { nameFitter, nameLength } from '../codeplug/names';
import { MODE_IDS } from '../plan/modes';
import { recordsOf } from '../plan/records';
import { freeId, putRow, removeRow, rows } from '../plan/table';
import type { Channel, Destination, Id, Plan, Table } from '../plan/types';
import type { Borrowing, BorrowModes, ProposedSite } from './borrowing';
import { nameRoom, nameRules } from '../codeplug/room';

export interface BorrowChoice {
  /** Proposed sites and groups that are added. */
  sites: ReadonlySet<Id>;
  groups: ReadonlySet<Id>;
  /** Channels that are left out. */
  leave: ReadonlySet<Id>;
}

function addSite(draft: Plan, { site }: ProposedSite): Id {
  const id = freeId(site.id, (taken) => taken in draft.sites.byId);
  putRow(draft.sites, { ...structuredClone(site), id });
  return id;
}

/** The codeplug of the radio is replaced; what it had before comes back with undo. */
export function beginWith(
  draft: Plan,
  radioId: Id,
  borrowing: Borrowing,
  modes: BorrowModes,
  choice: BorrowChoice,
): void {
  const siteIds = new Map(
    borrowing.sites.filter(({ id }) => choice.sites.has(id)).map((site) => [site.id, addSite(draft, site)]),
  );
  const destinations = new Map<Id, Destination>();
  for (const { id, mode, networkId, number, name } of borrowing.groups)
    if (choice.groups.has(id))
      destinations.set(id, modes[mode].kit.learn!(draft, networkId, number, name.slice(0, 60)));
  const own = structuredClone(borrowing.own);
  const radio = draft.radios.byId[radioId]!;
  for (const one of borrowing.channels) {
    const channel = own.channels.byId[one.id]!;
    if (choice.leave.has(one.id) || radio[channel.mode] === null) {
      removeRow(own.channels, one.id);
      continue;
    }
    const siteId = one.site?.to ?? siteIds.get(one.proposedSiteId ?? '') ?? null;
    const destination = one.destination?.to ?? destinations.get(one.proposedGroupId ?? '') ?? null;
    Object.assign(channel, { siteId, destination, wantId: null, built: null } satisfies Partial<Channel>);
  }
  for (const { mode, key, rows: mine } of borrowing.personal) {
    const of = recordsOf(own).find((one) => one.mode === mode && one.kind.key === key)!;
    for (const { id } of mine) removeRow(of.table, id);
  }
  for (const table of [own.zones, own.scanLists] as Table<{ id: Id; channelIds: Id[] }>[])
    for (const list of rows(table)) {
      list.channelIds = list.channelIds.filter((id) => id in own.channels.byId);
      if (list.channelIds.length === 0) removeRow(table, list.id);
    }
  // Its own identity, wherever the radio has said another's.
  for (const mode of MODE_IDS) {
    const { identity } = modes[mode].kit;
    if (identity && radio[mode] !== null && identity.own(draft.station) !== '') identity.set(radio, draft.station);
  }
  const long = rows(own.channels).filter(({ name }) => nameLength(name) > nameRoom(radio));
  const kept = rows(own.channels).filter((one) => !long.includes(one));
  const fit = nameFitter(
    nameRules(draft, radio),
    kept.map(({ name }) => name),
  );
  for (const channel of long) channel.name = fit({ name: channel.name, qualifier: '' });
  draft.codeplugs[radioId] = own;
}
