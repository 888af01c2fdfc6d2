import { profileOf } from '../../../testing/profile-of';
import { testCheck } from '../../../testing/check-tester';
import { suffixMissing } from './suffix-missing';

testCheck(suffixMissing, {
  valid: [
    { name: 'there' },
    {
      name: 'a login that is off',
      change: (plan) => Object.assign(profileOf(plan, 's1').dmr.logins['n1']!, { enabled: false, suffix: null }),
    },
  ],
  invalid: [
    {
      name: 'none',
      change: (plan) => void (profileOf(plan, 's1').dmr.logins['n1']!.suffix = null),
      findings: [
        {
          message: 'missing',
          pointer: '/profiles/byId/s1/set/dmr/logins/n1/suffix',
          fixes: { set: (plan) => void (profileOf(plan, 's1').dmr.logins['n1']!.suffix = 1) },
        },
      ],
    },
  ],
});
