import { profileOf } from '../../../testing/profile-of';
import type { Plan } from '../../../plan/types';
import { testCheck } from '../../../testing/check-tester';
import { routedPlan } from '../../../testing/sample-routes';
import { rulePartlyShadowed } from './rule-partly-shadowed';

/** Puts a rule for groups at a place. */
const put = (
  plan: Plan,
  at: number,
  id: string,
  networkId: string,
  first: number,
  count: number,
  networkFirst = first % 1_000_000,
) => {
  const { rules } = profileOf(plan, 's1').dmr;
  rules.byId[id] = {
    id,
    networkId,
    call: 'group',
    range: { slot: 2, first, networkSlot: 2, networkFirst, count },
    reply: true,
  };
  rules.order.splice(at, 0, id);
};

testCheck(rulePartlyShadowed, {
  plan: routedPlan,
  valid: [
    { name: 'as planned' },
    { name: 'wholly is another matter', change: (plan) => put(plan, 2, 'x', 'n1', 1_000_400, 50, 1) },
    { name: 'so are two networks', change: (plan) => put(plan, 0, 'x', 'n2', 1_000_400, 50) },
  ],
  invalid: [
    {
      name: 'an earlier one inside',
      change: (plan) => put(plan, 0, 'x', 'n1', 1_000_400, 50, 1),
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
