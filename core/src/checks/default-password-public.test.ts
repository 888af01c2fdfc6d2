import { testCheck } from '../testing/check-tester';
import { profileOf } from '../testing/profile-of';
import { defaultPasswordPublic } from './default-password-public';

testCheck(defaultPasswordPublic, {
  valid: [
    { name: 'neither' },
    {
      name: 'the page is closed',
      change: (plan) => void Object.assign(profileOf(plan, 's1'), { adminPassword: 'default', pagePublic: false }),
    },
    {
      name: 'an open page with a password of its own',
      change: (plan) => void (profileOf(plan, 's1').pagePublic = true),
    },
    {
      name: 'nobody has said whether it is open',
      change: (plan) => void (profileOf(plan, 's1').adminPassword = 'default'),
    },
  ],
  invalid: [
    {
      name: 'both',
      change: (plan) => void Object.assign(profileOf(plan, 's1'), { adminPassword: 'default', pagePublic: true }),
      findings: [
        {
          message: 'open',
          pointer: '/profiles/byId/s1/set/pagePublic',
          says: 'Home has its default password, and its settings page is open to the internet.',
          fixes: {
            closed: (plan) =>
              void Object.assign(profileOf(plan, 's1'), { adminPassword: 'changed', pagePublic: false }),
          },
        },
      ],
    },
  ],
});
