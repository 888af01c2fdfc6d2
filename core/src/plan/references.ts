/**
 * Reference integrity. The defined outcome when something is removed:
 * - a want without its radio, site or destination goes;
 * - a channel stays with its values (they may be in a radio already), its broken link is cut, and a check says so;
 * - a codeplug and what was written of it go with their radio, profiles with their hotspot, logins and route rules with
 * their network;
 * - a hotspot has at least one profile, runs one that it has, and is on the frequencies that this one sets; a profile
 * whose base goes becomes a base itself; a slot for recall forgets a profile that is gone;
 * - a repeater whose network goes carries nothing that is known, and a site forgets that it reached it; a room leaves
 * the room book;
 * - zones, scan lists, the home key and quick keys forget a channel that is gone, a zone a rule whose network is gone,
 * a scan list its zone and the channel that it comes back to, channels a receive list, logins a server or static group;
 * a rule for channels of a radio goes with it.
 */
import { pairOf, setPair } from './carriage';
import { type BrokenReference, checkMembers, checkOrder, type Found, lookOnce, type NamedTable } from './broken';
import { emptyCodeplug, newProfile, newProfileValues } from './create';
import { frequenciesToRun } from './frequencies';
import { dataOf, MODE_DATA, MODE_IDS, NETWORK_MODE_IDS } from './modes';
import { type Patch, toPointer } from './patches';
import { profilesOf } from './profiles';
import { valuesAbove } from './some-values';
import { recordsOf } from './records';
import { hotspotsOf, slotOf } from './sites';
import { freeId, putRow, removeRow, rows } from './table';
import type { Codeplug, Destination, Hotspot, Id, Network, Plan, Profile, ProfileValues, ScanList } from './types';

/** Whether what a destination names is in the plan. */
export function destinationExists(plan: Plan, destination: Destination): boolean {
  if (destination.kind === 'recall') return slotOf(plan, destination) !== undefined;
  if (!('networkId' in destination)) return true;
  const network = plan.networks.byId[destination.networkId];
  return network?.mode === destination.mode && dataOf(network.mode).references.holds(network, destination);
}

/** The tables of a network, by their names; the first holds what can be called. */
export function tablesOf(network: Network): NamedTable[] {
  return dataOf(network.mode).references.networkTables(network);
}

/** The table at the end of a path of property names. */
function tableAt(root: unknown, path: readonly string[]): NamedTable[1] {
  return path.reduce<unknown>((here, key) => (here as Record<string, unknown>)[key], root) as NamedTable[1];
}

const LINKS = ['siteId', 'wantId', 'destination'] as const;

function checkCodeplug(plan: Plan, radioId: Id, codeplug: Codeplug, found: Found): void {
  const base = ['codeplugs', radioId];
  for (const kind of ['channels', 'zones', 'scanLists'] as const)
    checkOrder(found, [...base, kind], (draft) => draft.codeplugs[radioId]![kind], codeplug[kind]);
  for (const { path, table } of recordsOf(codeplug))
    checkOrder(found, [...base, ...path], (draft) => tableAt(draft.codeplugs[radioId], path), table);
  const { byId, order } = codeplug.channels;
  for (const id of order) {
    const channel = byId[id];
    if (!channel) continue;
    const { siteId, wantId, destination } = channel;
    const lost = {
      siteId: siteId !== null && !Object.hasOwn(plan.sites.byId, siteId),
      wantId: wantId !== null && !Object.hasOwn(plan.wants.byId, wantId),
      destination: destination !== null && !destinationExists(plan, destination),
    };
    for (const link of LINKS)
      if (lost[link])
        found(
          [...base, 'channels', 'byId', id, link],
          link === 'destination' ? JSON.stringify(destination) : channel[link]!,
          (draft) => (draft.codeplugs[radioId]!.channels.byId[id]![link] = null),
        );
  }
  for (const kind of ['zones', 'scanLists'] as const)
    for (const list of rows<{ id: Id; channelIds: Id[] }>(codeplug[kind]))
      checkMembers(
        found,
        [...base, kind, 'byId', list.id, 'channelIds'],
        list.channelIds,
        (id) => id in byId,
        (draft, kept) => void (draft.codeplugs[radioId]![kind].byId[list.id]!.channelIds = kept),
      );
  for (const { id, rule } of rows(codeplug.zones))
    if (rule?.from.kind === 'network' && !(rule.from.networkId in plan.networks.byId))
      found(
        [...base, 'zones', 'byId', id, 'rule'],
        rule.from.networkId,
        (draft) => (draft.codeplugs[radioId]!.zones.byId[id]!.rule = null),
      );
  for (const list of rows(codeplug.scanLists)) checkScanList(base, list, codeplug, found);
  if (codeplug.homeId !== null && !(codeplug.homeId in byId))
    found([...base, 'homeId'], codeplug.homeId, (draft) => (draft.codeplugs[radioId]!.homeId = null));
  for (const [key, id] of Object.entries(codeplug.quickKeys))
    if (!(id in byId))
      found([...base, 'quickKeys', key], id, (draft) => void delete draft.codeplugs[radioId]!.quickKeys[key]);
}

/** A list whose zone is gone is filled by hand from then on; what it comes back to is one of its own. */
function checkScanList(base: string[], list: ScanList, codeplug: Codeplug, found: Found): void {
  const { id, zoneId, priorityId, channelIds } = list;
  const radioId = base[1]!;
  const at = (key: string) => [...base, 'scanLists', 'byId', id, key];
  const listOf = (draft: Plan) => draft.codeplugs[radioId]!.scanLists.byId[id]!;
  if (zoneId !== null && !(zoneId in codeplug.zones.byId))
    found(at('zoneId'), zoneId, (draft) => (listOf(draft).zoneId = null));
  if (priorityId !== null && !channelIds.includes(priorityId))
    found(at('priorityId'), priorityId, (draft) => (listOf(draft).priorityId = null));
}

function checkNetwork(network: Network, found: Found): void {
  for (const [kind, table] of tablesOf(network)) {
    checkOrder(
      found,
      ['networks', 'byId', network.id, kind],
      (draft) => tableAt(draft.networks.byId[network.id], [kind]),
      table,
    );
  }
}

/** What is kept by radio goes with it; a codeplug is there for each. */
function checkOwned(plan: Plan, found: Found): void {
  for (const kind of ['codeplugs', 'written'] as const) {
    for (const id of Object.keys(plan[kind]))
      if (!(id in plan.radios.byId)) found([kind, id], id, (draft) => delete draft[kind][id]);
  }
  for (const id of Object.keys(plan.radios.byId)) {
    if (!(id in plan.codeplugs))
      found(['codeplugs', id], 'nothing', (draft) => (draft.codeplugs[id] = emptyCodeplug()));
  }
}

/** A kit outlives its radio: another may take the same files. */
function checkKits(plan: Plan, found: Found): void {
  for (const { id, radioId } of rows(plan.kits))
    if (radioId !== null && !(radioId in plan.radios.byId))
      found(['kits', 'byId', id, 'radioId'], radioId, (draft) => (draft.kits.byId[id]!.radioId = null));
}

function checkProfile(plan: Plan, profile: Profile, found: Found): void {
  const at = ['profiles', 'byId', profile.id];
  if (plan.sites.byId[profile.siteId]?.kind !== 'hotspot') {
    found([...at, 'siteId'], profile.siteId, (draft) => removeRow(draft.profiles, profile.id));
    return;
  }
  const { wifi } = profile.set;
  if (wifi) checkOrder(found, [...at, 'set', 'wifi'], (draft) => draft.profiles.byId[profile.id]!.set.wifi!, wifi);
  if (profile.baseId === null) return;
  const base = plan.profiles.byId[profile.baseId];
  if (base?.siteId === profile.siteId && base.baseId === null) return;
  found([...at, 'baseId'], profile.baseId, (draft) => {
    const there = draft.profiles.byId[profile.id];
    const site = there && draft.sites.byId[there.siteId];
    if (site) Object.assign(there, { baseId: null, set: valuesAbove(newProfileValues(site), there.set) });
  });
}

/** What a hotspot says of a mode, and that it has it, stand or go together. */
function checkCarriage(site: Hotspot, profile: Profile, found: Found): void {
  const { carriage } = profile.set;
  if (profile.baseId !== null || !carriage) return;
  const at = ['profiles', 'byId', profile.id, 'set', 'carriage'];
  for (const mode of NETWORK_MODE_IDS) {
    const able = site[mode] !== null;
    if (pairOf({ carriage }, mode, mode).able === able) continue;
    found(at, `${mode} ${able ? 'at the site only' : 'in the profile only'}`, (draft) =>
      setPair(draft.profiles.byId[profile.id]!.set as ProfileValues, mode, mode, { able }),
    );
  }
  const seen = new Set(carriage.map(({ air, network }) => `${air}-${network}`));
  if (seen.size < carriage.length) {
    found(at, 'a pair twice', (draft) => {
      const { set } = draft.profiles.byId[profile.id]!;
      set.carriage = set.carriage!.filter(
        (one, i, all) => all.findIndex((other) => other.air === one.air && other.network === one.network) === i,
      );
    });
  }
}

/** A slot forgets a profile that is gone. */
function checkRecall(site: Hotspot, mine: readonly Profile[], found: Found): void {
  const at = ['sites', 'byId', site.id, 'recall'];
  const hotspot = (draft: Plan) => draft.sites.byId[site.id] as Hotspot;
  checkOrder(found, at, (draft) => hotspot(draft).recall, site.recall);
  for (const { id, profileId } of rows(site.recall)) {
    if (profileId === null || mine.some((one) => one.id === profileId)) continue;
    found([...at, 'byId', id, 'profileId'], profileId, (draft) => (hotspot(draft).recall.byId[id]!.profileId = null));
  }
}

/** What a hotspot sends and listens on is what the profile that it runs sets. */
function checkFrequencies(plan: Plan, site: Hotspot, found: Found): void {
  const set = frequenciesToRun(plan, site);
  if (set)
    found(['sites', 'byId', site.id, 'txHz'], `${site.rxHz} and ${site.txHz} Hz`, (draft) =>
      Object.assign(draft.sites.byId[site.id]!, { rxHz: set.rxHz, txHz: set.txHz }),
    );
}

function checkProfiles(plan: Plan, found: Found): void {
  checkOrder(found, ['profiles'], (draft) => draft.profiles, plan.profiles);
  for (const profile of Object.values(plan.profiles.byId)) checkProfile(plan, profile, found);
  for (const site of hotspotsOf(plan)) {
    const mine = profilesOf(plan, site.id);
    for (const profile of mine) checkCarriage(site, profile, found);
    checkRecall(site, mine, found);
    if (mine.some((one) => one.id === site.activeProfileId)) {
      checkFrequencies(plan, site, found);
      continue;
    }
    found(['sites', 'byId', site.id, 'activeProfileId'], site.activeProfileId, (draft) => {
      const there = draft.sites.byId[site.id];
      if (there?.kind !== 'hotspot') return;
      const [first] = profilesOf(draft, site.id);
      const id = first?.id ?? freeId(site.id, (taken) => taken in draft.profiles.byId);
      if (!first) putRow(draft.profiles, newProfile(id, there));
      there.activeProfileId = id;
    });
  }
}

function checkWants(plan: Plan, found: Found): void {
  for (const want of rows(plan.wants)) {
    const whole =
      want.radioId in plan.radios.byId && want.siteId in plan.sites.byId && destinationExists(plan, want.destination);
    if (!whole) found(['wants', 'byId', want.id], JSON.stringify(want), (draft) => removeRow(draft.wants, want.id));
  }
}

/** Every broken reference of a plan, in a fixed order. Empty for a sound plan. */
export function brokenReferences(plan: Plan): BrokenReference[] {
  const broken: BrokenReference[] = [];
  const found: Found = (path, what, mend) => broken.push({ pointer: toPointer(path), found: what, mend });
  for (const kind of ['radios', 'sites', 'networks', 'wants', 'kits', 'kinds', 'channelRules'] as const)
    checkOrder(found, [kind], (draft) => draft[kind], plan[kind]);
  checkOwned(plan, found);
  checkKits(plan, found);
  checkProfiles(plan, found);
  for (const network of rows(plan.networks)) checkNetwork(network, found);
  for (const mode of MODE_IDS) MODE_DATA[mode].references.broken(plan, found);
  const { wants, radios, sites, networks } = plan;
  for (const { id, radioId } of rows(plan.channelRules))
    if (radioId !== null && !(radioId in radios.byId))
      found(['channelRules', 'byId', id], radioId, (draft) => removeRow(draft.channelRules, id));
  lookOnce('wants', [wants, radios.byId, sites.byId, networks], (lost) => checkWants(plan, lost), found);
  for (const [radioId, codeplug] of Object.entries(plan.codeplugs)) {
    if (!(radioId in radios.byId)) continue;
    const parts = [codeplug, wants.byId, sites.byId, networks] as const;
    lookOnce(`codeplug ${radioId}`, parts, (lost) => checkCodeplug(plan, radioId, codeplug, lost), found);
  }
  return broken;
}

/**
 * Mends a draft in place. A mend can lay bare another (a want goes, then its channel's link), so it goes on until none
 * is left.
 */
export function repairReferences(plan: Plan): void {
  for (let broken = brokenReferences(plan); broken.length > 0; broken = brokenReferences(plan)) {
    for (const one of broken) one.mend(plan);
  }
}

/** How many wants and channels lose something when a row goes; said beside the act, since undo brings it back. */
export function lossOnRemoval(patches: readonly Patch[]): { wants: number; links: number } {
  const wants = patches.filter((patch) => patch.op === 'remove' && patch.path.startsWith('/wants/byId/')).length;
  const cut = (path: string) => /\/channels\/byId\/[^/]+\/(siteId|destination)$/.test(path);
  const links = patches.filter((patch) => patch.op === 'replace' && patch.value === null && cut(patch.path)).length;
  return { wants, links };
}
