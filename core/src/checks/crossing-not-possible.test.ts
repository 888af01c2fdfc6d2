import { setPair } from '../plan/carriage';
import type { Plan } from '../plan/types';
import { profileOf } from '../testing/profile-of';
import { testCheck } from '../testing/check-tester';
import { crossedPlan } from '../testing/sample-crossing';
import { crossingNotPossible } from './crossing-not-possible';

const dmrToC4fm = (able: boolean) => (plan: Plan) => setPair(profileOf(plan, 's1'), 'dmr', 'c4fm', { able });

testCheck(crossingNotPossible, {
  plan: crossedPlan,
  valid: [{ name: 'both ways' }],
  invalid: [
    {
      name: 'one way only',
      change: dmrToC4fm(false),
      findings: [
        {
          message: 'unable',
          pointer: '/codeplugs/r1/channels/byId/ch-w-dmr-room/destination',
          says: 'Isles Evening is on a C4FM network; Home cannot turn DMR to C4FM.',
        },
      ],
    },
    {
      name: 'a group beyond five digits',
      change: (plan) => {
        const network = plan.networks.byId['n1']!;
        if (network.mode === 'dmr') network.groups.byId['g1']!.number = 417_000;
      },
      findings: [
        {
          message: 'number',
          pointer: '/codeplugs/r3/channels/byId/ch-w-c4fm-g1/destination',
          says: 'Hask Wide cannot be reached cross-mode: its number cannot be entered in C4FM.',
        },
      ],
    },
  ],
});
