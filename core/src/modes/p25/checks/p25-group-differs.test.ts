import { testCheck } from '../../../testing/check-tester';
import { p25Channel, p25Plan, p25Pointer } from '../../../testing/sample-p25';
import { p25GroupDiffers } from './p25-group-differs';

const calls = (part: string, group: number) => (plan: ReturnType<typeof p25Plan>) =>
  void (p25Channel(plan, part).p25.group = group);

testCheck(p25GroupDiffers, {
  plan: p25Plan,
  valid: [{ name: 'its own' }, { name: 'what cannot be called is told of elsewhere', change: calls('w-all', 65_535) }],
  invalid: [
    {
      name: 'another',
      change: calls('w-all', 4170),
      findings: [
        {
          message: 'differs',
          pointer: p25Pointer('w-all', 'group'),
          says: 'The channel calls group 4170; All Isles is 5880.',
          fixes: { set: calls('w-all', 5880) },
        },
      ],
    },
    {
      name: 'a way out that does not lead out',
      change: calls('w-all-unlink', 4000),
      findings: [
        {
          message: 'differs',
          pointer: p25Pointer('w-all-unlink', 'group'),
          says: 'The channel calls group 4000; Unlink Foghorn is 9999.',
          fixes: { set: calls('w-all-unlink', 9999) },
        },
      ],
    },
  ],
});
