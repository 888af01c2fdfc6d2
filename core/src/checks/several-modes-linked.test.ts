import type { Plan } from '../plan/types';
import { testCheck } from '../testing/check-tester';
import { profileOf } from '../testing/profile-of';
import { everyMode } from '../testing/sample-every-mode';
import { severalModesLinked } from './several-modes-linked';

const room = (plan: Plan) => void (profileOf(plan, 's1').c4fm.startRoom = 41_205);
const group = (plan: Plan) => void (profileOf(plan, 's1').p25.startGroup = 20_417);
const both = (plan: Plan) => (room(plan), group(plan));

// Common practice: one busy link locks the others out.
testCheck(severalModesLinked, {
  plan: everyMode,
  valid: [
    { name: 'nothing is linked' },
    { name: 'one mode is', change: room },
    {
      name: 'in standby each is told of as that',
      change: (plan) => (both(plan), void (profileOf(plan, 's1').standby = true)),
    },
    {
      name: 'one of them busy is told of as that',
      change: (plan) => {
        both(plan);
        const network = plan.networks.byId['rm1']!;
        if (network.mode === 'c4fm') network.rooms.byId['evening']!.activity = 80;
      },
    },
  ],
  invalid: [
    {
      name: 'a room and a group',
      change: both,
      findings: [
        {
          message: 'several',
          pointer: '/profiles/byId/s1/set/carriage',
          says: 'Home is linked in C4FM and P25 from the start; one at a time is heard.',
          fixes: { keep: (plan) => void (profileOf(plan, 's1').p25.startGroup = null) },
        },
      ],
    },
  ],
});
