/** The sample with a P25 radio: groups through the hotspot, and through a repeater with an access code of its own. */
import { carryOut } from '../registries/builder';
import { newNetwork, newRadio, newRepeater, NO_LISTING } from '../plan/create';
import { edit, type Recipe } from '../plan/edit';
import { putRow, tableOf } from '../plan/table';
import type { P25Group } from '../plan/modes/p25/types';
import type { ChannelOf, Destination, Plan } from '../plan/types';
import { SAMPLE_ID, samplePlan } from './sample-plan';

/** Puts the P25 radio, its sites, groups and wants beside whatever a plan with the small sample’s hotspot holds. */
export const furnishP25: Recipe = (plan) => {
  const network = newNetwork('p25', 'p1', 'Foghorn');
  putRow(plan.networks, {
    ...network,
    groups: tableOf<P25Group>([
      { id: 'quay', number: 4170, name: 'Quay Watch' },
      { id: 'all', number: 5880, name: 'All Isles' },
    ]),
    special: { ...network.special, echo: 9991 },
  });
  putRow(plan.radios, { ...newRadio('r4', 'Portable', []), p25: { unitId: SAMPLE_ID } });
  plan.sites.byId['s1']!.p25 = { nac: 0x293, networkIds: ['p1'] };
  const tarn = newRepeater('rp6', 'Tarn Hill', 438_400_000, 430_800_000, {
    ...NO_LISTING,
    callSign: 'QO1TRN',
    module: 'B',
    position: { lat: 46.8, lon: -33.3 },
    list: { name: 'Isles club', issuedOn: '2026-10-01' },
  });
  tarn.p25 = { nac: 0x2a1, networkIds: ['p1'] };
  putRow(plan.sites, tarn);
  const want = (id: string, destination: Destination, siteId: string) =>
    putRow(plan.wants, { id, destination, radioId: 'r4', siteId });
  want('w-quay', { mode: 'p25', kind: 'group', networkId: 'p1', groupId: 'quay' }, 's1');
  want('w-all', { mode: 'p25', kind: 'group', networkId: 'p1', groupId: 'all' }, 'rp6');
  want('w-p25-echo', { mode: 'p25', kind: 'special', networkId: 'p1', special: 'echo' }, 's1');
  want('w-hill', { mode: 'p25', kind: 'local' }, 'rp6');
};

/** Two groups with their ways out, echo and a local channel: beside the four paths of the small sample. */
export function p25Plan(change: Recipe = () => undefined): Plan {
  return edit(
    edit(
      edit(samplePlan(), furnishP25).plan,
      carryOut(() => true),
    ).plan,
    change,
  ).plan;
}

/** A channel of the P25 radio, by what stands behind `ch-` in its id: `w-quay`, `w-quay-unlink`. */
export function p25Channel(plan: Plan, part: string): ChannelOf<'p25'> {
  const channel = plan.codeplugs['r4']!.channels.byId[`ch-${part}`];
  if (channel?.mode !== 'p25') throw new Error(`${part} is no P25 channel`);
  return channel;
}

export const p25Pointer = (part: string, field: string): string =>
  `/codeplugs/r4/channels/byId/ch-${part}/p25/${field}`;
