import { testCheck } from '../../../testing/check-tester';
import { HEAD, headChannel, repeaterOf, sitesPlan } from '../../../testing/sample-sites';
import { groupNotAtRepeater } from './group-not-at-repeater';

testCheck(groupNotAtRepeater, {
  plan: sitesPlan,
  valid: [
    { name: 'carried' },
    {
      name: 'taken up when keyed',
      change: (plan) => {
        repeaterOf(plan, 'rp1').dmr!.carries!.takesOthers = true;
        headChannel(plan).dmr.call.number = 591;
      },
    },
    {
      name: 'the network’s unlink passes everywhere',
      change: (plan) => void (headChannel(plan).dmr.call.number = 4000),
    },
  ],
  invalid: [
    {
      name: 'on neither slot',
      change: (plan) => void (headChannel(plan).dmr.call.number = 599),
      findings: [
        {
          message: 'not',
          pointer: `${HEAD}/dmr/call/number`,
          says: 'The channel calls group 599; Hask Head carries slot 1: 417; slot 2: 588, 591.',
          fixes: {
            add: (plan) =>
              void repeaterOf(plan, 'rp1').dmr!.carries!.groups.push({ slot: 1, number: 599, static: false }),
          },
        },
      ],
    },
  ],
});
