import { testCheck } from '../testing/check-tester';
import { CHANNEL, channelOf } from '../testing/sample-plan';
import { highPowerNearHotspot } from './high-power-near-hotspot';

testCheck(highPowerNearHotspot, {
  valid: [
    { name: '1 W at 3 m' },
    { name: 'the lowest power is told of elsewhere', change: (plan) => void (plan.sites.byId['s1']!.distanceM = 0.5) },
    {
      name: '5 W at 20 m',
      change: (plan) => (void (channelOf(plan, 'g1').power = 'high'), void (plan.sites.byId['s1']!.distanceM = 20)),
    },
  ],
  invalid: [
    {
      name: '5 W at 3 m',
      change: (plan) => void (channelOf(plan, 'g1').power = 'high'),
      findings: [
        {
          message: 'high',
          pointer: `${CHANNEL}/power`,
          says: 'At 3 m the hotspot receives +2 dBm; it takes +0 dBm. Low power gives −5 dBm.',
          fixes: { low: (plan) => void (channelOf(plan, 'g1').power = 'low') },
        },
      ],
    },
  ],
});
