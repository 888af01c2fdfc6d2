import { profileOf } from '../../../testing/profile-of';
import type { Plan } from '../../../plan/types';
import { testCheck } from '../../../testing/check-tester';
import { routedPlan } from '../../../testing/sample-routes';
import { severalNetworksSelectionOff } from './several-networks-selection-off';

const off = (plan: Plan) => void (profileOf(plan, 's1').dmr.selection = 'one');

testCheck(severalNetworksSelectionOff, {
  plan: routedPlan,
  valid: [
    { name: 'selection on' },
    {
      name: 'one network',
      change: (plan) => (off(plan), void (profileOf(plan, 's1').dmr.logins['n2']!.enabled = false)),
    },
  ],
  invalid: [
    {
      name: 'selection off',
      change: off,
      findings: [
        {
          message: 'off',
          pointer: '/profiles/byId/s1/set/dmr/selection',
          says: 'Home is logged in to Lantern and Causeway with network selection off: every call goes to Lantern.',
          fixes: {
            several: (plan) => void (profileOf(plan, 's1').dmr.selection = 'several'),
            one: (plan) => void (profileOf(plan, 's1').dmr.logins['n2']!.enabled = false),
          },
        },
      ],
    },
  ],
});
