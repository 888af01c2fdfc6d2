import { profileOf } from '../testing/profile-of';
import { testCheck } from '../testing/check-tester';
import { defaultPasswordKept } from './default-password-kept';

testCheck(defaultPasswordKept, {
  valid: [{ name: 'changed' }],
  invalid: [
    {
      name: 'kept',
      change: (plan) => void (profileOf(plan, 's1').adminPassword = 'default'),
      findings: [
        {
          message: 'kept',
          pointer: '/profiles/byId/s1/set/adminPassword',
          fixes: { changed: (plan) => void (profileOf(plan, 's1').adminPassword = 'changed') },
        },
      ],
    },
  ],
});
