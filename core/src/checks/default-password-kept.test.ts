import { testCheck } from '../testing/check-tester';
import { profileOf } from '../testing/profile-of';
import { defaultPasswordKept } from './default-password-kept';

testCheck(defaultPasswordKept, {
  valid: [
    { name: 'it was changed' },
    { name: 'nobody has said', change: (plan) => void (profileOf(plan, 's1').adminPassword = null) },
    {
      name: 'the page is open: a graver matter',
      change: (plan) => void Object.assign(profileOf(plan, 's1'), { adminPassword: 'default', pagePublic: true }),
    },
  ],
  invalid: [
    {
      name: 'the one it came with',
      change: (plan) => void (profileOf(plan, 's1').adminPassword = 'default'),
      findings: [
        {
          message: 'kept',
          pointer: '/profiles/byId/s1/set/adminPassword',
          says: 'Home has its default password; expected one of your own.',
          fixes: { changed: (plan) => void (profileOf(plan, 's1').adminPassword = 'changed') },
        },
      ],
    },
  ],
});
