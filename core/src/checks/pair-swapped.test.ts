import { testCheck } from '../testing/check-tester';
import { HEAD, headChannel, sitesPlan } from '../testing/sample-sites';
import { pairSwapped } from './pair-swapped';

testCheck(pairSwapped, {
  plan: sitesPlan,
  valid: [
    { name: 'as the repeater has it' },
    { name: 'another frequency is no swap', change: (plan) => void (headChannel(plan).rxHz = 439_400_000) },
  ],
  invalid: [
    {
      name: 'the repeater’s own view',
      change: (plan) => void Object.assign(headChannel(plan), { rxHz: 431_825_000, txHz: 439_425_000 }),
      findings: [
        {
          message: 'swapped',
          pointer: `${HEAD}/rxHz`,
          says: 'The channel receives on 431.8250 MHz, where Hask Head listens; it sends on 439.4250 MHz.',
          fixes: { swap: (plan) => void Object.assign(headChannel(plan), { rxHz: 439_425_000, txHz: 431_825_000 }) },
        },
      ],
    },
  ],
});
