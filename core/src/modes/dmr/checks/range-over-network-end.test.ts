import { profileOf } from '../../../testing/profile-of';
import { testCheck } from '../../../testing/check-tester';
import { putGroupRule, routedPlan } from '../../../testing/sample-routes';
import { rangeOverNetworkEnd } from './range-over-network-end';

testCheck(rangeOverNetworkEnd, {
  plan: routedPlan,
  valid: [
    { name: 'as planned' },
    {
      name: 'numbers passed as they are',
      change: (plan) => putGroupRule(plan, 2, 'x', 'n1', 2_000_000, 1_500_000, 2_000_000),
    },
  ],
  invalid: [
    {
      name: 'one too many',
      change: (plan) => putGroupRule(plan, 2, 'x', 'n1', 3_000_001, 1_000_000, 1),
      findings: [
        {
          message: 'over',
          pointer: '/profiles/byId/s1/set/dmr/rules/byId/x/range',
          says: 'Rule 3 of Home leads to Lantern 1–1,000,000; expected at most 999,999.',
          fixes: { shorten: (plan) => void (profileOf(plan, 's1').dmr.rules.byId['x']!.range!.count = 999_999) },
        },
      ],
    },
    {
      name: 'beyond every address',
      change: (plan) => putGroupRule(plan, 2, 'x', 'n1', 3_000_001, 10, 16_776_410),
      findings: [
        {
          message: 'over',
          pointer: '/profiles/byId/s1/set/dmr/rules/byId/x/range',
          fixes: { shorten: (plan) => void (profileOf(plan, 's1').dmr.rules.byId['x']!.range!.count = 6) },
        },
      ],
    },
  ],
});
