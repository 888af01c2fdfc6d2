import { profileOf } from '../../../testing/profile-of';
import { putRow, removeRow } from '../../../plan/table';
import type { Plan } from '../../../plan/types';
import { testCheck } from '../../../testing/check-tester';
import { routedPlan } from '../../../testing/sample-routes';
import { twoCatchAlls } from './two-catch-alls';

const second = (call: 'group' | 'private') => (plan: Plan) =>
  putRow(profileOf(plan, 's1').dmr.rules, { id: 'x', networkId: 'n2', call, range: null, reply: true });

testCheck(twoCatchAlls, {
  plan: routedPlan,
  valid: [{ name: 'as planned' }, { name: 'one of each kind', change: second('private') }],
  invalid: [
    {
      name: 'two for groups',
      change: second('group'),
      findings: [
        {
          message: 'second',
          pointer: '/profiles/byId/s1/set/dmr/rules/byId/x',
          says: 'Catch-all rule 6 of Home to Causeway never takes a call: catch-all rule 5 to Lantern takes every group call.',
          fixes: { remove: (plan) => removeRow(profileOf(plan, 's1').dmr.rules, 'x') },
        },
      ],
    },
  ],
});
