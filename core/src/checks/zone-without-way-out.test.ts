import { newZone } from '../plan/create';
import { putRow } from '../plan/table';
import type { Plan } from '../plan/types';
import { testCheck } from '../testing/check-tester';
import { putUnlink } from '../testing/unlink-channel';
import { zoneWithoutWayOut } from './zone-without-way-out';

const zonesOf = (plan: Plan) => plan.codeplugs['r1']!.zones;

/** A zone that somebody made of what is talked through, and the way out. */
function furnish(plan: Plan, members: string[], isZoned = true): void {
  putUnlink(plan, isZoned);
  putRow(zonesOf(plan), newZone('evening', 'Evening', members));
}

testCheck(zoneWithoutWayOut, {
  valid: [
    { name: 'zones that were built stand beside one with the ways out' },
    { name: 'it is in the zone', change: (plan) => furnish(plan, ['ch-w-g1', 'unlink']) },
    { name: 'nothing in the zone links', change: (plan) => furnish(plan, []) },
    {
      name: 'the way out is in no zone at all: another check says so',
      change: (plan) => furnish(plan, ['ch-w-g1'], false),
    },
    {
      name: 'the radio has none: another check says so',
      change: (plan) => putRow(zonesOf(plan), newZone('evening', 'Evening', ['ch-w-g1'])),
    },
  ],
  invalid: [
    {
      name: 'it is in another zone',
      change: (plan) => furnish(plan, ['ch-w-g1', 'ch-w-g2']),
      findings: [
        {
          message: 'elsewhere',
          pointer: '/codeplugs/r1/zones/byId/evening/channelIds',
          fixes: { add: (plan) => void zonesOf(plan).byId['evening']!.channelIds.push('unlink') },
        },
      ],
    },
    {
      name: 'and the zone is full',
      change: (plan) => {
        furnish(plan, ['ch-w-g1', 'ch-w-g2']);
        plan.radios.byId['r1']!.limits.channelsPerZone = 2;
      },
      findings: [{ message: 'elsewhere', pointer: '/codeplugs/r1/zones/byId/evening/channelIds' }],
    },
  ],
});
