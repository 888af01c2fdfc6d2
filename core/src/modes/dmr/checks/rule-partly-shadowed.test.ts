import { profileOf } from '../../../testing/profile-of';
import { testCheck } from '../../../testing/check-tester';
import { putGroupRule, routedPlan } from '../../../testing/sample-routes';
import { rulePartlyShadowed } from './rule-partly-shadowed';

testCheck(rulePartlyShadowed, {
  plan: routedPlan,
  valid: [
    { name: 'as planned' },
    { name: 'wholly is another matter', change: (plan) => putGroupRule(plan, 2, 'x', 'n1', 1_000_400, 50, 1) },
    { name: 'so are two networks', change: (plan) => putGroupRule(plan, 0, 'x', 'n2', 1_000_400, 50) },
  ],
  invalid: [
    {
      name: 'an earlier one inside',
      change: (plan) => putGroupRule(plan, 0, 'x', 'n1', 1_000_400, 50, 1),
      findings: [
        {
          message: 'partly',
          pointer: '/profiles/byId/s1/set/dmr/rules/byId/r-n1-group',
          says: 'Rule 2 of Home, group 1,000,001–1,999,999, loses 1,000,400–1,000,449 to rule 1.',
          fixes: {
            move: (plan) =>
              void (profileOf(plan, 's1').dmr.rules.order = [
                'r-n1-group',
                'x',
                ...profileOf(plan, 's1').dmr.rules.order.slice(2),
              ]),
          },
        },
      ],
    },
  ],
});
