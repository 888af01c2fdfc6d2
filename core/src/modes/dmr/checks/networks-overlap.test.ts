import { profileOf } from '../../../testing/profile-of';
import type { Plan } from '../../../plan/types';
import { testCheck } from '../../../testing/check-tester';
import { routedPlan } from '../../../testing/sample-routes';
import { networksOverlap } from './networks-overlap';

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

testCheck(networksOverlap, {
  plan: routedPlan,
  valid: [
    { name: 'as planned' },
    { name: 'within one network', change: (plan) => put(plan, 0, 'x', 'n1', 1_000_400, 50, 1) },
  ],
  invalid: [
    {
      name: 'the second reaches into the first',
      change: (plan) => put(plan, 1, 'x', 'n2', 1_999_000, 2_000, 1),
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
