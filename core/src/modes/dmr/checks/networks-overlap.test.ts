import { testCheck } from '../../../testing/check-tester';
import { putGroupRule, routedPlan, ruleOf } from '../../../testing/sample-routes';
import { networksOverlap } from './networks-overlap';

testCheck(networksOverlap, {
  plan: routedPlan,
  valid: [
    { name: 'as planned' },
    {
      name: 'one group of another network before the prefix',
      change: (plan) => putGroupRule(plan, 0, 'x', 'n2', 1_000_400, 1),
    },
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
            trim: (plan) =>
              void Object.assign(ruleOf(plan, 'x').range!, { first: 2_000_000, networkFirst: 1001, count: 1000 }),
          },
        },
      ],
    },
  ],
});
