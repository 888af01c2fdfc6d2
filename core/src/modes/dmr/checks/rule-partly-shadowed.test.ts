import { testCheck } from '../../../testing/check-tester';
import { putGroupRule, routedPlan, ruleOf } from '../../../testing/sample-routes';
import { rulePartlyShadowed } from './rule-partly-shadowed';

testCheck(rulePartlyShadowed, {
  plan: routedPlan,
  valid: [
    { name: 'as planned' },
    {
      name: 'an exception before the general rule',
      change: (plan) => putGroupRule(plan, 0, 'x', 'n1', 1_000_400, 50, 1),
    },
    { name: 'wholly is another matter', change: (plan) => putGroupRule(plan, 2, 'x', 'n1', 1_000_400, 50, 1) },
    { name: 'so are two networks', change: (plan) => putGroupRule(plan, 0, 'x', 'n2', 1_000_400, 50) },
  ],
  invalid: [
    {
      name: 'an earlier one that reaches in',
      change: (plan) => putGroupRule(plan, 0, 'x', 'n1', 999_951, 99, 1),
      findings: [
        {
          message: 'partly',
          pointer: '/profiles/byId/s1/set/dmr/rules/byId/r-n1-group',
          says: 'Rule 2 of Home, group 1,000,001–1,999,999, loses 1,000,001–1,000,049 to rule 1.',
          fixes: {
            trim: (plan) =>
              void Object.assign(ruleOf(plan, 'r-n1-group').range!, {
                first: 1_000_050,
                networkFirst: 50,
                count: 999_950,
              }),
          },
        },
      ],
    },
  ],
});
