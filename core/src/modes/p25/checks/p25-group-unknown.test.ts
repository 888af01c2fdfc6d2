import { testCheck } from '../../../testing/check-tester';
import { p25Channel, p25Plan, p25Pointer } from '../../../testing/sample-p25';
import { p25GroupUnknown } from './p25-group-unknown';

const calls = (group: number) => (plan: ReturnType<typeof p25Plan>) => {
  const channel = p25Channel(plan, 'w-all');
  channel.destination = null;
  channel.p25.group = group;
};

testCheck(p25GroupUnknown, {
  plan: p25Plan,
  valid: [
    { name: 'meant' },
    { name: 'known, though not meant', change: calls(4170) },
    { name: 'what the network answers itself', change: calls(9991) },
  ],
  invalid: [
    {
      name: 'in no list',
      change: calls(4000),
      findings: [
        {
          message: 'unknown',
          pointer: p25Pointer('w-all', 'group'),
          says: 'The channel calls group 4000; expected one of Foghorn.',
        },
      ],
    },
    {
      name: 'of a site that reaches nothing known',
      change: (plan) => {
        calls(5880)(plan);
        plan.sites.byId['rp6']!.p25!.networkIds = [];
      },
      findings: [
        {
          message: 'unknown',
          pointer: p25Pointer('w-all', 'group'),
          says: 'The channel calls group 5880; expected one of a network it reaches.',
        },
      ],
    },
  ],
});
