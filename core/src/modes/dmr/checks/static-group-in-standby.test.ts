import type { Plan } from '../../../plan/types';
import { testCheck } from '../../../testing/check-tester';
import { staticGroupInStandby } from './static-group-in-standby';

const statics = (standby: boolean) => (plan: Plan) => {
  plan.profiles['s1']!.standby = standby;
  plan.profiles['s1']!.dmr.logins['n1']!.staticGroupIds = ['g1', 'g2'];
};

testCheck(staticGroupInStandby, {
  valid: [{ name: 'nothing static' }, { name: 'static, no standby', change: statics(false) }, { name: 'standby, nothing static', change: (plan) => void (plan.profiles['s1']!.standby = true) }],
  invalid: [
    {
      name: 'both',
      change: statics(true),
      findings: [{ message: 'awake', pointer: '/profiles/s1/dmr/logins/n1/staticGroupIds', says: 'Home is in standby, yet Hask Wide and Ostrey All on Lantern are static.', fixes: { none: (plan) => void (plan.profiles['s1']!.dmr.logins['n1']!.staticGroupIds = []), leave: (plan) => void (plan.profiles['s1']!.standby = false) } }],
    },
  ],
});
