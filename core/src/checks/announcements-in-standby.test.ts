import { testCheck } from '../testing/check-tester';
import { profileOf } from '../testing/profile-of';
import { announcementsInStandby } from './announcements-in-standby';

testCheck(announcementsInStandby, {
  valid: [
    { name: 'nobody has said', change: (plan) => void (profileOf(plan, 's1').standby = true) },
    {
      name: 'it speaks, and no standby is asked for',
      change: (plan) => void (profileOf(plan, 's1').announcements = true),
    },
    {
      name: 'silent in standby',
      change: (plan) => void Object.assign(profileOf(plan, 's1'), { standby: true, announcements: false }),
    },
  ],
  invalid: [
    {
      name: 'it speaks in standby',
      change: (plan) => void Object.assign(profileOf(plan, 's1'), { standby: true, announcements: true }),
      findings: [
        {
          message: 'on',
          pointer: '/profiles/byId/s1/set/announcements',
          says: 'Home is in standby, and speaks announcements.',
          fixes: { off: (plan) => void (profileOf(plan, 's1').announcements = false) },
        },
      ],
    },
  ],
});
