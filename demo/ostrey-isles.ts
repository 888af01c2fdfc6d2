/**
 * The demo: the Ostrey Isles, an invented archipelago. Call signs begin with Q and DMR IDs with 999, which no
 * administration gives to stations; networks, groups, places and people are invented too.
 */
import { carryOut } from '@relay/core/build/build';
import { emptyPlan, newHotspot, newLogin, newNetwork, newProfile, newRadio } from '@relay/core/plan/create';
import { edit, type Recipe } from '@relay/core/plan/edit';
import { putRow, rows, tableOf } from '@relay/core/plan/table';
import type { Network, Plan } from '@relay/core/plan/types';
import type { GroupCategory } from '@relay/core/modes/dmr/types';

const GROUPS: readonly [string, number, GroupCategory][] = [
  ['Hask Wide', 417, 'local'],
  ['Merrin Head', 481, 'local'],
  ['Port Ellery', 483, 'local'],
  ['Dunsel', 485, 'local'],
  ['Ostrey All', 588, 'region'],
  ['Ferry Net', 591, 'region'],
  ['Isles Weather', 593, 'region'],
  ['Boat to Shore', 595, 'region'],
  ['Newcomers', 597, 'region'],
  ['Lighthouse Watch', 599, 'nation'],
  ['Storm Desk', 7713, 'tactical'],
  ['Test Bench', 7790, 'test'],
];

const WANTED = ['Hask Wide', 'Merrin Head', 'Port Ellery', 'Dunsel', 'Ostrey All', 'Ferry Net', 'Isles Weather', 'Boat to Shore', 'Newcomers', 'Lighthouse Watch'];

function lantern(): Network {
  return {
    ...newNetwork('lantern', 'Lantern'),
    servers: tableOf([
      { id: 'merrin', name: 'Merrin', host: 'merrin.lantern.example' },
      { id: 'dunsel', name: 'Dunsel', host: 'dunsel.lantern.example' },
    ]),
    groups: tableOf(GROUPS.map(([name, number, category]) => ({ id: `g${number}`, name, number, category }))),
  };
}

const home: Recipe = (plan) => {
  plan.station = { callSign: 'QO3VES', operator: 'Vesna Torrow', dmrId: 9_992_417, region: 'itu-1', place: 'Hask, Ostrey Isles' };
  putRow(plan.radios, { ...newRadio('handheld', 'Handheld', 9_992_417), dmr: { id: 9_992_417, hearsOwnGroup: false } });
  putRow(plan.sites, newHotspot('home', 'QO3VES 03', 439_125_000, 1));
  putRow(plan.networks, lantern());
  plan.profiles['home'] = {
    ...newProfile(),
    logins: { lantern: { ...newLogin(), serverId: 'merrin', suffix: 3, password: 'practice-only' } },
    location: { lat: 46.71, lon: -33.42, publish: true },
    adminPassword: 'changed',
  };
  const groups = rows(plan.networks.byId['lantern']!.groups);
  for (const name of WANTED) {
    const group = groups.find((one) => one.name === name)!;
    putRow(plan.wants, { id: `w-${group.id}`, destination: { kind: 'group', networkId: 'lantern', groupId: group.id }, radioId: 'handheld', siteId: 'home' });
  }
  for (const special of ['unlink', 'echo'] as const) {
    putRow(plan.wants, { id: `w-${special}`, destination: { kind: 'special', networkId: 'lantern', special }, radioId: 'handheld', siteId: 'home' });
  }
};

/** One operator, one handheld, one hotspot, one network with a dozen groups; twelve paths, all whole. */
function ostreyIsles(): Plan {
  const furnished = edit(emptyPlan('Ostrey Isles · home'), home).plan;
  return edit(furnished, carryOut()).plan;
}

/** A codeplug that was borrowed and not adapted: it disagrees in five ways. */
function inherited(): Plan {
  return edit(ostreyIsles(), (plan) => {
    plan.name = 'Inherited';
    const channels = plan.codeplugs['handheld']!.channels.byId;
    plan.radios.byId['handheld']!.dmr!.id = 9_993_106;
    channels['ch-w-g417']!.dmr.colorCode = 7;
    channels['ch-w-g481']!.rxHz = 438_800_000;
    channels['ch-w-g481']!.txHz = 438_800_000;
    channels['ch-w-g483']!.dmr.slot = 1;
    channels['ch-w-g588']!.dmr.call.kind = 'private';
    putRow(plan.codeplugs['handheld']!.contacts, { id: 'ct-p588', name: 'All', kind: 'private', number: 588 });
    for (const channel of Object.values(channels)) channel.built = null;
  }).plan;
}

/** What `./relay demo` loads, by key. */
export const DEMO_PLANS: Readonly<Record<string, () => Plan>> = { 'ostrey-isles': ostreyIsles, inherited };
