import { profileOf } from '../../../testing/profile-of';
import { testCheck } from '../../../testing/check-tester';
import { putGroupRule, routedPlan, ruleOf } from '../../../testing/sample-routes';
import { numberOverLimit } from './number-over-limit';

testCheck(numberOverLimit, {
  plan: routedPlan,
  // Prefix 16 is free in part only, 17 not at all. Bound from memory of ETSI TS 102 361-1, Annex A.
  valid: [
    { name: 'as planned' },
    { name: 'prefix 15', change: (plan) => putGroupRule(plan, 2, 'x', 'n1', 15_000_001, 999_999) },
    { name: 'prefix 16, up to the end', change: (plan) => putGroupRule(plan, 2, 'x', 'n1', 16_000_001, 776_415) },
  ],
  invalid: [
    {
      name: 'prefix 16, whole',
      change: (plan) => putGroupRule(plan, 2, 'x', 'n1', 16_000_001, 999_999),
      findings: [
        {
          message: 'over',
          pointer: '/profiles/byId/s1/set/dmr/rules/byId/x/range',
          says: 'Rule 3 of Home claims 16,000,001–16,999,999; radios call up to 16,776,415.',
          fixes: { shorten: (plan) => void (profileOf(plan, 's1').dmr.rules.byId['x']!.range!.count = 776_415) },
        },
      ],
    },
    {
      name: 'the private rule of a prefix, a digit too long',
      change: (plan) => void (ruleOf(plan, 'r-n2-private').range!.first = 80_000_010),
      findings: [
        {
          message: 'over',
          pointer: '/profiles/byId/s1/set/dmr/rules/byId/r-n2-private/range',
          fixes: {
            like: (plan) => void (ruleOf(plan, 'r-n2-private').range = { ...ruleOf(plan, 'r-n2-group').range! }),
          },
        },
      ],
    },
    {
      name: 'prefix 17',
      change: (plan) => putGroupRule(plan, 2, 'x', 'n1', 17_000_001, 999_999),
      findings: [
        {
          message: 'over',
          pointer: '/profiles/byId/s1/set/dmr/rules/byId/x/range',
          fixes: {
            remove: (plan) => {
              delete profileOf(plan, 's1').dmr.rules.byId['x'];
              profileOf(plan, 's1').dmr.rules.order.splice(2, 1);
            },
          },
        },
      ],
    },
  ],
});
