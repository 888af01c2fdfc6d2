import { testCheck } from '../../../testing/check-tester';
import { CHANNEL, channelOf } from '../../../testing/sample-plan';
import { slotOnSimplex } from './slot-on-simplex';

testCheck(slotOnSimplex, {
  valid: [
    { name: 'slot 2' },
    {
      name: 'slot 1 where there are two',
      change: (plan) => {
        channelOf(plan, 'g1').dmr.slot = 1;
        plan.sites.byId['s1']!.rxHz = 431_525_000;
      },
    },
  ],
  invalid: [
    {
      name: 'slot 1',
      change: (plan) => void (channelOf(plan, 'g1').dmr.slot = 1),
      findings: [
        {
          message: 'differs',
          pointer: `${CHANNEL}/dmr/slot`,
          says: 'The channel has slot 1; a simplex hotspot hears slot 2 only.',
          fixes: { set: (plan) => void (channelOf(plan, 'g1').dmr.slot = 2) },
        },
      ],
    },
  ],
});
