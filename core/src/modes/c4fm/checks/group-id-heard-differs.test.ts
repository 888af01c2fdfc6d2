import { testCheck } from '../../../testing/check-tester';
import { roomChannel, roomPointer, roomsPlan } from '../../../testing/sample-rooms';
import { groupIdHeardDiffers } from './group-id-heard-differs';

testCheck(groupIdHeardDiffers, {
  plan: roomsPlan,
  valid: [
    { name: 'open for all' },
    { name: 'the one that the site sends', change: (plan) => void (roomChannel(plan, 'w-news').c4fm.groupRx = 5) },
  ],
  invalid: [
    {
      name: 'another',
      change: (plan) => void (roomChannel(plan, 'w-news').c4fm.groupRx = 7),
      findings: [
        {
          message: 'differs',
          pointer: roomPointer('w-news', 'c4fm', 'groupRx'),
          says: 'The channel opens for group 07; Dunsel Mixed sends 05.',
          fixes: { set: (plan) => void (roomChannel(plan, 'w-news').c4fm.groupRx = 0) },
        },
      ],
    },
  ],
});
