/**
 * Reference integrity. The defined outcome when something is removed:
 * - a want without its radio, site or destination goes;
 * - a channel stays with its values (they may be in a radio already), its broken link is cut, and a check says so;
 * - a codeplug and what was written of it go with their radio, a profile with its hotspot, logins and route rules with their network;
 * - a repeater whose network goes carries nothing that is known, and a site forgets that it reached it; a room leaves the room book;
 * - zones forget a channel that is gone, channels a receive list, logins a server or static group.
 */
import { ROW_LINKS } from '../codeplug/row-links';
import { type Patch, toPointer } from './patches';
import { REFERENCES } from '../modes/references';
import { type BrokenReference, checkMembers, checkOrder, type Found, type ModeReferences } from './broken';
import { removeRow, rows } from './table';
import { emptyCodeplug, newProfile } from './create';
import type { Codeplug, Destination, Id, Network, Plan, Table } from './types';

export function destinationExists(plan: Plan, destination: Destination): boolean {
  if (!('networkId' in destination)) return true;
  const network = plan.networks.byId[destination.networkId];
  return network !== undefined && referencesOf(network).holds(network, destination);
}

/** The functions of a mode see networks of that mode only; `network.mode` is what makes it right. */
function referencesOf(network: Network): ModeReferences {
  return REFERENCES[network.mode];
}

function checkCodeplug(plan: Plan, radioId: Id, codeplug: Codeplug, found: Found): void {
  const base = ['codeplugs', radioId];
  for (const kind of ['channels', 'zones', 'contacts', 'receiveLists', 'rooms'] as const) {
    checkOrder(found, [...base, kind], (draft) => draft.codeplugs[radioId]![kind], codeplug[kind]);
  }
  for (const channel of rows(codeplug.channels)) {
    const at = [...base, 'channels', 'byId', channel.id];
    const draftOf = (draft: Plan) => draft.codeplugs[radioId]!.channels.byId[channel.id]!;
    const { siteId, wantId, destination } = channel;
    if (siteId !== null && !(siteId in plan.sites.byId)) found([...at, 'siteId'], siteId, (draft) => (draftOf(draft).siteId = null));
    if (wantId !== null && !(wantId in plan.wants.byId)) found([...at, 'wantId'], wantId, (draft) => (draftOf(draft).wantId = null));
    if (destination && !destinationExists(plan, destination)) found([...at, 'destination'], JSON.stringify(destination), (draft) => (draftOf(draft).destination = null));
    for (const { field, to, get, set } of ROW_LINKS) {
      const named = get(channel);
      if (named !== null && !(named in codeplug[to].byId)) found([...at, field], named, (draft) => set(draftOf(draft), null));
    }
  }
  for (const zone of rows(codeplug.zones)) {
    checkMembers(found, [...base, 'zones', 'byId', zone.id, 'channelIds'], zone.channelIds, (id) => id in codeplug.channels.byId, (draft, kept) => {
      draft.codeplugs[radioId]!.zones.byId[zone.id]!.channelIds = kept;
    });
  }
}

/** The tables of a network, by their names; the first holds what can be called. */
export function tablesOf(network: Network): [string, Table<{ id: Id }>][] {
  return referencesOf(network).tables(network);
}

function checkNetwork(network: Network, found: Found): void {
  for (const [kind, table] of tablesOf(network)) {
    checkOrder(found, ['networks', 'byId', network.id, kind], (draft) => tablesOf(draft.networks.byId[network.id]!).find(([name]) => name === kind)![1], table);
  }
}

function checkOwned(plan: Plan, kind: 'codeplugs' | 'profiles' | 'written', owners: 'radios' | 'sites', fresh: (() => unknown) | null, found: Found): void {
  // Only a hotspot has a profile.
  const owns = (id: Id) => id in plan[owners].byId && (kind !== 'profiles' || plan.sites.byId[id]!.kind === 'hotspot');
  for (const id of Object.keys(plan[kind])) {
    if (!owns(id)) found([kind, id], id, (draft) => delete draft[kind][id]);
  }
  if (fresh === null) return;
  for (const id of Object.keys(plan[owners].byId)) {
    if (owns(id) && !(id in plan[kind])) found([kind, id], 'nothing', (draft) => ((draft[kind] as Record<Id, unknown>)[id] = fresh()));
  }
}

/** Every broken reference of a plan, in a fixed order. Empty for a sound plan. */
export function brokenReferences(plan: Plan): BrokenReference[] {
  const broken: BrokenReference[] = [];
  const found: Found = (path, what, mend) => broken.push({ pointer: toPointer(path), found: what, mend });
  for (const kind of ['radios', 'sites', 'networks', 'wants'] as const) checkOrder(found, [kind], (draft) => draft[kind], plan[kind]);
  checkOwned(plan, 'codeplugs', 'radios', emptyCodeplug, found);
  checkOwned(plan, 'profiles', 'sites', newProfile, found);
  // What was written is kept only for radios that were written to.
  checkOwned(plan, 'written', 'radios', null, found);
  for (const network of rows(plan.networks)) checkNetwork(network, found);
  for (const mode of Object.values(REFERENCES)) mode.broken(plan, found);
  for (const want of rows(plan.wants)) {
    const whole = want.radioId in plan.radios.byId && want.siteId in plan.sites.byId && destinationExists(plan, want.destination);
    if (!whole) found(['wants', 'byId', want.id], JSON.stringify(want), (draft) => removeRow(draft.wants, want.id));
  }
  for (const [radioId, codeplug] of Object.entries(plan.codeplugs)) if (radioId in plan.radios.byId) checkCodeplug(plan, radioId, codeplug, found);
  return broken;
}

/** Mends a draft in place. A mend can lay bare another (a want goes, then its channel's link), so it goes on until none is left. */
export function repairReferences(plan: Plan): void {
  for (let broken = brokenReferences(plan); broken.length > 0; broken = brokenReferences(plan)) {
    for (const one of broken) one.mend(plan);
  }
}

/** How many wants and channels lose something when a row goes; said beside the act, since undo brings it back. */
export function lossOnRemoval(patches: readonly Patch[]): { wants: number; links: number } {
  const wants = patches.filter((patch) => patch.op === 'remove' && patch.path.startsWith('/wants/byId/')).length;
  const links = patches.filter((patch) => patch.op === 'replace' && patch.value === null && /\/channels\/byId\/[^/]+\/(siteId|destination)$/.test(patch.path)).length;
  return { wants, links };
}
