import { testCheck } from '../testing/check-tester';
import { CHANNEL, channelOf } from '../testing/sample-plan';
import { highPowerNearHotspot } from './high-power-near-hotspot';

testCheck(highPowerNearHotspot, {
  valid: [
    { name: '1 W at 3 m' },
    {
      name: 'a radio of which nobody has said how much it sends',
      change: (plan) => {
        plan.radios.byId['r1']!.power[1]!.watts = null;
        channelOf(plan, 'g1').power = 'high';
      },
    },
    { name: 'the lowest power is told of elsewhere', change: (plan) => void (plan.sites.byId['s1']!.distanceM = 0.5) },
    {
      name: '5 W at 20 m',
      change: (plan) => (void (channelOf(plan, 'g1').power = 'high'), void (plan.sites.byId['s1']!.distanceM = 20)),
    },
  ],
  invalid: [
    {
      name: 'a middle step, where the least is named otherwise',
      change: (plan) => {
        plan.radios.byId['r1']!.power = [
          { name: 'Eco', watts: 0.1 },
          { name: 'low', watts: 1 },
          { name: 'Mid', watts: 4 },
        ];
        channelOf(plan, 'g1').power = 'mid';
      },
      findings: [
        {
          message: 'high',
          pointer: `${CHANNEL}/power`,
          fixes: { low: (plan) => void (channelOf(plan, 'g1').power = 'Eco') },
        },
      ],
    },
    {
      name: 'nobody has said how much the least is',
      change: (plan) => {
        plan.radios.byId['r1']!.power[0]!.watts = null;
        channelOf(plan, 'g1').power = 'high';
      },
      findings: [
        {
          message: 'unknown',
          pointer: `${CHANNEL}/power`,
          fixes: { low: (plan) => void (channelOf(plan, 'g1').power = 'low') },
        },
      ],
    },
    {
      name: '5 W at 3 m',
      change: (plan) => void (channelOf(plan, 'g1').power = 'high'),
      findings: [
        {
          message: 'high',
          pointer: `${CHANNEL}/power`,
          says: 'At 3 m the hotspot receives +2 dBm; it takes +0 dBm. “low” gives −5 dBm.',
          fixes: { low: (plan) => void (channelOf(plan, 'g1').power = 'low') },
        },
      ],
    },
  ],
});
