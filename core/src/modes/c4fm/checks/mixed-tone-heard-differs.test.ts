import { testCheck } from '../../../testing/check-tester';
import { roomChannel, roomPointer, roomsPlan } from '../../../testing/sample-rooms';
import { mixedToneHeardDiffers } from './mixed-tone-heard-differs';

testCheck(mixedToneHeardDiffers, {
  plan: roomsPlan,
  valid: [
    { name: 'open to any signal' },
    {
      name: 'a tone, and nobody has said what the site sends',
      change: (plan) => void (roomChannel(plan, 'w-news').c4fm.toneRx = '88.5'),
    },
    {
      name: 'the one that it sends',
      change: (plan) => {
        plan.sites.byId['rp5']!.fm!.toneOut = '88.5';
        roomChannel(plan, 'w-news').c4fm.toneRx = '88.5';
      },
    },
  ],
  invalid: [
    {
      name: 'another',
      change: (plan) => {
        plan.sites.byId['rp5']!.fm!.toneOut = '88.5';
        roomChannel(plan, 'w-news').c4fm.toneRx = '110.9';
      },
      findings: [
        {
          message: 'differs',
          pointer: roomPointer('w-news', 'c4fm', 'toneRx'),
          says: 'In FM the channel opens on 110.9 Hz; Dunsel Mixed sends 88.5 Hz.',
          fixes: { set: (plan) => void (roomChannel(plan, 'w-news').c4fm.toneRx = null) },
        },
      ],
    },
  ],
});
