import { testCheck } from '../testing/check-tester';
import type { Plan } from '../plan/types';
import { CHANNEL, channelOf } from '../testing/sample-plan';
import { frequencyOutsideLicence } from './frequency-outside-licence';

/** The hotspot and its channels together, as the fix does. */
const moveAll = (hz: number) => (plan: Plan) => {
  Object.assign(plan.sites.byId['s1']!, { rxHz: hz, txHz: hz });
  for (const channel of Object.values(plan.codeplugs['r1']!.channels.byId))
    Object.assign(channel, { rxHz: hz, txHz: hz });
};

testCheck(frequencyOutsideLicence, {
  valid: [
    { name: '439.125 MHz in Region 1' },
    { name: 'a channel just inside the upper edge', change: moveAll(439_993_750) },
    {
      name: '147 MHz in Region 2',
      change: (plan) => (moveAll(147_000_000)(plan), void (plan.station.region = 'itu-2')),
    },
  ],
  invalid: [
    {
      name: '147 MHz in Region 1',
      change: moveAll(147_000_000),
      findings: [
        {
          message: 'site',
          pointer: '/sites/byId/s1/txHz',
          says: 'Home is on 147.0000 MHz; the amateur bands of ITU Region 1 are 144.0000–146.0000, 430.0000–440.0000, 1240.0000–1300.0000 MHz.',
          fixes: { move: moveAll(145_787_500) },
        },
      ],
    },
    {
      name: 'half the channel over the edge',
      change: moveAll(440_000_000),
      findings: [{ message: 'site', pointer: '/sites/byId/s1/txHz', fixes: { move: moveAll(439_987_500) } }],
    },
    {
      name: 'only a channel transmits outside',
      change: (plan) => void (channelOf(plan, 'g1').txHz = 446_000_000),
      findings: [{ message: 'channel', pointer: `${CHANNEL}/txHz` }],
    },
  ],
});
