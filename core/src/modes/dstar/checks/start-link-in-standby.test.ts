import { profileOf } from '../../../testing/profile-of';
import { testCheck } from '../../../testing/check-tester';
import { dstarPlan } from '../../../testing/sample-dstar';
import { startLinkInStandby } from './start-link-in-standby';

testCheck(startLinkInStandby, {
  plan: dstarPlan,
  valid: [
    { name: 'no standby' },
    { name: 'standby without a link', change: (plan) => void (profileOf(plan, 's1').standby = true) },
    {
      name: 'standby, link by hand',
      change: (plan) => {
        profileOf(plan, 's1').standby = true;
        profileOf(plan, 's1').dstar = { startLink: { reflector: 'LNK001', module: 'C' }, automatic: false };
      },
    },
  ],
  invalid: [
    {
      name: 'both',
      change: (plan) => {
        profileOf(plan, 's1').standby = true;
        profileOf(plan, 's1').dstar = { startLink: { reflector: 'LNK001', module: 'C' }, automatic: true };
      },
      findings: [
        {
          message: 'linked',
          pointer: '/profiles/byId/s1/set/dstar/automatic',
          says: 'Home is in standby, yet links to LNK001 C at start.',
          fixes: {
            manual: (plan) => void (profileOf(plan, 's1').dstar.automatic = false),
            leave: (plan) => void (profileOf(plan, 's1').standby = false),
          },
        },
      ],
    },
  ],
});
