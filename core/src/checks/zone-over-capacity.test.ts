import { newZone } from '../plan/create';
import { testCheck } from '../testing/check-tester';
import { zoneOverCapacity } from './zone-over-capacity';

const ZONE = 'zn-n1-s1-talk';
const AT = `/codeplugs/r1/zones/byId/${ZONE}/channelIds`;

testCheck(zoneOverCapacity, {
  valid: [
    { name: 'room left' },
    { name: 'exactly full', change: (plan) => void (plan.radios.byId['r1']!.limits.channelsPerZone = 3) },
  ],
  invalid: [
    {
      name: 'one too many',
      change: (plan) => void (plan.radios.byId['r1']!.limits.channelsPerZone = 2),
      findings: [
        {
          message: 'over',
          pointer: AT,
          says: 'Zone Lantern has 3 channels; Handheld holds 2 in a zone.',
          fixes: {
            split: (plan) => {
              const { zones } = plan.codeplugs['r1']!;
              zones.byId[ZONE]!.channelIds = ['ch-w-g1', 'ch-w-g2'];
              zones.byId[`${ZONE}-more`] = newZone(`${ZONE}-more`, 'Lantern +', ['ch-w-g3']);
              zones.order.splice(1, 0, `${ZONE}-more`);
            },
          },
        },
      ],
    },
    {
      name: 'too many for one more zone',
      change: (plan) => void (plan.radios.byId['r1']!.limits.channelsPerZone = 1),
      findings: [{ message: 'over', pointer: AT }],
    },
  ],
});
