import { profileOf } from '../../../testing/profile-of';
import type { Plan } from '../../../plan/types';
import { testCheck } from '../../../testing/check-tester';
import { staticGroupInStandby } from './static-group-in-standby';

const statics = (standby: boolean) => (plan: Plan) => {
  profileOf(plan, 's1').standby = standby;
  profileOf(plan, 's1').dmr.logins['n1']!.staticGroupIds = ['g1', 'g2'];
};

testCheck(staticGroupInStandby, {
  valid: [
    { name: 'nothing static' },
    { name: 'static, no standby', change: statics(false) },
    { name: 'standby, nothing static', change: (plan) => void (profileOf(plan, 's1').standby = true) },
  ],
  invalid: [
    {
      name: 'both',
      change: statics(true),
      findings: [
        {
          message: 'awake',
          pointer: '/profiles/byId/s1/set/dmr/logins/n1/staticGroupIds',
          says: 'Home is in standby, yet Hask Wide and Ostrey All on Lantern are static.',
          fixes: {
            none: (plan) => void (profileOf(plan, 's1').dmr.logins['n1']!.staticGroupIds = []),
            leave: (plan) => void (profileOf(plan, 's1').standby = false),
          },
        },
      ],
    },
  ],
});
