import { profileOf } from '../../../testing/profile-of';
import { putRow } from '../../../plan/table';
import type { Plan } from '../../../plan/types';
import { testCheck } from '../../../testing/check-tester';
import { routedPlan } from '../../../testing/sample-routes';
import { changePrefix } from '../routes/prefixes';
import { prefixTakesPersonalId } from './prefix-takes-personal-id';
import { dmrNetwork } from '../networks';

/** A personal ID of the United Kingdom's code, used as a group. */
const personal = (plan: Plan) =>
  putRow(dmrNetwork(plan, 'n1')!.groups, { id: 'own', name: 'Own', number: 2_351_234, category: 'local' });
const prefix = (to: number) => (plan: Plan) => changePrefix(plan, 's1', 'n2', to);

testCheck(prefixTakesPersonalId, {
  plan: routedPlan,
  valid: [
    { name: 'as planned' },
    { name: 'used as a group, prefix 8', change: personal },
    { name: 'prefix 2, no such ID in use', change: prefix(2) },
    {
      name: 'a rule that passes the ID as it is',
      change: (plan) => {
        personal(plan);
        profileOf(plan, 's1').dmr.rules.byId['x'] = {
          id: 'x',
          networkId: 'n1',
          call: 'group',
          range: { slot: 2, first: 2_351_234, networkSlot: 2, networkFirst: 2_351_234, count: 1 },
          reply: true,
        };
        profileOf(plan, 's1').dmr.rules.order.unshift('x');
      },
    },
  ],
  invalid: [
    {
      name: 'used as a group, prefix 2',
      change: (plan) => (personal(plan), prefix(2)(plan)),
      findings: [
        {
          message: 'taken',
          pointer: '/profiles/byId/s1/set/dmr/rules/byId/r-n2-group',
          says: 'Group Own on Lantern, 235 1234, lies in rule 2 of Home: as a group it goes to Causeway 351234 instead.',
          fixes: { prefix: prefix(8) },
        },
      ],
    },
    {
      name: 'prefix 9 with the IDs of the isles',
      change: prefix(9),
      findings: [
        {
          message: 'taken',
          pointer: '/profiles/byId/s1/set/dmr/rules/byId/r-n2-group',
          says: 'Your DMR ID, 999 2417, lies in rule 2 of Home: as a group it goes to Causeway 992417 instead.',
          fixes: { prefix: prefix(8) },
        },
      ],
    },
  ],
});
