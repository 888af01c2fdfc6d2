import type { Plan } from '../plan/types';
import { testCheck } from '../testing/check-tester';
import { duplexSplitSmall } from './duplex-split-small';

const pair = (txHz: number, rxHz: number) => (plan: Plan) => void Object.assign(plan.sites.byId['s1']!, { txHz, rxHz });

testCheck(duplexSplitSmall, {
  valid: [
    { name: 'simplex' },
    { name: '5 MHz on 70 cm', change: pair(434_000_000, 439_000_000) },
    { name: 'the least there is on 2 m', change: pair(145_200_000, 144_600_000) },
    { name: 'two bands', change: pair(145_200_000, 431_000_000) },
  ],
  invalid: [
    {
      name: '500 kHz on 70 cm',
      change: pair(434_000_000, 434_500_000),
      findings: [
        {
          message: 'close',
          pointer: '/sites/byId/s1/rxHz',
          says: 'Home sends on 434.0000 MHz and listens +0.5 MHz from there; expected at least 1.6 MHz.',
          fixes: {
            apart: (plan) => {
              // The nearest pair that does not listen in the satellite segment from 435 MHz up.
              Object.assign(plan.sites.byId['s1']!, { txHz: 433_387_500, rxHz: 434_987_500 });
            },
          },
        },
      ],
    },
  ],
});
