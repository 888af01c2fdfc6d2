import { profileOf } from '../../../testing/profile-of';
import { addHotspot } from '../../../plan/hotspot';
import type { Plan } from '../../../plan/types';
import { testCheck } from '../../../testing/check-tester';
import { suffixUsedTwice } from './suffix-used-twice';

const second = (suffix: number) => (plan: Plan) => {
  addHotspot(plan, 's2', 'Boat', 438_800_000, ['dmr']);
  profileOf(plan, 's2').dmr.logins = {
    n1: { enabled: true, serverId: 'srv', suffix, password: 'practice', staticGroupIds: [] },
  };
  profileOf(plan, 's2').adminPassword = 'changed';
};

testCheck(suffixUsedTwice, {
  valid: [{ name: 'one hotspot' }, { name: 'two with their own', change: second(4) }],
  invalid: [
    {
      name: 'two alike',
      change: second(3),
      findings: [
        {
          message: 'twice',
          pointer: '/profiles/byId/s2/set/dmr/logins/n1/suffix',
          says: 'Boat uses suffix 03 on Lantern, as Home does; expected one of its own.',
          fixes: { set: (plan) => void (profileOf(plan, 's2').dmr.logins['n1']!.suffix = 1) },
        },
      ],
    },
  ],
});
