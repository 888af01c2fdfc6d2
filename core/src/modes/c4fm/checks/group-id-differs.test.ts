import { testCheck } from '../../../testing/check-tester';
import { roomChannel, roomPointer, roomsPlan } from '../../../testing/sample-rooms';
import { groupIdDiffers } from './group-id-differs';

testCheck(groupIdDiffers, {
  plan: roomsPlan,
  valid: [
    { name: 'the repeater’s 05' },
    {
      name: 'beside an open site is told of elsewhere',
      change: (plan) => void (roomChannel(plan, 'w-evening').c4fm.groupTx = 5),
    },
  ],
  invalid: [
    {
      name: '00 at a repeater that takes 05',
      change: (plan) => void (roomChannel(plan, 'w-news').c4fm.groupTx = 0),
      findings: [
        {
          message: 'differs',
          pointer: roomPointer('w-news', 'c4fm', 'groupTx'),
          says: 'The channel sends group 00; Dunsel Mixed takes 05.',
          fixes: { set: (plan) => void (roomChannel(plan, 'w-news').c4fm.groupTx = 5) },
        },
      ],
    },
  ],
});
