/** The sample with a D-STAR radio: a hotspot that reaches every family, and a repeater whose gateway reaches one. */
import { carryOut } from '../registries/builder';
import { newNetwork, newRadio, newRepeater, NO_LISTING } from '../plan/create';
import { edit, type Recipe } from '../plan/edit';
import { putRow, tableOf } from '../plan/table';
import type { ChannelOf, Destination, Plan } from '../plan/types';
import { samplePlan } from './sample-plan';

export const LNK: Destination = {
  mode: 'dstar',
  kind: 'reflector',
  networkId: 'f1',
  reflectorId: 'lnk1',
  module: 'C',
  use: 'talk',
};
const WAV: Destination = {
  mode: 'dstar',
  kind: 'reflector',
  networkId: 'f2',
  reflectorId: 'wav42',
  module: 'A',
  use: 'talk',
};

/** Puts the D-STAR radio, its sites, families and wants beside whatever a plan with the small sample’s hotspot holds. */
export const furnishDstar: Recipe = (plan) => {
  plan.station.position = { lat: 46.71, lon: -33.42 };
  putRow(plan.networks, {
    ...newNetwork('dstar', 'f1', 'Beacon'),
    letters: 'LNK',
    reflectors: tableOf([{ id: 'lnk1', number: 1, title: 'Isles Evening', modules: 'ABC', activity: 12 }]),
  });
  putRow(plan.networks, {
    ...newNetwork('dstar', 'f2', 'Breaker'),
    letters: 'WAV',
    reflectors: tableOf([{ id: 'wav42', number: 42, title: '', modules: 'A', activity: null }]),
  });
  putRow(plan.radios, { ...newRadio('r2', 'Pilot', []), dstar: { my: 'QO3VES', suffix: 'HAND', siteList: null } });
  const home = plan.sites.byId['s1']!;
  home.dstar = { callSign: 'QO3VES', module: 'B', families: null, cable: false, utcOffsetMin: -120 };
  const ridge = newRepeater('rp4', 'Merrin Ridge', 438_700_000, 431_100_000, {
    ...NO_LISTING,
    callSign: 'QO1MRR',
    module: 'B',
    position: { lat: 46.75, lon: -33.36 },
    list: { name: 'Isles club', issuedOn: '2026-10-01' },
  });
  ridge.dstar = { callSign: 'QO1MRR', module: 'B', families: ['WAV'], cable: false, utcOffsetMin: -120 };
  putRow(plan.sites, ridge);
  putRow(plan.wants, { id: 'w-lnk', destination: LNK, radioId: 'r2', siteId: 's1' });
  putRow(plan.wants, { id: 'w-wav', destination: WAV, radioId: 'r2', siteId: 'rp4' });
  putRow(plan.wants, { id: 'w-near', destination: { mode: 'dstar', kind: 'local' }, radioId: 'r2', siteId: 'rp4' });
};

/** Two reflectors with all their entries, and a local channel: eleven paths beside those of the small sample. */
export function dstarPlan(change: Recipe = () => undefined): Plan {
  return edit(
    edit(
      edit(samplePlan(), furnishDstar).plan,
      carryOut(() => true),
    ).plan,
    change,
  ).plan;
}

/** A channel of the D-STAR radio, by what stands behind `ch-` in its id: `w-lnk-talk`. */
export function dstarChannel(plan: Plan, part: string): ChannelOf<'dstar'> {
  const channel = plan.codeplugs['r2']!.channels.byId[`ch-${part}`];
  if (channel?.mode !== 'dstar') throw new Error(`${part} is no D-STAR channel`);
  return channel;
}

export const dstarPointer = (part: string, field: string): string =>
  `/codeplugs/r2/channels/byId/ch-${part}/dstar/${field}`;
