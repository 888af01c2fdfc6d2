/** The sample with a hotspot that turns C4FM into DMR and DMR into C4FM: each radio reaches what the other has. */
import { carryOut } from '../registries/builder';
import { edit, type Recipe } from '../plan/edit';
import { putRow } from '../plan/table';
import { setPair } from '../plan/carriage';
import type { Plan } from '../plan/types';
import { profileOf } from './profile-of';
import { samplePlan } from './sample-plan';
import { furnishRooms, roomAt } from './sample-rooms';

const furnish: Recipe = (plan) => {
  furnishRooms(plan);
  for (const [air, network] of [
    ['c4fm', 'dmr'],
    ['dmr', 'c4fm'],
  ] as const)
    setPair(profileOf(plan, 's1'), air, network, { able: true });
  putRow(plan.wants, {
    id: 'w-c4fm-g1',
    destination: { mode: 'dmr', kind: 'group', networkId: 'n1', groupId: 'g1' },
    radioId: 'r3',
    siteId: 's1',
  });
  putRow(plan.wants, { id: 'w-dmr-room', destination: roomAt('rm1', 'evening'), radioId: 'r1', siteId: 's1' });
};

/** A C4FM channel for group 417 and a DMR channel for room 41205, beside what each radio has of its own. */
export function crossedPlan(change: Recipe = () => undefined): Plan {
  return edit(
    edit(
      edit(samplePlan(), furnish).plan,
      carryOut(() => true),
    ).plan,
    change,
  ).plan;
}
