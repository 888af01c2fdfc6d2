import { testCheck } from '../testing/check-tester';
import { channelOf } from '../testing/sample-plan';
import { closeToHotspot } from './close-to-hotspot';

testCheck(closeToHotspot, {
  valid: [
    { name: '1 W at 3 m' },
    {
      name: 'high power is told of elsewhere',
      change: (plan) => {
        for (const id of ['g1', 'g2', 'g3', 'echo']) channelOf(plan, id).power = 'high';
      },
    },
  ],
  invalid: [
    {
      name: '1 W at half a metre, told once',
      change: (plan) => void (plan.sites.byId['s1']!.distanceM = 0.5),
      findings: [
        {
          message: 'even',
          pointer: '/sites/byId/s1/distanceM',
          says: 'At 0.5 m even the low power of Handheld gives Home +11 dBm; it takes +0 dBm. Stand 2 m away.',
        },
      ],
    },
  ],
});
