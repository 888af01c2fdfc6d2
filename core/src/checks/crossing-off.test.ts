import { setPair } from '../plan/carriage';
import type { Plan } from '../plan/types';
import { profileOf } from '../testing/profile-of';
import { testCheck } from '../testing/check-tester';
import { crossedPlan } from '../testing/sample-crossing';
import { crossingOff } from './crossing-off';

const switched = (on: boolean) => (plan: Plan) => setPair(profileOf(plan, 's1'), 'c4fm', 'dmr', { on });

testCheck(crossingOff, {
  plan: crossedPlan,
  valid: [{ name: 'on' }],
  invalid: [
    {
      name: 'off',
      change: switched(false),
      findings: [
        {
          message: 'off',
          pointer: '/profiles/byId/s1/set/carriage',
          says: 'The channel needs C4FM to DMR; Home has it switched off.',
          fixes: { on: switched(true) },
        },
      ],
    },
  ],
});
