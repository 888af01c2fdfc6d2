import { profileOf } from '../../../testing/profile-of';
import { testCheck } from '../../../testing/check-tester';
import { putGroupRule, routedPlan } from '../../../testing/sample-routes';
import { networksOverlap } from './networks-overlap';

testCheck(networksOverlap, {
  plan: routedPlan,
  valid: [
    { name: 'as planned' },
    { name: 'within one network', change: (plan) => putGroupRule(plan, 0, 'x', 'n1', 1_000_400, 50, 1) },
  ],
  invalid: [
    {
      name: 'the second reaches into the first',
      change: (plan) => putGroupRule(plan, 1, 'x', 'n2', 1_999_000, 2_000, 1),
      findings: [
        {
          message: 'overlap',
          pointer: '/profiles/byId/s1/set/dmr/rules/byId/x',
          says: 'At Home, rule 1 and rule 2 both claim group 1,999,000–1,999,999; they go to Lantern, never to Causeway.',
          fixes: {
            move: (plan) =>
              void (profileOf(plan, 's1').dmr.rules.order = [
                'x',
                'r-n1-group',
                ...profileOf(plan, 's1').dmr.rules.order.slice(2),
              ]),
          },
        },
      ],
    },
  ],
});
