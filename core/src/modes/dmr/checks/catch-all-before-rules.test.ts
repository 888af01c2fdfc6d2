import { profileOf } from '../../../testing/profile-of';
import { testCheck } from '../../../testing/check-tester';
import { routedPlan } from '../../../testing/sample-routes';
import { catchAllBeforeRules } from './catch-all-before-rules';

const REST = ['r-n1-group', 'r-n2-group', 'r-n1-private', 'r-n2-private'];

testCheck(catchAllBeforeRules, {
  plan: routedPlan,
  valid: [
    { name: 'as planned' },
    {
      name: 'only private rules behind it',
      change: (plan) =>
        void (profileOf(plan, 's1').dmr.rules.order = [
          'r-n1-group',
          'r-n2-group',
          'r-n1-rest',
          'r-n1-private',
          'r-n2-private',
        ]),
    },
  ],
  invalid: [
    {
      name: 'first',
      change: (plan) => void (profileOf(plan, 's1').dmr.rules.order = ['r-n1-rest', ...REST]),
      findings: [
        {
          message: 'before',
          pointer: '/profiles/byId/s1/set/dmr/rules/byId/r-n1-rest',
          says: 'Catch-all rule 1 of Home to Lantern takes every group call; rule 2 and rule 3 behind it take nothing.',
          fixes: { move: (plan) => void (profileOf(plan, 's1').dmr.rules.order = [...REST, 'r-n1-rest']) },
        },
      ],
    },
  ],
});
