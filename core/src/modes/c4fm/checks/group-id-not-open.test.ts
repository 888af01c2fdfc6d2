import { testCheck } from '../../../testing/check-tester';
import { roomChannel, roomPointer, roomsPlan } from '../../../testing/sample-rooms';
import { groupIdNotOpen } from './group-id-not-open';

// Common practice: 00/00 with a hotspot is whole, 05/00 doubtful.
testCheck(groupIdNotOpen, {
  plan: roomsPlan,
  valid: [
    { name: '00/00' },
    {
      name: 'a repeater that asks for one is told of elsewhere',
      change: (plan) => void (roomChannel(plan, 'w-news').c4fm.groupTx = 7),
    },
  ],
  invalid: [
    {
      name: '05/00',
      change: (plan) => void (roomChannel(plan, 'w-evening').c4fm.groupTx = 5),
      findings: [
        {
          message: 'beside',
          pointer: roomPointer('w-evening', 'c4fm', 'groupTx'),
          says: 'The channel sends group 05; Home expects 00.',
          fixes: { set: (plan) => void (roomChannel(plan, 'w-evening').c4fm.groupTx = 0) },
        },
      ],
    },
  ],
});
