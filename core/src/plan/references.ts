/**
 * Reference integrity. The defined outcome when something is removed:
 * - a want without its radio, site or destination goes;
 * - a channel stays with its values (they may be in a radio already), its broken link is cut, and a check says so;
 * - a codeplug and what was written of it go with their radio, a profile with its hotspot, logins and route rules with their network;
 * - zones forget a channel that is gone, channels a receive list, logins a server or static group.
 */
import { type Patch, toPointer } from './patches';
import { healOrder, removeRow, rows } from './table';
import { emptyCodeplug, newProfile } from './create';
import type { Codeplug, Destination, Id, Network, Plan, Profile, Table } from './types';

/** One broken reference: where it stands, what it names, and how it is mended in a draft. */
export interface BrokenReference {
  pointer: string;
  found: string;
  mend: (plan: Plan) => void;
}

type Found = (path: (string | number)[], found: string, mend: BrokenReference['mend']) => void;

export function destinationExists(plan: Plan, destination: Destination): boolean {
  const network = plan.networks.byId[destination.networkId];
  if (!network) return false;
  return destination.kind === 'special' ? network.special[destination.special] !== null : destination.groupId in network.groups.byId;
}

function orderIsSound(table: Table<unknown>): boolean {
  if (table.order.length !== Object.keys(table.byId).length) return false;
  return table.order.every((id) => id in table.byId) && new Set(table.order).size === table.order.length;
}

function checkOrder(found: Found, path: string[], pick: (plan: Plan) => Table<unknown>, table: Table<unknown>): void {
  if (!orderIsSound(table)) found([...path, 'order'], 'another set of ids than byId', (plan) => healOrder(pick(plan)));
}

function checkMembers(found: Found, path: string[], list: readonly Id[], known: (id: Id) => boolean, put: (plan: Plan, kept: Id[]) => void): void {
  const stray = list.find((id, at) => !known(id) || list.indexOf(id) !== at);
  if (stray === undefined) return;
  const kept = [...new Set(list)].filter(known);
  found(path, stray, (plan) => put(plan, kept));
}

function checkCodeplug(plan: Plan, radioId: Id, codeplug: Codeplug, found: Found): void {
  const base = ['codeplugs', radioId];
  for (const kind of ['channels', 'zones', 'contacts', 'receiveLists'] as const) {
    checkOrder(found, [...base, kind], (draft) => draft.codeplugs[radioId]![kind], codeplug[kind]);
  }
  for (const channel of rows(codeplug.channels)) {
    const at = [...base, 'channels', 'byId', channel.id];
    const draftOf = (draft: Plan) => draft.codeplugs[radioId]!.channels.byId[channel.id]!;
    const { siteId, wantId, destination, dmr } = channel;
    if (siteId !== null && !(siteId in plan.sites.byId)) found([...at, 'siteId'], siteId, (draft) => (draftOf(draft).siteId = null));
    if (wantId !== null && !(wantId in plan.wants.byId)) found([...at, 'wantId'], wantId, (draft) => (draftOf(draft).wantId = null));
    if (destination && !destinationExists(plan, destination)) found([...at, 'destination'], JSON.stringify(destination), (draft) => (draftOf(draft).destination = null));
    if (dmr.receiveListId !== null && !(dmr.receiveListId in codeplug.receiveLists.byId)) found([...at, 'dmr', 'receiveListId'], dmr.receiveListId, (draft) => (draftOf(draft).dmr.receiveListId = null));
  }
  for (const zone of rows(codeplug.zones)) {
    checkMembers(found, [...base, 'zones', 'byId', zone.id, 'channelIds'], zone.channelIds, (id) => id in codeplug.channels.byId, (draft, kept) => {
      draft.codeplugs[radioId]!.zones.byId[zone.id]!.channelIds = kept;
    });
  }
}

function checkNetwork(network: Network, found: Found): void {
  for (const kind of ['groups', 'servers'] as const) {
    checkOrder(found, ['networks', 'byId', network.id, kind], (draft) => draft.networks.byId[network.id]![kind], network[kind]);
  }
}

function checkProfile(plan: Plan, siteId: Id, profile: Profile, found: Found): void {
  const { rules } = profile.dmr;
  checkOrder(found, ['profiles', siteId, 'dmr', 'rules'], (draft) => draft.profiles[siteId]!.dmr.rules, rules);
  for (const rule of rows(rules)) {
    if (!(rule.networkId in plan.networks.byId)) found(['profiles', siteId, 'dmr', 'rules', 'byId', rule.id, 'networkId'], rule.networkId, (draft) => removeRow(draft.profiles[siteId]!.dmr.rules, rule.id));
  }
  for (const [networkId, login] of Object.entries(profile.dmr.logins)) {
    const at = ['profiles', siteId, 'dmr', 'logins', networkId];
    const network = plan.networks.byId[networkId];
    if (!network) {
      found(at, networkId, (draft) => delete draft.profiles[siteId]!.dmr.logins[networkId]);
      continue;
    }
    const draftOf = (draft: Plan) => draft.profiles[siteId]!.dmr.logins[networkId]!;
    if (login.serverId !== null && !(login.serverId in network.servers.byId)) found([...at, 'serverId'], login.serverId, (draft) => (draftOf(draft).serverId = null));
    checkMembers(found, [...at, 'staticGroupIds'], login.staticGroupIds, (id) => id in network.groups.byId, (draft, kept) => (draftOf(draft).staticGroupIds = kept));
  }
}

function checkOwned(plan: Plan, kind: 'codeplugs' | 'profiles' | 'written', owners: 'radios' | 'sites', fresh: (() => unknown) | null, found: Found): void {
  for (const id of Object.keys(plan[kind])) {
    if (!(id in plan[owners].byId)) found([kind, id], id, (draft) => delete draft[kind][id]);
  }
  if (fresh === null) return;
  for (const id of Object.keys(plan[owners].byId)) {
    if (!(id in plan[kind])) found([kind, id], 'nothing', (draft) => ((draft[kind] as Record<Id, unknown>)[id] = fresh()));
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
  for (const want of rows(plan.wants)) {
    const whole = want.radioId in plan.radios.byId && want.siteId in plan.sites.byId && destinationExists(plan, want.destination);
    if (!whole) found(['wants', 'byId', want.id], JSON.stringify(want), (draft) => removeRow(draft.wants, want.id));
  }
  for (const [radioId, codeplug] of Object.entries(plan.codeplugs)) if (radioId in plan.radios.byId) checkCodeplug(plan, radioId, codeplug, found);
  for (const [siteId, profile] of Object.entries(plan.profiles)) if (siteId in plan.sites.byId) checkProfile(plan, siteId, profile, found);
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
