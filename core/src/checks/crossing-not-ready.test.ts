import { profileOf } from '../testing/profile-of';
import { testCheck } from '../testing/check-tester';
import { crossedPlan } from '../testing/sample-crossing';
import { crossingNotReady } from './crossing-not-ready';

testCheck(crossingNotReady, {
  plan: crossedPlan,
  valid: [{ name: 'logged in' }],
  invalid: [
    {
      name: 'no DMR ID',
      change: (plan) => void (plan.station.dmrId = null),
      findings: [
        { message: 'lacks', pointer: '/profiles/byId/s1/set/dmr', says: 'C4FM to DMR at Home: Lantern lacks DMR ID.' },
      ],
    },
    {
      name: 'no suffix',
      change: (plan) => void (profileOf(plan, 's1').dmr.logins['n1']!.suffix = null),
      findings: [
        { message: 'lacks', pointer: '/profiles/byId/s1/set/dmr', says: 'C4FM to DMR at Home: Lantern lacks suffix.' },
      ],
    },
    {
      name: 'rooms that are not reached',
      change: (plan) => void (plan.sites.byId['s1']!.c4fm!.networkIds = []),
      findings: [
        {
          message: 'lacks',
          pointer: '/profiles/byId/s1/set/c4fm',
          says: 'DMR to C4FM at Home: Skerry lacks reach of the network.',
        },
      ],
    },
  ],
});
