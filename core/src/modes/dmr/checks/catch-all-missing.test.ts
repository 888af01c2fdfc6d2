import { profileOf } from '../../../testing/profile-of';
import { putRow, removeRow } from '../../../plan/table';
import { testCheck } from '../../../testing/check-tester';
import { routedPlan } from '../../../testing/sample-routes';
import { catchAllMissing } from './catch-all-missing';

testCheck(catchAllMissing, {
  plan: routedPlan,
  valid: [
    { name: 'as planned' },
    {
      name: 'network selection off',
      change: (plan) => {
        profileOf(plan, 's1').dmr.selection = 'one';
        removeRow(profileOf(plan, 's1').dmr.rules, 'r-n1-rest');
      },
    },
  ],
  invalid: [
    {
      name: 'the catch-all removed',
      change: (plan) => removeRow(profileOf(plan, 's1').dmr.rules, 'r-n1-rest'),
      findings: [
        {
          message: 'missing',
          pointer: '/profiles/byId/s1/set/dmr/rules',
          says: 'Groups that no rule of Home claims go nowhere.',
          fixes: {
            add: (plan) =>
              putRow(profileOf(plan, 's1').dmr.rules, {
                id: 'r-n1-rest',
                networkId: 'n1',
                call: 'group',
                range: null,
                reply: true,
              }),
          },
        },
      ],
    },
  ],
});
