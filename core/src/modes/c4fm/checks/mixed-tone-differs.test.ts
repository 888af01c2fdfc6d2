import { testCheck } from '../../../testing/check-tester';
import { roomChannel, roomPointer, roomsPlan } from '../../../testing/sample-rooms';
import { mixedToneDiffers } from './mixed-tone-differs';

const pointer = roomPointer('w-news', 'c4fm', 'toneTx');

testCheck(mixedToneDiffers, {
  plan: roomsPlan,
  valid: [
    { name: 'the site’s' },
    {
      name: 'a site that needs none',
      change: (plan) => {
        plan.sites.byId['rp5']!.fm!.toneIn = null;
      },
    },
  ],
  invalid: [
    {
      name: 'none',
      change: (plan) => void (roomChannel(plan, 'w-news').c4fm.toneTx = null),
      findings: [
        {
          message: 'differs',
          pointer,
          says: 'In FM the channel sends no tone; Dunsel Mixed opens on 110.9 Hz.',
          fixes: { set: (plan) => void (roomChannel(plan, 'w-news').c4fm.toneTx = '110.9') },
        },
      ],
    },
    {
      name: 'another',
      change: (plan) => void (roomChannel(plan, 'w-news').c4fm.toneTx = '107.2'),
      findings: [
        {
          message: 'differs',
          pointer,
          says: 'In FM the channel sends 107.2 Hz; Dunsel Mixed opens on 110.9 Hz.',
          fixes: { set: (plan) => void (roomChannel(plan, 'w-news').c4fm.toneTx = '110.9') },
        },
      ],
    },
  ],
});
