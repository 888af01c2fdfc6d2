import { newZone } from '../plan/create';
import { putRow } from '../plan/table';
import { testCheck } from '../testing/check-tester';
import { CHANNEL } from '../testing/sample-plan';
import { channelInNoZone } from './channel-in-no-zone';

const ZONE = 'zn-n1-s1-talk';

testCheck(channelInNoZone, {
  valid: [{ name: 'each in one' }],
  invalid: [
    {
      name: 'taken out',
      change: (plan) => void plan.codeplugs['r1']!.zones.byId[ZONE]!.channelIds.shift(),
      findings: [
        {
          message: 'none',
          pointer: CHANNEL,
          says: 'Channel Hask Wide is in none of 2 zones; expected in one.',
          fixes: { add: (plan) => void plan.codeplugs['r1']!.zones.byId[ZONE]!.channelIds.push('ch-w-g1') },
        },
      ],
    },
    {
      name: 'no zone has room',
      change: (plan) => (
        void plan.codeplugs['r1']!.zones.byId[ZONE]!.channelIds.shift(),
        void (plan.radios.byId['r1']!.limits.channelsPerZone = 1)
      ),
      findings: [
        {
          message: 'none',
          pointer: CHANNEL,
          fixes: {
            zone: (plan) => putRow(plan.codeplugs['r1']!.zones, newZone('zone', 'Channels', ['ch-w-g1'])),
          },
        },
      ],
    },
    {
      name: 'no zone has room, nor has the radio for another',
      change: (plan) => (
        void plan.codeplugs['r1']!.zones.byId[ZONE]!.channelIds.shift(),
        void Object.assign(plan.radios.byId['r1']!.limits, { channelsPerZone: 1, zones: 2 })
      ),
      findings: [{ message: 'none', pointer: CHANNEL }],
    },
  ],
});
