import { removeRow } from '../../../plan/table';
import type { Plan } from '../../../plan/types';
import { testCheck } from '../../../testing/check-tester';
import { profileOf } from '../../../testing/profile-of';
import { putGroupRule, routedPlan, ruleOf } from '../../../testing/sample-routes';
import { ruleOnUnheardSlot } from './rule-on-unheard-slot';

const onSlot1 = (first: number) => (plan: Plan) => {
  putGroupRule(plan, 0, 'x', 'n2', first, 50);
  ruleOf(plan, 'x').range!.slot = 1;
};

testCheck(ruleOnUnheardSlot, {
  plan: routedPlan,
  valid: [
    { name: 'all for slot 2' },
    {
      name: 'a duplex hotspot hears both',
      change: (plan) => (onSlot1(5_000_001)(plan), void (plan.sites.byId['s1']!.rxHz = 434_125_000)),
    },
  ],
  invalid: [
    {
      name: 'slot 1 at a simplex hotspot',
      change: onSlot1(5_000_001),
      findings: [
        {
          message: 'unheard',
          pointer: '/profiles/byId/s1/set/dmr/rules/byId/x/range/slot',
          says: 'Rule 1 of Home, group 5,000,001–5,000,050, is for slot 1; a simplex hotspot hears slot 2 only.',
          fixes: {
            set: (plan) => void Object.assign(ruleOf(plan, 'x').range!, { slot: 2, networkSlot: 2 }),
            remove: (plan) => removeRow(profileOf(plan, 's1').dmr.rules, 'x'),
          },
        },
      ],
    },
    {
      name: 'on slot 2 its numbers have a rule already',
      change: onSlot1(1_000_400),
      findings: [
        {
          message: 'unheard',
          pointer: '/profiles/byId/s1/set/dmr/rules/byId/x/range/slot',
          fixes: { remove: (plan) => removeRow(profileOf(plan, 's1').dmr.rules, 'x') },
        },
      ],
    },
  ],
});
