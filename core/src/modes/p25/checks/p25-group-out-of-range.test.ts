import { testCheck } from '../../../testing/check-tester';
import { p25Channel, p25Plan, p25Pointer } from '../../../testing/sample-p25';
import { p25GroupOutOfRange } from './p25-group-out-of-range';

const calls = (group: number) => (plan: ReturnType<typeof p25Plan>) =>
  void (p25Channel(plan, 'w-all').p25.group = group);
const pointer = p25Pointer('w-all', 'group');

// From memory: 16 bits, 1 to 65,534; 65,535 calls all and is refused as a destination.
testCheck(p25GroupOutOfRange, {
  plan: p25Plan,
  valid: [{ name: 'usable' }, { name: 'the largest', change: calls(65_534) }],
  invalid: [
    {
      name: 'the call to all',
      change: calls(65_535),
      findings: [
        {
          message: 'all',
          pointer,
          says: 'The channel calls group 65,535, which calls everybody and is no destination; expected 1 to 65,534.',
          fixes: { set: calls(5880) },
        },
      ],
    },
    {
      name: 'none',
      change: (plan) => {
        calls(0)(plan);
        p25Channel(plan, 'w-all').destination = null;
      },
      findings: [{ message: 'none', pointer, says: 'The channel calls group 0, which is none; expected 1 to 65,534.' }],
    },
  ],
});
