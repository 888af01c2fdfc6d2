/** The sample with three repeaters: two of DMR with groups on their slots, one of FM with a tone; wanted, built, whole. */
import { carryOut } from '../registries/builder';
import { newRepeater, NO_LISTING } from '../plan/create';
import { edit, type Recipe } from '../plan/edit';
import { putRow } from '../plan/table';
import type { ChannelOf, Plan, Repeater } from '../plan/types';
import { dmrChannel, samplePlan } from './sample-plan';

const HASK = { lat: 46.7132, lon: -33.4185 };

const furnish: Recipe = (plan) => {
  plan.station.position = { lat: 46.71, lon: -33.42 };
  const list = { name: 'Isles club', issuedOn: '2026-10-01' };
  const head = newRepeater('rp1', 'Hask Head', 439_425_000, 431_825_000, {
    ...NO_LISTING,
    callSign: 'QO1HSK',
    module: 'B',
    position: HASK,
    status: 'on the air',
    confirmedOn: '2026-10-12',
    list,
  });
  head.dmr = {
    colorCode: 3,
    carries: {
      networkId: 'n1',
      groups: [
        { slot: 1, number: 417, static: true },
        { slot: 2, number: 588, static: true },
        { slot: 2, number: 591, static: false },
      ],
      takesOthers: false,
    },
  };
  const mast = newRepeater('rp2', 'Merrin Mast', 438_950_000, 431_350_000, {
    ...NO_LISTING,
    callSign: 'QO1MRN',
    module: 'B',
    position: { lat: 46.75, lon: -33.36 },
    list,
  });
  mast.dmr = {
    colorCode: 5,
    carries: { networkId: 'n1', groups: [{ slot: 1, number: 417, static: true }], takesOthers: true },
  };
  const ellery = newRepeater('rp3', 'Port Ellery', 145_687_500, 145_087_500, {
    ...NO_LISTING,
    callSign: 'QO1ELY',
    module: 'C',
    position: { lat: 46.689, lon: -33.471 },
    list,
  });
  ellery.fm = { toneIn: '110.9', toneOut: null, widthHz: 12_500 };
  for (const repeater of [head, mast, ellery]) putRow(plan.sites, repeater);
  const want = (id: string, siteId: string, groupId: string) =>
    putRow(plan.wants, {
      id,
      destination: { mode: 'dmr', kind: 'group', networkId: 'n1', groupId },
      radioId: 'r1',
      siteId,
    });
  want('w-head-g1', 'rp1', 'g1');
  want('w-head-g2', 'rp1', 'g2');
  want('w-mast-g1', 'rp2', 'g1');
  putRow(plan.wants, { id: 'w-fm', destination: { mode: 'fm', kind: 'local' }, radioId: 'r1', siteId: 'rp3' });
};

/** Three hotspot groups, echo, and four channels through the repeaters. */
export function sitesPlan(change: Recipe = () => undefined): Plan {
  return edit(edit(edit(samplePlan(), furnish).plan, carryOut()).plan, change).plan;
}

export function headChannel(plan: Plan, groupId = 'g1'): ChannelOf<'dmr'> {
  return dmrChannel(plan, 'r1', `ch-w-head-${groupId}`);
}

export function fmChannel(plan: Plan): ChannelOf<'fm'> {
  const channel = plan.codeplugs['r1']!.channels.byId['ch-w-fm']!;
  if (channel.mode !== 'fm') throw new Error(`a channel of ${channel.mode}`);
  return channel;
}

export function repeaterOf(plan: Plan, id: string): Repeater {
  const site = plan.sites.byId[id]!;
  if (site.kind !== 'repeater') throw new Error(`${id} is a ${site.kind}`);
  return site;
}

export const HEAD = '/codeplugs/r1/channels/byId/ch-w-head-g1';
export const FM = '/codeplugs/r1/channels/byId/ch-w-fm';
