import { testCheck } from '../testing/check-tester';
import { profileOf } from '../testing/profile-of';
import { settingsPagePublic } from './settings-page-public';

testCheck(settingsPagePublic, {
  valid: [
    { name: 'nobody has said' },
    { name: 'it is closed', change: (plan) => void (profileOf(plan, 's1').pagePublic = false) },
    {
      name: 'with its default password: a graver matter',
      change: (plan) => void Object.assign(profileOf(plan, 's1'), { adminPassword: 'default', pagePublic: true }),
    },
  ],
  invalid: [
    {
      name: 'it is open',
      change: (plan) => void (profileOf(plan, 's1').pagePublic = true),
      findings: [
        {
          message: 'open',
          pointer: '/profiles/byId/s1/set/pagePublic',
          says: 'The settings page of Home is open to the internet; expected your own network only.',
          fixes: { closed: (plan) => void (profileOf(plan, 's1').pagePublic = false) },
        },
      ],
    },
  ],
});
