import { testCheck } from '../../../testing/check-tester';
import { HEAD, headChannel, repeaterOf, sitesPlan } from '../../../testing/sample-sites';
import { groupNotOnSlot } from './group-not-on-slot';

testCheck(groupNotOnSlot, {
  plan: sitesPlan,
  valid: [
    { name: 'on its slot' },
    {
      name: 'on both slots',
      change: (plan) => {
        repeaterOf(plan, 'rp1').dmr!.carries!.groups.push({ slot: 2, number: 417, static: false });
        headChannel(plan).dmr.slot = 2;
      },
    },
    {
      name: 'a group that is not listed is told of elsewhere',
      change: (plan) => void (headChannel(plan).dmr.call.number = 599),
    },
    {
      name: 'a private call is bound to no slot',
      change: (plan) => void (headChannel(plan).dmr.call = { kind: 'private', number: 9990 }),
    },
  ],
  invalid: [
    {
      name: 'on the other',
      change: (plan) => void (headChannel(plan).dmr.slot = 2),
      findings: [
        {
          message: 'other',
          pointer: `${HEAD}/dmr/slot`,
          says: 'The channel calls group 417 on slot 2; Hask Head has it on slot 1.',
          fixes: { set: (plan) => void (headChannel(plan).dmr.slot = 1) },
        },
      ],
    },
  ],
});
