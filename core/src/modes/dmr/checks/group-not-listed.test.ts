import { testCheck } from '../../../testing/check-tester';
import { HEAD, repeaterOf, sitesPlan } from '../../../testing/sample-sites';
import { groupNotListed } from './group-not-listed';

testCheck(groupNotListed, {
  plan: sitesPlan,
  valid: [
    { name: 'named' },
    {
      name: 'not named, and it is said that others are taken up: Merrin Mast',
      change: (plan) => void (repeaterOf(plan, 'rp2').dmr!.carries!.groups = []),
    },
  ],
  invalid: [
    {
      name: 'the list names no groups at all',
      change: (plan) => void Object.assign(repeaterOf(plan, 'rp1').dmr!.carries!, { groups: [], takesOthers: null }),
      findings: [
        {
          message: 'unlisted',
          pointer: `${HEAD}/dmr/call/number`,
          says: 'The channel calls group 417; of Hask Head is named no group.',
          fixes: {
            add: (plan) =>
              void repeaterOf(plan, 'rp1').dmr!.carries!.groups.push({ slot: 1, number: 417, static: false }),
          },
        },
        {
          message: 'unlisted',
          pointer: `${HEAD.replace('g1', 'g2')}/dmr/call/number`,
          fixes: {
            add: (plan) =>
              void repeaterOf(plan, 'rp1').dmr!.carries!.groups.push({ slot: 2, number: 588, static: false }),
          },
        },
      ],
    },
  ],
});
