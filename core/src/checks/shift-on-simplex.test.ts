import { testCheck } from '../testing/check-tester';
import { CHANNEL, channelOf } from '../testing/sample-plan';
import { shiftOnSimplex } from './shift-on-simplex';

testCheck(shiftOnSimplex, {
  valid: [{ name: 'no shift' }],
  invalid: [
    {
      name: 'a repeater’s shift',
      change: (plan) => void (channelOf(plan, 'g1').txHz = 431_525_000),
      findings: [
        {
          message: 'differs',
          pointer: `${CHANNEL}/txHz`,
          says: 'The channel shifts by -7.6 MHz; the hotspot expects 0.',
          fixes: { set: (plan) => void (channelOf(plan, 'g1').txHz = 439_125_000) },
        },
      ],
    },
  ],
});
