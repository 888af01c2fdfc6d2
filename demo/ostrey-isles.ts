/**
 * The demo: the Ostrey Isles, an invented archipelago. Call signs begin with Q and DMR IDs with 999, which no
 * administration gives to stations; networks, groups, places and people are invented too.
 */
import { newLogin } from '@relay/core/plan/modes/dmr/blanks';
import { profileOf } from '@relay/core/testing/profile-of';
import { addHotspot } from '@relay/core/plan/hotspot';
import { carryOut } from '@relay/core/registries/builder';
import { markWritten } from '@relay/core/compare/written';
import { emptyPlan, newNetwork, newRadio, newServer } from '@relay/core/plan/create';
import { edit, type Recipe } from '@relay/core/plan/edit';
import { putRow, rows, tableOf } from '@relay/core/plan/table';
import type { ChannelOf, ModeId, NetworkOf, Plan } from '@relay/core/plan/types';
import type { GroupCategory } from '@relay/core/plan/modes/dmr/types';
import { withC4fm, withRoomBook } from './c4fm';
import { withDstar } from './dstar';
import { withKeying } from './keying';
import { withP25 } from './p25';
import { withProfiles, withRecallEntries } from './profiles';

const OWN_ID = 9_992_417;

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

const CAUSEWAY_GROUPS: readonly [string, number, GroupCategory][] = [
  ['Harbour Masters', 417, 'local'],
  ['Ferry Crew', 623, 'region'],
  ['North Isles', 631, 'region'],
  ['Tide Watch', 635, 'nation'],
  ['Causeway All', 688, 'nation'],
  ['Breakwater Test', 7890, 'test'],
];

function groupTable(groups: readonly [string, number, GroupCategory][]): NetworkOf<'dmr'>['groups'] {
  return tableOf(groups.map(([name, number, category]) => ({ id: `g${number}`, name, number, category })));
}

const WANTED = [
  'Hask Wide',
  'Merrin Head',
  'Port Ellery',
  'Dunsel',
  'Ostrey All',
  'Ferry Net',
  'Isles Weather',
  'Boat to Shore',
  'Newcomers',
  'Lighthouse Watch',
];

/** What networks here answer themselves: position reports go to the country code of the isles. */
const SPECIAL = { ...newNetwork('dmr', 'any', 'Any').special, position: { number: 999_999, kind: 'group' as const } };

function lantern(): NetworkOf<'dmr'> {
  return {
    ...newNetwork('dmr', 'lantern', 'Lantern'),
    servers: tableOf([
      newServer('merrin', 'Merrin', 'merrin.lantern.example', 'Main island'),
      newServer('dunsel', 'Dunsel', 'dunsel.lantern.example', 'South isles'),
    ]),
    groups: groupTable(GROUPS),
    special: { ...SPECIAL, unlink: { number: 4000, kind: 'private' }, status: { number: 7710, kind: 'private' } },
  };
}

/** In the plan, but not through the hotspot yet: adding it is the demo's second story. */
function causeway(): NetworkOf<'dmr'> {
  return {
    ...newNetwork('dmr', 'causeway', 'Causeway'),
    servers: tableOf([
      newServer('tarn', 'Tarn', 'tarn.causeway.example', 'North isles'),
      newServer('quarry', 'Quarry', 'quarry.causeway.example', 'Main island'),
      newServer('sand', 'Sand Bar', 'sand.causeway.example', 'Outer banks'),
    ]),
    groups: groupTable(CAUSEWAY_GROUPS),
    special: { ...SPECIAL, unlink: { number: 4000, kind: 'private' } },
    dynamicTimerMin: 15,
  };
}

const home: Recipe = (plan) => {
  Object.assign(plan.station, {
    callSign: 'QO3VES',
    operator: 'Vesna Torrow',
    dmrId: OWN_ID,
    region: 'itu-1',
    place: 'Hask, Ostrey Isles',
    position: { lat: 46.71, lon: -33.42 },
  });
  putRow(plan.radios, {
    ...newRadio('handheld', 'Handheld', ['dmr', 'fm']),
    dmr: { id: OWN_ID, hearsOwnGroup: false, admits: null },
  });
  addHotspot(plan, 'home', 'QO3VES 03', 439_125_000, ['dmr']);
  putRow(plan.networks, lantern());
  putRow(plan.networks, causeway());
  const profile = profileOf(plan, 'home');
  profile.dmr.logins = {
    lantern: { ...newLogin(), serverId: 'merrin', suffix: 3, password: 'practice-only' },
    causeway: { ...newLogin(), enabled: false, serverId: 'tarn', suffix: 3, password: 'practice-only' },
  };
  profile.location = { lat: 46.71, lon: -33.42, publish: true };
  profile.adminPassword = 'changed';
  const groups = rows(lantern().groups);
  for (const name of WANTED) {
    const group = groups.find((one) => one.name === name)!;
    putRow(plan.wants, {
      id: `w-${group.id}`,
      destination: { mode: 'dmr', kind: 'group', networkId: 'lantern', groupId: group.id },
      radioId: 'handheld',
      siteId: 'home',
    });
  }
  for (const special of ['unlink', 'echo'] as const) {
    putRow(plan.wants, {
      id: `w-${special}`,
      destination: { mode: 'dmr', kind: 'special', networkId: 'lantern', special },
      radioId: 'handheld',
      siteId: 'home',
    });
  }
};

/**
 * One operator, one handheld, one hotspot on one network, a second network to add; twelve paths, all whole, all written
 * to the radio.
 */
function ostreyIsles(): Plan {
  const furnished = edit(emptyPlan('Ostrey Isles · home'), home).plan;
  const built = edit(furnished, carryOut()).plan;
  return edit(built, (plan) => markWritten(plan, 'handheld', '2026-11-02T18:30:00Z')).plan;
}

/** The same station with every mode, all whole: repeaters of each, a mixed one, a room book. */
function allModes(): Plan {
  const furnished = edit(ostreyIsles(), (plan) => {
    plan.name = 'Ostrey Isles · all modes';
    for (const furnish of [withDstar, withC4fm, withP25]) furnish(plan);
    putRow(plan.wants, {
      id: 'w-mixed-fm',
      destination: { mode: 'fm', kind: 'local' },
      radioId: 'handheld',
      siteId: 'mixed',
    });
  }).plan;
  // The codeplugs are there once the edit is made.
  return edit(
    edit(
      furnished,
      carryOut(() => true),
    ).plan,
    (plan) => {
      withRoomBook(plan);
      withProfiles(plan);
      withRecallEntries(plan);
      withKeying(plan);
    },
  ).plan;
}

/** The channel of a want in a radio of the demo, known to be of a mode. */
function channelIn<M extends ModeId>(plan: Plan, radioId: string, id: string, mode: M): ChannelOf<M> {
  const channel = plan.codeplugs[radioId]!.channels.byId[id];
  if (channel?.mode !== mode) throw new Error(`${id} is no channel of ${mode}`);
  return channel as ChannelOf<M>;
}

/** Codeplugs that were borrowed and not adapted: DMR disagrees in five ways, every other mode in one. */
function inherited(): Plan {
  return edit(allModes(), (plan) => {
    plan.name = 'Inherited';
    // Borrowed from someone else’s radio: what is in this one is not known.
    plan.written = {};
    const dmrChannel = (id: string) => channelIn(plan, 'handheld', id, 'dmr');
    plan.radios.byId['handheld']!.dmr!.id = 9_993_106;
    dmrChannel('ch-w-g417').dmr.colorCode = 7;
    Object.assign(dmrChannel('ch-w-g481'), { rxHz: 438_800_000, txHz: 438_800_000 });
    dmrChannel('ch-w-g483').dmr.slot = 1;
    dmrChannel('ch-w-g588').dmr.call.kind = 'private';
    channelIn(plan, 'pilot', 'ch-w-evening-talk', 'dstar').dstar.rpt2 = 'QO3VES B';
    channelIn(plan, 'rambler', 'ch-w-room-news', 'c4fm').c4fm.groupTx = 0;
    channelIn(plan, 'portable', 'ch-w-p25-storm', 'p25').p25.nac = 0x293;
    channelIn(plan, 'handheld', 'ch-w-mixed-fm', 'fm').fm.toneTx = null;
    putRow(plan.codeplugs['handheld']!.dmr.contacts, { id: 'ct-p588', name: 'All', kind: 'private', number: 588 });
    for (const codeplug of Object.values(plan.codeplugs))
      for (const channel of rows(codeplug.channels)) channel.built = null;
  }).plan;
}

/** What `./relay demo` loads, by key. */
export const DEMO_PLANS: Readonly<Record<string, () => Plan>> = {
  'ostrey-isles': ostreyIsles,
  'all-modes': allModes,
  inherited,
};
